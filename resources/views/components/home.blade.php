@props(['title', 'manifest' => null])
{{-- Large print, no menu: a page for a kitchen. --}}
<!doctype html>
<html lang="{{ words()->reader->locale() }}">
<head>
    @include('partials.head')
    <meta name="theme-color" content="#eae5d8">
    @if($manifest)<link rel="manifest" href="{{ $manifest }}"><link rel="apple-touch-icon" href="/icons/192.png">@endif
    <title>{{ $title }}</title>
    @vite(['resources/css/app.scss', 'resources/js/home.js'])
</head>
<body class="home-page">
<main class="container" id="main">
    {{ $slot }}
</main>
</body>
</html>
