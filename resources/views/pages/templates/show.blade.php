<x-layout :title="$template->label">
    <p class="mb-1"><a href="{{ route('templates.index') }}">Templates</a></p>
    <h1>{{ $template->label }}</h1>
    <x-problems />
    <p>{{ $template->about }}</p>
    <dl class="facts mb-3">
        <dt>Method</dt><dd>{{ $template->method->label }}. {{ $template->method->trial }}</dd>
        <dt>First</dt><dd>{{ collect([...array_map(fn ($skill) => $skill->key, $template->method->prerequisites), ...$template->prerequisites])->unique()->map(fn ($key) => $skills[$key]->label)->implode(', ') ?: 'nothing' }}</dd>
        @if($cautions !== [])<dt>Cautions</dt><dd>@foreach($cautions as $caution)<strong>{{ $caution->title }}.</strong> {{ $caution->text }} @endforeach</dd>@endif
    </dl>
    <p class="d-flex flex-wrap gap-2">
        <a class="btn btn-outline-primary" href="{{ route('templates.export', $template->key) }}">Export as JSON</a>
        @if($own)
            @can('update', $own)
                <a class="btn btn-outline-primary" href="{{ route('templates.edit', $own->key) }}">Edit</a>
                <button class="btn btn-outline-secondary" form="take-out">Take it out</button>
            @endcan
        @endif
    </p>
    @if($own)<form id="take-out" method="post" action="{{ route('templates.destroy', $own->key) }}">@csrf @method('delete')</form>@endif
    <div class="table-responsive" tabindex="0" role="region" aria-label="Steps of the template">
        <table class="table table-sm align-middle">
            <thead><tr><th scope="col">Step</th><th scope="col">What to do</th><th scope="col">Exposure</th><th scope="col">Move on</th><th scope="col">Food, dog, who</th><th scope="col">Hands, eyes</th></tr></thead>
            <tbody>
            @foreach($steps as $i => $step)
                <tr><th scope="row">{{ $i + 1 }}</th><td>{{ $step->manner->instruction }}</td>
                    <td>{{ $step->way !== null ? round(100 * $step->way).' % of the way, ' : '' }}{{ Core\Exposure\Exposure::of($step->values, $catalog)->inWords($catalog, $unit) }}</td>
                    <td>{{ $step->criterion->inWords() }}</td><td>{{ $step->manner->food->label() }}, {{ $step->manner->posture->label() }}, {{ $step->manner->who->label() }}</td><td>{{ $step->manner->hands }}, {{ $step->manner->eyes }}</td></tr>
            @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
