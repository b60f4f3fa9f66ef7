<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="lead-speed" content="{{ config('kindchair.lead_speed') }}">
    <meta name="owner" content="{{ App\Http\Controllers\SessionController::owner() }}">
    <meta name="token-cookie" content="{{ App\Http\Middleware\CsrfToken::cookieName() }}">
    <title>Kind Chair</title>
    <link rel="icon" href="/sign.svg" type="image/svg+xml">
    <link rel="manifest" href="/manifest.webmanifest" crossorigin="use-credentials">
    <meta name="theme-color" content="#12343a">
    <meta name="apple-mobile-web-app-capable" content="yes">
    @vite(['resources/css/app.css', 'resources/js/main.tsx'])
</head>
<body>
    <div id="app"></div>
    <noscript><p class="p-8">Kind Chair needs JavaScript. Please switch it on for this page.</p></noscript>
</body>
</html>
