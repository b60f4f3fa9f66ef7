@extends('layouts.door', ['title' => $__env->yieldContent('code') === '429' ? 'A little too fast' : 'This page is not here'])
@section('content')
    <p class="my-4">@if ($__env->yieldContent('code') === '429') There were many tries in a short time. Please wait a minute and try again. @else Nothing was lost. The address may be old, or the page took too long. @endif</p>
    <a href="/" class="button button-main">To your classes</a>
@endsection
