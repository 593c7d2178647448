<x-layout :title="say('unfiled.unfiled.to_place')">
    <h1>{{ say('unfiled.unfiled.to_place') }}</h1>
    <p>{{ say('unfiled.unfiled.trials_that_a_device_recorded_and') }}</p>
    <x-problems />
    @if($unplaced->isEmpty())
        <p class="card card-body">{{ say('unfiled.unfiled.nothing_waits_here') }}</p>
    @endif
    @foreach($unplaced as $trial)
        <section class="card card-body mb-3" aria-label="{{ say('unfiled.unfiled.trial_received',
            ['received_at' => words()->formats->dateTime($trial->received_at)]) }}">
            <p class="mb-1"><strong>{{ $trial->reason }}</strong> {{ say('unfiled.unfiled.received',
                ['time_zone' => words()->formats->dateTime($trial->received_at)]) }}</p>
            @php($at = is_numeric($trial->payload['at'] ?? $trial->payload['device_at'] ?? null)
                ? Carbon\CarbonImmutable::createFromTimestampMs(min(4e12, (float) ($trial->payload['at'] ?? $trial->payload['device_at'])))
                : null)
            <p class="mb-1">{{ say('unfiled.unfiled.logged_by', ['person' => $trial->user->name, 'hasTime' => $at !== null,
                'when' => $at === null ? '' : words()->formats->dateTime($at)]) }}</p>
            <dl class="facts mb-2">
                @foreach(['distance', 'outcome', 'band', 'note'] as $field)
                    @if(is_scalar($trial->payload[$field] ?? null)
                        && $trial->payload[$field] !== '')<dt>{{ say("unfiled.fields.{$field}") }}</dt><dd>{{ Str::limit((string) $trial->payload[$field], 200) }}</dd>@endif
                @endforeach
            </dl>
            <div class="d-flex flex-wrap gap-2">
                <form method="post" action="{{ route('unfiled.place', $trial) }}" class="d-flex flex-wrap gap-2 w-100">
                    @csrf
                    <label class="visually-hidden" for="s-{{ $trial->id }}">{{ say('unfiled.unfiled.session') }}</label>
                    <select class="form-select w-100" id="s-{{ $trial->id }}" name="session_id">
                        @foreach($sessions as $session)
                            <option value="{{ $session->id }}">{{ $session->plan->responseModel->dog->name }}, {{ $session->plan->name }}, {{ words()->formats->dateTime($session->started_at) }}</option>
                        @endforeach
                    </select>
                    <button class="btn btn-next">{{ say('unfiled.unfiled.place_it_here') }}</button>
                </form>
                @can('create', App\Models\Dog::class)
                    <form method="post" action="{{ route('unfiled.destroy', $trial) }}">@csrf @method('delete')<button
                        class="btn btn-outline-secondary">{{ say('unfiled.unfiled.dismiss') }}</button></form>
                @endcan
            </div>
        </section>
    @endforeach
    @if($settled->isNotEmpty())
        <h2 class="h5">{{ say('unfiled.unfiled.filed_lately') }}</h2>
        <ul class="list-unstyled">@foreach($settled as $trial)<li class="d-flex flex-wrap gap-2 align-items-center mb-2">
            {{ say('unfiled.unfiled.was_filed', ['person' => $trial->user->name, 'isFiled' => $trial->trial !== null,
            'when' => words()->formats->dateTime($trial->settled_at)]) }}
            @if($trial->trial !== null)<a href="{{ route('sessions.review', $trial->trial->session_id) }}#trial-{{ $trial->trial_id }}">{{ say('unfiled.unfiled.session') }}</a>@endif
            <form method="post" action="{{ route('unfiled.restore', $trial) }}">@csrf<button
                class="btn btn-sm btn-outline-primary">{{ say('unfiled.unfiled.take_back') }}</button></form></li>@endforeach</ul>
    @endif
</x-layout>
