<x-layout :title="say('people.add')">
    <div class="row"><div class="col-lg-7">
        <p class="mb-1"><a href="{{ route('people.index') }}">{{ say('people.title') }}</a></p>
        <h1>{{ say('people.add') }}</h1>
        <p>{{ say('people.add_about') }}</p>
        <x-problems />
        <form method="post" action="{{ route('people.store') }}">
            @csrf
            @include('partials.person-fields', ['person' => null])
            <button class="btn btn-next">{{ say('people.add_it') }}</button>
        </form>
    </div></div>
</x-layout>
