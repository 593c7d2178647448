<x-layout :title="say('dogs.coverage.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a> · <a
        href="{{ route('handling.show', $dog) }}">{{ say('dogs.coverage.handling') }}</a></p>
    <h1>{{ say('dogs.coverage.what_is_covered') }}</h1>
    <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="{{ say('dogs.coverage.kind_of_work') }}">
        @foreach(['contact' => say('dogs.coverage.kind_contact'), 'presence' => say('dogs.coverage.kind_presence')] as $value => $words)
            <a class="btn {{ $kind->value === $value ? 'btn-primary' : 'btn-outline-primary' }}"
                href="{{ route('coverage.show', [$dog, 'kind' => $value]) }}" @if($kind->value === $value) aria-current="page"
                @endif>{{ $words }}</a>
        @endforeach
    </nav>
    <p>{{ say('dogs.coverage.each_new_one_starts_easier_and', ['contact' => (bool) ($kind === Core\Exposure\PlanKind::Contact)]) }}</p>
    <form method="get" action="{{ route('coverage.show', $dog) }}" class="row g-2 align-items-end mb-3">
        <input type="hidden" name="kind" value="{{ $kind->value }}">
        @foreach(['trigger' => $triggers, 'rows' => $names, 'columns' => $names] as $field => $options)
            @php($label = say("dogs.coverage.{$field}"))
            <div class="col-sm-3"><label class="form-label mb-0" for="g-{{ $field }}">{{ $label }}</label><select class="form-select"
                id="g-{{ $field }}" name="{{ $field }}">
                @if($field === 'trigger')<option value="">{{ say('dogs.coverage.contact_all_care_work_all_of',
                    ['contact' => (bool) ($kind === Core\Exposure\PlanKind::Contact)]) }}</option>@endif
                @foreach($options as $key => $name)<option value="{{ $key }}"
                    @selected((string) $chosen[$field] === (string) $key)>{{ words()->capital($name) }}</option>@endforeach
            </select></div>
        @endforeach
        <div class="col-sm-3"><button class="btn btn-primary">{{ say('dogs.coverage.show') }}</button></div>
    </form>
    @if($next)
        <section class="card card-body mb-3" aria-labelledby="next-head">
            <h2 class="mt-0" id="next-head">{{ say('dogs.coverage.best_next') }}</h2>
            @if($next->changed === null)
                <p class="mb-0">{{ say('dogs.coverage.finish_what_is_begun', ['next_words' => $nextWords]) }}</p>
            @else
                <p class="mb-0"><strong>{{ words()->capital($labels[$next->changed][$next->values[$next->changed]] ?? $next->values[$next->changed]) }}</strong> {{ say('dogs.coverage.instead_of_the_rest_as_it', ['from' => $labels[$next->changed][$next->from] ?? $next->from, 'next_words' => $nextWords, 'state' => words()->label($next->state)]) }}</p>
            @endif
        </section>
    @elseif($count === 0)
        <p>{{ say('dogs.coverage.no_trial_of_this_kind_yet') }}</p>
    @else
        <p>{{ say('dogs.coverage.nothing_is_left_to_cover_among') }}</p>
    @endif
    <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('dogs.coverage.what_is_covered') }}">
        <table class="table table-bordered w-auto"><caption>{{ say('dogs.coverage.trials_done_five_or_more_of',
            ['chosen' => words()->capital($names[$chosen['rows']]), 'chosen2' => $names[$chosen['columns']],
            'value' => $count]) }}</caption>
            <thead><tr><td></td>@foreach($labels[$chosen['columns']] as $label)<th
                scope="col">{{ words()->capital($label) }}</th>@endforeach</tr></thead>
            <tbody>
            @foreach($labels[$chosen['rows']] as $row => $label)
                <tr><th scope="row">{{ words()->capital($label) }}</th>
                    @foreach($labels[$chosen['columns']] as $column => $name)
                        @php($cell = $coverage->cell([$chosen['rows'] => (string) $row, $chosen['columns'] => (string) $column]))
                        @php($isNext = $next !== null && in_array($next->changed, [$chosen['rows'], $chosen['columns']], true)
                            && $next->values[$chosen['rows']] === (string) $row && $next->values[$chosen['columns']] === (string) $column)
                        <td class="cover-cell cover-{{ $cell->state->value }} @if($isNext) cover-next @endif"><b
                            aria-hidden="true">{{ ['untried' => '–', 'thin' => '·', 'hard' => '!',
                            'done' => '✓'][$cell->state->value] }}</b>{{ words()->label($cell->state) }}@if($cell->trials > 0)<br><span
                            class="text-body-secondary">{{ say('dogs.coverage.of',
                            ['calm' => $cell->calm,
                            'trials' => $cell->trials]) }}</span>@endif @if($isNext)<br><strong>{{ say('dogs.coverage.best_next_2') }}</strong>@endif</td>
                    @endforeach
                </tr>
            @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
