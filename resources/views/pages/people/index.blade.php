<x-layout :title="say('people.title')">
    <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
        <h1 class="mb-0">{{ say('people.title') }}</h1>
        <a class="btn btn-next" href="{{ route('people.create') }}">{{ say('people.add') }}</a>
    </div>
    <x-find :action="route('people.index')" :search="$search" :is-archived="$isArchived" :label="say('people.search')" />
    @if($people->isEmpty())<p>{{ say('people.none', ['isSearched' => $search !== '' || $isArchived]) }}</p>@endif
    <ul class="list-group">
        @foreach($people as $person)
            <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                <span><a class="fw-bold" href="{{ route('people.show', $person) }}">{{ $person->name }}</a>@if($person->client)
                    <span class="text-body-secondary">{{ say('people.of_client', ['client' => $person->client->name]) }}</span>@endif</span>
                <span>@if($person->user?->disabled_at){{ say('people.sign_in.off') }}@elseif($person->user){{ words()->label($person->user->role) }}@elseif(isset($invited[$person->id])){{ say('people.sign_in.is_invited') }}@else<span
                    class="text-body-secondary">{{ say('people.sign_in.none') }}</span>@endif</span>
            </li>
        @endforeach
    </ul>
    <x-pages :pages="$people" />
</x-layout>
