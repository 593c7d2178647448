<x-layout :title="'Session with '.$dog->name" class="session-page" script="resources/js/session.js">
    @include('partials.session-screen')
    <noscript>@include('partials.session-panel')</noscript>
</x-layout>
