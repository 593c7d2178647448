<x-layout :title="say('archive.dog.bring')">
    <p class="mb-1"><a href="{{ route('dogs.create') }}">{{ say('dogs.create.add_a_dog') }}</a></p>
    <h1>{{ say('archive.dog.bring') }}</h1>
    <p>{{ say('archive.dog.bring_about') }}</p>
    <x-problems />
    <form method="post" action="{{ route('dog-from-file') }}" enctype="multipart/form-data" class="card card-body">
        @csrf
        <div class="mb-3"><label class="form-label mb-1" for="f-file">{{ say('archive.dog.file') }}</label>
            <input class="form-control @error('file') is-invalid @enderror" type="file" id="f-file" name="file" required
                aria-describedby="h-file" accept=".zip">
            <p class="form-text mb-0" id="h-file">{{ say('archive.dog.file_about', ['most' => $most]) }}</p></div>
        <div><button class="btn btn-primary">{{ say('archive.dog.take_in') }}</button></div>
    </form>
</x-layout>
