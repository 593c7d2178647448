@use('App\View\Components\Staircase')
@use('Core\Exposure\PlanKind')
@use('Core\Measure\Distance')
@use('Core\Measure\Probability')
<x-layout :title="$plan->name">
    @php($unit = auth()->user()->distance_unit)
    @php($model = $plan->responseModel)
    @php($first = $situation->ladder->step(0))
    @php($steps = $situation->ladder->steps)
    <p class="mb-1"><a href="{{ route('dogs.show', $model->dog) }}">{{ $model->dog->name }}</a></p>
    <h1>{{ $plan->name }}</h1>
    @if($plan->goal)<p class="lead">{{ $plan->goal }}</p>@endif
    @if($plan->resting_reason)
        <div class="alert alert-danger" role="alert">
            <p><strong>{{ $plan->resting_reason }}</strong></p>
            @can('update', $plan)
                <form method="post" action="{{ route('plans.review', $plan) }}">
                    @csrf
                    <div class="form-check mb-2">
                        <input class="form-check-input" type="checkbox" id="checked" name="checked" value="1" required>
                        <label class="form-check-label" for="checked">I have checked pain, kit, place and trigger, and what came before.</label>
                    </div>
                    <button class="btn btn-primary">Let the plan go on</button>
                </form>
            @endcan
        </div>
    @endif
    @foreach($contradictions as $key => $found)
        <div class="alert alert-warning">
            <strong>The trials contradict the order of {{ $situation->catalog->dimension($key)->label }}.</strong>
            What should be harder went better (slope {{ number_format($found['slope'], 1) }}, {{ number_format(abs($found['slope'] / $found['standardError']), 1) }} standard errors below nothing).
            @can('plan', $model->dog)<a href="{{ route('orders.edit', [$model->dog, $model->kind, $key]) }}">Give {{ $model->dog->name }} its own order</a>@endcan
        </div>
    @endforeach
    <div class="row g-4">
        <div class="col-lg-7">
            <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
                <h2 class="mt-0 mb-0">The ladder</h2>
                @can('update', $plan)<span class="d-flex flex-wrap gap-2"><a class="btn btn-outline-primary" href="{{ route('ladders.edit', $plan) }}">Change the ladder</a><a class="btn btn-outline-primary" href="{{ route('ladders.edit', [$plan, 'replan' => 1]) }}">Lay it again from today</a></span>@endcan
            </div>
            <p>{{ count($steps) }} {{ count($steps) === 1 ? 'step' : 'steps' }}@if($model->kind === PlanKind::Presence && count($steps) > 1), from {{ $first->exposure->distance()?->inWords($unit) }} to {{ $situation->ladder->step(count($steps) - 1)->exposure->distance()?->inWords($unit) }}@endif, version {{ $plan->version }}. Height is load: how hard a step is for {{ $model->dog->name }}.@if($situation->unsaid !== []) On every step: {{ $first->exposure->inWords($situation->catalog, $unit, array_values(array_diff(array_keys($first->exposure->values), $situation->unsaid))) }}.@endif</p>
            @if($review)
                @php($stair = Staircase::of($review, $situation, fn ($step) => $step->exposure->distance()?->inWords($unit)))
                <x-staircase name="The ladder as a staircase" :loads="$stair['loads']" :labels="$stair['labels']" :beyond="$stair['beyond']" :held="$stair['held']" :risks="$stair['risks']" :limit="$stair['limit']" />
                <p class="text-body-secondary">Gray: held. Hatched: beyond the limits before today's first trial.</p>
                <div class="table-responsive" tabindex="0" role="region" aria-label="Steps of the ladder">
                    <table class="table table-sm align-middle">
                        <thead><tr><th scope="col">Step</th><th scope="col">Exposure</th><th scope="col">Load</th><th scope="col">Risk at most</th><th scope="col">Move on</th><th scope="col">Today</th></tr></thead>
                        <tbody>
                        @foreach($review->steps as $i => $step)
                            <tr>
                                <th scope="row">{{ $i + 1 }}</th>
                                <td class="exposure">@if($step->step->manner->instruction !== '')<strong>{{ $step->step->manner->instruction }}</strong><br>@endif{{ $situation->words($step->step->exposure) }}
                                    @if($step->step->manner->instruction !== '' && ! $step->step->manner->isDoneLike($review->steps[$i - 1]->step->manner ?? null))<br><span class="text-body-secondary">{{ $step->step->manner->inWords() }}</span>@endif
                                </td>
                                <td>{{ number_format($step->load, 1) }}</td>
                                <td class="text-nowrap">{{ Probability::inWords($step->today->strain()) }} strain<br>{{ Probability::inWords($step->today->reaction()) }} reaction</td>
                                <td>{{ $step->step->criterion->inWords() }}</td>
                                <td>@if($i <= $situation->history->heldStep)held, @endif{{ $situation->allows($step->step->exposure) ? 'within the limits' : 'beyond the limits' }}</td>
                            </tr>
                        @endforeach
                        </tbody>
                    </table>
                </div>
            @endif
        </div>
        <div class="col-lg-5">
            <section class="card card-body mb-3" aria-labelledby="start-head">
                <h2 class="mt-0" id="start-head">{{ $start->action->label() }}<x-where :level="$start->next" :unit="$unit" /></h2>
                <ul class="reasons mb-3">
                    @foreach($start->reasons as $reason)<li>{{ $reason->sentence }}</li>@endforeach
                </ul>
                @can('start', $plan)
                    <a class="btn btn-next w-100" href="{{ route('sessions.create', $plan) }}">Start a session</a>
                @endcan
            </section>
            <h2>In short</h2>
            <p><a href="{{ route('limits.show', $plan) }}">What it has shown: limits over time, curves, what makes it hard</a></p>
            <dl class="facts">
                <dt>Method</dt><dd>{{ $method->label }}. {{ $method->trial }}</dd>
                <dt>{{ $model->kind === PlanKind::Presence ? 'Trigger' : 'About' }}</dt><dd>{{ $model->trigger->name }}</dd>
                @if($plan->item)<dt>Item</dt><dd><a href="{{ route('items.show', $plan->item) }}">{{ $plan->item->name }}</a>, {{ $plan->phase?->label() }}</dd>@endif
                <dt>Handler</dt><dd>{{ $model->person->name }}</dd>
                <dt>Place</dt><dd>@if($plan->place)<a href="{{ route('sketches.edit', [$plan->place, 'plan' => $plan->id]) }}">{{ $plan->place->name }}, from above</a>@else not fixed @endif @if($plan->place?->room_meters), room for {{ Distance::fromMeters($plan->place->room_meters)->inWords($unit) }}@endif</dd>
                @if($sound !== null)<dt>Sound</dt><dd>{{ $sound->recording?->label() ?? 'only the real thing' }}; {{ $sound->read_level === null ? 'not measured: told in percent of the player' : round($sound->read_level).' dB(A) at the dog at '.$sound->read_percent.' % of the player, ceiling '.round($sound->ceiling).' dB(A)' }}. @can('update', $plan)<a class="d-inline-block" href="{{ route('sounds.edit', $plan) }}">Try, measure, change it</a>@endcan</dd>@endif
                <dt>Move on</dt><dd>{{ $first->criterion->inWords() }}@if($model->kind === PlanKind::Presence && $first->criterion->window === null) (unprompted returns)@endif, and today's risk within the limits</dd>
                <dt>Limits</dt><dd>strain {{ Probability::inWords($plan->strain_limit) }}, reaction {{ Probability::inWords($plan->reaction_limit) }} a trial</dd>
                <dt>A session</dt><dd>sets of {{ $plan->set_minutes }} min, {{ $plan->session_minutes }} min in all, at most {{ $plan->most_advances }} steps onto new ground{{ $plan->easy_after > 0 ? "; an easy one after {$plan->easy_after} good ones" : '' }}</dd>
                @if(in_array($model->kind, [PlanKind::Contact, PlanKind::Presence], true))<dt>Covered</dt><dd><a href="{{ route('coverage.show', [$model->dog, 'kind' => $model->kind->value, 'trigger' => $model->kind === PlanKind::Contact ? $model->trigger_id : null]) }}">{{ $model->kind === PlanKind::Contact ? 'people, postures, sides, items, places' : 'people, places, variants, what it does' }}</a></dd>@endif
                @if($model->kind === PlanKind::Presence)<dt>Limit now</dt><dd><x-limit :limit="$limit" :unit="$unit" /></dd>@endif
                @foreach($choices as $choice)@if(isset($plan->choices[$choice->key]))<dt>{{ $choice->label }}</dt><dd>{{ $choice->options[$plan->choices[$choice->key]] ?? $choice->options[$choice->default] }}</dd>@endif @endforeach
            </dl>
            <h2>First</h2>
            <ul class="list-unstyled">
                @foreach($foundations as $key => $state)
                    <li><strong>{{ $state->skill->label }}</strong>: {{ $state->inWords() }}@if($waiver = $waivers->firstWhere('skill', $key)) <span class="text-body-secondary">(begun without it: {{ $waiver->reason }}, {{ $waiver->user->name }})</span>@elseif(! $state->isReady) <span class="flag">not ready</span>@endif</li>
                @endforeach
                @if($foundations === [])<li>No foundation is asked for.</li>@endif
            </ul>
            @if($cautions !== [])
                <details class="mb-3"><summary>Cautions for this plan ({{ count($cautions) }})</summary><ul class="mt-2">@foreach($cautions as $caution)<li><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</li>@endforeach</ul></details>
            @endif
            @can('update', $plan)
                <h2>Another person</h2>
                @if($people->isNotEmpty())
                    <details @if($errors->has('to_person')) open @endif><summary>Give this plan to a second person</summary>
                        <form method="post" action="{{ route('handovers.store', $plan) }}" class="mt-2">
                            @csrf
                            <x-choice name="to_person" label="Person" :options="$people->pluck('name', 'id')" hint="They begin in the first third, with three successes a step on ground held before." />
                            <x-flag name="disliked" label="The dog dislikes this person: begin with the item on the floor, at the first step" />
                            <button class="btn btn-primary">Give it</button>
                        </form>
                    </details>
                @endif
                <details @if($errors->has('template_label')) open @endif><summary>Keep this ladder as a template</summary>
                    <form method="post" action="{{ route('templates.store', $plan) }}" class="mt-2">
                        @csrf
                        <x-field name="template_label" label="Name of the template" maxlength="120" required />
                        <x-text name="template_about" label="What it is for" maxlength="600" />
                        <button class="btn btn-primary">Keep it</button>
                    </form>
                </details>
            @endcan
            <h2>Sessions</h2>
            @if($sessions->isEmpty())
                <p>None yet.</p>
            @else
                <ul class="list-group mb-3">
                    @foreach($sessions as $session)
                        <li class="list-group-item d-flex justify-content-between gap-2">
                            <a href="{{ route($session->ended_at ? 'sessions.review' : 'sessions.show', $session) }}">{{ $session->started_at->setTimezone(auth()->user()->practice->time_zone)->format('M j, H:i') }}</a>
                            <span>{{ $session->trials_count }} trials{{ $session->ended_at ? '' : ', open' }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
            @can('update', $plan)
                <form method="post" action="{{ route('plans.destroy', $plan) }}">
                    @csrf @method('delete')
                    <button class="btn btn-outline-secondary btn-sm">Put this plan away</button>
                </form>
            @endcan
        </div>
    </div>
</x-layout>
