<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>@yield('title')</title>
    <link rel="icon" href="/sign.svg" type="image/svg+xml">
    @vite(['resources/css/sheet.css', 'resources/js/sheet.ts'])
</head>
<body class="@yield('body')">
    <nav class="screen-only" aria-label="This sheet">
        @yield('back')
        <button type="button" data-print>Print</button>
        @yield('ways')
    </nav>
    <main>
        @yield('content')
    </main>
</body>
</html>
