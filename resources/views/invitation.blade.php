@extends('layouts.door', ['title' => $isOpen ? 'Welcome. Make your account' : 'This link does not work any more'])
@section('content')
    @if ($isOpen)
        <p class="mb-5 text-ink-soft">You were invited to Kind Chair. You will see your own people and classes, and nobody else will.</p>
        @include('account-form', ['action' => "/invitation/$token"])
    @else
        <p class="my-4">Such a link works once, and for seven days. Please ask for a new one.</p>
        <a href="/sign-in" class="button button-main">To the sign-in page</a>
    @endif
@endsection
