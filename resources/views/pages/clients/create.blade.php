<x-layout :title="say('people.clients.add')">
    <div class="row"><div class="col-lg-7">
        <p class="mb-1"><a href="{{ route('clients.index') }}">{{ say('people.clients.title') }}</a></p>
        <h1>{{ say('people.clients.add') }}</h1>
        <x-problems />
        <form method="post" action="{{ route('clients.store') }}">
            @csrf
            @include('partials.client-fields', ['client' => null])
            <button class="btn btn-next">{{ say('people.add_it') }}</button>
        </form>
    </div></div>
</x-layout>
