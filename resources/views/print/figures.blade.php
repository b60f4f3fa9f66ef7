@extends('layouts.paper')
@php
    $bases = ['chair' => 'chair', 'wheelchair' => 'wheelchair', 'bed' => 'bed, backrest up', 'bed-flat' => 'bed, lying flat', 'standing' => 'standing'];
    $views = ['' => 'best side', 'front' => 'from the front', 'side' => 'from the side', 'three-quarter' => 'turned a little', 'above' => 'from above'];
@endphp
@section('title', 'All figures · Kind Chair')
@section('body', 'figures')
@section('back')
    <a href="/movements">Back to the movements</a>
@endsection
@section('ways')
    @foreach ($bases as $name => $words)
        <a href="?base={{ $name }}&amp;view={{ $seen }}" @if ($name === $base) aria-current="page" @endif>{{ ucfirst($words) }}</a>
    @endforeach
    @foreach ($views as $name => $words)
        <a href="?base={{ $base }}&amp;view={{ $name }}" @if ($name === $seen) aria-current="page" @endif>{{ ucfirst($words) }}</a>
    @endforeach
@endsection
@section('content')
    <h1>All figures: {{ $bases[$base] }}</h1>
    @foreach ($zones as $zone)
        <section class="zone-{{ $zone['zone'] }}">
            <h2>{{ $zone['name'] }}</h2>
            <ul>
                @foreach ($zone['rungs'] as $rung)
                    <li>
                        @include('print.figure', ['figure' => $rung['figure']])
                        {{ $rung['movement'] }}
                        <span>{{ $rung['name'] }}</span>
                    </li>
                @endforeach
            </ul>
        </section>
    @endforeach
@endsection
