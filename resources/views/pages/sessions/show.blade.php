{{-- The screen is its script's; without scripts a page of forms does the same, and is not sent to anybody else. --}}
<x-layout :title="'Session with '.$dog->name" class="session-page" :script="$isPlain ? 'resources/js/app.js' : 'resources/js/session.js'">
    @if($isPlain)
        @include('partials.session-panel')
    @else
        @include('partials.session-screen')
        <noscript>
            <meta http-equiv="refresh" content="0; url={{ route('sessions.show', [$session, 'plain' => 1]) }}">
            <p><a href="{{ route('sessions.show', [$session, 'plain' => 1]) }}">{{ say('sessions.without_scripts') }}</a></p>
        </noscript>
    @endif
</x-layout>
