<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $person->name }}: {{ $class->title }}</title>
    <link rel="icon" href="/sign.svg" type="image/svg+xml">
    @vite(['resources/css/sheet.css', 'resources/js/sheet.ts'])
</head>
<body class="own-page large">
    <nav class="screen-only" aria-label="This sheet">
        <a href="/classes/{{ $class->id }}/who">Back to who does what</a>
        <button type="button" data-print>Print</button>
    </nav>
    <main>
        <header>
            <h1>{{ $person->name }}</h1>
            <p>{{ $class->title }}</p>
            <p>Only what feels good. You may always rest and breathe.</p>
        </header>
        <ol>
            @foreach ($rows as $row)
                <li class="zone-{{ $row['zone'] }}">
                    @include('figure', ['figure' => $row['figure']])
                    <div>
                        <h3>{{ $row['name'] }}</h3>
                        <p>{{ $row['does'] }}</p>
                    </div>
                </li>
            @endforeach
        </ol>
        <p class="foot">Stop for chest pain, breathlessness, dizziness or sharp pain, and say so.</p>
    </main>
</body>
</html>
