@props(['title'])
{{-- A page that needs neither database nor sign-in. --}}
<!doctype html>
<html lang="en">
<head>
    @include('partials.head')
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
