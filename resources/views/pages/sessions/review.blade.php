<x-layout title="Review: {{ $dog->name }}">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a> · <a href="{{ $plan->trashed() ? route('dogs.show', $dog) : route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>Session of {{ $session->started_at->setTimezone(auth()->user()->practice->time_zone)->format('F j, Y') }}</h1>
    @php($minutes = $session->ended_at ? max(1, (int) round(($session->ended_at->getTimestamp() - $session->started_at->getTimestamp()) / 60)) : null)
    <p class="text-body-secondary">{{ count($rows) }} {{ count($rows) === 1 ? 'trial' : 'trials' }}{{ $minutes ? " in {$minutes} min" : ', still open' }} · {{ $session->sets->count() }} {{ $session->sets->count() === 1 ? 'set' : 'sets' }} · with {{ $session->person->name }}{{ $session->place ? ', '.$session->place->name : '' }}{{ $undone ? " · {$undone} undone" : '' }}</p>
    @if($session->end_note)<p class="card card-body">{{ $session->end_note }}</p>@endif
    @if($session->report)<p>{{ isset($session->report['went']) ? ucfirst(App\Http\Controllers\SessionEndController::WENT[$session->report['went']]).'.' : '' }} {{ isset($session->report['loved']) ? 'Ended with '.$session->report['loved'].'.' : '' }}</p>@endif
    @if($minutes !== null && $minutes <= 7 && collect($rows)->every(fn ($row) => $row['trial']->band->isBelowThreshold()))<p>{{ $minutes }} calm {{ $minutes === 1 ? 'minute' : 'minutes' }}: a full session on a hard day. Well done.</p>@endif
    @if($moments !== [])<p>{{ implode(' ', $moments) }}</p>@endif
    <x-problems />
    @if($rows === [])
        <p>No trial was logged. Five calm minutes without one are a session too.</p>
    @else
        <x-strip :session="$session" :rows="$rows" :unit="$unit" />
    @endif

    <div class="row g-4">
        @if($plan->responseModel->kind === Core\Exposure\PlanKind::Presence)
        <div class="col-lg-6">
            <h2 class="mt-0">Limit distance, typical day</h2>
            <dl class="facts">
                <dt>Before</dt><dd><x-limit :limit="$before" :unit="$unit" /></dd>
                <dt>After</dt><dd><x-limit :limit="$after" :unit="$unit" /></dd>
            </dl>
            <p class="form-text">Where the accepted risk per trial is reached; in brackets the range the model leaves open, 80 % either way. It describes the past; it promises nothing.</p>
        </div>
        @endif
        <div class="col-lg-6">
            <h2 class="mt-0">Next time</h2>
            @if($nextStart === null)
                <p>This plan is put away.</p>
            @else
                <p class="mb-1"><strong>{{ $nextStart->action->label() }}<x-where :level="$nextStart->next" :unit="$unit" /></strong> <span class="text-body-secondary">if it were today</span></p>
                <ul class="reasons">@foreach($nextStart->reasons as $reason)<li>{{ $reason->sentence }}</li>@endforeach</ul>
            @endif
        </div>
    </div>

    @if($agreement)
        <h2>Agreement</h2>
        <p>{{ $agreement['graders'] }} graded along: the same band in {{ $agreement['same'] }} of {{ $agreement['trials'] }} trials; weighted kappa {{ $agreement['kappa'] === null ? 'not defined, as the grades hardly vary' : number_format($agreement['kappa'], 2) }}. <span class="form-text">1 is the same throughout, 0 no better than chance (Cohen 1968, linear weights).</span></p>
    @endif

    @php($given = collect($rows)->whereNotNull('followed'))
    <h2>Trials</h2>
    @if($given->isNotEmpty())<p>Advice followed {{ $given->where('followed', true)->count() }} of {{ $given->count() }} times.</p>@endif
    <p class="no-print">Export: <a href="{{ route('sessions.export', [$session, 'json']) }}">JSON</a> · <a href="{{ route('sessions.export', [$session, 'csv']) }}">CSV</a></p>
    <div class="table-responsive" tabindex="0" role="region" aria-label="Trials">
        <table class="table table-sm align-middle">
            <thead><tr><th scope="col">#</th><th scope="col">Time</th><th scope="col">Exposure</th><th scope="col">Outcome</th><th scope="col">Band</th><th scope="col">Advice after it</th><th scope="col">Followed</th><th scope="col" class="no-print">Correct</th></tr></thead>
            <tbody>
            @foreach($rows as $i => $row)
                <tr>
                    <th scope="row">{{ $i + 1 }}</th>
                    <td>{{ sprintf('%d:%02d', intdiv((int) max(0, $row['secondsFromStart']), 60), ((int) max(0, $row['secondsFromStart'])) % 60) }}</td>
                    <td>{{ $row['words'] }}</td>
                    <td>{{ $row['trial']->outcome->label() }}{{ $row['trial']->interrupted ? ', disturbed' : '' }}{{ $row['trial']->handlerError ? ', handling slip' : '' }}</td>
                    <td><x-band :band="$row['trial']->band" /></td>
                    <td>@if($row['advice']){{ $row['advice']->action->label() }}@if($row['adviceWords']): {{ $row['adviceWords'] }}@endif @endif</td>
                    <td>{{ $row['followed'] === null ? '–' : ($row['followed'] ? 'yes' : 'chosen otherwise') }}</td>
                    <td class="no-print">
                        <details>
                            <summary aria-label="Correct trial {{ $i + 1 }}">edit</summary>
                            <form method="post" action="{{ route('trials.update', [$session, $row['id']]) }}" class="mt-2">
                                @csrf @method('put')
                                <input type="hidden" name="uuid" value="{{ $editUuid() }}">
                                <label class="form-label mb-0" for="eo-{{ $row['id'] }}">Outcome</label>
                                <select class="form-select form-select-sm mb-1" id="eo-{{ $row['id'] }}" name="outcome">
                                    @foreach(collect([...Core\Sign\Outcome::ofKind($plan->responseModel->kind), $row['trial']->outcome])->unique() as $outcome)<option value="{{ $outcome->value }}" @selected($row['trial']->outcome === $outcome)>{{ $outcome->label() }}</option>@endforeach
                                </select>
                                <label class="form-label mb-0" for="eb-{{ $row['id'] }}">Band</label>
                                <select class="form-select form-select-sm mb-1" id="eb-{{ $row['id'] }}" name="band">
                                    @foreach(Core\Sign\Band::cases() as $band)<option value="{{ $band->value }}" @selected($row['trial']->band === $band)>{{ $band->label() }}</option>@endforeach
                                </select>
                                @foreach(['interrupted' => ['disturbed', $row['trial']->interrupted], 'handler_error' => ['handling slip', $row['trial']->handlerError]] as $flag => [$text, $on])
                                    <div class="form-check"><input class="form-check-input" type="checkbox" name="{{ $flag }}" value="1" id="e-{{ $flag }}-{{ $row['id'] }}" @checked($on)><label class="form-check-label" for="e-{{ $flag }}-{{ $row['id'] }}">{{ $text }}</label></div>
                                @endforeach
                                <button class="btn btn-sm btn-primary mt-1">Keep the correction</button>
                            </form>
                        </details>
                    </td>
                </tr>
            @endforeach
            </tbody>
        </table>
    </div>
</x-layout>
