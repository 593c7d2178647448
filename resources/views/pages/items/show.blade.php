@use('Core\Wearing\Phase')
@use('Core\Wearing\Movement')
@use('Core\Wearing\WearingSituation')
<x-layout :title="say('gear.item_show.title', ['item' => $item->name, 'dog' => $item->dog->name])">
    @php($dog = $item->dog)
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ $item->name }} <span class="fw-normal text-body-secondary">{{ words()->label($item->kind) }}</span></h1>
    <x-problems />
    <div class="row g-4">
        <div class="col-lg-6">
            <h2 class="mt-0">{{ say('gear.item_show.on_worn_off') }}</h2>
            <p>{{ say('gear.item_show.three_ladders_each_walked_by_itself') }}</p>
            @foreach(Phase::cases() as $phase)
                <h3 class="h6 mb-1">{{ words()->capital(words()->label($phase)) }}</h3>
                <ul class="mb-2">
                    @forelse($ladders[$phase->value] ?? [] as $row)
                        <li><a href="{{ route('plans.show',
                            $row['plan']) }}">{{ $row['plan']->name }}</a>{{ say('gear.item_show.step_of_held',
                            ['person' => $row['plan']->responseModel->person->name, 'row' => $row['held'] + 1,
                            'row2' => $row['steps']]) }}</li>
                    @empty
                        <li class="text-body-secondary">{{ say('gear.item_show.no_plan_yet') }} @can('plan', $dog)<a
                            href="{{ route('dogs.plans.create', [$dog, 'kind' => 'contact', 'item' => $item->id,
                            'phase' => $phase->value]) }}">{{ say('gear.item_show.make_one') }}<span
                            class="visually-hidden"> {{ say('gear.item_show.for',
                            ['phase' => words()->label($phase)]) }}</span></a>@endcan</li>
                    @endforelse
                </ul>
            @endforeach
            @if($item->kind->isWorn())
                <h2>{{ say('gear.item_show.before_it_is_used_for_real') }}</h2>
                <p><strong>{{ say('gear.item_show.missing', ['missing' => $missing,
                    'of' => count($requirements)]) }}</strong> {{ say('gear.item_show.a_list_to_think_with_it') }}</p>
                <ul class="list-unstyled requirements">
                    @foreach($requirements as $one)<li class="mb-1"><span class="fw-bold"
                        aria-hidden="true">{{ $one->isMet ? '✓' : '○' }}</span> {{ words()->requirement($one,
                        $item->kind) }}: <strong>{{ words()->standing($one) }}</strong><span
                        class="visually-hidden">, {{ say('gear.item_show.is_met_met_missing',
                        ['is_met' => (bool) ($one->isMet)]) }}</span></li>@endforeach
                </ul>
            @endif
        </div>
        <div class="col-lg-6">
            @if($item->kind->isWorn())
                <h2 class="mt-0">{{ say('gear.item_show.worn') }}</h2>
                <p class="mb-2">{{ say('gear.item_show.short_fed_busy_never_alone_in') }}@if($dog->intake?->baseline) {{ say('gear.item_show.without_it_moves_so', ['dog' => $dog->name, 'baseline' => $dog->intake->baseline]) }}@endif</p>
                @if($isLessFree)<p class="flag">{{ say('gear.item_show.moved_less_freely_lately_check_the') }} <a
                    href="{{ route('kit.show',
                    $dog) }}">{{ say('gear.item_show.fit') }}</a>{{ say('gear.item_show.new_or_sudden_vet_first') }}</p>@endif
                <div class="minutes mb-3">
                    @foreach($minutes as $situation => $spent)
                        <span id="m-{{ $situation }}">{{ words()->label(WearingSituation::from($situation)) }}</span><meter min="0"
                            max="{{ max(1, max($minutes)) }}" value="{{ $spent }}"
                            aria-labelledby="m-{{ $situation }}">{{ words()->formats->number($spent) }}</meter><span>{{ say('gear.item_show.min', ['spent' => words()->formats->number($spent)]) }}</span>
                    @endforeach
                </div>
                @if($minutesInSessions > 0)<p class="form-text mt-0">{{ say('gear.item_show.in_sessions', ['minutes' => round($minutesInSessions, 1)]) }}</p>@endif
                @can('train', $dog)
                    <form method="post" action="{{ route('wearings.store', $item) }}" class="card card-body mb-3">
                        @csrf
                        <h3 class="h5 mt-0">{{ say('gear.item_show.log_a_wearing') }}</h3>
                        <input type="hidden" name="uuid" value="{{ typed('uuid', $uuid) }}">
                        <div class="row">
                            <div class="col-sm-6"><x-field name="minutes" :label="say('gear.item_show.minutes')" inputmode="decimal"
                                required /></div>
                            <div class="col-sm-6"><x-choice name="person_id" :label="say('gear.item_show.with')" :options="$people"
                                :value="$own" /></div>
                            <div class="col-sm-6"><x-choice name="situation" :label="say('gear.item_show.doing')"
                                :options="cases(WearingSituation::cases())" /></div>
                            <div class="col-sm-6"><x-choice name="movement" :label="say('gear.item_show.it_moved')"
                                :options="cases(Movement::cases())" /></div>
                        </div>
                        <x-field name="wearing_note" :label="say('gear.item_show.note')" maxlength="300" />
                        <div><button class="btn btn-primary">{{ say('gear.item_show.log_it') }}</button></div>
                    </form>
                @endcan
                @if($wearings->isNotEmpty())
                    <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('gear.item_show.wearing_log') }}">
                        <table class="table table-sm table-narrow"><thead><tr><th scope="col">{{ say('gear.item_show.when') }}</th><th
                            scope="col">{{ say('gear.item_show.minutes') }}</th><th scope="col">{{ say('gear.item_show.doing') }}</th><th
                            scope="col">{{ say('gear.item_show.moved') }}</th><th
                            scope="col">{{ say('gear.item_show.with') }}</th></tr></thead>
                            <tbody>@foreach($wearings as $one)<tr><td>{{ words()->formats->dateTime($one->started_at) }}</td><td>{{ words()->formats->number($one->seconds / 60) }}</td><td>{{ words()->label($one->situation) }}</td><td>{{ words()->label($one->movement) }}@if($one->note) ({{ $one->note }})@endif</td><td>{{ $one->person->name }}</td></tr>@endforeach</tbody>
                        </table>
                    </div>
                @endif
            @endif
            <h2>{{ say('gear.item_show.fit') }}</h2>
            <p>{{ say('gear.item_show.looked', ['hasLooked' => $item->fit_checked_on !== null, 'day' => $item->fit_checked_on === null ? ''
                : words()->formats->day($item->fit_checked_on)]) }} {{ $item->fit_note }} <a
                href="{{ route('kit.show', $dog) }}">{{ say('gear.item_show.measure') }}</a></p>
            @can('train', $dog)
                <form method="post" action="{{ route('items.update', $item) }}" class="row g-2 align-items-end">
                    @csrf @method('put')
                    <div class="col-sm-5"><x-field name="fit_checked_on" :label="say('gear.item_show.looked_at_on')" type="date"
                        :value="words()->formats->iso(now())" required /></div>
                    <div class="col-sm-7"><x-field name="fit_note" :label="say('gear.item_show.what_it_showed')" maxlength="300"
                        :hint="say('gear.item_show.should_show', ['shows' => say('wearing.fit_shows.'.$item->kind->value)])" /></div>
                    <div><button class="btn btn-outline-primary">{{ say('gear.item_show.keep_the_look_at_the_fit') }}</button></div>
                </form>
            @endcan
        </div>
    </div>
</x-layout>
