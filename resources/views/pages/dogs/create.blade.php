<x-layout :title="say('dogs.create.add_a_dog')">
    <div class="row"><div class="col-lg-8">
        <h1>{{ say('dogs.create.add_a_dog') }}</h1>
        <p><a href="{{ route('dog-from-file') }}">{{ say('archive.dog.bring') }}</a></p>
        <x-problems />
        <form method="post" action="{{ route('dogs.store') }}">
            @csrf
            @include('partials.dog-fields', ['dog' => null])
            <button class="btn btn-next">{{ say('dogs.create.add') }}</button>
        </form>
    </div></div>
</x-layout>
