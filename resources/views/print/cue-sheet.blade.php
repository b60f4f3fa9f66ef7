@extends('layouts.paper')
@php
    use KindChair\Review\TimeWords;
    $breath = ['in' => 'in', 'out' => 'out', 'hold-full' => 'rest', 'hold-empty' => 'rest', 'free' => ''];
    $mark = ['fully' => 'as planned', 'adapted' => 'adapted', 'rests' => 'rests', 'none' => 'no version'];
@endphp
@section('title', 'Cue sheet: ' . $class->title)
@section('body', $large ? 'large' : '')
@section('back')
    <a href="/classes/{{ $class->id }}/plan">Back to the plan</a>
@endsection
@section('ways')
    <a href="?{{ http_build_query(['large' => $large ? null : 1, 'people' => $withPeople ? 1 : null]) }}">{{ $large ? 'Usual letters' : 'Large letters' }}</a>
    <a href="?{{ http_build_query(['large' => $large ? 1 : null, 'people' => $withPeople ? null : 1]) }}">{{ $withPeople ? 'Without' : 'With' }} the leaf about people</a>
@endsection
@section('content')
    <header>
        <h1>{{ $class->title }}</h1>
        <p>{{ implode(', ', array_filter([$class->starts_at?->translatedFormat($class->starts_at->isCurrentYear() ? 'l j F, H:i' : 'l j F Y, H:i'), $class->place])) }}</p>
        <p>{{ TimeWords::minutes($planned) }} planned of {{ $slot }} minutes</p>
        @if ($bring !== [])
            <ul class="bring" aria-label="Bring">
                @foreach ($bring as $prop)
                    <li>{{ $prop['needs'] }} {{ mb_strtolower($prop['name']) }}{{ $prop['needs'] === 1 ? '' : 's' }}{{ $prop['short'] > 0 ? ", {$prop['short']} short" : '' }}</li>
                @endforeach
            </ul>
        @endif
    </header>
    @foreach ($sections as $section)
        @continue($section['rows'] === [])
        <section>
            <h2><span>{{ $section['name'] }}</span> <span>{{ TimeWords::minutes($section['length']) }}</span></h2>
            @foreach ($section['rows'] as $row)
                @if ($row['group']) <p class="group">{{ $row['group'] }}</p> @endif
                <article class="movement">
                    <time>{{ TimeWords::minutes($row['start']) }}</time>
                    @include('print.figure', ['figure' => $row['figure']])
                    <div>
                        <h3>{{ $row['name'] }}</h3>
                        <p class="dose">{{ $row['dose'] }}. {{ $row['variation'] }}.
                            @if ($row['facing'] === 'side') <span class="facing">Turn your side to them.</span> @endif
                            @if ($row['props'] !== []) Hand out: {{ implode(', ', $row['props']) }}. @endif
                        </p>
                        @if ($row['look']) <p class="look">{{ $row['look'] }}</p> @endif
                        @if ($row['note']) <p class="note">{{ $row['note'] }}</p> @endif
                        <table>
                            <thead><tr><th scope="col">Time</th><th scope="col">Breath</th>@if ($row['isSided'])<th scope="col">Sides</th>@endif<th scope="col">Words</th><th scope="col">Which one</th></tr></thead>
                            <tbody>
                                @foreach ($row['lines'] as $line)
                                    <tr @class(['said-aside' => !$line->kind->counts()])>
                                        <td class="at">{{ TimeWords::minutes($line->start) }}</td>
                                        <td class="breath">{{ $breath[$line->breath->value] }}</td>
                                        @if ($row['isSided'] && $line->kind->counts())
                                            <td class="side">@if ($line->side) They: {{ $line->side->value }} / you: {{ $line->teacherSide->value }} @endif</td>
                                        @endif
                                        <td class="words" @if ($row['isSided'] && !$line->kind->counts()) colspan="2" @endif>@if ($line->isQuiet()) <span class="quiet">quiet</span> @else {{ $line->words }} @endif</td>
                                        <td class="times">{{ $line->unit > 0 ? $line->unit : '' }}</td>
                                    </tr>
                                @endforeach
                            </tbody>
                        </table>
                    </div>
                </article>
            @endforeach
        </section>
    @endforeach
    <p class="foot">Stop for chest pain, breathlessness, faintness, sudden headache, a drooping face, sharp pain or numbness that stays. Kind Chair supports a teacher and replaces neither a clinician’s advice nor local rules.</p>
    @if ($withPeople)
        <section class="leaf">
            <h2><span>For the teacher only</span></h2>
            @if ($reminders !== [])
                <ul class="reminders" aria-label="For the whole class">
                    @foreach ($reminders as $person)
                        <li><strong>{{ $person['name'] }}</strong>: {{ implode(' ', $person['always']) }}</li>
                    @endforeach
                </ul>
            @endif
            @if ($different === [])
                <p>Everyone follows the cue.</p>
            @else
            <p>Who needs something else. Everyone not named follows the cue. Keep this leaf with you.</p>
            <table>
                <thead><tr><th scope="col">Movement</th><th scope="col">Who</th><th scope="col">Does</th></tr></thead>
                <tbody>
                    @foreach ($different as $row)
                        @foreach ($row['people'] as $person)
                            <tr>
                                <td>{{ $loop->first ? $row['name'] : '' }}</td>
                                <td><strong>{{ $person['name'] }}</strong>, {{ $mark[$person['version']->mark->value] }}</td>
                                <td>{{ $person['version']->does }}@if ($person['minds'] !== []) <br><em>{{ implode(' ', $person['minds']) }}</em> @endif</td>
                            </tr>
                        @endforeach
                    @endforeach
                </tbody>
            </table>
            @endif
        </section>
    @endif
@endsection
