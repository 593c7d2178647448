@use('App\Models\ImportKind')
<x-layout :title="say('imports.title')">
    <h1>{{ say('imports.title') }}</h1>
    <p>{{ say('imports.about') }}</p>
    <x-problems />
    <form method="post" action="{{ route('imports.store') }}" enctype="multipart/form-data" class="card card-body mb-4">
        @csrf
        <x-choice name="rows_of" :label="say('imports.rows_of')" :options="labels('imports.kinds', array_column(ImportKind::cases(), 'value'))" />
        <div class="mb-3"><label class="form-label mb-1" for="f-file">{{ say('imports.file') }}</label>
            <input class="form-control @error('file') is-invalid @enderror" type="file" id="f-file" name="file" required aria-describedby="h-file"
                accept=".csv,.txt,.tsv,.xlsx,.ods">
            <p class="form-text mb-0" id="h-file">{{ say('imports.file_about', ['most' => $most]) }}</p></div>
        <div><button class="btn btn-primary">{{ say('imports.look_at_it') }}</button></div>
    </form>
    <h2>{{ say('api.lists') }}</h2>
    <p class="mb-1">{{ say('api.lists_about', ['most' => App\Api\ListRows::MOST]) }}</p>
    <ul class="list-unstyled report-parts mb-4">
        @foreach(labels('api.resources', array_column(App\Api\Resource::cases(), 'value')) as $list => $label)
            <li>{{ $label }}: @foreach(App\Api\Http\ListController::FORMATS as $format)<a class="me-2" href="{{ route('list-file', [$list, $format]) }}" download
                aria-label="{{ say('api.as_file', ['list' => $label, 'format' => strtoupper($format)]) }}">{{ strtoupper($format) }}</a>@endforeach</li>
        @endforeach
    </ul>
    <h2>{{ say('imports.so_far') }}</h2>
    @if($imports->isEmpty())<p>{{ say('imports.none') }}</p>@endif
    <ul class="list-group">
        @foreach($imports as $import)
            <li class="list-group-item d-flex flex-wrap justify-content-between gap-2"><a href="{{ route('imports.show', $import) }}">{{ $import->name }}</a>
                <span>{{ say("imports.kinds.{$import->kind->value}") }}</span><span>{{ say("imports.states.{$import->state->value}") }}</span>
                <span class="text-body-secondary">{{ say('imports.by', ['person' => $import->user->name, 'when' => words()->formats->dateTime($import->created_at)]) }}</span></li>
        @endforeach
    </ul>
    <x-pages :pages="$imports" />
</x-layout>
