<x-layout :title="$dog->name">
    <div class="d-flex flex-wrap justify-content-between align-items-start gap-2">
        @if($photo)<img class="photo" src="{{ route('photos.show', $photo) }}" width="{{ $photo->width }}"
            height="{{ $photo->height }}" alt="{{ say('people.photo.of', ['name' => $dog->name]) }}">@endif
        <div>
            <h1 class="mb-1">{{ $dog->name }}</h1>
            <p class="text-body-secondary mb-2">{{ $dog->description }}@if($dog->born_on) {{ say('dogs.show.born',
                ['born_on' => words()->formats->month($dog->born_on)]) }}@endif</p>
        </div>
        <div class="d-flex flex-wrap gap-2">
            <a class="btn btn-outline-primary" href="{{ route('free.create',
                ['dog' => $dog->id]) }}">{{ say('free.start_without') }}</a>
            <a class="btn btn-outline-primary" href="{{ route('events.create',
                ['dog' => $dog->id]) }}">{{ say('dogs.show.log_an_upset') }}</a>
            <a class="btn btn-outline-primary" href="{{ route('handling.show', $dog) }}">{{ say('dogs.show.handling') }}</a>
            <a class="btn btn-outline-primary" href="{{ route('kit.show', $dog) }}">{{ say('dogs.show.fit_and_food') }}</a>
            <a class="btn btn-outline-primary" href="{{ route('reports.index', $dog) }}">{{ say('reports.title') }}</a>
            @can('plan', $dog)<a class="btn btn-outline-primary" href="{{ route('homework.index', $dog) }}">{{ say('homework.link') }}</a>@else<a
                class="btn btn-outline-primary" href="{{ route('at-home', $dog) }}">{{ say('homework.link') }}</a>@endcan
            <a class="btn btn-outline-primary" href="{{ route('films.index', $dog) }}">{{ say('film.link') }}</a>
            @can('train', $dog)
                <a class="btn btn-outline-primary" href="{{ route('health.show', $dog) }}">{{ say('dogs.health.link') }}</a>
                @can('plan', $dog)<a class="btn btn-outline-primary" href="{{ route('dog-hours', $dog) }}">{{ say('week.hours.link') }}</a>@endcan
            @endcan
            @can('plan', $dog)
                <a class="btn btn-outline-primary" href="{{ route('dogs.edit', $dog) }}">{{ say('dogs.edit.change') }}</a>
                <a class="btn btn-outline-primary" href="{{ route('intakes.edit', $dog) }}">{{ say('dogs.show.intake') }}</a>
                <a class="btn btn-outline-primary" href="{{ route('assessments.create', $dog) }}">{{ say('dogs.show.assess') }}</a>
                <a class="btn btn-next" href="{{ route('dogs.plans.create', $dog) }}">{{ say('dogs.show.new_plan') }}</a>
            @endcan
        </div>
    </div>
    <nav class="d-flex flex-wrap column-gap-3 mb-2 on-this-page" aria-label="{{ say('dogs.show.on_this_page') }}">
        @foreach([['triggers', 'what_it_reacts_to'], ['foundations', 'foundations'], ['items', 'what_it_wears_and_tools'],
            ['management', 'until_training_works'], ['intake', 'intake'], ['sessions', 'sessions']] as [$anchor, $words])
            <a href="#{{ $anchor }}">{{ say("dogs.show.{$words}") }}</a>
        @endforeach
    </nav>
    @if($dog->archived_at)
        <p class="alert alert-warning">{{ say("dogs.edit.is_archived_{$dog->archived_for}", ['dog' => $dog->name,
            'day' => words()->formats->date($dog->archived_at)]) }}</p>
    @endif
    @can('plan', $dog)
        @if($dog->client || $dog->trainer)
            <p class="mt-2 mb-2">@if($dog->client)<a
                href="{{ route('clients.show', $dog->client) }}">{{ $dog->client->name }}</a>@if($dog->client->phone), <a
                href="tel:{{ $dog->client->phone }}">{{ $dog->client->phone }}</a>@endif @endif @if($dog->trainer)<span
                class="text-body-secondary">{{ say('dogs.edit.in_charge', ['trainer' => $dog->trainer->name]) }}</span>@endif</p>
        @endif
    @endcan
    @if($dog->bite_history || $dog->hides_signs || $dog->health_note)
        <ul class="list-unstyled d-flex flex-wrap gap-2 mb-3" aria-label="{{ say('dogs.show.safety_flags') }}">
            @if($dog->bite_history)<li class="flag">{{ say('dogs.show.bite_history_cautious_limits_qualified_profe') }}</li>@endif
            @if($dog->hides_signs)<li class="flag">{{ say('dogs.show.hides_signs_small_signs_count_as') }}</li>@endif
            @if($dog->health_note)<li class="flag">{{ say('dogs.show.health', ['health_note' => $dog->health_note]) }}</li>@endif
        </ul>
    @endif

    @if($unread !== [])
        <form method="post" action="{{ route('cautions.store', $dog) }}" class="card card-body mb-3">
            @csrf
            <h2 class="mt-0">{{ say('dogs.show.read_first') }}</h2>
            @foreach($unread as $caution)
                <div class="form-check mb-2"><input class="form-check-input" type="checkbox" name="read[]" value="{{ $caution->key }}"
                    id="c-{{ $caution->key }}"><label class="form-check-label"
                    for="c-{{ $caution->key }}"><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</label></div>
            @endforeach
            <div><button class="btn btn-primary">{{ say('dogs.show.i_have_read_these') }}</button></div>
        </form>
    @endif

    @if($carried)<p class="alert alert-warning">{{ say('dogs.show.a_working_guess_half_is_gone', ['carried' => $carried]) }}</p>@endif

    @php($hasDistance = $plans->contains(fn ($item) => $item['plan']->responseModel->kind === Core\Exposure\PlanKind::Presence))
    <h2>{{ say($hasDistance ? 'dogs.show.limits_now' : 'dogs.show.plans_now') }}</h2>
    @if($plans->isEmpty())
        <p>{{ say('dogs.show.no_plan_yet_a_plan_says', ['dog' => $dog->name]) }}</p>
    @else
        @if($hasDistance)<p class="text-body-secondary">{{ say('dogs.show.the_distance_at_which_the_accepted') }}</p>@endif
        <ul class="list-group mb-3">
            @foreach($plans as $item)
                @php($model = $item['plan']->responseModel)
                <li class="list-group-item d-flex flex-wrap justify-content-between column-gap-3">
                    <span><a class="fw-bold" href="{{ route('plans.show', $item['plan']) }}">{{ $item['plan']->name }}</a> <span
                        class="text-body-secondary">{{ say('today.today.with', ['person' => $model->person->name]) }}@if($model->trigger->traits->isNotEmpty()); {{ $model->trigger->traits->map(fn ($trait) => trim("{$trait->name}: {$trait->value}", ': '))->implode(', ') }}@endif</span></span>
                    <span>@if($model->kind === Core\Exposure\PlanKind::Presence){{ say('dogs.show.working_distance') }} <x-limit
                        :limit="$item['limit']" /> · @endif{{ say('dogs.show.solid_through', ['held_step' => $item['history']->solidStep + 1,
                        'steps' => $item['plan']->steps->count()]) }}</span>
                </li>
            @endforeach
        </ul>
    @endif

    @if(! $timeline->isEmpty())
        <h2>{{ say('charts.dog_timeline.title') }}</h2>
        <x-dog-timeline :timeline="$timeline" />
    @endif

    @if($archived->isNotEmpty())
        <details class="mb-3"><summary>{{ say('dogs.show.archived_plans') }} ({{ words()->formats->number($archived->count()) }})</summary>
            <ul class="list-unstyled mt-2">@foreach($archived as $plan)<li class="mb-1">{{ $plan->name }}
                @can('plan', $dog)<form class="d-inline" method="post" action="{{ route('plans.restore', [$dog, $plan->id]) }}">@csrf<button
                    class="btn btn-sm btn-outline-primary">{{ say('dogs.show.bring_back') }}<span
                    class="visually-hidden">: {{ $plan->name }}</span></button></form>@endcan</li>@endforeach</ul>
        </details>
    @endif

    <div class="row g-4">
        <section class="col-lg-6" id="triggers" aria-labelledby="triggers-head">
            <h2 id="triggers-head">{{ say('dogs.show.what_it_reacts_to') }}</h2>
            @foreach(App\Dog\Http\TriggerRequest::NAMED_BY as $by)
                @if($triggers->where('named_by', $by)->isNotEmpty())
                    <h3 class="h6 mt-2">{{ say('dogs.show.by_as_the_guardian_names_it', ['by' => (bool) ($by === 'guardian')]) }}</h3>
                    <ul class="mb-2">
                        @foreach($triggers->where('named_by', $by) as $trigger)
                            <li>{{ $trigger->name }} <span
                                class="text-body-secondary">({{ collect([words()->label($trigger->kind), $trigger->motive ? say("options.motive.{$trigger->motive}") : null, ...$trigger->traits->map(fn ($trait) => trim("{$trait->name}: {$trait->value}", ': '))])->filter()->implode(', ') }})</span></li>
                        @endforeach
                    </ul>
                @endif
            @endforeach
            @if($triggers->isEmpty())<p>{{ say('dogs.show.nothing_yet') }}</p>@endif
            @can('plan', $dog)
                <details @if($errors->hasAny(['trigger', 'trigger_kind', 'motive', 'named_by'])) open
                    @endif><summary>{{ say('dogs.show.add_one') }}</summary>
                    <form method="post" action="{{ route('triggers.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-field name="trigger" :label="say('dogs.show.it_reacts_to')" :hint="say('dogs.show.one_kind_of_thing')"
                            maxlength="120" required />
                        <x-choice name="trigger_kind" :label="say('dogs.show.that_is')" :options="cases(Core\Exposure\PlanKind::cases())"
                            value="presence" />
                        <x-choice name="motive" :label="say('dogs.show.motive_as_far_as_it_can')"
                            :options="options('motive', App\Dog\Http\TriggerRequest::MOTIVES)" :empty="say('dogs.show.not_said')"
                            :hint="say('dogs.show.remedies_differ_frustration_and_over_eagerne')" />
                        <x-choice name="named_by" :label="say('dogs.show.named_by')"
                            :options="options('named_by', App\Dog\Http\TriggerRequest::NAMED_BY)" value="guardian" />
                        <x-text name="trigger_traits" :label="say('dogs.show.traits')"
                            :hint="say('dogs.show.one_a_line_size_large_speed')" />
                        <button class="btn btn-primary">{{ say('dogs.show.add_it') }}</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" id="foundations" aria-labelledby="foundations-head">
            <h2 id="foundations-head">{{ say('dogs.show.foundations') }}</h2>
            <ul class="list-unstyled mb-2">
                @foreach($foundations as $state)
                    <li class="mb-1"><strong>{{ say("methods.skills.{$state->skill->key}.label") }}</strong>: {{ $state->inWords() }}@if($state->latest) <span class="text-body-secondary">({{ $state->latest->place }}, {{ words()->formats->day($state->latest->shown_on) }})</span>@endif</li>
                @endforeach
            </ul>
            @can('train', $dog)
                <details @if($errors->hasAny(['skill', 'state', 'shown_in', 'shown_on', 'skill_note'])) open
                    @endif><summary>{{ say('dogs.show.record_what_was_shown') }}</summary>
                    <form method="post" action="{{ route('skills.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-choice name="skill" :label="say('dogs.show.foundation')"
                            :options="collect($foundations)->map(fn ($state) => say('dogs.show.skill_ready',
                            ['skill' => say('methods.skills.'.$state->skill->key.'.label'),
                            'ready' => say('methods.skills.'.$state->skill->key.'.ready')]))" />
                        <div class="row">
                            <div class="col-sm-6"><x-choice name="state" :label="say('dogs.show.it_is')"
                                :options="options('skill_state', App\Dog\Http\SkillController::STATES)" /></div>
                            <div class="col-sm-6"><x-field name="shown_on" :label="say('dogs.show.shown_on')" type="date"
                                :value="words()->formats->iso(now())" required /></div>
                        </div>
                        <x-field name="shown_in" :label="say('dogs.show.where')" :hint="say('dogs.show.a_skill_of_the_kitchen_is')"
                            maxlength="120" required />
                        <button class="btn btn-primary">{{ say('dogs.show.record_it') }}</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" id="items" aria-labelledby="items-head">
            <h2 id="items-head">{{ say('dogs.show.what_it_wears_and_tools') }}</h2>
            @forelse($items as $one)
                <p class="mb-1"><a href="{{ route('items.show', $one) }}">{{ $one->name }}</a> <span
                    class="text-body-secondary">({{ words()->label($one->kind) }}@if($one->fit_checked_on), {{ say('dogs.show.fit_looked',
                    ['day' => words()->formats->day($one->fit_checked_on)]) }}@endif)</span></p>
            @empty
                <p>{{ say('dogs.show.nothing_yet_a_muzzle_a_harness') }}</p>
            @endforelse
            @can('plan', $dog)
                <details @if($errors->hasAny(['item_name', 'item_kind'])) open @endif><summary>{{ say('dogs.show.add_an_item') }}</summary>
                    <form method="post" action="{{ route('items.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-field name="item_name" :label="say('dogs.show.name')" :hint="say('dogs.show.such_as_tan_basket_muzzle')"
                            maxlength="60" required />
                        <x-choice name="item_kind" :label="say('dogs.show.it_is')" :options="cases(Core\Wearing\ItemKind::cases())" />
                        <button class="btn btn-primary">{{ say('dogs.show.add_the_item') }}</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" id="management" aria-labelledby="management-head">
            <h2 id="management-head">{{ say('dogs.show.until_training_works') }}</h2>
            @if($agreement)
                <p class="mb-1">{{ say('dogs.show.agreed_with_on', ['agreed_with' => $agreement->agreed_with,
                    'agreed_on' => words()->formats->day($agreement->agreed_on)]) }}</p>
                <ul>@foreach($agreement->items as $item)<li>{{ say("options.agreement.{$item}") }}</li>@endforeach</ul>
                @if($agreement->note)<p>{{ $agreement->note }}</p>@endif
            @else
                <p>{{ say('dogs.show.nothing_agreed_yet_every_rehearsal_of') }}</p>
            @endif
            @can('plan', $dog)
                <details @if($errors->hasAny(['agreed_with', 'items', 'agreement_note'])) open
                    @endif><summary>{{ say('dogs.show.agreement_agree_anew_agree_on_management',
                    ['agreement' => (bool) ($agreement)]) }}</summary>
                    <form method="post" action="{{ route('agreements.store', $dog) }}" class="mt-2">
                        @csrf
                        <fieldset class="mb-3"><legend class="h6">{{ say('dogs.show.what_is_done_until_then') }}</legend>
                            @foreach(options('agreement', App\Dog\Http\AgreementController::ITEMS) as $key => $words)
                                <div class="form-check"><input class="form-check-input" type="checkbox" name="items[]" value="{{ $key }}"
                                    id="m-{{ $key }}" @checked(in_array($key, ticked('items', $agreement->items ?? []), true))><label
                                    class="form-check-label" for="m-{{ $key }}">{{ $words }}</label></div>
                            @endforeach
                        </fieldset>
                        <x-field name="agreed_with" :label="say('dogs.show.agreed_with')" :value="$agreement?->agreed_with" maxlength="120"
                            required />
                        <x-text name="agreement_note" :label="say('dogs.show.note')" maxlength="500" />
                        <button class="btn btn-primary">{{ say('dogs.show.agreed') }}</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" id="intake" aria-labelledby="intake-head">
            <h2 id="intake-head">{{ say('dogs.show.intake') }}</h2>
            @if($dog->intake)
                <dl class="facts">
                    @if($dog->intake->arrived_on)<dt>{{ say('dogs.show.in_this_home_since') }}</dt><dd>{{ words()->formats->day($dog->intake->arrived_on) }}@if($dog->intake->arrived_on->diffInDays(now()) < 28) <strong>{{ say('dogs.show.not_settled_yet_gentler_start_shorter') }}</strong>@endif</dd>@endif
                    @if($dog->intake->since)<dt>{{ say('dogs.show.since') }}</dt><dd>{{ $dog->intake->since }}@if($dog->intake->how_often), {{ $dog->intake->how_often }}@endif</dd>@endif
                    <dt>{{ say('dogs.show.the_worst_so_far') }}</dt><dd>{{ $dog->intake->worst === null ? ''
                        : say("options.worst.{$dog->intake->worst}") }}@if($dog->intake->worst_facts): {{ $dog->intake->worst_facts }}@endif</dd>
                    @if($dog->intake->vet_seen_on)<dt>{{ say('dogs.show.seen_by_a_vet') }}</dt><dd>{{ words()->formats->day($dog->intake->vet_seen_on) }}</dd>@endif
                    @if($dog->intake->medication)<dt>{{ say('dogs.show.medication') }}</dt><dd>{{ $dog->intake->medication }}</dd>@endif
                    @if($dog->intake->food_limits)<dt>{{ say('dogs.show.food') }}</dt><dd>{{ $dog->intake->food_limits }}</dd>@endif
                    @if($dog->intake->baseline)<dt>{{ say('dogs.show.its_own_normal') }}</dt><dd>{{ $dog->intake->baseline }}</dd>@endif
                </dl>
            @else
                <p>{{ say('dogs.show.not_written_yet') }}</p>
            @endif
            @if($assessments->isNotEmpty())
                <h3 class="h6 mt-3">{{ say('dogs.show.assessments') }}</h3>
                <ul>@foreach($assessments as $assessment)<li>@can('plan', $dog)<a
                    href="{{ route('assessments.show',
                    $assessment) }}">{{ words()->formats->date($assessment->made_at) }}</a>@else{{ words()->formats->date($assessment->made_at) }}@endcan: {{ $assessment->responseModel->trigger->name }}</li>@endforeach</ul>
            @endif
        </section>
    </div>

    @if($events->isNotEmpty())
        <h2>{{ say('dogs.show.events') }}</h2>
        <ul>
            @foreach($events as $event)
                <li>{{ words()->formats->dateTime($event->occurred_at) }}: <strong>{{ say("options.event_kind.{$event->kind->value}") }}</strong>@if($event->severity > 0), {{ say("options.severity.{$event->severity}") }}@endif @if($event->note), {{ $event->note }}@endif @isset($incidents[$event->id])<a href="{{ route('incidents.show', $incidents[$event->id]) }}">{{ say('dogs.show.the_facts') }}</a>@endisset</li>
            @endforeach
        </ul>
    @endif

    <h2 id="sessions">{{ say('dogs.show.sessions') }}</h2>
    @if($freeSessions->isNotEmpty())
        <ul class="list-group mb-2">
            @foreach($freeSessions as $session)
                <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                    <a href="{{ route('free.show', $session) }}">{{ words()->formats->dateTime($session->started_at) }}</a>
                    <span>{{ words()->label($session->activity) }}@if($session->place), {{ $session->place->name }}@endif</span>
                    <span>{{ say('free.seen_count', ['count' => $session->observations_count]) }}</span>
                </li>
            @endforeach
        </ul>
    @endif
    @if($sessions->isEmpty())
        <p>{{ say('dogs.show.none_yet') }}</p>
    @else
        <ul class="list-group">
            @foreach($sessions as $session)
                <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                    <a href="{{ route($session->ended_at ? 'sessions.review' : 'sessions.show',
                        $session) }}">{{ words()->formats->dateTime($session->started_at) }}</a>
                    <span>{{ $session->plan->name }}</span>
                    <span>{{ say('dogs.show.trials', ['trials_count' => $session->trials_count,
                        'ended_at' => (bool) ($session->ended_at)]) }}</span>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
