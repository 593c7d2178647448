@use('App\Archive\DogPart')
<x-layout :title="say('archive.dog.title_of', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a> · <a href="{{ route('reports.index', $dog) }}">{{ say('reports.title') }}</a></p>
    <h1>{{ say('archive.dog.title') }}</h1>
    <p>{{ say('archive.dog.about', ['dog' => $dog->name]) }}</p>
    <x-problems />
    <form method="post" action="{{ route('dog-file', $dog) }}" class="card card-body">
        @csrf
        <fieldset class="mb-3"><legend class="h6">{{ say('archive.dog.goes_along') }}</legend>
            <p>{{ say('archive.dog.always') }}</p>
            @foreach(labels('archive.dog.parts', array_column(DogPart::cases(), 'value')) as $part => $label)
                <div class="form-check mb-2"><input class="form-check-input" type="checkbox" name="parts[]" value="{{ $part }}" id="p-{{ $part }}"
                    @checked(in_array($part, ['plans', 'skills', 'handling', 'history'], true))><label class="form-check-label" for="p-{{ $part }}">{{ $label }}</label></div>
            @endforeach
        </fieldset>
        <p>{{ say('archive.dog.stays') }}</p>
        <div><button class="btn btn-primary">{{ say('archive.dog.make') }}</button></div>
    </form>
</x-layout>
