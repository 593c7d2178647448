@use('Core\Handling\AreaState')
@use('Core\Handling\BodyAreas')
@use('Core\Handling\Touch')
<x-layout :title="say('dogs.handling.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('dogs.handling.where_may_be_touched', ['dog' => $dog->name]) }}</h1>
    <nav class="mb-3 d-flex flex-wrap gap-2" aria-label="{{ say('dogs.handling.by_whom') }}">
        <a class="btn {{ $person === null ? 'btn-primary' : 'btn-outline-primary' }}" href="{{ route('handling.show', $dog) }}"
            @if($person === null) aria-current="page" @endif>{{ say('dogs.handling.by_anybody') }}</a>
        @foreach($people as $id => $name)
            <a class="btn {{ $person === $id ? 'btn-primary' : 'btn-outline-primary' }}"
                href="{{ route('handling.show', [$dog, 'person' => $id]) }}" @if($person === $id) aria-current="page" @endif>{{ $name }}</a>
        @endforeach
    </nav>
    <x-problems />
    @if($limits->where('is_training_allowed', false)->firstWhere('person_id', $person))<p class="flag d-inline-block">{{ say('dogs.handling.may_not_handle',
        ['person' => $people[$person], 'dog' => $dog->name, 'reason' => $limits->firstWhere('person_id', $person)->reason]) }}</p>@endif
    <div class="row g-4">
        <div class="col-lg-7">
            <x-dog-outline :areas="$areas" />
            <ul class="dog-key" aria-label="{{ say('dogs.handling.what_the_numbers_mean') }}">
                @foreach(Touch::keys() as $i => $way)<li><b>{{ $i + 1 }}</b>{{ say('dogs.handling.accepted',
                    ['way' => say("dimensions.contact.contact.values.{$way}")]) }}</li>@endforeach
                <li><b>·</b>{{ say('dogs.handling.begun_too_few_trials') }}</li><li><b>!</b>{{ say('dogs.handling.too_hard_lately_sore_or_no') }}</li><li><b>×</b>{{ say('dogs.handling.not_on_this_dog') }}</li>
            </ul>
            <p class="form-text">{{ say('dogs.handling.accepted_at_least_three_trials_of') }}</p>
        </div>
        <div class="col-lg-5 area-details" data-areas>
            <p class="area-hint card card-body">{{ say('dogs.handling.choose_a_part_on_the_drawing') }}</p>
            @foreach($areas as $area)
                <section class="area-detail card card-body" id="{{ $area->id() }}" tabindex="-1" aria-labelledby="h-{{ $area->id() }}">
                    <h2 class="mt-0" id="h-{{ $area->id() }}">{{ words()->capital($area->label) }}</h2>
                    <p class="mb-2"><strong>{{ words()->capital($area->inWords()) }}.</strong>@if($area->known?->word) {{ say('dogs.handling.its_word', ['word' => $area->known->word]) }}@endif @if($area->known?->note){{ $area->known->note }}@endif</p>
                    @if($area->byPerson !== [])
                        <ul class="mb-2">@foreach($area->byPerson as $name => $by)<li>{{ $name }}: {{ say('dogs.handling.person_says',
                            ['hasAccepted' => $by->accepted !== null, 'accepted' => App\Handling\AreaView::way($by->accepted),
                            'hasRefused' => $by->refused !== null, 'refused' => App\Handling\AreaView::way($by->refused)]) }} <span
                            class="text-body-secondary">{{ say('dogs.handling.seen',
                            ['counts' => collect($by->trials)->filter()->map(fn ($count, $way) => say('dogs.handling.count',
                            ['way' => App\Handling\AreaView::way($way),
                            'count' => $count]))->implode(', ') ?: say('dogs.handling.hands_away'), 'day' => $by->lastSeen === null ? ''
                            : words()->formats->monthDay($by->lastSeen)]) }}</span></li>@endforeach</ul>
                    @endif
                    <p class="mb-2 d-flex flex-wrap gap-2">
                        @foreach($area->plans as $plan)<a class="btn btn-outline-primary"
                            href="{{ route('plans.show', $plan) }}">{{ say('dogs.handling.go_on',
                            ['plan' => $plan->name, 'person' => $plan->responseModel->person->name]) }}</a>@endforeach
                        @can('plan', $dog)
                            @if(! $area->state()->keepsHandsOff())<a class="btn btn-outline-primary"
                                href="{{ route('dogs.plans.create', [$dog, 'kind' => 'contact',
                                'template' => BodyAreas::template($area->area)]) }}">{{ say('dogs.handling.plan_the',
                                ['area' => $area->label]) }}</a>@endif
                        @endcan
                    </p>
                    @can('plan', $dog)
                        <details @if(typed('area_id') === $area->id()) open
                            @endif><summary>{{ say('dogs.handling.word_soreness_no_go') }}</summary>
                            <form method="post" action="{{ route('areas.update', [$dog, $area->area, $area->side]) }}" class="mt-2">
                                @csrf @method('put')
                                <input type="hidden" name="area_id" value="{{ $area->id() }}">
                                <label class="form-label mb-0" for="s-{{ $area->id() }}">{{ say('dogs.handling.it_is') }}</label>
                                <select class="form-select mb-2" id="s-{{ $area->id() }}"
                                    name="state">@foreach(AreaState::cases() as $state)<option value="{{ $state->value }}"
                                    @selected($area->state() === $state)>{{ words()->label($state) }}</option>@endforeach</select>
                                <label class="form-label mb-0"
                                    for="w-{{ $area->id() }}">{{ say('dogs.handling.word_said_before_it_is_touched') }}</label>
                                <input class="form-control mb-2" id="w-{{ $area->id() }}" name="word" maxlength="40"
                                    value="{{ $area->known?->word }}">
                                <label class="form-label mb-0" for="n-{{ $area->id() }}">{{ say('dogs.handling.note') }}</label>
                                <input class="form-control mb-2" id="n-{{ $area->id() }}" name="note" maxlength="300"
                                    value="{{ $area->known?->note }}">
                                <button class="btn btn-primary">{{ say('dogs.handling.keep_it') }}</button>
                            </form>
                        </details>
                    @endcan
                </section>
            @endforeach
        </div>
    </div>
    <div class="row g-4">
        <div class="col-lg-7">
            <h2>{{ say('dogs.handling.as_a_table') }}</h2>
            <p>{{ say('dogs.handling.from_least_to_most_sensitive_for', ['dog' => $dog->name]) }}@can('plan', $dog) <a
                href="{{ route('orders.edit', [$dog, 'contact', 'body_area']) }}">{{ say('dogs.handling.its_own_order') }}</a>@endcan</p>
            <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('dogs.handling.parts_as_a_table') }}">
                <table class="table table-sm table-narrow"><thead><tr><th scope="col">{{ say('dogs.handling.part') }}</th><th
                    scope="col">{{ $person === null ? say('dogs.handling.by_anybody')
                    : say('dogs.handling.by', ['person' => $people[$person]]) }}</th><th
                    scope="col">{{ say('dogs.handling.last_seen') }}</th><th scope="col">{{ say('dogs.handling.word') }}</th></tr></thead>
                    <tbody>@foreach($areas as $area)<tr><th scope="row"><a
                        href="#{{ $area->id() }}">{{ words()->capital($area->label) }}</a></th><td>{{ $area->inWords() }}</td><td>{{ $area->chosen->lastSeen === null ? '–' : words()->formats->monthDay($area->chosen->lastSeen) }}</td><td>{{ $area->known?->word ?? '' }}</td></tr>@endforeach</tbody>
                </table>
            </div>
        </div>
        <div class="col-lg-5">
            <h2>{{ say('dogs.handling.who_may_not_handle', ['dog' => $dog->name]) }}</h2>
            <p class="text-body-secondary">{{ say('dogs.handling.no_handling_outside_training_by_the') }}</p>
            @if($limits->isEmpty())<p>{{ say('dogs.handling.nobody_is_kept_from_it') }}</p>@endif
            @foreach($limits as $limit)
                <div class="d-flex flex-wrap gap-2 align-items-center mb-2"><span><strong>{{ $limit->person->name }}</strong>, {{ say('dogs.handling.grades.'.($limit->is_training_allowed ? 'only_in_training' : 'not_at_all')) }}: {{ $limit->reason }}</span>
                    @can('plan', $dog)<form method="post" action="{{ route('limits.destroy', $limit) }}">@csrf @method('delete')<button
                        class="btn btn-outline-secondary btn-sm">{{ say('dogs.handling.may_again') }}<span
                        class="visually-hidden">: {{ $limit->person->name }}</span></button></form>@endcan
                </div>
            @endforeach
            @can('plan', $dog)
                <details @if($errors->hasAny(['limited_person', 'reason'])) open
                    @endif><summary>{{ say('dogs.handling.add_a_person') }}</summary>
                    <form method="post" action="{{ route('limits.store', $dog) }}" class="mt-2">
                        @csrf
                        <x-choice name="limited_person" :label="say('dogs.handling.person')" :options="$people" />
                        <x-choice name="grade" :label="say('dogs.handling.how_far')"
                            :options="labels('dogs.handling.grades', App\Handling\Http\HandlerLimitController::GRADES)"
                            :hint="say('dogs.handling.how_far_about')" />
                        <x-field name="reason" :label="say('dogs.handling.why')" maxlength="300" required />
                        <button class="btn btn-primary">{{ say('dogs.handling.keep_to_it') }}</button>
                    </form>
                </details>
            @endcan
            <h2>{{ say('dogs.handling.covered_so_far') }}</h2>
            <p><a href="{{ route('coverage.show',
                $dog) }}">{{ say('dogs.handling.people_postures_sides_items_places') }}</a>{{ say('dogs.handling.and_the_best_next_one') }}</p>
        </div>
    </div>
</x-layout>
