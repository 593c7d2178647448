<x-layout :title="$client->name">
    <p class="mb-1"><a href="{{ route('clients.index') }}">{{ say('people.clients.title') }}</a></p>
    <h1>{{ $client->name }}</h1>
    <x-problems />
    <div class="row g-4">
        <div class="col-lg-6">
            <h2 class="mt-0">{{ say('people.clients.dogs') }}</h2>
            @if($client->dogs->isEmpty())<p>{{ say('people.clients.no_dogs') }}</p>@endif
            <ul>@foreach($client->dogs as $dog)<li><a
                href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a>@if($dog->archived_at) {{ say('people.is_archived') }}@endif</li>@endforeach</ul>
            <h2>{{ say('people.clients.people') }}</h2>
            @if($client->people->isEmpty())<p>{{ say('people.clients.no_people') }}</p>@endif
            <ul>@foreach($client->people as $person)<li><a
                href="{{ route('people.show', $person) }}">{{ $person->name }}</a>@if($person->phone), <a
                href="tel:{{ $person->phone }}">{{ $person->phone }}</a>@endif</li>@endforeach</ul>
            <x-archive :action="route('clients.archive-it', $client)" :archived-at="$client->archived_at"
                :about="say('people.clients.archive_about')" />
            @can('erase', $client)<x-erase :action="route('clients.data', $client)" :name="$client->name" />@endcan
        </div>
        <form class="col-lg-6" method="post" action="{{ route('clients.update', $client) }}">
            @csrf @method('put')
            <h2 class="mt-0">{{ say('people.clients.reach') }}</h2>
            @include('partials.client-fields')
            <button class="btn btn-primary">{{ say('account.save') }}</button>
        </form>
    </div>
</x-layout>
