<x-layout :title="say('sessions.review.review', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a> · <a
        href="{{ $plan->trashed() ? route('dogs.show', $dog) : route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>{{ say('sessions.review.session_of', ['time_zone' => words()->formats->date($session->started_at)]) }}</h1>
    @php($minutes = $session->ended_at
        ? max(1, (int) round(($session->ended_at->getTimestamp() - $session->started_at->getTimestamp()) / 60)) : null)
    <p class="text-body-secondary">{{ say('sessions.review.summary', ['trials' => count($rows), 'isOpen' => $minutes === null,
        'minutes' => $minutes ?? 0, 'sets' => $session->sets->count(), 'person' => $session->person->name,
        'hasPlace' => $session->place !== null, 'place' => $session->place->name ?? '', 'undone' => $undone]) }}</p>
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
    @if($given->isNotEmpty())<p>{{ say('sessions.review.advice_followed_of_times',
        ['where' => $given->where('followed', true)->count(), 'given' => $given->count()]) }}</p>@endif
    <p class="no-print">{{ say('sessions.review.export') }} <a href="{{ route('sessions.export',
        [$session, 'json']) }}">{{ say('sessions.review.json') }}</a> · <a
        href="{{ route('sessions.export', [$session, 'csv']) }}">{{ say('sessions.review.csv') }}</a></p>
    <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('sessions.review.trials') }}">
        <table class="table table-sm align-middle">
            <thead><tr><th scope="col">#</th><th scope="col">{{ say('sessions.review.time') }}</th><th
                scope="col">{{ say('sessions.review.exposure') }}</th><th scope="col">{{ say('sessions.review.outcome') }}</th><th
                scope="col">{{ say('sessions.review.band') }}</th><th scope="col">{{ say('sessions.review.advice_after_it') }}</th><th
                scope="col">{{ say('sessions.review.followed') }}</th><th scope="col"
                class="no-print">{{ say('sessions.review.correct') }}</th></tr></thead>
            <tbody>
            @foreach($rows as $i => $row)
                <tr>
                    <th scope="row">{{ $i + 1 }}</th>
                    <td>{{ sprintf('%d:%02d', intdiv((int) max(0, $row['secondsFromStart']), 60),
                        ((int) max(0, $row['secondsFromStart'])) % 60) }}</td>
                    <td>{{ $row['words'] }}</td>
                    <td>{{ words()->label($row['trial']->outcome) }}{{ say('sessions.review.interrupted_disturbed',
                        ['interrupted' => (bool) ($row['trial']->interrupted)]) }}{{ say('sessions.review.handler_error_handling_slip',
                        ['handler_error' => (bool) ($row['trial']->handlerError)]) }}</td>
                    <td><x-band :band="$row['trial']->band" /></td>
                    <td>@if($row['advice']){{ words()->label($row['advice']->action) }}@if($row['adviceWords']): {{ $row['adviceWords'] }}@endif @endif</td>
                    <td>{{ $row['followed'] === null ? '–' : say($row['followed'] ? 'sessions.review.yes'
                        : 'sessions.review.otherwise') }}</td>
                    <td class="no-print">
                        <details>
                            <summary aria-label="{{ say('sessions.review.correct_trial',
                                ['i' => $i + 1]) }}">{{ say('sessions.review.edit') }}</summary>
                            <form method="post" action="{{ route('trials.update', [$session, $row['id']]) }}" class="mt-2">
                                @csrf @method('put')
                                <input type="hidden" name="uuid" value="{{ $editUuid() }}">
                                <label class="form-label mb-0" for="eo-{{ $row['id'] }}">{{ say('sessions.review.outcome') }}</label>
                                <select class="form-select form-select-sm mb-1" id="eo-{{ $row['id'] }}" name="outcome">
                                    @foreach(collect([...Core\Sign\Outcome::ofKind($plan->responseModel->kind),
                                        $row['trial']->outcome])->unique() as $outcome)<option value="{{ $outcome->value }}"
                                        @selected($row['trial']->outcome === $outcome)>{{ words()->label($outcome) }}</option>@endforeach
                                </select>
                                <label class="form-label mb-0" for="eb-{{ $row['id'] }}">{{ say('sessions.review.band') }}</label>
                                <select class="form-select form-select-sm mb-1" id="eb-{{ $row['id'] }}" name="band">
                                    @foreach(Core\Sign\Band::cases() as $band)<option value="{{ $band->value }}"
                                        @selected($row['trial']->band === $band)>{{ words()->label($band) }}</option>@endforeach
                                </select>
                                @foreach(['interrupted' => [say('sessions.review.interrupted'), $row['trial']->interrupted],
                                    'handler_error' => [say('sessions.review.mistake'), $row['trial']->handlerError]] as $flag => [$text,
                                    $on])
                                    <div class="form-check"><input class="form-check-input" type="checkbox" name="{{ $flag }}" value="1"
                                        id="e-{{ $flag }}-{{ $row['id'] }}" @checked($on)><label class="form-check-label"
                                        for="e-{{ $flag }}-{{ $row['id'] }}">{{ $text }}</label></div>
                                @endforeach
                                <button class="btn btn-sm btn-primary mt-1">{{ say('sessions.review.keep_the_correction') }}</button>
                            </form>
                        </details>
                    </td>
                </tr>
            @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
