@extends('layouts.door', ['title' => 'Good to see you'])
@section('content')
    @if ($demo)
        <form method="post" action="/sign-in/demo" class="card my-5">
            @csrf
            <p class="mb-4">Have a look round first: the Tuesday group at Ferry House, all made up.</p>
            <button class="button button-main w-full">Open the demo</button>
        </form>
        <p class="mb-1 font-semibold">Or sign in to your own account</p>
    @endif
    <form method="post" action="/sign-in" class="mt-3 space-y-4" novalidate>
        @csrf
        @include('field', ['name' => 'email', 'label' => 'E-mail', 'type' => 'email', 'autocomplete' => 'username', 'first' => !$demo])
        @include('field', ['name' => 'password', 'label' => 'Password', 'type' => 'password', 'autocomplete' => 'current-password'])
        <button class="button w-full {{ $demo ? '' : 'button-main' }}">Sign in</button>
    </form>
@endsection
