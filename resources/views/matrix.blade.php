@php($mark = ['fully' => 'fully', 'adapted' => 'adapted', 'rests' => 'rests', 'none' => 'no version'])
<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Who does what: {{ $class->title }}</title>
    <link rel="icon" href="/sign.svg" type="image/svg+xml">
    @vite(['resources/css/sheet.css', 'resources/js/sheet.ts'])
</head>
<body>
    <nav class="screen-only" aria-label="This sheet">
        <a href="/classes/{{ $class->id }}/who">Back to who does what</a>
        <button type="button" data-print>Print</button>
    </nav>
    <main>
        <header>
            <h1>Who does what</h1>
            <p>{{ $class->title }}. For the teacher only; not to lie about.</p>
        </header>
        @foreach ($answer['people'] as $person)
            <section class="line">
                <h3>{{ $person['name'] }}, {{ $person['base'] }}: {{ round($person['share'] * 100) }} % with the group</h3>
                @php($other = array_filter(array_map(null, $answer['entries'], $person['cells']), fn ($pair) => $pair[1]['mark'] !== 'fully'))
                <p>{{ $other === [] ? 'Everything as planned.' : implode(' · ', array_map(fn ($pair) => $pair[0]['name'] . ': ' . $pair[1]['does'], $other)) }}</p>
            </section>
        @endforeach
        <p class="foot">Kind Chair supports a teacher and replaces neither a clinician’s advice nor local rules.</p>
    </main>
</body>
</html>
