<x-layout :title="$dog->name">
    @php($unit = auth()->user()->distance_unit)
    <div class="d-flex flex-wrap justify-content-between align-items-start gap-2">
        <div>
            <h1 class="mb-1">{{ $dog->name }}</h1>
            <p class="text-body-secondary mb-2">{{ $dog->description }}@if($dog->born_on) · born {{ $dog->born_on->format('F Y') }}@endif</p>
        </div>
        <div class="d-flex flex-wrap gap-2">
            <a class="btn btn-outline-primary" href="{{ route('events.create', ['dog' => $dog->id]) }}">Log an upset</a>
            <a class="btn btn-outline-primary" href="{{ route('handling.show', $dog) }}">Handling</a>
            <a class="btn btn-outline-primary" href="{{ route('kit.show', $dog) }}">Fit and food</a>
            <a class="btn btn-outline-primary" href="{{ route('card.show', $dog) }}">Care card</a>
            @can('plan', $dog)
                <a class="btn btn-outline-primary" href="{{ route('intakes.edit', $dog) }}">Intake</a>
                <a class="btn btn-outline-primary" href="{{ route('assessments.create', $dog) }}">Assess</a>
                <a class="btn btn-next" href="{{ route('dogs.plans.create', $dog) }}">New plan</a>
            @endcan
        </div>
    </div>
    @if($dog->bite_history || $dog->hides_signs || $dog->health_note)
        <ul class="list-unstyled d-flex flex-wrap gap-2 mb-3" aria-label="Safety flags">
            @if($dog->bite_history)<li class="flag">Bite history: cautious limits, qualified professional on site</li>@endif
            @if($dog->hides_signs)<li class="flag">Hides signs: small signs count as medium</li>@endif
            @if($dog->health_note)<li class="flag">Health: {{ $dog->health_note }}</li>@endif
        </ul>
    @endif

    @if($unread !== [])
        <form method="post" action="{{ route('cautions.store', $dog) }}" class="card card-body mb-3">
            @csrf
            <h2 class="mt-0">Read first</h2>
            @foreach($unread as $caution)
                <div class="form-check mb-2"><input class="form-check-input" type="checkbox" name="read[]" value="{{ $caution->key }}" id="c-{{ $caution->key }}"><label class="form-check-label" for="c-{{ $caution->key }}"><strong>{{ $caution->title }}.</strong> {{ $caution->text }}</label></div>
            @endforeach
            <div><button class="btn btn-primary">I have read these</button></div>
        </form>
    @endif

    @if($carried)<p class="alert alert-warning">{{ $carried }} A working guess: half is gone after a day.</p>@endif

    <h2>Limits now</h2>
    @if($plans->isEmpty())
        <p>No plan yet. A plan says what {{ $dog->name }} reacts to, where it starts and where it should get to; then every trial gets an answer.</p>
    @else
        <p class="text-body-secondary">The distance at which the accepted risk is reached on a typical day, with the range the model leaves open (80 % either way).</p>
        <div class="table-responsive" tabindex="0" role="region" aria-label="Limits now">
            <table class="table align-middle">
                <thead><tr><th scope="col">Plan</th><th scope="col">Handler</th><th scope="col">Limit distance</th><th scope="col">Held</th></tr></thead>
                <tbody>
                @foreach($plans as $item)
                    <tr>
                        <th scope="row"><a href="{{ route('plans.show', $item['plan']) }}">{{ $item['plan']->name }}</a>
                            @if($item['plan']->responseModel->trigger->traits->isNotEmpty())
                                <br><span class="fw-normal text-body-secondary">{{ $item['plan']->responseModel->trigger->traits->map(fn ($trait) => trim("{$trait->name}: {$trait->value}", ': '))->implode(', ') }}</span>
                            @endif
                        </th>
                        <td>{{ $item['plan']->responseModel->person->name }}</td>
                        <td>@if($item['plan']->responseModel->kind === Core\Exposure\PlanKind::Presence)<x-limit :limit="$item['limit']" :unit="$unit" />@else<span class="text-body-secondary">no distance: see the ladder</span>@endif</td>
                        <td>step {{ $item['history']->heldStep + 1 }} of {{ $item['plan']->steps->count() }}</td>
                    </tr>
                @endforeach
                </tbody>
            </table>
        </div>
    @endif

    <div class="row g-4">
        <section class="col-lg-6" id="triggers" aria-labelledby="triggers-head">
            <h2 id="triggers-head">What it reacts to</h2>
            @foreach(App\Http\Requests\TriggerRequest::NAMED_BY as $by => $words)
                @if($triggers->where('named_by', $by)->isNotEmpty())
                    <h3 class="h6 mt-2">{{ $by === 'guardian' ? 'As the guardian names it' : 'What turned out to matter' }}</h3>
                    <ul class="mb-2">
                        @foreach($triggers->where('named_by', $by) as $trigger)
                            <li>{{ $trigger->name }} <span class="text-body-secondary">({{ $trigger->kind->label() }}{{ $trigger->motive ? ', '.App\Http\Requests\TriggerRequest::MOTIVES[$trigger->motive] : '' }}@if($trigger->traits->isNotEmpty()); {{ $trigger->traits->map(fn ($trait) => trim("{$trait->name}: {$trait->value}", ': '))->implode(', ') }}@endif)</span></li>
                        @endforeach
                    </ul>
                @endif
            @endforeach
            @if($triggers->isEmpty())<p>Nothing yet.</p>@endif
            @can('plan', $dog)
                <details @if($errors->hasAny(['trigger', 'trigger_kind', 'motive', 'named_by'])) open @endif><summary>Add one</summary>
                    <form method="post" action="{{ route('triggers.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-field name="trigger" label="It reacts to" hint="One kind of thing." maxlength="120" required />
                        <x-choice name="trigger_kind" label="That is" :options="collect(Core\Exposure\PlanKind::cases())->mapWithKeys(fn ($kind) => [$kind->value => $kind->label()])" value="presence" />
                        <x-choice name="motive" label="Motive, as far as it can be told" :options="App\Http\Requests\TriggerRequest::MOTIVES" empty="not said" hint="Remedies differ: frustration and over-eagerness want calm more than distance." />
                        <x-choice name="named_by" label="Named by" :options="App\Http\Requests\TriggerRequest::NAMED_BY" value="guardian" />
                        <x-text name="trigger_traits" label="Traits" hint="One a line: size: large · speed: fast · wheels: two." />
                        <button class="btn btn-primary">Add it</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" id="foundations" aria-labelledby="foundations-head">
            <h2 id="foundations-head">Foundations</h2>
            <ul class="list-unstyled mb-2">
                @foreach($foundations as $state)
                    <li class="mb-1"><strong>{{ $state->skill->label }}</strong>: {{ $state->inWords() }}@if($state->latest) <span class="text-body-secondary">({{ $state->latest->place }}, {{ $state->latest->shown_on->format('M j, Y') }})</span>@endif</li>
                @endforeach
            </ul>
            @can('train', $dog)
                <details @if($errors->hasAny(['skill', 'state', 'shown_in', 'shown_on', 'skill_note'])) open @endif><summary>Record what was shown</summary>
                    <form method="post" action="{{ route('skills.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-choice name="skill" label="Foundation" :options="collect($foundations)->map(fn ($state) => $state->skill->label.': '.$state->skill->readyWhen)" />
                        <div class="row">
                            <div class="col-sm-6"><x-choice name="state" label="It is" :options="App\Http\Controllers\SkillController::STATES" /></div>
                            <div class="col-sm-6"><x-field name="shown_on" label="Shown on" type="date" :value="now()->format('Y-m-d')" required /></div>
                        </div>
                        <x-field name="shown_in" label="Where" hint="A skill of the kitchen is not one of the street." maxlength="120" required />
                        <button class="btn btn-primary">Record it</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" id="items" aria-labelledby="items-head">
            <h2 id="items-head">What it wears, and tools</h2>
            @forelse($items as $one)
                <p class="mb-1"><a href="{{ route('items.show', $one) }}">{{ $one->name }}</a> <span class="text-body-secondary">({{ $one->kind->label() }}{{ $one->fit_checked_on ? ', fit looked at '.$one->fit_checked_on->format('M j') : '' }})</span></p>
            @empty
                <p>Nothing yet. A muzzle, a harness, a grinder: each has its own ladders for on, worn and off.</p>
            @endforelse
            @can('plan', $dog)
                <details @if($errors->hasAny(['item_name', 'item_kind'])) open @endif><summary>Add an item</summary>
                    <form method="post" action="{{ route('items.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-field name="item_name" label="Name" hint="Such as “tan basket muzzle”." maxlength="60" required />
                        <x-choice name="item_kind" label="It is" :options="collect(Core\Wearing\ItemKind::cases())->mapWithKeys(fn ($kind) => [$kind->value => $kind->label()])" />
                        <button class="btn btn-primary">Add the item</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" id="management" aria-labelledby="management-head">
            <h2 id="management-head">Until training works</h2>
            @if($agreement)
                <p class="mb-1">Agreed with {{ $agreement->agreed_with }} on {{ $agreement->agreed_on->format('F j, Y') }}:</p>
                <ul>@foreach($agreement->items as $item)<li>{{ App\Http\Controllers\AgreementController::ITEMS[$item] ?? $item }}</li>@endforeach</ul>
                @if($agreement->note)<p>{{ $agreement->note }}</p>@endif
            @else
                <p>Nothing agreed yet. Every rehearsal of the reaction makes it stronger.</p>
            @endif
            @can('plan', $dog)
                <details @if($errors->hasAny(['agreed_with', 'items', 'agreement_note'])) open @endif><summary>{{ $agreement ? 'Agree anew' : 'Agree on management' }}</summary>
                    <form method="post" action="{{ route('agreements.store', $dog) }}" class="mt-2">
                        @csrf
                        <fieldset class="mb-3"><legend class="h6">What is done until then</legend>
                            @foreach(App\Http\Controllers\AgreementController::ITEMS as $key => $words)
                                <div class="form-check"><input class="form-check-input" type="checkbox" name="items[]" value="{{ $key }}" id="m-{{ $key }}" @checked(in_array($key, old('items', $agreement->items ?? []), true))><label class="form-check-label" for="m-{{ $key }}">{{ $words }}</label></div>
                            @endforeach
                        </fieldset>
                        <x-field name="agreed_with" label="Agreed with" :value="$agreement?->agreed_with" maxlength="120" required />
                        <x-text name="agreement_note" label="Note" maxlength="500" />
                        <button class="btn btn-primary">Agreed</button>
                    </form>
                </details>
            @endcan
        </section>
        <section class="col-lg-6" aria-labelledby="intake-head">
            <h2 id="intake-head">Intake</h2>
            @if($dog->intake)
                <dl class="facts">
                    @if($dog->intake->arrived_on)<dt>In this home since</dt><dd>{{ $dog->intake->arrived_on->format('F j, Y') }}@if($dog->intake->arrived_on->diffInDays(now()) < 28) <strong>(not settled yet: gentler start, shorter sessions)</strong>@endif</dd>@endif
                    @if($dog->intake->since)<dt>Since</dt><dd>{{ $dog->intake->since }}@if($dog->intake->how_often), {{ $dog->intake->how_often }}@endif</dd>@endif
                    <dt>The worst so far</dt><dd>{{ App\Http\Requests\IntakeRequest::WORST[$dog->intake->worst] ?? $dog->intake->worst }}@if($dog->intake->worst_facts): {{ $dog->intake->worst_facts }}@endif</dd>
                    @if($dog->intake->vet_seen_on)<dt>Seen by a vet</dt><dd>{{ $dog->intake->vet_seen_on->format('F j, Y') }}</dd>@endif
                    @if($dog->intake->medication)<dt>Medication</dt><dd>{{ $dog->intake->medication }}</dd>@endif
                    @if($dog->intake->food_limits)<dt>Food</dt><dd>{{ $dog->intake->food_limits }}</dd>@endif
                    @if($dog->intake->baseline)<dt>Its own normal</dt><dd>{{ $dog->intake->baseline }}</dd>@endif
                </dl>
            @else
                <p>Not written yet.</p>
            @endif
            @if($assessments->isNotEmpty())
                <h3 class="h6 mt-3">Assessments</h3>
                <ul>@foreach($assessments as $assessment)<li>@can('plan', $dog)<a href="{{ route('assessments.show', $assessment) }}">{{ $assessment->made_at->format('F j, Y') }}</a>@else{{ $assessment->made_at->format('F j, Y') }}@endcan: start at {{ $assessment->proposal['words'] ?? '' }}</li>@endforeach</ul>
            @endif
        </section>
    </div>

    @if($events->isNotEmpty())
        <h2>Events</h2>
        <ul>
            @foreach($events as $event)
                <li>{{ $event->occurred_at->setTimezone(auth()->user()->practice->time_zone)->format('F j, Y, H:i') }}: <strong>{{ App\Http\Controllers\EventController::KINDS[$event->kind] ?? $event->kind }}</strong>{{ $event->severity > 0 ? ", severity {$event->severity}" : '' }}@if($event->note), {{ $event->note }}@endif @isset($incidents[$event->id])<a href="{{ route('incidents.show', $incidents[$event->id]) }}">the facts</a>@endisset</li>
            @endforeach
        </ul>
    @endif

    <h2>Sessions</h2>
    @if($sessions->isEmpty())
        <p>None yet.</p>
    @else
        <ul class="list-group">
            @foreach($sessions as $session)
                <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                    <a href="{{ route($session->ended_at ? 'sessions.review' : 'sessions.show', $session) }}">{{ $session->started_at->setTimezone(auth()->user()->practice->time_zone)->format('F j, Y, H:i') }}</a>
                    <span>{{ $session->plan->name }}</span>
                    <span>{{ $session->trials_count }} trials{{ $session->ended_at ? '' : ', still open' }}</span>
                </li>
            @endforeach
        </ul>
    @endif
</x-layout>
