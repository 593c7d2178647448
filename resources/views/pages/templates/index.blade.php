<x-layout title="Templates">
    <h1>Templates</h1>
    <p>Ladders to begin from. Each is copied for a dog and a person, fitted to that dog with steps put between where one would be too hard, and changed from there.</p>
    <x-problems />
    @foreach($unreadable as $label => $why)
        <p class="alert alert-warning" role="status">{{ $label }} is left out: it cannot be read. {{ $why }} Import a mended one under the same key, or take it out.</p>
    @endforeach
    @foreach($kinds as $group)
        <h2>{{ ucfirst($group['kind']->label()) }}</h2>
        <ul class="list-group">
            @foreach($group['templates'] as $template)
                <li class="list-group-item"><a class="fw-bold" href="{{ route('templates.show', $template->key) }}">{{ $template->label }}</a> <span class="text-body-secondary">{{ $template->about }}</span>
                    <span class="float-end">{{ count($shelf->steps($template)) }} steps{{ isset($own[$template->key]) ? ', our own' : '' }}</span></li>
            @endforeach
        </ul>
    @endforeach
    @can('create', App\Models\PracticeTemplate::class)
        <h2>Take over a template</h2>
        <form method="post" action="{{ route('templates.import') }}" enctype="multipart/form-data" class="col-lg-8">
            @csrf
            <x-field name="file" label="File" type="file" accept=".json,application/json" hint="JSON, one template or several; the format stands in docs/formats.md." />
            <x-text name="text" label="or its text" rows="4" />
            <button class="btn btn-primary">Take it over</button>
        </form>
    @endcan
</x-layout>
