@use('Core\Handling\AreaState')
@use('App\Handling\HandlingBoard')
<x-layout :title="'Handling: '.$dog->name" wide>
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>Where {{ $dog->name }} may be touched</h1>
    <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="By whom">
        <a class="btn {{ $person === null ? 'btn-primary' : 'btn-outline-primary' }}" href="{{ route('handling.show', $dog) }}" @if($person === null) aria-current="page" @endif>By anybody</a>
        @foreach($people as $id => $name)
            <a class="btn {{ $person === $id ? 'btn-primary' : 'btn-outline-primary' }}" href="{{ route('handling.show', [$dog, 'person' => $id]) }}" @if($person === $id) aria-current="page" @endif>{{ $name }}</a>
        @endforeach
    </nav>
    <x-problems />
    @if($limits->firstWhere('person_id', $person))<p class="flag d-inline-block">{{ $people[$person] }} may not handle {{ $dog->name }}: {{ $limits->firstWhere('person_id', $person)->reason }}</p>@endif
    <div class="row g-4">
        <div class="col-lg-7">
            <x-dog-outline :areas="$areas" />
            <ul class="dog-key" aria-label="What the numbers mean">
                @foreach(HandlingBoard::WAYS as $i => $way)<li><b>{{ $i + 1 }}</b>{{ $way }} accepted</li>@endforeach
                <li><b>·</b>begun, too few trials</li><li><b>!</b>too hard lately, sore or no-go</li><li><b>×</b>not on this dog</li>
            </ul>
            <p class="form-text">Accepted: at least three trials of it, of the latest five at most one not a success, none of them strain. Common practice, and our own cut points. It tells what was, not what will be: ask the dog each time.</p>
        </div>
        <div class="col-lg-5 area-details" data-areas>
            <p class="area-hint card card-body">Choose a part on the drawing, or in the table, to see who may touch it and how, to give it a word, or to plan it.</p>
            @foreach($areas as $area)
                <section class="area-detail card card-body" id="{{ $area->id() }}" tabindex="-1" aria-labelledby="h-{{ $area->id() }}">
                    <h2 class="mt-0" id="h-{{ $area->id() }}">{{ ucfirst($area->label) }}</h2>
                    <p class="mb-2"><strong>{{ ucfirst($area->inWords()) }}.</strong>@if($area->known?->word) Its word: “{{ $area->known->word }}”.@endif @if($area->known?->note){{ $area->known->note }}@endif</p>
                    @if($area->byPerson !== [])
                        <ul class="mb-2">@foreach($area->byPerson as $name => $by)<li>{{ $name }}: {{ $by->accepted ? "up to {$by->accepted}" : 'nothing yet' }}{{ $by->refused ? ", {$by->refused} too hard lately" : '' }} <span class="text-body-secondary">{{ collect($by->trials)->filter()->map(fn ($count, $way) => "{$way} {$count}×")->implode(', ') ?: 'hands away' }}; last {{ $by->lastSeen?->format('M j') }}</span></li>@endforeach</ul>
                    @endif
                    <p class="mb-2 d-flex flex-wrap gap-2">
                        @foreach($area->plans as $plan)<a class="btn btn-outline-primary" href="{{ route('plans.show', $plan) }}">Go on: {{ $plan->name }}, {{ $plan->responseModel->person->name }}</a>@endforeach
                        @can('plan', $dog)
                            @if(! $area->state()->keepsHandsOff())<a class="btn btn-outline-primary" href="{{ route('dogs.plans.create', [$dog, 'kind' => 'contact', 'template' => HandlingBoard::TEMPLATES[$area->area] ?? 'whole-body']) }}">Plan the {{ $area->label }}</a>@endif
                        @endcan
                    </p>
                    @can('plan', $dog)
                        <details @if(old('area_id') === $area->id()) open @endif><summary>Word, soreness, no-go</summary>
                            <form method="post" action="{{ route('areas.update', [$dog, $area->area, $area->side]) }}" class="mt-2">
                                @csrf @method('put')
                                <input type="hidden" name="area_id" value="{{ $area->id() }}">
                                <label class="form-label mb-0" for="s-{{ $area->id() }}">It is</label>
                                <select class="form-select mb-2" id="s-{{ $area->id() }}" name="state">@foreach(AreaState::cases() as $state)<option value="{{ $state->value }}" @selected($area->state() === $state)>{{ $state->label() }}</option>@endforeach</select>
                                <label class="form-label mb-0" for="w-{{ $area->id() }}">Word said before it is touched</label>
                                <input class="form-control mb-2" id="w-{{ $area->id() }}" name="word" maxlength="40" value="{{ $area->known?->word }}">
                                <label class="form-label mb-0" for="n-{{ $area->id() }}">Note</label>
                                <input class="form-control mb-2" id="n-{{ $area->id() }}" name="note" maxlength="300" value="{{ $area->known?->note }}">
                                <button class="btn btn-primary">Keep it</button>
                            </form>
                        </details>
                    @endcan
                </section>
            @endforeach
        </div>
    </div>
    <div class="row g-4">
        <div class="col-lg-7">
            <h2>As a table</h2>
            <p>From least to most sensitive for {{ $dog->name }}.@can('plan', $dog) <a href="{{ route('orders.edit', [$dog, 'contact', 'body_area']) }}">Its own order</a>@endcan</p>
            <div class="table-responsive" tabindex="0" role="region" aria-label="Parts as a table">
                <table class="table table-sm table-narrow"><thead><tr><th scope="col">Part</th><th scope="col">{{ $person === null ? 'By anybody' : 'By '.$people[$person] }}</th><th scope="col">Last seen</th><th scope="col">Word</th></tr></thead>
                    <tbody>@foreach($areas as $area)<tr><th scope="row"><a href="#{{ $area->id() }}">{{ ucfirst($area->label) }}</a></th><td>{{ $area->inWords() }}</td><td>{{ $area->chosen->lastSeen?->format('M j') ?? '–' }}</td><td>{{ $area->known?->word ?? '' }}</td></tr>@endforeach</tbody>
                </table>
            </div>
        </div>
        <div class="col-lg-5">
            <h2>Who may not handle {{ $dog->name }}</h2>
            <p class="text-body-secondary">No handling outside training by the person whose plan has only begun; children are never handlers of these plans.</p>
            @if($limits->isEmpty())<p>Nobody is kept from it.</p>@endif
            @foreach($limits as $limit)
                <div class="d-flex flex-wrap gap-2 align-items-center mb-2"><span><strong>{{ $limit->person->name }}</strong>: {{ $limit->reason }}</span>
                    @can('plan', $dog)<form method="post" action="{{ route('limits.destroy', $limit) }}">@csrf @method('delete')<button class="btn btn-outline-secondary btn-sm">May again<span class="visually-hidden">: {{ $limit->person->name }}</span></button></form>@endcan
                </div>
            @endforeach
            @can('plan', $dog)
                <details @if($errors->hasAny(['limited_person', 'reason'])) open @endif><summary>Add a person</summary>
                    <form method="post" action="{{ route('limits.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-choice name="limited_person" label="Person" :options="$people" />
                        <x-field name="reason" label="Why" maxlength="300" required />
                        <button class="btn btn-primary">Keep to it</button>
                    </form>
                </details>
            @endcan
            <h2>Covered so far</h2>
            <p><a href="{{ route('coverage.show', $dog) }}">People × postures × sides × items × places</a>, and the best next one.</p>
        </div>
    </div>
</x-layout>
