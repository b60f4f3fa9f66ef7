@extends('layouts.paper')
@section('title', 'Who does what: ' . $class->title)
@section('back')
    <a href="/classes/{{ $class->id }}/who">Back to who does what</a>
@endsection
@section('content')
    <header>
        <h1>Who does what</h1>
        <p>{{ $class->title }}. For the teacher only; not to lie about.</p>
    </header>
    @foreach ($answer['people'] as $person)
        <section class="line">
            <h3>{{ $person['name'] }}, {{ $person['base'] }}: {{ round($person['share'] * 100) }} % with the group</h3>
            @php
                // What is done alike is said once.
                $alike = [];
                foreach ($person['cells'] as $at => $cell) {
                    if ($cell['mark'] !== 'fully') {
                        $alike[$cell['does']][] = $answer['entries'][$at]['name'];
                    }
                }
            @endphp
            @if ($alike === [])
                <p>Everything as planned.</p>
            @endif
            @foreach ($alike as $does => $names)
                <p><strong>{{ $does }}</strong>: {{ implode(', ', $names) }}</p>
            @endforeach
        </section>
    @endforeach
    <p class="foot">Kind Chair supports a teacher and replaces neither a clinician’s advice nor local rules.</p>
@endsection
