<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }} · Kind Chair</title>
    <link rel="icon" href="/sign.svg" type="image/svg+xml">
    @vite(['resources/css/app.css'])
</head>
<body>
    <main class="mx-auto flex min-h-screen max-w-md flex-col justify-center px-5 py-10">
        <p class="mb-8 flex items-center gap-3 font-slab text-2xl font-bold"><img src="/sign.svg" alt="" width="48" height="48">Kind Chair</p>
        <h1 class="mb-2 text-[1.75rem] leading-tight">{{ $title }}</h1>
        @yield('content')
        <p class="mt-10 text-[0.9375rem] text-ink-soft">Kind Chair supports a teacher. It replaces neither a clinician’s advice nor local rules; where two readings are possible it takes the gentler one.</p>
    </main>
</body>
</html>
