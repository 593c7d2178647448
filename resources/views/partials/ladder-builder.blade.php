@use('App\View\Components\Staircase')
@use('Core\Exposure\DimensionKind')
@use('Core\Exposure\PlanKind')
@use('Core\Ladder\DogPosture')
@use('Core\Ladder\FoodTiming')
@use('Core\Ladder\HandledBy')
@use('Core\Ladder\LadderData')
@use('Core\Ladder\Strand')
@use('Core\Measure\Distance')
@use('Core\Planning\StepChange')
@php($json = fn ($of) => json_encode(LadderData::write($of), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION))
@php($unsaid = $catalog->has('distance') ? [] : $ladder->shared())
@php($distanceLabel = fn ($step) => words()->formats->distanceOrNull($step->exposure->distance()))
<div id="ladder-builder" data-ladder>
<form method="post" action="{{ route('ladders.preview', $plan) }}" hx-post="{{ route('ladders.preview', $plan) }}"
    hx-target="#ladder-builder" hx-swap="outerHTML show:none" hx-disabled-elt="#ladder-builder button" id="ladder-form">
    @csrf
    <input type="hidden" name="ladder" value="{{ $json($ladder) }}">
    @if($before)<input type="hidden" name="before" value="{{ $json($before) }}">@endif
    <x-problems />
    <p class="visually-hidden" role="status">{{ $edit->said }}</p>
    @php($stair = Staircase::of($review, $caps, $distanceLabel))
    <div class="d-flex flex-column gap-2">
    <div class="row g-4 mb-2 order-2 order-lg-1">
        <div class="{{ $fixed || $told ? 'col-lg-6' : 'col-lg-9' }}">
            <h2 class="mt-0">{{ say('plans.ladder_builder.the_staircase') }}</h2>
            <x-staircase :name="say('plans.ladder_builder.this')" :loads="$stair['loads']" :labels="$stair['labels']"
                :beyond="$stair['beyond']" :risks="$stair['risks']" :limit="$stair['limit']" />
        </div>
        @if($told)
            <div class="col-lg-6">
                <h2 class="mt-0">{{ say('plans.ladder_builder.the_template_as_it_is_told') }}</h2>
                <x-staircase :name="say('plans.ladder_builder.template')" :loads="$told['loads']"
                    :labels="array_map(fn ($i) => (string) ($i + 1), array_keys($told['loads']))" />
                <p>{{ say('plans.ladder_builder.steps_the_largest_rise_over_mastered',
                    ['count' => count($told['loads']), 'told' => words()->difficulty($told['rise']), 'count2' => count($ladder->steps),
                    'told2' => words()->difficulty($told['own'])]) }}</p>
            </div>
        @endif
        @if($fixed)
            @php($cost = $worth->effort(count($fixed['loads']) - 1, 0.9))
            @php($own = $worth->effort(max(1, count($ladder->steps) - 1), 0.9))
            <div class="col-lg-6">
                <h2 class="mt-0">{{ say('plans.ladder_builder.by_fixed_for_contrast', ['plural' => words()->label($unit)]) }}</h2>
                <x-staircase :name="say('plans.ladder_builder.fixed', ['size' => $fixed['size']])" :loads="$fixed['loads']"
                    :labels="$fixed['labels']" />
                <p>{{ say('plans.ladder_builder.steps_of_the_first_adds_logits',
                    ['count' => count($fixed['loads']) - 1, 'fixed' => $fixed['size'],
                    'fixed2' => words()->difficulty($fixed['loads'][1] - $fixed['loads'][0]),
                    'fixed3' => words()->difficulty($fixed['loads'][count($fixed['loads']) - 1] - $fixed['loads'][count($fixed['loads']) - 2]), 'trials' => round($cost?->trials ?? 0), 'outings' => $cost?->outings, 'trials2' => round($own?->trials ?? 0), 'outings2' => $own?->outings]) }}</p>
            </div>
        @endif
    </div>
    <div class="row g-4 order-1 order-lg-2">
        <div class="col-lg-7">
            <div class="d-flex flex-wrap gap-2 align-items-center mb-2">
                <button class="btn btn-outline-primary" name="edit"
                    value="replan">{{ say('plans.ladder_builder.lay_again_from_today') }}</button>
                <button class="btn btn-outline-primary" name="edit" value="find">{{ say('plans.ladder_builder.find_a_ladder') }}</button>
                @if($before)<button class="btn btn-outline-primary" name="edit"
                    value="undo">{{ say('plans.ladder_builder.take_back') }}</button>@endif
                <details class="ms-sm-auto"><summary>{{ say('plans.ladder_builder.dimensions_in_play') }}</summary>
                    <div class="d-flex flex-wrap gap-2 mt-2">
                        @foreach($catalog->dimensions as $key => $dimension)
                            @if(isset($ladder->step(0)->exposure->values[$key]))
                                <span class="d-inline-flex gap-1 align-items-center"><button class="btn btn-sm btn-primary" name="edit"
                                    value="unplay:{{ $key }}">{{ say('plans.ladder_builder.take_out',
                                    ['dimension' => words()->dimension($catalog,
                                    $dimension->key)]) }}</button>@if($dimension->kind === DimensionKind::Ordered)<a
                                    class="btn btn-sm btn-link" href="{{ route('orders.edit',
                                    [$plan->responseModel->dog, $plan->responseModel->kind,
                                    $key]) }}">{{ say('plans.ladder_builder.order') }}<span
                                    class="visually-hidden"> {{ say('plans.ladder_builder.of',
                                    ['dimension' => words()->dimension($catalog, $dimension->key)]) }}</span></a>@endif</span>
                            @else
                                <button class="btn btn-sm btn-outline-secondary" name="edit"
                                    value="play:{{ $key }}">{{ say('plans.ladder_builder.bring_in',
                                    ['dimension' => words()->dimension($catalog, $dimension->key)]) }}</button>
                            @endif
                        @endforeach
                    </div>
                </details>
            </div>
            @if($edit->said !== '')<p class="text-body-secondary mb-2" aria-hidden="true">{{ $edit->said }}</p>@endif
            @if($unsaid !== [])<p class="mb-2">{{ say('plans.ladder_builder.on_every_step',
                ['unsaid' => words()->exposure($ladder->step(0)->exposure, $catalog,
                array_values(array_diff(array_keys($ladder->step(0)->exposure->values), $unsaid)))]) }}</p>@endif
            <ol class="steps list-unstyled" aria-label="{{ say('plans.ladder_builder.steps') }}">
                @foreach($review->steps as $i => $step)
                    @php($kind = $change->new[$i])
                    <li class="step-row" data-index="{{ $i }}" tabindex="0"
                        aria-label="{{ say('plans.ladder_builder.step', ['i' => $i + 1]) }}">
                        <div class="d-flex gap-2 align-items-start">
                            <span class="step-number">{{ $i + 1 }}</span>
                            <div class="flex-grow-1">
                                @if($step->step->manner->instruction !== '')<strong>{{ words()->instruction($step->step->manner) }}</strong><br>@endif
                                {{ words()->exposure($step->step->exposure, $catalog, $unsaid) }}
                                <span class="text-body-secondary d-block">
                                    {{ say('plans.ladder_builder.load',
                                        ['criterion' => words()->criterion($step->step->criterion),
                                        'load' => words()->difficulty($step->load - $review->steps[0]->load)]) }}@if($step->rise !== null) ({{ $step->rise >= 0 ? '+' : '−' }}{{ words()->difficulty(abs($step->rise)) }})@endif
                                    {{ say('plans.ladder_builder.strain_at_most',
                                        ['strain_mean' => words()->formats->chance($step->today->strainMean),
                                        'strain' => words()->formats->chance($step->today->strain())]) }}
                                    @if($step->step->manner->instruction !== '')· {{ words()->manner($step->step->manner) }}@endif
                                    @if($step->step->manner->strands !== [])· {{ say('plans.ladder_builder.about',
                                        ['strands' => words()->strands($step->step->manner)]) }}@endif
                                    @if($kind !== StepChange::Kept)<span class="flag">{{ words()->label($kind) }}</span>@endif
                                </span>
                                @foreach($step->flags as $flag)<span class="d-block step-flag"
                                    data-flag="{{ $flag->code->value }}">{{ $flag->code === Core\Decision\ReasonCode::NeedsHelp ? ''
                                    : '⚠ ' }}{{ words()->reason($flag, $catalog) }}</span>@endforeach
                            </div>
                        </div>
                        <div class="step-tools" role="group" aria-label="{{ say('plans.ladder_builder.step', ['i' => $i + 1]) }}">
                            <button class="btn btn-sm btn-outline-secondary" name="edit" value="open:{{ $i }}"
                                data-verb="open">{{ say('plans.ladder_builder.edit') }}<span
                                class="visually-hidden"> {{ say('plans.ladder_builder.step_2', ['i' => $i + 1]) }}</span></button>
                            @if($i > 0)<button class="btn btn-sm btn-outline-secondary" name="edit" value="split:{{ $i }}"
                                data-verb="split">{{ say('plans.ladder_builder.split') }}<span
                                class="visually-hidden"> {{ say('plans.ladder_builder.step_2', ['i' => $i + 1]) }}</span></button>@endif
                            <button class="btn btn-sm btn-outline-secondary" name="edit" value="copy:{{ $i }}"
                                data-verb="copy">{{ say('plans.ladder_builder.copy') }}<span
                                class="visually-hidden"> {{ say('plans.ladder_builder.step_2', ['i' => $i + 1]) }}</span></button>
                            <button class="btn btn-sm btn-outline-secondary" name="edit" value="skip:{{ $i }}"
                                data-verb="skip">{{ say('plans.ladder_builder.skip') }}<span
                                class="visually-hidden"> {{ say('plans.ladder_builder.step_2', ['i' => $i + 1]) }}</span></button>
                            @if($i > 0)<button class="btn btn-sm btn-outline-secondary" name="edit" value="up:{{ $i }}"
                                data-verb="up">{{ say('plans.ladder_builder.up') }}<span
                                class="visually-hidden">{{ say('plans.ladder_builder.step_3', ['i' => $i + 1]) }}</span></button>@endif
                            @if($i < count($review->steps) - 1)<button class="btn btn-sm btn-outline-secondary" name="edit"
                                value="down:{{ $i }}" data-verb="down">{{ say('plans.ladder_builder.down') }}<span
                                class="visually-hidden">{{ say('plans.ladder_builder.step_3', ['i' => $i + 1]) }}</span></button>@endif
                        </div>
                        @if($edit->open === $i)
                            @php($at = $step->step->exposure->values)
                            <fieldset class="step-editor">
                                <legend class="h6">{{ say('plans.ladder_builder.step', ['i' => $i + 1]) }}</legend>
                                <div class="mb-2"><label class="form-label mb-0"
                                    for="s-do">{{ say('plans.ladder_builder.what_to_do') }}</label><input class="form-control" id="s-do"
                                    name="step[do]" maxlength="300" value="{{ $typed['do'] ?? $step->step->manner->instruction }}"></div>
                                <div class="row g-2">
                                    @foreach($at as $key => $value)
                                        @php($dimension = $catalog->dimension($key))
                                        @php($error = $errors->first("step.at.{$key}"))
                                        <div class="col-sm-6 col-xl-4"><label class="form-label mb-0"
                                            for="s-{{ $key }}">{{ words()->capital(words()->dimension($catalog,
                                            $dimension->key)) }}@if($dimension->kind->isMeasured()), {{ $dimension->kind === DimensionKind::Distance ? say("phrases.units.{$unit->value}") : trim(words()->unit($dimension)) }}@endif</label>
                                            @if($dimension->kind->isMeasured())
                                                <input class="form-control @if($error) is-invalid @endif" id="s-{{ $key }}"
                                                    name="step[at][{{ $key }}]" inputmode="decimal"
                                                    value="{{ $typed['at'][$key] ?? ($dimension->kind === DimensionKind::Distance
                                                    ? round(Distance::fromMeters((float) $value)->as($unit), 2)
                                                    : round($dimension->toDisplayed((float) $value), 2)) }}" @if($error) aria-invalid="true"
                                                    @endif>
                                            @else
                                                <select class="form-select" id="s-{{ $key }}"
                                                    name="step[at][{{ $key }}]">@foreach($dimension->values as $choice)<option
                                                    value="{{ $choice->key }}"
                                                    @selected(($typed['at'][$key] ?? $value) === $choice->key)>{{ words()->choice($catalog,
                                                    $key, $choice->key) }}</option>@endforeach</select>
                                            @endif
                                        </div>
                                    @endforeach
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0"
                                        for="s-run">{{ say('plans.ladder_builder.successes') }}</label><input class="form-control"
                                        id="s-run" name="step[run]" inputmode="numeric"
                                        value="{{ $typed['criterion']['run'] ?? $step->step->criterion->successes }}"></div>
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0"
                                        for="s-window">{{ say('plans.ladder_builder.of_the_last') }}</label><input class="form-control"
                                        id="s-window" name="step[window]" inputmode="numeric"
                                        value="{{ $typed['criterion']['window'] ?? $step->step->criterion->window }}"
                                        aria-describedby="s-window-hint"><span class="form-text"
                                        id="s-window-hint">{{ say('plans.ladder_builder.empty_in_a_row') }}</span></div>
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0"
                                        for="s-sessions">{{ say('plans.ladder_builder.sessions') }}</label><input class="form-control"
                                        id="s-sessions" name="step[sessions]" inputmode="numeric"
                                        value="{{ $typed['criterion']['sessions'] ?? $step->step->criterion->sessions }}"></div>
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0"
                                        for="s-days">{{ say('plans.ladder_builder.days') }}</label><input class="form-control" id="s-days"
                                        name="step[days]" inputmode="numeric"
                                        value="{{ $typed['criterion']['days'] ?? $step->step->criterion->days }}"></div>
                                    <div class="col-sm-6"><label class="form-label mb-0"
                                        for="s-food">{{ say('plans.ladder_builder.food') }}</label><select class="form-select" id="s-food"
                                        name="step[food]">@foreach(FoodTiming::cases() as $food)<option value="{{ $food->value }}"
                                        @selected($step->step->manner->food === $food)>{{ words()->label($food) }}</option>@endforeach</select></div>
                                    <div class="col-sm-6"><label class="form-label mb-0"
                                        for="s-posture">{{ say('plans.ladder_builder.dog') }}</label><select class="form-select"
                                        id="s-posture" name="step[posture]">@foreach(DogPosture::cases() as $posture)<option
                                        value="{{ $posture->value }}"
                                        @selected($step->step->manner->posture === $posture)>{{ words()->label($posture) }}</option>@endforeach</select></div>
                                    <div class="col-sm-6"><label class="form-label mb-0"
                                        for="s-who">{{ say('plans.ladder_builder.who') }}</label><select class="form-select" id="s-who"
                                        name="step[who]">@foreach(HandledBy::cases() as $who)<option value="{{ $who->value }}"
                                        @selected($step->step->manner->who === $who)>{{ words()->label($who) }}</option>@endforeach</select></div>
                                    <div class="col-3"><label class="form-label mb-0"
                                        for="s-hands">{{ say('plans.ladder_builder.hands') }}</label><input class="form-control"
                                        id="s-hands" name="step[hands]" inputmode="numeric"
                                        value="{{ $typed['hands'] ?? $step->step->manner->hands }}"></div>
                                    <div class="col-3"><label class="form-label mb-0"
                                        for="s-eyes">{{ say('plans.ladder_builder.eyes') }}</label><input class="form-control" id="s-eyes"
                                        name="step[eyes]" inputmode="numeric"
                                        value="{{ $typed['eyes'] ?? $step->step->manner->eyes }}"></div>
                                </div>
                                @if($plan->responseModel->kind === PlanKind::Contact)
                                    <fieldset class="my-2"><legend class="form-label fs-6 mb-0">{{ say('plans.ladder_builder.strands') }}</legend>
                                        @foreach(Strand::cases() as $strand)<div class="form-check form-check-inline"><input
                                            class="form-check-input" type="checkbox" id="s-{{ $strand->value }}" name="step[strands][]"
                                            value="{{ $strand->value }}"
                                            @checked(in_array($strand, $step->step->manner->strands, true))><label class="form-check-label"
                                            for="s-{{ $strand->value }}">{{ words()->label($strand) }}</label></div>@endforeach
                                    </fieldset>
                                @endif
                                <div class="form-check my-2"><input class="form-check-input" type="checkbox" id="s-new" name="step[new]"
                                    value="1" @checked($step->step->criterion->isNewBehavior)><label class="form-check-label"
                                    for="s-new">{{ say('plans.ladder_builder.a_new_behavior_its_first_ever') }}</label></div>
                                <button class="btn btn-primary" name="edit" value="apply:{{ $i }}"
                                    data-apply>{{ say('plans.ladder_builder.change_the_step') }}</button>
                                <button class="btn btn-outline-primary" name="edit"
                                    value="all:{{ $i }}">{{ say('plans.ladder_builder.this_criterion_on_every_step') }}</button>
                                <button class="btn btn-outline-secondary" name="edit"
                                    value="close:{{ $i }}">{{ say('plans.ladder_builder.leave_it') }}</button>
                            </fieldset>
                        @endif
                    </li>
                @endforeach
            </ol>
            <p class="form-text">{{ say('plans.ladder_builder.drag_a_step_by_its_number') }}</p>
        </div>
        <div class="col-lg-5">
            <section class="card card-body mb-3" aria-labelledby="diff-head">
                <h2 class="mt-0" id="diff-head">{{ say('plans.ladder_builder.head',
                    ['isNone' => $change->isNone(), 'version' => $plan->version]) }}</h2>
                @if($change->isNone())
                    <p class="mb-0">{{ say('plans.ladder_builder.nothing_is_changed_yet') }}</p>
                @else
                    <p class="mb-1" data-change>{{ words()->capital(words()->ladderChange($change)) }}.</p>
                    @if($change->removed !== [])<details
                        class="mb-2"><summary>{{ say('plans.ladder_builder.taken_out') }}</summary><ul>@foreach($change->removed as $gone)<li>{{ $gone + 1 }}: {{ words()->exposure($stored->step($gone)->exposure, $catalog) }}</li>@endforeach</ul></details>@endif
                    @if(! $review->hasPath())<p class="fw-bold">{{ say('plans.ladder_builder.gap',
                        ['isGoal' => $review->firstGap() === null, 'step' => ($review->firstGap() ?? 0) + 1]) }}</p>@endif
                    <button class="btn btn-next" form="ladder-keep">{{ say('plans.ladder_builder.keep_as_version',
                        ['version' => $plan->version + 1]) }}</button>
                    <p class="form-text mb-0">{{ say('plans.ladder_builder.what_was_held_is_carried_over',
                        ['version' => $plan->version]) }}</p>
                @endif
            </section>
            <h2>{{ say('plans.ladder_builder.what_the_rule_is_worth') }}</h2>
            <p>{{ words()->capital(words()->criterion($worth->criterion)) }}.</p>
            <x-operating-curve :worth="$worth" />
            <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.ladder_builder.effort') }}">
                <table class="table table-sm table-narrow">
                    <thead><tr><th scope="col">{{ say('plans.ladder_builder.succeeds') }}</th><th
                        scope="col">{{ say('plans.ladder_builder.meets_it_in_20') }}</th><th
                        scope="col">{{ say('plans.ladder_builder.trials_a_step') }}</th><th
                        scope="col">{{ say('plans.ladder_builder.to_the_goal') }}</th></tr></thead>
                    <tbody>@foreach($worth->rows() as $row)<tr><th
                        scope="row">{{ words()->formats->percent(100 * $row['rate']) }}</th><td>{{ words()->formats->chance(Core\Measure\Probability::of($row['within'])) }}</td><td>{{ $row['each'] === null ? '–' : words()->formats->number($row['each'], 1) }}</td><td>{{ say('plans.ladder_builder.effort_row', ['isNever' => $row['effort'] === null, 'trials' => round($row['effort']->trials ?? 0), 'sessions' => $row['effort']->outings ?? 0, 'weeks' => round($row['effort']->weeks ?? 0)]) }}</td></tr>@endforeach</tbody>
                </table>
            </div>
            <p class="form-text">{{ say('plans.ladder_builder.a_plain_expectation_without_setbacks_at',
                ['trials_an_outing' => $trialsAnOuting, 'outings_a_week' => $plan->outings_a_week]) }}</p>
            @if($versions->isNotEmpty())
                <h2>{{ say('plans.ladder_builder.versions') }}</h2>
                <ul>@foreach($versions as $version)<li><a href="{{ route('ladders.edit',
                    [$plan, 'version' => $version->number]) }}">{{ say('plans.ladder_builder.version',
                    ['number' => $version->number]) }}</a>{{ say('plans.ladder_builder.until_then',
                    ['made_at' => words()->formats->date($version->made_at), 'version' => $version->user->name,
                    'change' => $version->change]) }}</li>@endforeach</ul>
            @endif
        </div>
    </div>
    </div>
</form>
<form method="post" action="{{ route('ladders.update', $plan) }}" id="ladder-keep">@csrf @method('put')<input type="hidden" name="ladder"
    value="{{ $json($ladder) }}"></form>
</div>
