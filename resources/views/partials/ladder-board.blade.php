@use('App\View\Components\Staircase')
@use('Core\Exposure\DimensionKind')
@use('Core\Ladder\DogPosture')
@use('Core\Ladder\FoodTiming')
@use('Core\Ladder\HandledBy')
@use('Core\Ladder\LadderData')
@use('Core\Measure\Distance')
@use('Core\Measure\Probability')
@use('Core\Planning\StepChange')
@php($json = fn ($of) => json_encode(LadderData::write($of), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION))
@php($unsaid = $catalog->has('distance') ? [] : $ladder->shared())
@php($distanceLabel = fn ($step) => $step->exposure->distance()?->inWords($unit))
<div id="ladder-board" data-ladder>
<form method="post" action="{{ route('ladders.update', $plan) }}" hx-put="{{ route('ladders.update', $plan) }}" hx-target="#ladder-board" hx-swap="outerHTML show:none" hx-disabled-elt="#ladder-board button" id="ladder-form">
    @csrf @method('put')
    <input type="hidden" name="ladder" value="{{ $json($ladder) }}">
    @if($before)<input type="hidden" name="before" value="{{ $json($before) }}">@endif
    <x-problems />
    <p class="visually-hidden" role="status">{{ $edit->said }}</p>
    @php($stair = Staircase::of($review, $limits, $distanceLabel))
    <div class="d-flex flex-column gap-2">
    <div class="row g-4 mb-2 order-2 order-lg-1">
        <div class="{{ $fixed || $told ? 'col-lg-6' : 'col-lg-9' }}">
            <h2 class="mt-0">The staircase</h2>
            <x-staircase name="This ladder" :loads="$stair['loads']" :labels="$stair['labels']" :beyond="$stair['beyond']" :risks="$stair['risks']" :limit="$stair['limit']" />
        </div>
        @if($told)
            <div class="col-lg-6">
                <h2 class="mt-0">The template as it is told, for contrast</h2>
                <x-staircase name="The template" :loads="$told['loads']" :labels="array_map(fn ($i) => (string) ($i + 1), array_keys($told['loads']))" />
                <p>{{ count($told['loads']) }} steps, the largest rise over mastered ground {{ number_format($told['rise'], 1) }} logits; this ladder has {{ count($ladder->steps) }}, the largest {{ number_format($told['own'], 1) }}.</p>
            </div>
        @endif
        @if($fixed)
            @php($cost = $worth->effort(count($fixed['loads']) - 1, 0.9))
            @php($own = $worth->effort(max(1, count($ladder->steps) - 1), 0.9))
            <div class="col-lg-6">
                <h2 class="mt-0">By fixed {{ $unit->plural() }}, for contrast</h2>
                <x-staircase :name="'The same way, '.$fixed['size'].' nearer each time'" :loads="$fixed['loads']" :labels="$fixed['labels']" />
                <p>{{ count($fixed['loads']) - 1 }} steps of {{ $fixed['size'] }}: the first adds {{ number_format($fixed['loads'][1] - $fixed['loads'][0], 2) }} logits, the last {{ number_format($fixed['loads'][count($fixed['loads']) - 1] - $fixed['loads'][count($fixed['loads']) - 2], 2) }}. At nine successes in ten about {{ round($cost?->trials ?? 0) }} trials and {{ $cost?->outings }} outings; this ladder about {{ round($own?->trials ?? 0) }} and {{ $own?->outings }}.</p>
            </div>
        @endif
    </div>
    <div class="row g-4 order-1 order-lg-2">
        <div class="col-lg-7">
            <div class="d-flex flex-wrap gap-2 align-items-center mb-2">
                <button class="btn btn-outline-primary" name="edit" value="replan">Lay again from today</button>
                <button class="btn btn-outline-primary" name="edit" value="find">Find a ladder</button>
                @if($before)<button class="btn btn-outline-primary" name="edit" value="undo">Take back</button>@endif
                <details class="ms-sm-auto"><summary>Dimensions in play</summary>
                    <div class="d-flex flex-wrap gap-2 mt-2">
                        @foreach($catalog->dimensions as $key => $dimension)
                            @if(isset($ladder->step(0)->exposure->values[$key]))
                                <span class="d-inline-flex gap-1 align-items-center"><button class="btn btn-sm btn-primary" name="edit" value="unplay:{{ $key }}">{{ $dimension->label }}: take out</button>@if($dimension->kind === DimensionKind::Ordered)<a class="btn btn-sm btn-link" href="{{ route('orders.edit', [$plan->responseModel->dog, $plan->responseModel->kind, $key]) }}">order<span class="visually-hidden"> of {{ $dimension->label }}</span></a>@endif</span>
                            @else
                                <button class="btn btn-sm btn-outline-secondary" name="edit" value="play:{{ $key }}">{{ $dimension->label }}: bring in</button>
                            @endif
                        @endforeach
                    </div>
                </details>
            </div>
            @if($edit->said !== '')<p class="text-body-secondary mb-2" aria-hidden="true">{{ $edit->said }}</p>@endif
            @if($unsaid !== [])<p class="mb-2">On every step: {{ $ladder->step(0)->exposure->inWords($catalog, $unit, array_values(array_diff(array_keys($ladder->step(0)->exposure->values), $unsaid))) }}.</p>@endif
            <ol class="steps list-unstyled" aria-label="Steps">
                @foreach($review->steps as $i => $step)
                    @php($kind = $change->new[$i])
                    <li class="step-row" data-index="{{ $i }}" tabindex="0" aria-label="Step {{ $i + 1 }}">
                        <div class="d-flex gap-2 align-items-start">
                            <span class="step-number">{{ $i + 1 }}</span>
                            <div class="flex-grow-1">
                                @if($step->step->manner->instruction !== '')<strong>{{ $step->step->manner->instruction }}</strong><br>@endif
                                {{ $step->step->exposure->inWords($catalog, $unit, $unsaid) }}
                                <span class="text-body-secondary d-block">
                                    {{ $step->step->criterion->inWords() }} · load {{ number_format($step->load, 1) }}@if($step->rise !== null) ({{ $step->rise >= 0 ? '+' : '−' }}{{ number_format(abs($step->rise), 2) }})@endif
                                    · strain {{ Probability::inWords($step->today->strainMean) }}, at most {{ Probability::inWords($step->today->strain()) }}
                                    @if($step->step->manner->instruction !== '')· {{ $step->step->manner->inWords() }}@endif
                                    @if($kind !== StepChange::Kept)<span class="flag">{{ $kind->label() }}</span>@endif
                                </span>
                                @foreach($step->flags as $flag)<span class="d-block step-flag" data-flag="{{ $flag->code }}">{{ $flag->code === 'needs-help' ? '' : '⚠ ' }}{{ $flag->sentence }}</span>@endforeach
                            </div>
                        </div>
                        <div class="step-tools" role="group" aria-label="Step {{ $i + 1 }}">
                            <button class="btn btn-sm btn-outline-secondary" name="edit" value="open:{{ $i }}" data-verb="open">Edit<span class="visually-hidden"> step {{ $i + 1 }}</span></button>
                            @if($i > 0)<button class="btn btn-sm btn-outline-secondary" name="edit" value="split:{{ $i }}" data-verb="split">Split<span class="visually-hidden"> step {{ $i + 1 }}</span></button>@endif
                            <button class="btn btn-sm btn-outline-secondary" name="edit" value="copy:{{ $i }}" data-verb="copy">Copy<span class="visually-hidden"> step {{ $i + 1 }}</span></button>
                            <button class="btn btn-sm btn-outline-secondary" name="edit" value="skip:{{ $i }}" data-verb="skip">Skip<span class="visually-hidden"> step {{ $i + 1 }}</span></button>
                            @if($i > 0)<button class="btn btn-sm btn-outline-secondary" name="edit" value="up:{{ $i }}" data-verb="up">Up<span class="visually-hidden">, step {{ $i + 1 }}</span></button>@endif
                            @if($i < count($review->steps) - 1)<button class="btn btn-sm btn-outline-secondary" name="edit" value="down:{{ $i }}" data-verb="down">Down<span class="visually-hidden">, step {{ $i + 1 }}</span></button>@endif
                        </div>
                        @if($edit->open === $i)
                            @php($at = $step->step->exposure->values)
                            <fieldset class="step-editor">
                                <legend class="h6">Step {{ $i + 1 }}</legend>
                                <div class="mb-2"><label class="form-label mb-0" for="s-do">What to do</label><input class="form-control" id="s-do" name="step[do]" maxlength="300" value="{{ $typed['do'] ?? $step->step->manner->instruction }}"></div>
                                <div class="row g-2">
                                    @foreach($at as $key => $value)
                                        @php($dimension = $catalog->dimension($key))
                                        @php($error = $errors->first("step.at.{$key}"))
                                        <div class="col-sm-6 col-xl-4"><label class="form-label mb-0" for="s-{{ $key }}">{{ ucfirst($dimension->label) }}@if($dimension->kind->isMeasured()), {{ $dimension->kind === DimensionKind::Distance ? $unit->value : $dimension->unit }}@endif</label>
                                            @if($dimension->kind->isMeasured())
                                                <input class="form-control @if($error) is-invalid @endif" id="s-{{ $key }}" name="step[at][{{ $key }}]" inputmode="decimal" value="{{ $typed['at'][$key] ?? ($dimension->kind === DimensionKind::Distance ? round(Distance::fromMeters((float) $value)->as($unit), 2) : round($dimension->shown((float) $value), 2)) }}" @if($error) aria-invalid="true" @endif>
                                            @else
                                                <select class="form-select" id="s-{{ $key }}" name="step[at][{{ $key }}]">@foreach($dimension->values as $choice)<option value="{{ $choice->key }}" @selected(($typed['at'][$key] ?? $value) === $choice->key)>{{ $choice->label }}</option>@endforeach</select>
                                            @endif
                                        </div>
                                    @endforeach
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0" for="s-run">Successes</label><input class="form-control" id="s-run" name="step[run]" inputmode="numeric" value="{{ $typed['criterion']['run'] ?? $step->step->criterion->successes }}"></div>
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0" for="s-window">of the last</label><input class="form-control" id="s-window" name="step[window]" inputmode="numeric" value="{{ $typed['criterion']['window'] ?? $step->step->criterion->window }}" aria-describedby="s-window-hint"><span class="form-text" id="s-window-hint">empty: in a row</span></div>
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0" for="s-sessions">Sessions</label><input class="form-control" id="s-sessions" name="step[sessions]" inputmode="numeric" value="{{ $typed['criterion']['sessions'] ?? $step->step->criterion->sessions }}"></div>
                                    <div class="col-6 col-xl-3"><label class="form-label mb-0" for="s-days">Days</label><input class="form-control" id="s-days" name="step[days]" inputmode="numeric" value="{{ $typed['criterion']['days'] ?? $step->step->criterion->days }}"></div>
                                    <div class="col-sm-6"><label class="form-label mb-0" for="s-food">Food</label><select class="form-select" id="s-food" name="step[food]">@foreach(FoodTiming::cases() as $food)<option value="{{ $food->value }}" @selected($step->step->manner->food === $food)>{{ $food->label() }}</option>@endforeach</select></div>
                                    <div class="col-sm-6"><label class="form-label mb-0" for="s-posture">Dog</label><select class="form-select" id="s-posture" name="step[posture]">@foreach(DogPosture::cases() as $posture)<option value="{{ $posture->value }}" @selected($step->step->manner->posture === $posture)>{{ $posture->label() }}</option>@endforeach</select></div>
                                    <div class="col-sm-6"><label class="form-label mb-0" for="s-who">Who</label><select class="form-select" id="s-who" name="step[who]">@foreach(HandledBy::cases() as $who)<option value="{{ $who->value }}" @selected($step->step->manner->who === $who)>{{ $who->label() }}</option>@endforeach</select></div>
                                    <div class="col-3"><label class="form-label mb-0" for="s-hands">Hands</label><input class="form-control" id="s-hands" name="step[hands]" inputmode="numeric" value="{{ $typed['hands'] ?? $step->step->manner->hands }}"></div>
                                    <div class="col-3"><label class="form-label mb-0" for="s-eyes">Eyes</label><input class="form-control" id="s-eyes" name="step[eyes]" inputmode="numeric" value="{{ $typed['eyes'] ?? $step->step->manner->eyes }}"></div>
                                </div>
                                <div class="form-check my-2"><input class="form-check-input" type="checkbox" id="s-new" name="step[new]" value="1" @checked($step->step->criterion->isNewBehavior)><label class="form-check-label" for="s-new">A new behavior: its first ever success ends the session</label></div>
                                <button class="btn btn-primary" name="edit" value="apply:{{ $i }}" data-apply>Change the step</button>
                                <button class="btn btn-outline-primary" name="edit" value="all:{{ $i }}">This criterion on every step</button>
                                <button class="btn btn-outline-secondary" name="edit" value="close:{{ $i }}">Leave it</button>
                            </fieldset>
                        @endif
                    </li>
                @endforeach
            </ol>
            <p class="form-text">Drag a step by its number, or press Alt with the arrow keys on it. Without a mouse: Up and Down.</p>
        </div>
        <div class="col-lg-5">
            <section class="card card-body mb-3" aria-labelledby="diff-head">
                <h2 class="mt-0" id="diff-head">{{ $change->isNone() ? 'As stored' : 'Against version '.$plan->version }}</h2>
                @if($change->isNone())
                    <p class="mb-0">Nothing is changed yet.</p>
                @else
                    <p class="mb-1" data-change>{{ $change->inWords() }}.</p>
                    @if($change->removed !== [])<details class="mb-2"><summary>Taken out</summary><ul>@foreach($change->removed as $gone)<li>{{ $gone + 1 }}: {{ $stored->step($gone)->exposure->inWords($catalog, $unit) }}</li>@endforeach</ul></details>@endif
                    @if(! $review->hasPath())<p class="fw-bold">{{ $review->firstGap() === null ? 'The goal is no harder than the start.' : 'Nothing leads to step '.($review->firstGap() + 1).' yet.' }}</p>@endif
                    <button class="btn btn-next" form="ladder-keep">Keep as version {{ $plan->version + 1 }}</button>
                    <p class="form-text mb-0">What was held is carried over by load; version {{ $plan->version }} stays to go back to.</p>
                @endif
            </section>
            <h2>What the rule is worth</h2>
            <p>{{ ucfirst($worth->criterion->inWords()) }}.</p>
            <x-operating-curve :worth="$worth" />
            <div class="table-responsive" tabindex="0" role="region" aria-label="Effort">
                <table class="table table-sm table-narrow">
                    <thead><tr><th scope="col">Succeeds</th><th scope="col">Meets it in 20</th><th scope="col">Trials a step</th><th scope="col">To the goal</th></tr></thead>
                    <tbody>@foreach($worth->rows() as $row)<tr><th scope="row">{{ round(100 * $row['rate']) }} %</th><td>{{ Probability::inWords($row['within']) }}</td><td>{{ $row['each'] === null ? '–' : number_format($row['each'], 1) }}</td><td>{{ $row['effort'] === null ? 'never' : round($row['effort']->trials).' trials, '.$row['effort']->outings.' outings, '.number_format($row['effort']->weeks, 0).' weeks' }}</td></tr>@endforeach</tbody>
                </table>
            </div>
            <p class="form-text">A plain expectation without setbacks, at {{ $trialsAnOuting }} trials an outing and {{ $plan->outings_a_week }} outings a week. Not a promise.</p>
            @if($versions->isNotEmpty())
                <h2>Versions</h2>
                <ul>@foreach($versions as $version)<li><a href="{{ route('ladders.edit', [$plan, 'version' => $version->number]) }}">Version {{ $version->number }}</a>, until {{ $version->made_at->format('F j, Y') }}, {{ $version->user->name }}: then {{ $version->change }}</li>@endforeach</ul>
            @endif
        </div>
    </div>
    </div>
</form>
<form method="post" action="{{ route('ladders.store', $plan) }}" id="ladder-keep">@csrf<input type="hidden" name="ladder" value="{{ $json($ladder) }}"></form>
</div>
