@use('App\Models\ImportState')
@use('App\Support\Fields')
@php($counts = Fields::of($import->counts ?? []))
<x-layout :title="$import->name">
    <p class="mb-1"><a href="{{ route('imports.index') }}">{{ say('imports.title') }}</a></p>
    <h1>{{ $import->name }}</h1>
    <p class="text-body-secondary">{{ say("imports.kinds.{$import->kind->value}") }} · {{ say('imports.by', ['person' => $import->user->name, 'when' => words()->formats->dateTime($import->created_at)]) }}</p>
    @include('partials.import-progress')
    @if($import->state === ImportState::Failed)
        <p class="alert alert-danger">{{ say($import->problem === 'unexpected' || $import->problem === '' ? 'imports.unexpected' : "imports.unreadable.{$import->problem}") }}</p>
    @endif
    @if($import->counts !== null && ! $import->state->isBusy())
        <dl class="facts">
            <dt>{{ say('imports.counts.rows') }}</dt><dd>{{ words()->formats->number($counts->int('rows')) }}</dd>
            @if($import->state === ImportState::Checked)<dt>{{ say('imports.counts.good') }}</dt><dd>{{ words()->formats->number($counts->int('good')) }}</dd>@endif
            @if($counts->int('known') > 0)<dt>{{ say('imports.counts.known') }}</dt><dd>{{ words()->formats->number($counts->int('known')) }}</dd>@endif
            <dt>{{ say('imports.counts.bad') }}</dt><dd>{{ words()->formats->number($counts->int('bad')) }}</dd>
            @if($counts->intOrNull('written') !== null)<dt>{{ say('imports.counts.written') }}</dt><dd>{{ words()->formats->number($counts->int('written')) }}</dd>@endif
            @if($counts->int('kept') > 0)<dt>{{ say('imports.counts.kept') }}</dt><dd>{{ words()->formats->number($counts->int('kept')) }}</dd>@endif
        </dl>
        @if($counts->int('timeless') > 0 && $import->state === ImportState::Checked)<p>{{ say('imports.timeless', ['count' => $counts->int('timeless')]) }}</p>@endif
        @if($counts->int('logged') > 0 && $import->state === ImportState::Checked)<p class="alert alert-warning">{{ say('imports.logged', ['count' => $counts->int('logged')]) }}</p>@endif
    @endif
    @if($import->state === ImportState::Checked)
        <div class="d-flex flex-wrap gap-2 mb-3">
            @if($counts->int('good') > 0)
                <form method="post" action="{{ route('import-run', $import) }}">@csrf<input type="hidden" name="which" value="{{ $counts->int('bad') > 0 ? 'good' : 'all' }}"><button
                    class="btn btn-primary">{{ say('imports.run', ['good' => $counts->int('good'), 'isAll' => $counts->int('bad') === 0]) }}</button></form>
            @else<p class="mb-0">{{ say('imports.nothing_new') }}</p>@endif
            <form method="post" action="{{ route('import-rematch', $import) }}">@csrf @method('DELETE')<button class="btn btn-outline-primary">{{ say('imports.rematch') }}</button></form>
        </div>
    @endif
    @if($import->state === ImportState::Imported)
        <form method="post" action="{{ route('import-undo', $import) }}" class="mb-3">@csrf @method('DELETE')<button class="btn btn-outline-danger">{{ say('imports.undo') }}</button>
            <p class="form-text mb-0">{{ say('imports.undo_about') }}</p></form>
    @endif
    @if($import->state === ImportState::Failed)
        <form method="post" action="{{ route('import-rematch', $import) }}">@csrf @method('DELETE')<button class="btn btn-outline-primary">{{ say('imports.rematch') }}</button></form>
    @endif
    @if($bad->total() > 0)
        <h2>{{ say('imports.problems_by_row') }}</h2>
        <p><a href="{{ route('import-problems', $import) }}" download>{{ say('imports.problems_file') }}</a></p>
        <ul class="list-group">
            @foreach($bad as $row)
                <li class="list-group-item"><strong>{{ say('imports.row_number', ['number' => $row->number]) }}</strong>
                    @foreach(Fields::of($row->data)->list('problems') as $problem)
                        @php($told = Fields::of($problem))
                        <div>{{ say("imports.fields.{$told->text('field')}") }}: {{ say("imports.row_problems.{$told->text('problem')}") }}@if($told->text('text') !== '') <q>{{ $told->text('text') }}</q>@endif</div>
                    @endforeach
                </li>
            @endforeach
        </ul>
        <x-pages :pages="$bad" />
    @endif
</x-layout>
