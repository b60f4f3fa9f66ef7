@extends('layouts.door', ['title' => 'That could not be read'])
@section('content')
    <p class="my-4">{{ $problem }}</p>
    <a href="/" class="button button-main">To the start</a>
@endsection
