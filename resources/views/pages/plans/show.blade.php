@use('App\View\Components\Staircase')
@use('Core\Exposure\PlanKind')
@use('Core\Measure\Distance')
@use('Core\Measure\Probability')
{{-- odds are for those who set the caps --}}
@php($tellsOdds = words()->reader->audience === Words\Audience::Trainer)
<x-layout :title="$plan->name">
    @php($model = $plan->responseModel)
    @php($first = $situation->ladder->step(0))
    @php($steps = $situation->ladder->steps)
    <p class="mb-1"><a href="{{ route('dogs.show', $model->dog) }}">{{ $model->dog->name }}</a></p>
    <h1>{{ $plan->name }}</h1>
    @if($plan->goal)<p class="lead">{{ $plan->goal }}</p>@endif
    @if($plan->resting_reason)
        <div class="alert alert-danger" role="alert">
            <p><strong>{{ say('plans.show.resting', ['why' => $plan->resting_reason->value]) }}</strong></p>
            @can('update', $plan)
                <form method="post" action="{{ route('plans.review', $plan) }}">
                    @csrf
                    <div class="form-check mb-2">
                        <input class="form-check-input" type="checkbox" id="checked" name="checked" value="1" required>
                        <label class="form-check-label" for="checked">{{ say('plans.show.i_have_checked_pain_kit_place') }}</label>
                    </div>
                    <button class="btn btn-primary">{{ say('plans.show.let_the_plan_go_on') }}</button>
                </form>
            @endcan
        </div>
    @endif
    @if($rests->isNotEmpty())
        <details class="mb-3"><summary>{{ say('plans.show.rests', ['count' => $rests->count()]) }}</summary>
            <ul class="mt-2">@foreach($rests as $rest)<li>{{ say('plans.show.rested', [
                'day' => words()->formats->dateTime($rest->rested_at), 'why' => $rest->reason->value,
                'hasUser' => $rest->user !== null, 'user' => $rest->user?->name]) }} {{ say('plans.show.rest_reviewed', [
                'isReviewed' => $rest->reviewed_at !== null, 'who' => $rest->reviewer?->name,
                'day' => $rest->reviewed_at === null ? '' : words()->formats->dateTime($rest->reviewed_at)]) }}</li>@endforeach</ul>
        </details>
    @endif
    @if($knownDogs !== null)<p class="text-body-secondary">{{ say('plans.show.own_priors', ['dogs' => $knownDogs]) }}</p>@endif
    @if($inheritedFrom !== null)<p class="text-body-secondary">{{ say('plans.show.inherited', ['from' => $inheritedFrom,
        'person' => $model->person->name]) }}</p>@endif
    @foreach($contradictions as $key => $found)
        <div class="alert alert-warning">
            <strong>{{ say('plans.show.the_trials_contradict_the_order_of', ['key' => words()->dimension($catalog, $key)]) }}</strong>
            {{ say('plans.show.what_should_be_harder_went_better') }}
            @can('plan', $model->dog)<a href="{{ route('orders.edit', [$model->dog, $model->kind,
                $key]) }}">{{ say('plans.show.give_its_own_order', ['dog' => $model->dog->name]) }}</a>@endcan
        </div>
    @endforeach
    <section class="card card-body mb-3" aria-labelledby="start-head">
        <h2 class="mt-0" id="start-head">{{ words()->label($start->action) }}<x-where :level="$start->next" /></h2>
        <ul class="reasons mb-3">
            @foreach($start->reasons as $reason)<li>{{ words()->reason($reason, $catalog) }}</li>@endforeach
        </ul>
        @if($model->person->archived_at && Gate::allows('update', $plan))
            <p class="mb-0">{{ say('plans.show.handler_is_gone', ['person' => $model->person->name]) }} <a
                href="#another-person">{{ say('plans.show.another_person') }}</a></p>
        @elsecan('start', $plan)
            <div class="d-flex flex-wrap align-items-center gap-3"><a class="btn btn-next"
            href="{{ route('sessions.create', $plan) }}">{{ say('plans.show.start_a_session') }}</a><a
            href="{{ route('past-sessions.create', $plan) }}">{{ say('sessions.past.title') }}</a>@can('plan', $model->dog)<a
            href="{{ route('homework.create', [$model->dog, 'plan' => $plan->id]) }}">{{ say('homework.give') }}</a>@endcan</div>
        @endcan
    </section>
    <div class="row g-4">
        <div class="col-lg-7">
            <div class="d-flex flex-wrap justify-content-between align-items-center gap-2">
                <h2 class="mt-0 mb-0">{{ say('plans.show.the_ladder') }}</h2>
                @can('update', $plan)<span class="d-flex flex-wrap gap-2"><a class="btn btn-outline-primary"
                    href="{{ route('ladders.edit', $plan) }}">{{ say('plans.show.change_the_ladder') }}</a><a
                    class="btn btn-outline-primary" href="{{ route('ladders.edit',
                    [$plan, 'replan' => 1]) }}">{{ say('plans.show.lay_it_again_from_today') }}</a></span>@endcan
            </div>
            <p>{{ say('plans.show.count_step_steps', ['count' => count($steps)]) }}@if($model->kind === PlanKind::Presence
                && count($steps) > 1){{ say('plans.show.from_to', ['unit' => words()->formats->distanceOrNull($first->exposure->distance()),
                'unit2' => words()->formats->distanceOrNull($situation->ladder->step(count($steps) - 1)->exposure->distance())]) }}@endif{{ say('plans.show.version_height_is_load_how_hard', ['version' => $plan->version, 'dog' => $model->dog->name]) }}@if($situation->unsaid !== []) {{ say('plans.show.on_every_step', ['unsaid' => words()->exposure($first->exposure, $catalog, array_values(array_diff(array_keys($first->exposure->values), $situation->unsaid)))]) }}@endif</p>
            @if($review)
                @php($stair = Staircase::of($review, $situation,
                    fn ($step) => words()->formats->distanceOrNull($step->exposure->distance())))
                <x-staircase :name="say('plans.show.staircase')" :loads="$stair['loads']" :labels="$stair['labels']"
                    :beyond="$stair['beyond']" :held="$stair['held']" :risks="$tellsOdds ? $stair['risks'] : []" :limit="$stair['limit']" />
                <p class="text-body-secondary">{{ say('plans.show.gray_held_hatched_beyond_the_limits') }}@if($situation->history->solid?->beyond > 0.0) {{ say('plans.show.solid_between', [
                    'at' => words()->exposure($situation->history->solid->exposure, $catalog, $situation->unsaid),
                    'step' => $situation->history->solidStep + 1, 'next' => $situation->history->solidStep + 2]) }}@endif</p>
                <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.show.steps_of_the_ladder') }}">
                    <table class="table table-sm align-middle">
                        <thead>
                            <tr>
                                <th scope="col">{{ say('plans.show.step') }}</th>
                                <th scope="col">{{ say('plans.show.exposure') }}</th>
                                <th scope="col">{{ say('plans.show.move_on') }}</th>
                                <th scope="col">{{ say('plans.show.today') }}</th>
                            </tr>
                        </thead>
                        <tbody>
                        @foreach($review->steps as $i => $step)
                            <tr>
                                <th scope="row">{{ $i + 1 }}</th>
                                <td class="exposure">@if($step->step->manner->instruction !== '')<strong>{{ words()->instruction($step->step->manner) }}</strong><br>@endif{{ words()->exposure($step->step->exposure, $catalog, $situation->unsaid) }}
                                    @if($step->step->manner->instruction !== ''
                                        && ! $step->step->manner->isDoneLike($review->steps[$i - 1]->step->manner ?? null))<br><span
                                        class="text-body-secondary">{{ words()->manner($step->step->manner) }}</span>@endif
                                </td>
                                <td>{{ words()->criterion($step->step->criterion) }}</td>
                                <td>@if($i <= $situation->history->solidStep){{ say('plans.show.held') }} @endif{{ say('plans.show.exposure_within_the_limits_beyond_the', ['exposure' => (bool) ($situation->allows($step->step->exposure))]) }}</td>
                            </tr>
                        @endforeach
                        </tbody>
                    </table>
                </div>
                @if($tellsOdds)
                <details class="mb-3"><summary>{{ say('plans.show.numbers') }}</summary>
                    <div class="table-responsive mt-2" tabindex="0" role="region" aria-label="{{ say('plans.show.numbers') }}">
                    <table class="table table-sm align-middle">
                        <thead><tr><th scope="col">{{ say('plans.show.step') }}</th><th
                            scope="col">{{ say('plans.show.load') }}</th><th
                            scope="col">{{ say('plans.show.risk_at_most') }}</th></tr></thead>
                        <tbody>
                        @foreach($review->steps as $i => $step)
                            @php($told = $situation->calibration->told($step->today))
                            <tr><th scope="row">{{ $i + 1 }}</th><td>{{ words()->difficulty($step->load - $review->steps[0]->load) }}</td>
                                <td>{{ say('plans.show.strain', ['strain' => words()->formats->chance($told->strain())]) }},
                                    {{ say('plans.show.reaction', ['reaction' => words()->formats->chance($told->reaction())]) }}</td></tr>
                        @endforeach
                        </tbody>
                    </table></div></details>
                @endif
            @endif
        </div>
        <div class="col-lg-5">
            <h2>{{ say('plans.show.in_short') }}</h2>
            <p class="mb-1"><a href="{{ route('limits.show', $plan) }}">{{ say('plans.show.what_it_has_shown_limits_over') }}</a></p>
            @can('update', $plan)<p class="mb-1"><a href="{{ route('futures.index', $plan) }}">{{ say('futures.link') }}</a></p>@endcan
            @can('update', $plan)<p><a href="{{ route('routine', $plan) }}">{{ say('week.routine.title', ['plan' => $plan->name]) }}</a></p>@endcan
            <dl class="facts">
                <dt>{{ say('plans.show.method') }}</dt><dd>{{ words()->capital(say("methods.methods.{$method->key}.label")) }}. {{ say("methods.methods.{$method->key}.trial") }}</dd>
                <dt>{{ say('plans.show.presence_trigger_about',
                    ['presence' => (bool) ($model->kind === PlanKind::Presence)]) }}</dt><dd>{{ $model->trigger->name }}</dd>
                @if($plan->item)<dt>{{ say('plans.show.item') }}</dt><dd><a
                    href="{{ route('items.show',
                    $plan->item) }}">{{ $plan->item->name }}</a>@if($plan->phase), {{ words()->label($plan->phase) }}@endif</dd>@endif
                <dt>{{ say('plans.show.handler') }}</dt><dd>{{ $model->person->name }}</dd>
                <dt>{{ say('plans.show.place') }}</dt><dd>@if($plan->place)<a
                    href="{{ route('sketches.edit', [$plan->place, 'plan' => $plan->id]) }}">{{ say('plans.show.from_above',
                    ['place' => $plan->place->name]) }}</a>@else {{ say('plans.show.not_fixed') }} @endif @if($plan->place?->room_meters){{ say('plans.show.room_for', ['unit' => words()->formats->distance(Distance::fromMeters($plan->place->room_meters))]) }}@endif</dd>
                @if($sound !== null)<dt>{{ say('plans.show.sound') }}</dt><dd>{{ $sound->recording === null ? say('plans.show.only_real')
                    : words()->label($sound->recording) }}; {{ say('plans.show.measured',
                    ['isMeasured' => $sound->read_level !== null, 'level' => say('phrases.level',
                    ['decibels' => words()->formats->number($sound->read_level ?? 0, 0)]),
                    'percent' => words()->formats->percent($sound->read_percent ?? 0, 2),
                    'ceiling' => say('phrases.level', ['decibels' => words()->formats->number($sound->ceiling,
                    0)])]) }}. @can('update', $plan)<a class="d-inline-block"
                    href="{{ route('sounds.edit', $plan) }}">{{ say('plans.show.try_measure_change_it') }}</a>@endcan</dd>@endif
                <dt>{{ say('plans.show.move_on') }}</dt><dd>{{ words()->criterion($first->criterion) }}@if($model->kind === PlanKind::Presence && $first->criterion->window === null) {{ say('plans.show.unprompted_returns') }}@endif{{ say('plans.show.and_today_s_risk_within_the') }}</dd>
                @if($tellsOdds)
                    <dt>{{ say('plans.show.limits') }}</dt>
                    <dd>{{ say('plans.show.strain_reaction_a_trial',
                        ['strain_limit' => words()->formats->chance(Probability::of($plan->strain_cap)),
                        'reaction_limit' => words()->formats->chance(Probability::of($plan->reaction_cap))]) }}</dd>
                @endif
                <dt>{{ say('plans.show.a_session') }}</dt><dd>{{ say('plans.show.sets_of_min_min_in_all',
                    ['set_minutes' => $plan->set_minutes, 'session_minutes' => $plan->session_minutes,
                    'most_advances' => $plan->most_advances, 'ones' => $plan->easy_after > 0
                    ? say('plans.show.easy_after', ['count' => $plan->easy_after]) : '']) }}</dd>
                @if(in_array($model->kind, [PlanKind::Contact, PlanKind::Presence], true))<dt>{{ say('plans.show.covered') }}</dt><dd><a
                    href="{{ route('coverage.show', [$model->dog, 'kind' => $model->kind->value,
                    'trigger' => $model->kind === PlanKind::Contact ? $model->trigger_id
                    : null]) }}">{{ say('plans.show.contact_people_postures_sides_items_places',
                    ['contact' => (bool) ($model->kind === PlanKind::Contact)]) }}</a></dd>@endif
                @if($model->quiet_at_meters !== null)<dt>{{ say('plans.show.quiet') }}</dt><dd>{{ say('plans.show.quiet_at',
                    ['distance' => words()->formats->distance(Distance::fromMeters($model->quiet_at_meters))]) }}</dd>@endif
                @if($model->kind === PlanKind::Presence)<dt>{{ say('plans.show.limit_now') }}</dt><dd><x-limit :limit="$limit" /></dd>@endif
                @foreach($choices as $choice)@if(isset($plan->choices[$choice->key]))<dt>{{ say("methods.choices.{$choice->key}.label") }}</dt><dd>{{ say("methods.choices.{$choice->key}.options.".(in_array($plan->choices[$choice->key], $choice->options, true) ? $plan->choices[$choice->key] : $choice->default)) }}</dd>@endif @endforeach
            </dl>
            <h2>{{ say('plans.show.first') }}</h2>
            <ul class="list-unstyled">
                @foreach($foundations as $key => $state)
                    <li><strong>{{ say("methods.skills.{$state->skill->key}.label") }}</strong>: {{ $state->inWords() }}@if($waiver = $waivers->firstWhere('skill', $key)) <span class="text-body-secondary">{{ say('plans.show.begun_without_it', ['reason' => $waiver->reason, 'waiver' => $waiver->user->name]) }}</span>@elseif(! $state->isReady) <span class="flag">{{ say('plans.show.not_ready') }}</span>@endif</li>
                @endforeach
                @if($foundations === [])<li>{{ say('plans.show.no_foundation_is_asked_for') }}</li>@endif
            </ul>
            @if($cautions !== [])
                <details class="mb-3"><summary>{{ say('plans.show.cautions_for_this_plan', ['count' => count($cautions)]) }}</summary><ul
                    class="mt-2">@foreach($cautions as $caution)<li><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</li>@endforeach</ul></details>
            @endif
            @can('update', $plan)
                <h2 id="another-person">{{ say('plans.show.another_person') }}</h2>
                @if($people->isNotEmpty())
                    <details @if($errors->has('to_person') || $model->person->archived_at) open
                        @endif><summary>{{ say('plans.show.give_this_plan_to_a_second') }}</summary>
                        <form method="post" action="{{ route('handovers.store', $plan) }}" class="mt-2">
                            @csrf
                            <x-choice name="to_person" :label="say('plans.show.person')" :options="$people->pluck('name', 'id')"
                                :hint="say('plans.show.they_begin_in_the_first_third')" />
                            <x-flag name="disliked" :label="say('plans.show.the_dog_dislikes_this_person_begin')" />
                            <button class="btn btn-primary">{{ say('plans.show.give_it') }}</button>
                        </form>
                    </details>
                @endif
                <details @if($errors->has('template_label')) open
                    @endif><summary>{{ say('plans.show.keep_this_ladder_as_a_template') }}</summary>
                    <form method="post" action="{{ route('templates.store', $plan) }}" class="mt-2">
                        @csrf
                        <x-field name="template_label" :label="say('plans.show.name_of_the_template')" maxlength="120" required />
                        <x-text name="template_about" :label="say('plans.show.what_it_is_for')" maxlength="600" />
                        <button class="btn btn-primary">{{ say('plans.show.keep_it') }}</button>
                    </form>
                </details>
            @endcan
            <h2>{{ say('plans.show.sessions') }}</h2>
            @if($sessions->isEmpty())
                <p>{{ say('plans.show.none_yet') }}</p>
            @else
                <ul class="list-group mb-3">
                    @foreach($sessions as $session)
                        <li class="list-group-item d-flex justify-content-between gap-2">
                            <a href="{{ route($session->ended_at ? 'sessions.review' : 'sessions.show',
                                $session) }}">{{ words()->formats->dateTime($session->started_at) }}</a>
                            <span>{{ say('plans.show.trials', ['trials_count' => $session->trials_count,
                                'ended_at' => (bool) ($session->ended_at)]) }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
            @can('update', $plan)
                <form method="post" action="{{ route('plans.destroy', $plan) }}">
                    @csrf @method('delete')
                    <button class="btn btn-outline-secondary btn-sm">{{ say('plans.show.put_this_plan_away') }}</button>
                </form>
            @endcan
        </div>
    </div>
</x-layout>
