<x-layout :title="'Session with '.$dog->name" class="session-page">
    @include('partials.session-panel')
</x-layout>
