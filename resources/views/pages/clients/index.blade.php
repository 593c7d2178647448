<x-layout :title="say('people.clients.title')">
    <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
        <h1 class="mb-0">{{ say('people.clients.title') }}</h1>
        <a class="btn btn-next" href="{{ route('clients.create') }}">{{ say('people.clients.add') }}</a>
    </div>
    <x-find :action="route('clients.index')" :search="$search" :is-archived="$isArchived" :label="say('people.clients.search')" />
    @if($clients->isEmpty())<p>{{ say('people.clients.none', ['isSearched' => $search !== '' || $isArchived]) }}</p>@endif
    <ul class="list-group">
        @foreach($clients as $client)
            <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                <span><a class="fw-bold" href="{{ route('clients.show', $client) }}">{{ $client->name }}</a> <span
                    class="text-body-secondary">{{ $client->people->pluck('name')->implode(', ') }}</span></span>
                <span>{{ $client->dogs->pluck('name')->implode(', ') }}</span>
            </li>
        @endforeach
    </ul>
    <x-pages :pages="$clients" />
</x-layout>
