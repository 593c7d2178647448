<x-layout :title="say('reports.title_of', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('reports.title') }}</h1>
    <p>{{ say('reports.about') }}</p>
    <ul class="list-group mb-4">
        @foreach($kinds as $kind)
            <li class="list-group-item"><a class="fw-bold" href="{{ route('reports.create', [$dog, $kind]) }}">{{ say("reports.kinds.{$kind->value}.name") }}</a><br>
                <span class="text-body-secondary">{{ say("reports.kinds.{$kind->value}.about") }}</span></li>
        @endforeach
    </ul>
    @can('plan', $dog)
        <p><a class="btn btn-outline-primary" href="{{ route('dog-file', $dog) }}">{{ say('archive.dog.title') }}</a></p>
        <form method="get" action="{{ route('dog-log', $dog) }}" class="card card-body mb-4" aria-labelledby="log-head">
            <h2 class="h5 mt-0" id="log-head">{{ say('imports.log.title') }}</h2>
            <p>{{ say('imports.log.about') }}</p>
            <fieldset class="report-parts mb-2"><legend class="visually-hidden">{{ say('reports.what_stands_on_it') }}</legend>
                @foreach(labels('imports.heads', App\Import\DogLog::CHOSEN) as $field => $label)
                    <div class="form-check"><input class="form-check-input" type="checkbox" name="parts[]" value="{{ $field }}" id="l-{{ $field }}"
                        @checked($field !== 'person' && $field !== 'note')><label class="form-check-label" for="l-{{ $field }}">{{ $label }}</label></div>
                @endforeach
            </fieldset>
            <div><button class="btn btn-outline-primary">{{ say('imports.log.make') }}</button></div>
        </form>
    @endcan
    @if($reports !== null)
        <h2>{{ say('reports.saved_ones') }}</h2>
        @if($reports->isEmpty())<p>{{ say('reports.none_saved') }}</p>@endif
        <ul class="list-group">
            @foreach($reports as $report)
                <li class="list-group-item d-flex flex-wrap justify-content-between gap-2"><a href="{{ route('reports.show', $report) }}">{{ say("reports.kinds.{$report->kind->value}.name") }}, {{ words()->formats->date($report->made_at) }}</a>
                    <span>{{ $report->name }}</span><span class="text-body-secondary">{{ say('reports.links.count', ['count' => $report->links_count]) }}</span></li>
            @endforeach
        </ul>
        <x-pages :pages="$reports" />
    @endif
</x-layout>
