<x-layout :title="'Covered: '.$dog->name" wide>
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a> · <a href="{{ route('handling.show', $dog) }}">Handling</a></p>
    <h1>What is covered</h1>
    <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="Kind of work">
        @foreach(['contact' => 'Under the hand', 'presence' => 'At a distance'] as $value => $words)
            <a class="btn {{ $kind->value === $value ? 'btn-primary' : 'btn-outline-primary' }}" href="{{ route('coverage.show', [$dog, 'kind' => $value]) }}" @if($kind->value === $value) aria-current="page" @endif>{{ $words }}</a>
        @endforeach
    </nav>
    <p>{{ $kind === Core\Exposure\PlanKind::Contact ? 'What holds with one person, kneeling, on the left, at home, holds there.' : 'What holds with one person at one place holds there.' }} Each new one starts easier and climbs faster.</p>
    <form method="get" action="{{ route('coverage.show', $dog) }}" class="row g-2 align-items-end mb-3">
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        @foreach(['trigger' => ['About', $triggers], 'rows' => ['Rows', $names], 'columns' => ['Columns', $names]] as $field => [$label, $options])
            <div class="col-sm-3"><label class="form-label mb-0" for="g-{{ $field }}">{{ $label }}</label><select class="form-select" id="g-{{ $field }}" name="{{ $field }}">
                @if($field === 'trigger')<option value="">{{ $kind === Core\Exposure\PlanKind::Contact ? 'all care work' : 'all of them' }}</option>@endif
                @foreach($options as $key => $name)<option value="{{ $key }}" @selected((string) $chosen[$field] === (string) $key)>{{ ucfirst($name) }}</option>@endforeach
            </select></div>
        @endforeach
        <div class="col-sm-3"><button class="btn btn-primary">Show</button></div>
    </form>
    @if($next)
        <section class="card card-body mb-3" aria-labelledby="next-head">
            <h2 class="mt-0" id="next-head">Best next</h2>
            @if($next->changed === null)
                <p class="mb-0">Finish what is begun: {{ $nextWords }}.</p>
            @else
                <p class="mb-0"><strong>{{ ucfirst($labels[$next->changed][$next->values[$next->changed]] ?? $next->values[$next->changed]) }}</strong> instead of {{ $labels[$next->changed][$next->from] ?? $next->from }}, the rest as it was: {{ $nextWords }}. It is {{ $next->state->label() }}; one thing changes at a time. Begin easier, in the first third of the ladder.</p>
            @endif
        </section>
    @elseif($count === 0)
        <p>No trial of this kind yet. Once there are some, this shows where the holes are.</p>
    @else
        <p>Nothing is left to cover among these.</p>
    @endif
    <div class="table-responsive" tabindex="0" role="region" aria-label="What is covered">
        <table class="table table-bordered w-auto"><caption>{{ ucfirst($names[$chosen['rows']]) }} × {{ $names[$chosen['columns']] }}, {{ $count }} trials. Done: five or more, of the latest five at most one not a success, none strained.</caption>
            <thead><tr><td></td>@foreach($labels[$chosen['columns']] as $label)<th scope="col">{{ ucfirst($label) }}</th>@endforeach</tr></thead>
            <tbody>
            @foreach($labels[$chosen['rows']] as $row => $label)
                <tr><th scope="row">{{ ucfirst($label) }}</th>
                    @foreach($labels[$chosen['columns']] as $column => $name)
                        @php($cell = $coverage->cell([$chosen['rows'] => (string) $row, $chosen['columns'] => (string) $column]))
                        @php($isNext = $next !== null && in_array($next->changed, [$chosen['rows'], $chosen['columns']], true) && $next->values[$chosen['rows']] === (string) $row && $next->values[$chosen['columns']] === (string) $column)
                        <td class="cover-cell cover-{{ $cell->state->value }} @if($isNext) cover-next @endif"><b aria-hidden="true">{{ ['untried' => '–', 'thin' => '·', 'hard' => '!', 'done' => '✓'][$cell->state->value] }}</b>{{ $cell->state->label() }}@if($cell->trials > 0)<br><span class="text-body-secondary">{{ $cell->calm }} of {{ $cell->trials }}</span>@endif @if($isNext)<br><strong>best next</strong>@endif</td>
                    @endforeach
                </tr>
            @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
