{{-- What the head of every page begins with. --}}
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="description" content="{{ say('layout.description') }}">
    <link rel="preload" as="font" type="font/woff2" href="{{ Vite::asset('resources/fonts/plain-400.woff2') }}" crossorigin>
    <link rel="preload" as="font" type="font/woff2" href="{{ Vite::asset('resources/fonts/plain-700.woff2') }}" crossorigin>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
