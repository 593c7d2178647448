@props(['title', 'unfiled', 'class' => '', 'script' => 'resources/js/app.js'])
<!doctype html>
<html lang="{{ words()->reader->locale() }}">
<head>
    @include('partials.head')
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"historyCacheSize":0}'>
    <title>{{ say('layout.layout.wheatear', ['title' => $title]) }}</title>
    <script type="application/json" id="device-words">{!! json_encode(['language' => words()->reader->language,
        'messages' => app(Words\Lexicon::class)->below('device', words()->reader->language)],
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
    @vite(['resources/css/app.scss', $script])
</head>
<body class="{{ $class }}" @auth data-user="{{ auth()->id() }}" @endauth>
<a class="skip-link btn btn-next" href="#main">{{ say('layout.layout.skip_to_the_content') }}</a>
<x-band-symbols />
<header class="site-head">
    <div class="container d-flex flex-wrap align-items-center gap-1">
        <a class="brand me-1 py-2" href="{{ url('/') }}">{{ say('layout.layout.wheatear_2') }}</a>
        @auth
            <nav aria-label="{{ say('layout.layout.main') }}" class="d-flex flex-wrap flex-grow-1 align-items-center">
                <a class="nav-link" href="{{ route('today') }}" @if(request()->routeIs('today')) aria-current="page"
                    @endif>{{ say('layout.layout.today') }}</a>
                <a class="nav-link" href="{{ route('dogs.index') }}" @if(request()->routeIs('dogs.*')) aria-current="page"
                    @endif>{{ say('layout.layout.dogs') }}</a>
                <a class="nav-link" href="{{ route('week') }}" @if(request()->routeIs('week', 'day', 'month', 'appointments.*')) aria-current="page"
                    @endif>{{ say('week.title') }}</a>
                <a class="nav-link d-none d-md-flex" href="{{ route('templates.index') }}" @if(request()->routeIs('templates.*'))
                    aria-current="page" @endif>{{ say('layout.layout.templates') }}</a>
                @if($unfiled > 0 || request()->routeIs('unfiled.*'))<a class="nav-link" href="{{ route('unfiled.index') }}"
                    @if(request()->routeIs('unfiled.*')) aria-current="page"
                    @endif>{{ say('layout.layout.to_place', ['count' => $unfiled]) }}</a>@endif
                <a class="nav-link" href="{{ route('events.create') }}" @if(request()->routeIs('events.*')) aria-current="page"
                    @endif>{{ say('layout.layout.upset') }}</a>
                <a class="nav-link d-none d-md-flex" href="{{ route('help') }}" @if(request()->routeIs('help')) aria-current="page"
                    @endif>{{ say('layout.layout.help') }}</a>
            </nav>
            <details class="user-menu" data-menu>
                <summary class="nav-link">{{ say('layout.menu.menu') }}<span class="visually-hidden">: {{ auth()->user()->name }}</span></summary>
                <div class="user-menu-list">
                    <p class="mb-1 px-2"><strong>{{ auth()->user()->name }}</strong><br><span
                        class="text-body-secondary">{{ auth()->user()->practice->name }}</span></p>
                    <a class="nav-link" href="{{ route('find') }}">{{ say('practice.find.title') }}</a>
                    <a class="nav-link" href="{{ route('account') }}">{{ say('account.title') }}</a>
                    <a class="nav-link" href="{{ route('timing.index') }}">{{ say('timing.title') }}</a>
                    <a class="nav-link" href="{{ route('settings') }}">{{ say('settings.title') }}</a>
                    @if(auth()->user()->role->managesPlans())
                        <a class="nav-link" href="{{ route('clients.index') }}">{{ say('people.clients.title') }}</a>
                        <a class="nav-link" href="{{ route('people.index') }}">{{ say('people.title') }}</a>
                    @endif
                    @if(auth()->user()->role->managesPlans())<a class="nav-link" href="{{ route('imports.index') }}">{{ say('imports.title') }}</a>
                        <a class="nav-link" href="{{ route('api-tokens') }}">{{ say('api.title') }}</a>@endif
                    <a class="nav-link" href="{{ route('places.index') }}">{{ say('places.title') }}</a>
                    <a class="nav-link d-md-none" href="{{ route('templates.index') }}">{{ say('layout.layout.templates') }}</a>
                    <a class="nav-link d-md-none" href="{{ route('help') }}">{{ say('layout.layout.help') }}</a>
                    @if(auth()->user()->role->managesPractice())
                        <a class="nav-link" href="{{ route('practice') }}">{{ say('practice.title') }}</a>
                        <a class="nav-link" href="{{ route('archives.index') }}">{{ say('archive.title') }}</a>
                        <a class="nav-link" href="{{ route('trail') }}">{{ say('practice.trail.title') }}</a>
                    @endif
                    <form method="post" action="{{ route('sign-out') }}" data-sign-out>
                        @csrf
                        <button class="btn btn-link nav-link w-100 text-start">{{ say('layout.layout.sign_out') }}</button>
                    </form>
                </div>
            </details>
        @endauth
    </div>
</header>
<main id="main" class="container" tabindex="-1">
    <p class="alert alert-warning" role="status" data-waiting hidden></p>
    @if(session('status'))
        <p class="alert alert-warning" role="status">{{ session('status') }}</p>
    @endif
    {{ $slot }}
</main>
</body>
</html>
