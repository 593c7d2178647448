<x-layout :title="say('sessions.review.review', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a> · <a
        href="{{ $plan->trashed() ? route('dogs.show', $dog) : route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>{{ say('sessions.review.session_of', ['time_zone' => words()->formats->date($session->started_at)]) }}</h1>
    @php($minutes = $session->ended_at
        ? max(1, (int) round(($session->ended_at->getTimestamp() - $session->started_at->getTimestamp()) / 60)) : null)
    <p class="text-body-secondary">{{ say('sessions.review.summary', ['trials' => count($rows), 'isOpen' => $minutes === null,
        'minutes' => $minutes ?? 0, 'sets' => $session->sets->count(), 'person' => $session->person->name,
        'hasPlace' => $session->place !== null, 'place' => $session->place->name ?? '', 'undone' => count($takenOut)]) }}</p>
    @if(isset($session->checklist['written_from']))<p>{{ say('sessions.review.written_down',
        ['source' => say("options.written_from.{$session->checklist['written_from']}"), 'person' => $session->user->name]) }}</p>@endif
    @if($session->end_note)<p class="card card-body">{{ $session->end_note }}</p>@endif
    @if($session->report)<p>@isset($session->report['went']){{ say('sessions.review.went',
        ['went' => words()->capital(say("options.went.{$session->report['went']}"))]) }}@endisset @isset($session->report['loved']){{ say('sessions.review.loved', ['loved' => $session->report['loved']]) }}@endisset</p>@endif
    @if($minutes !== null && $minutes <= 7
        && collect($rows)->every(fn ($row) => $row['trial']->band->isBelowThreshold()))<p>{{ say('sessions.review.calm_a_full_session_on_a',
        ['minutes' => $minutes]) }}</p>@endif
    @if($events !== [])<p>{{ implode(' ', $events) }}</p>@endif
    <x-problems />
    @if($rows === [])
        <p>{{ say('sessions.review.no_trial_was_logged_five_calm') }}</p>
    @else
        <x-strip :session="$session" :rows="$rows" />
    @endif

    <div class="row g-4">
        @if($plan->responseModel->kind === Core\Exposure\PlanKind::Presence)
        <div class="col-lg-6">
            <h2 class="mt-0">{{ say('sessions.review.limit_distance_typical_day') }}</h2>
            <dl class="facts">
                <dt>{{ say('sessions.review.before') }}</dt><dd><x-limit :limit="$before" /></dd>
                <dt>{{ say('sessions.review.after') }}</dt><dd><x-limit :limit="$after" /></dd>
            </dl>
            <p class="form-text">{{ say('sessions.review.where_the_accepted_risk_per_trial') }}</p>
        </div>
        @endif
        <div class="col-lg-6">
            <h2 class="mt-0">{{ say('sessions.review.next_time') }}</h2>
            @if($nextStart === null)
                <p>{{ say('sessions.review.this_plan_is_put_away') }}</p>
            @else
                <p class="mb-1"><strong>{{ words()->label($nextStart->action) }}<x-where :level="$nextStart->next" /></strong> <span
                    class="text-body-secondary">{{ say('sessions.review.if_it_were_today') }}</span></p>
                <ul class="reasons">@foreach($nextStart->reasons as $reason)<li>{{ words()->reason($reason,
                    $catalog) }}</li>@endforeach</ul>
            @endif
        </div>
    </div>

    @if($agreement)
        <h2>{{ say('sessions.review.agreement') }}</h2>
        <p>{{ say('sessions.review.agreement_told', ['graders' => $agreement['graders'], 'same' => $agreement['same'],
            'trials' => $agreement['trials']]) }}</p>
        <details><summary>{{ say('sessions.review.why') }}</summary><p>{{ $agreement['kappa'] === null ? say('sessions.review.no_kappa')
            : say('sessions.review.kappa', ['kappa' => words()->formats->number($agreement['kappa'], 2)]) }}</p></details>
    @endif

    @php($given = collect($rows)->whereNotNull('followed'))
    <h2>{{ say('sessions.review.trials') }}</h2>
    @if($given->where('followed', false)->isNotEmpty())<p>{{ say('sessions.review.advice_followed_of_times',
        ['where' => $given->where('followed', true)->count(), 'given' => $given->count()]) }}</p>@endif
    <p class="no-print">{{ say('sessions.review.export') }} <a href="{{ route('sessions.export',
        [$session, 'json']) }}">{{ say('sessions.review.json') }}</a> · <a
        href="{{ route('sessions.export', [$session, 'csv']) }}">{{ say('sessions.review.csv') }}</a></p>
    <div>
        <table class="table table-sm align-middle trial-lines" role="table">
            <thead role="rowgroup"><tr role="row"><th role="columnheader" scope="col">#</th><th role="columnheader" scope="col">{{ say('sessions.review.time') }}</th><th role="columnheader"
                scope="col">{{ say('sessions.review.exposure') }}</th><th role="columnheader" scope="col">{{ say('sessions.review.outcome') }}</th><th role="columnheader"
                scope="col">{{ say('sessions.review.band') }}</th><th role="columnheader" scope="col">{{ say('sessions.review.seen') }}</th><th role="columnheader"
                scope="col">{{ say('sessions.review.advice_after_it') }}</th><th role="columnheader" scope="col"
                class="no-print">{{ say('sessions.review.correct') }}</th></tr></thead>
            <tbody role="rowgroup">
            @foreach($rows as $i => $row)
                <tr role="row" id="trial-{{ $row['id'] }}">
                    <th role="rowheader" scope="row">{{ $i + 1 }}</th>
                    <td role="cell">{{ sprintf('%d:%02d', intdiv((int) max(0, $row['secondsFromStart']), 60),
                        ((int) max(0, $row['secondsFromStart'])) % 60) }}</td>
                    <td role="cell">{{ $row['words'] }}</td>
                    <td role="cell">{{ words()->label($row['trial']->outcome) }}{{ say('sessions.review.interrupted_disturbed',
                        ['interrupted' => (bool) ($row['trial']->interrupted)]) }}{{ say('sessions.review.handler_error_handling_slip',
                        ['handler_error' => (bool) ($row['trial']->handlerError)]) }}</td>
                    <td role="cell"><x-band :band="$row['trial']->band" /></td>
                    <td role="cell">{{ implode(', ', [...($row['trial']->food === Core\Sign\FoodTaken::Gently ? []
                        : [words()->label($row['trial']->food)]), ...$row['signs'], ...$row['times'],
                        ...array_map(App\Session\Traits::label(...), $row['traits']),
                        ...($row['slip'] === null ? [] : [words()->label($row['slip'])])]) }}@if($row['note'] !== '')<div>{{ $row['note'] }}</div>@endif
                        @foreach($row['corrected'] as $who)<div class="form-text m-0">{{ $who }}</div>@endforeach</td>
                    <td role="cell">@if($row['advice']){{ words()->label($row['advice']->action) }}@if($row['adviceWords']): {{ $row['adviceWords'] }}@endif{{ say('sessions.review.done_otherwise', ['otherwise' => $row['followed'] === false]) }}@endif</td>
                    <td role="cell" class="no-print"><a href="{{ route('sessions.review', [$session,
                        'trial' => $row['id']]) }}#trial-{{ $row['id'] }}" aria-label="{{ say('sessions.review.correct_trial',
                        ['i' => $i + 1]) }}">{{ say('sessions.review.edit') }}</a></td>
                </tr>
                @if($row['id'] === $open)
                <tr role="row" class="no-print editor-line"><td role="cell" colspan="8">@include('partials.trial-editor', ['stored' => $row])</td></tr>
                @endif
            @endforeach
            </tbody>
        </table>
    </div>
    <p class="no-print"><a class="btn btn-outline-primary" href="{{ route('sessions.review', [$session,
        'trial' => 'new']) }}#new-trial">{{ say('sessions.review.add_a_trial') }}</a></p>
    @if($open === 'new')
        <section class="card card-body mb-3 no-print" id="new-trial" aria-labelledby="new-trial-head">
            <h2 class="h5 mt-0" id="new-trial-head">{{ say('sessions.review.add_a_trial') }}</h2>
            @include('partials.trial-editor', ['stored' => null])
        </section>
    @endif
    @if($takenOut !== [])
        <h2 class="h5">{{ say('sessions.review.taken_out') }}</h2>
        <ul>@foreach($takenOut as $trial)<li>{{ words()->label($trial->outcome) }}, {{ words()->label($trial->band) }},
            {{ words()->formats->time($trial->occurred_at) }}
            <form class="d-inline no-print" method="post" action="{{ route('trials.restore', [$session, $trial->id]) }}">@csrf<input
                type="hidden" name="uuid" value="{{ $editUuid() }}"><button
                class="btn btn-sm btn-outline-primary">{{ say('sessions.review.put_back') }}</button></form></li>@endforeach</ul>
    @endif
</x-layout>
