@extends('layouts.paper')
@php($room = $plan->room)
@section('title', 'Seats: ' . $class->title)
@section('back')
    <a href="/places/{{ $place->id }}">Back to {{ $place->name }}</a>
@endsection
@section('content')
    <header>
        <h1>{{ $place->name }}</h1>
        <p>{{ $class->title }}: {{ implode('; ', $plan->clearance->inWords()) }}.</p>
    </header>
    <svg class="floor" viewBox="-300 -300 {{ $room->width + 600 }} {{ $room->depth + 600 }}" role="img" aria-label="Room from above">
        <rect width="{{ $room->width }}" height="{{ $room->depth }}" fill="none" stroke="#111" stroke-width="70" />
        @foreach ($room->doors as $door)
            @php($along = $door->wall->runsAcross())
            <rect x="{{ $along ? $door->at - $door->width / 2 : ($door->wall === KindChair\Place\Wall::Left ? -60 : $room->width - 60) }}" y="{{ $along ? ($door->wall === KindChair\Place\Wall::Front ? -60 : $room->depth - 60) : $door->at - $door->width / 2 }}" width="{{ $along ? $door->width : 120 }}" height="{{ $along ? 120 : $door->width }}" fill="#fff" stroke="#111" stroke-width="20" />
        @endforeach
        @foreach ($room->fixed as $thing)
            <rect x="{{ $thing['x'] }}" y="{{ $thing['y'] }}" width="{{ $thing['width'] }}" height="{{ $thing['depth'] }}" fill="#eee" stroke="#777" stroke-width="20" />
            <text x="{{ $thing['x'] + $thing['width'] / 2 }}" y="{{ $thing['y'] + $thing['depth'] / 2 + 60 }}" font-size="180" text-anchor="middle">{{ $thing['name'] }}</text>
        @endforeach
        <circle cx="{{ $plan->teacher[0] }}" cy="{{ $plan->teacher[1] }}" r="300" fill="#111" />
        <text x="{{ $plan->teacher[0] }}" y="{{ $plan->teacher[1] + 60 }}" font-size="190" text-anchor="middle" fill="#fff">You</text>
        @foreach ($plan->seats as $seat)
            @foreach ($plan->keptFree($seat) as $zone)
                <polygon points="{{ implode(' ', array_map(static fn (array $corner): string => round($corner[0]) . ',' . round($corner[1]), $zone)) }}" fill="none" stroke="#777" stroke-width="16" stroke-dasharray="70 60" />
            @endforeach
        @endforeach
        @foreach ($plan->seats as $seat)
            <g transform="translate({{ $seat->x }} {{ $seat->y }})">
                <rect transform="rotate({{ $seat->turn }})" x="{{ -$seat->kind->width() / 2 }}" y="{{ -$seat->kind->depth() / 2 }}" width="{{ $seat->kind->width() }}" height="{{ $seat->kind->depth() }}" rx="90" fill="#fff" stroke="#111" stroke-width="30" />
                <text y="60" font-size="170" text-anchor="middle">{{ $names[$seat->person] ?? '' }}</text>
            </g>
        @endforeach
    </svg>
    <p class="foot">Dashed outlines stay free: for legs, for standing up, for a helper at a bed. Aisles of 0.90 m to every seat. Local building and fire codes come first.</p>
@endsection
