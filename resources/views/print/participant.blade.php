@extends('layouts.paper')
@section('title', $person->name . ': ' . $class->title)
@section('body', 'own-page large')
@section('back')
    <a href="/classes/{{ $class->id }}/who">Back to who does what</a>
@endsection
@section('content')
    <header>
        <h1>{{ $person->name }}</h1>
        <p>{{ $class->title }}</p>
        <p>Only what feels good. You may always rest and breathe.</p>
    </header>
    <ol>
        @foreach ($rows as $row)
            <li class="zone-{{ $row['zone'] }}">
                @include('print.figure', ['figure' => $row['figure']])
                <div>
                    <h3>{{ $row['name'] }}</h3>
                    <p>{{ $row['does'] }}</p>
                </div>
            </li>
        @endforeach
    </ol>
    <p class="foot">Stop for chest pain, breathlessness, dizziness or sharp pain, and say so.</p>
@endsection
