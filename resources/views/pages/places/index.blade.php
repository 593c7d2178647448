<x-layout :title="say('places.title')">
    <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
        <h1 class="mb-0">{{ say('places.title') }}</h1>
        @can('create', App\Models\Place::class)<a class="btn btn-next"
            href="{{ route('places.create') }}">{{ say('places.add') }}</a>@endcan
    </div>
    <x-find :action="route('places.index')" :search="$search" :is-archived="$isArchived" :label="say('places.search')" />
    @if($places->isEmpty())<p>{{ say('places.none', ['isSearched' => $search !== '' || $isArchived]) }}</p>@endif
    <ul class="list-group">
        @foreach($places as $place)
            <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                <span><a class="fw-bold" href="{{ route('places.show', $place) }}">{{ $place->name }}</a> <span
                    class="text-body-secondary">{{ $place->kind === '' ? '' : say("places.kinds.{$place->kind}") }}</span></span>
                <span>@if($place->room_meters !== null){{ say('places.room_is',
                    ['room' => words()->formats->meters($place->room_meters)]) }}@endif</span>
            </li>
        @endforeach
    </ul>
    <x-pages :pages="$places" />
</x-layout>
