<x-layout :title="say('places.add')">
    <div class="row"><div class="col-lg-7">
        <p class="mb-1"><a href="{{ route('places.index') }}">{{ say('places.title') }}</a></p>
        <h1>{{ say('places.add') }}</h1>
        <x-problems />
        <form method="post" action="{{ route('places.store') }}">
            @csrf
            @include('partials.place-fields', ['place' => null])
            <button class="btn btn-next">{{ say('people.add_it') }}</button>
        </form>
    </div></div>
</x-layout>
