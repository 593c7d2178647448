@props(['title'])
{{-- A page that needs neither database nor sign-in. --}}
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <title>{{ say('layout.plain.wheatear', ['title' => $title]) }}</title>
    @vite(['resources/css/app.scss'])
</head>
<body>
<main class="container" id="main">
    <h1>{{ $title }}</h1>
    {{ $slot }}
</main>
</body>
</html>
