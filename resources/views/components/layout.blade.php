@props(['title', 'wide' => false, 'class' => '', 'script' => 'resources/js/app.js'])
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"historyCacheSize":0}'>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    <title>{{ $title }} · Wheatear</title>
    @vite(['resources/css/app.scss', $script])
</head>
<body class="{{ $class }}" @auth data-user="{{ auth()->id() }}" @endauth>
<a class="skip-link btn btn-next" href="#main">Skip to the content</a>
<x-band-symbols />
<header class="site-head">
    <div class="container d-flex flex-wrap align-items-center gap-1">
        <a class="brand me-1 py-2" href="{{ url('/') }}">Wheatear</a>
        @auth
            <nav aria-label="Main" class="d-flex flex-grow-1 align-items-center">
                <a class="nav-link" href="{{ route('today') }}" @if(request()->routeIs('today')) aria-current="page" @endif>Today</a>
                <a class="nav-link" href="{{ route('dogs.index') }}" @if(request()->routeIs('dogs.*')) aria-current="page" @endif>Dogs</a>
                <a class="nav-link d-none d-md-flex" href="{{ route('templates.index') }}" @if(request()->routeIs('templates.*')) aria-current="page" @endif>Templates</a>
                <a class="nav-link" href="{{ route('tray.index') }}" @if(request()->routeIs('tray.*')) aria-current="page" @endif>To place</a>
                <a class="nav-link" href="{{ route('events.create') }}" @if(request()->routeIs('events.*')) aria-current="page" @endif>Upset</a>
                <a class="nav-link" href="{{ route('help') }}" @if(request()->routeIs('help')) aria-current="page" @endif>Help</a>
            </nav>
            <form method="post" action="{{ route('sign-out') }}" data-sign-out>
                @csrf
                <button class="btn btn-link btn-sm px-2">Sign out<span class="visually-hidden"> {{ auth()->user()->name }}</span></button>
            </form>
        @endauth
    </div>
</header>
<main id="main" class="container" tabindex="-1">
    <p class="alert alert-warning" role="status" data-waiting hidden></p>
    @if(session('said'))
        <p class="alert alert-warning" role="status">{{ session('said') }}</p>
    @endif
    {{ $slot }}
</main>
@auth
    <footer class="container pb-4 no-print">
        <form method="post" action="{{ route('unit.update') }}" class="d-flex flex-wrap align-items-center gap-2">
            @csrf @method('put')
            <label for="distance-unit">Distances in</label>
            <select class="form-select w-auto" id="distance-unit" name="distance_unit">
                @foreach(Core\Measure\DistanceUnit::cases() as $unit)<option value="{{ $unit->value }}" @selected(auth()->user()->distance_unit === $unit)>{{ $unit->plural() }}</option>@endforeach
            </select>
            <button class="btn btn-outline-secondary">Use</button>
        </form>
    </footer>
@endauth
</body>
</html>
