@extends('layouts.door', ['title' => 'Welcome. Make your account'])
@section('content')
    <p class="mb-5 text-ink-soft">It stays on this machine. Everything you note about people’s health is stored encrypted.</p>
    @include('account-form', ['action' => '/welcome'])
    <p class="mt-6 text-[0.9375rem] text-ink-soft">Moved to a new machine? Bring back a backup first: stop Kind Chair and run <code>bin/restore FILE</code>.</p>
@endsection
