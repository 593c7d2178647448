@use('Core\Insight\TrendMethod')
@use('Core\Measure\Distance')
@php($catalog = $situation->catalog)
@php($dimension = $catalog->dimension($key))
@php($told = fn (?float $value) => $value === null ? null : ($key === 'distance'
    ? words()->formats->distance(Distance::fromMeters(min(500.0, max(0.1, $value))))
    : words()->formats->number($dimension->toDisplayed($value)).words()->unit($dimension)))
<x-layout :title="say('plans.limits.title', ['plan' => $plan->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a
        href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>{{ say('plans.limits.what_has_shown', ['dog' => $plan->responseModel->dog->name]) }}</h1>
    <p>{{ say('plans.limits.with_all_of_it_describes_the', ['trials' => $trials, 'person' => $plan->responseModel->person->name]) }}</p>
    @foreach($graders as $one)<p>{{ say('plans.limits.known_grader', ['name' => $one['name'], 'stricter' => $one['stricter'] > 0,
        'bands' => words()->formats->number(abs($one['stricter']), 2)]) }}</p>@endforeach
    @if($trials === 0)
        <p>{{ say('plans.limits.nothing_yet_after_the_first_session') }}</p>
    @endif
    <h2>{{ say('plans.limits.to_the_goal') }}</h2>
    <p>
        @if($left <= 0){{ say('plans.limits.the_goal_is_held') }}
        @elseif($pace === null){{ say('plans.limits.too_little_to_tell_a_pace') }}
        @else{{ say('plans.limits.pace', ['left' => $left, 'soonest' => $pace->soonest, 'isOpen' => $pace->latest === null,
            'latest' => $pace->latest ?? 0]) }}
        @endif
    </p>
    @if($trend !== null && $trend->points !== [])
        <h2>{{ say('plans.limits.the_limit_over_time') }}</h2>
        <p class="text-body-secondary">{{ say('plans.limits.best_of_three',
            ['method' => say("plans.limits.method_{$trend->method->value}")]) }}</p>
        <x-limit-trend :trend="$trend" :dimension="$dimension" />
        <details class="mb-3"><summary>{{ say('plans.limits.as_a_table') }}</summary>
            <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.limits.limits_as_a_table') }}"><table
                class="table table-sm table-narrow"><thead><tr><th scope="col">{{ say('plans.limits.session') }}</th><th
                scope="col">{{ say('plans.limits.limit') }}</th><th scope="col">{{ say('plans.limits.range') }}</th></tr></thead>
                <tbody>@foreach(array_slice($trend->points, -$tabled) as $point)<tr><th
                    scope="row">{{ words()->formats->shortDate($point->at) }}</th><td>{{ $told($point->limit->point) ?? say('plans.limits.beyond_range') }}</td><td>{{ say('plans.limits.from_to', ['from' => $told($point->limit->hardest), 'to' => $told($point->limit->easiest) ?? say('plans.limits.no_end')]) }}</td></tr>@endforeach</tbody>
            </table></div>
            @if(count($trend->points) > $tabled)<p>{{ say('plans.limits.newest', ['count' => $tabled]) }}</p>@endif
        </details>
    @endif
    @if($before !== null && $after !== null)
        <h2>{{ say('plans.limits.what_was_learned') }}</h2>
        <p class="text-body-secondary">{{ say('plans.limits.curve',
            ['setup' => words()->exposure($situation->ladder->step(0)->exposure->without($key), $catalog,
            $situation->unsaid) ?: say('plans.limits.first_step'), 'dimension' => words()->dimension($catalog, $key)]) }}</p>
        <x-learned-curve :before="$before" :after="$after" :dimension="$dimension" :limit="$situation->caps->strain" />
        <details class="mb-3"><summary>{{ say('plans.limits.as_a_table') }}</summary>
            <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.limits.curves_as_a_table') }}"><table
                class="table table-sm table-narrow"><thead><tr><th
                scope="col">{{ words()->capital(words()->dimension($catalog, $dimension->key)) }}</th><th
                scope="col">{{ say('plans.limits.before') }}</th><th scope="col">{{ say('plans.limits.now') }}</th><th
                scope="col">{{ say('plans.limits.range') }}</th><th scope="col">{{ say('plans.limits.reaction') }}</th></tr></thead>
                <tbody>@foreach($after->points as $i => $point)@if($i % 5 === 0)<tr><th
                    scope="row">{{ $told($point['value']) }}</th><td>{{ words()->formats->percent(100 * $before->points[$i]['atLeast'][2],
                    1) }}</td><td>{{ words()->formats->percent(100 * $point['atLeast'][2], 1) }}</td><td>{{ say('plans.limits.to',
                    ['point' => round(100 * $point['strainLow'], 1), 'point2' => round(100 * $point['strainHigh'],
                    1)]) }}</td><td>{{ words()->formats->percent(100 * $point['atLeast'][3], 1) }}</td></tr>@endif @endforeach</tbody>
            </table></div>
        </details>
    @endif
    @if($worksWith !== [])
        <h2>{{ say('plans.limits.works_with') }}</h2>
        <p class="text-body-secondary">{{ say('plans.limits.works_with_about') }}</p>
        <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.limits.works_with') }}"><table
            class="table table-sm table-narrow"><thead><tr><th scope="col">{{ say('plans.limits.who') }}</th><th
            scope="col">{{ say('plans.limits.calm') }}</th><th scope="col">{{ say('plans.limits.distance') }}</th>@if($traits !== [])<th
            scope="col">{{ say('plans.limits.as_hard_as') }}</th>@endif</tr></thead>
            <tbody>@foreach($worksWith as $one)<tr><th scope="row">{{ $one->trait === '' ? say('plans.limits.nobody_noted')
                : App\Session\Traits::label($one->trait) }}</th><td>{{ say('plans.limits.calm_of',
                ['calm' => $one->calm->successes, 'trials' => $one->calm->trials,
                'low' => words()->formats->percent(100 * $one->calm->lower),
                'high' => words()->formats->percent(100 * $one->calm->upper)]) }}</td><td>{{ $one->distance === null ? '–'
                : words()->formats->distance(Distance::fromMeters($one->distance)) }}</td>@if($traits !== [])<td>@if(isset($traits[$one->trait])
                && $one->distance !== null)@php($alike = $traits[$one->trait]->alike(Distance::fromMeters($one->distance))){{ say('plans.limits.alike', [
                'isTold' => $traits[$one->trait]->isTold(),
                'likely' => words()->formats->distance($alike['likely']), 'nearest' => words()->formats->distance($alike['nearest']),
                'farthest' => words()->formats->distance($alike['farthest'])]) }}@else–@endif</td>@endif</tr>@endforeach</tbody>
        </table></div>
    @endif
    <div class="row g-4">
        @if($shares !== [])
            <div class="col-lg-6">
                <h2>{{ say('plans.limits.what_makes_it_hard') }}</h2>
                <p class="text-body-secondary">{{ say('plans.limits.from_the_first_step_to_the') }}</p>
                <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.limits.what_makes_it_hard') }}"><table
                    class="table table-sm table-narrow"><thead><tr><th scope="col">{{ say('plans.limits.dimension') }}</th><th
                    scope="col">{{ say('plans.limits.share') }}</th><th scope="col">{{ say('plans.limits.logits') }}</th><th
                    scope="col">{{ say('plans.limits.from') }}</th></tr></thead>
                    <tbody>@foreach($shares as $share)@php($step = $situation->model->scale->step($share->key))<tr><th scope="row">{{ $step === null
                        ? words()->dimension($catalog, $share->key) : words()->step($situation->ladder->step($step), $catalog) }}</th><td>{{ words()->formats->percent(100 * $share->share->value) }}</td><td>{{ say('plans.limits.to_2', ['logits' => words()->difficulty($share->logits), 'low' => words()->difficulty($share->low), 'high' => words()->difficulty($share->high)]) }}</td><td>{{ say('plans.limits.is_seen_its_own_trials_a', ['is_seen' => (bool) ($share->isSeen)]) }}</td></tr>@endforeach</tbody>
                </table></div>
            </div>
        @endif
        @if($latencies !== [])
            <div class="col-lg-6">
                <h2>{{ say('plans.limits.how_fast_it_turns') }}</h2>
                <p class="text-body-secondary">{{ say('plans.limits.half_of_the_trials_were_at') }}</p>
                <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.limits.how_fast_it_turns') }}"><table
                    class="table table-sm table-narrow"><thead><tr><th scope="col">{{ say('plans.limits.distance') }}</th><th
                    scope="col">{{ say('plans.limits.median') }}</th><th scope="col">{{ say('plans.limits.trials') }}</th></tr></thead>
                    <tbody>@foreach($latencies as $class)<tr><th
                        scope="row">{{ say('plans.limits.to_3', ['class' => $told($class['to']),
                        'class2' => $told($class['from'])]) }}</th><td>{{ words()->formats->seconds($class['median']) }}</td><td>{{ $class['trials'] }}</td></tr>@endforeach</tbody>
                </table></div>
            </div>
        @endif
    </div>
</x-layout>
