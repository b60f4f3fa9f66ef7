@php
    $bases = ['chair' => 'chair', 'wheelchair' => 'wheelchair', 'bed' => 'bed', 'standing' => 'standing'];
@endphp
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>All figures · Kind Chair</title>
    <link rel="icon" href="/sign.svg" type="image/svg+xml">
    @vite(['resources/css/sheet.css', 'resources/js/sheet.ts'])
</head>
<body class="figures">
    <nav class="screen-only" aria-label="This sheet">
        <a href="/movements">Back to the movements</a>
        <button type="button" data-print>Print</button>
        @foreach ($bases as $name => $words)
            <a href="?base={{ $name }}" @if ($name === $base) aria-current="page" @endif>{{ ucfirst($words) }}</a>
        @endforeach
    </nav>
    <main>
        <h1>All figures: {{ $bases[$base] }}</h1>
        @foreach ($zones as $zone)
            <section class="zone-{{ $zone['zone'] }}">
                <h2>{{ $zone['name'] }}</h2>
                <ul>
                    @foreach ($zone['rungs'] as $rung)
                        <li>
                            @include('figure', ['figure' => $rung['figure']])
                            {{ $rung['movement'] }}
                            <span>{{ $rung['name'] }}</span>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </main>
</body>
</html>
