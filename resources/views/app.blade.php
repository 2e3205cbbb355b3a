<!doctype html>
<html lang="{{ str_replace('_', '-', app()->getLocale()) }}">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csp-nonce" nonce="{{ Vite::cspNonce() }}">
    <meta name="theme-color" content="#f4eee0">
    <title>Biomegas</title>
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="apple-touch-icon" href="/icon-192.png">
    <link rel="icon" type="image/svg+xml" href="/icon.svg">
    <script nonce="{{ Vite::cspNonce() }}">
        // Before the first paint, so that a dark room never sees a white flash.
        document.documentElement.className = localStorage.getItem('sheet')
            ?? (matchMedia('(prefers-color-scheme: dark)').matches ? 'dark' : 'light');
    </script>
    @if ($first !== null)
        @include('first-print-style')
        <link rel="modulepreload" href="{{ Vite::asset('resources/js/today/TodayPage.tsx') }}">
    @endif
    @vite('resources/js/main.tsx')
</head>
<body>
    <div id="root">@includeWhen($first !== null, 'first-print')</div>
    {{-- Answers to what the scripts would ask for first, by the name of the question. --}}
    <script type="application/json" id="answers">@json($answers)</script>
    <noscript>Biomegas needs JavaScript to draw.</noscript>
</body>
</html>
