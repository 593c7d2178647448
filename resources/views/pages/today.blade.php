<x-layout title="Today">
    <h1>Today</h1>
    <p class="text-body-secondary">{{ auth()->user()->practice->name }}, {{ auth()->user()->practice->town }} · {{ $now->setTimezone(new DateTimeZone(auth()->user()->practice->time_zone))->format('l, F j') }}</p>

    @if($unplaced > 0)
        <p class="alert alert-warning"><a href="{{ route('tray.index') }}">{{ $unplaced }} {{ $unplaced === 1 ? 'trial waits' : 'trials wait' }} to be placed</a> in a session.</p>
    @endif

    @foreach($unfinished as $event)
        <p class="alert alert-danger">A bite of {{ $event->occurred_at->setTimezone(auth()->user()->practice->time_zone)->format('F j, H:i') }} is on record without its facts. <a href="{{ route('incidents.create', $event->dog_id) }}">Write them down</a></p>
    @endforeach

    @foreach($open as $session)
        <p class="alert alert-warning d-flex flex-wrap gap-2 align-items-center justify-content-between">
            <span>A session with <strong>{{ $session->plan->responseModel->dog->name }}</strong> ({{ $session->plan->responseModel->trigger->name }}) is still open.</span>
            <a class="btn btn-next" href="{{ route('sessions.show', $session) }}">Go on</a>
        </p>
    @endforeach

    @if($due->isEmpty())
        <div class="card card-body">
            <p class="mb-2">No plan yet. A plan needs a dog, what it reacts to, and two distances: one where it is fine, one to reach.</p>
            <p class="mb-0"><a class="btn btn-next" href="{{ route('dogs.index') }}">Choose a dog</a></p>
        </div>
    @endif

    <div class="row g-3">
        @foreach($due as $item)
            @php($plan = $item['plan'])
            @php($model = $plan->responseModel)
            <div class="col-md-6 col-xl-4">
                <section class="card card-body h-100" aria-labelledby="plan-{{ $plan->id }}">
                    <h2 class="h5 mt-0" id="plan-{{ $plan->id }}"><a href="{{ route('dogs.show', $model->dog) }}">{{ $model->dog->name }}</a>: <a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></h2>
                    <p class="mb-2 text-body-secondary">
                        with {{ $model->person->name }}@if($plan->place), {{ $plan->place->name }}@endif ·
                        @if($item['lastAt'])
                            @php($days = (int) floor(($now->getTimestamp() - $item['lastAt']->getTimestamp()) / 86400))
                            last session {{ $days === 0 ? 'today' : ($days === 1 ? 'yesterday' : "{$days} days ago") }}
                            @if($days >= 8)<strong>(no session for {{ $days }} days)</strong>@endif
                        @else
                            no session yet
                        @endif
                    </p>
                    @if($model->dog->bite_history)<p class="mb-2"><span class="flag">bite history: cautious limits</span></p>@endif
                    @if($item['carried'])<p class="mb-1"><strong>{{ $item['carried'] }}</strong></p>@endif
                    <p class="mb-1"><strong>{{ $item['start']->action->label() }}<x-where :level="$item['start']->next" :unit="auth()->user()->distance_unit" /></strong></p>
                    <p class="mb-3">{{ collect($item['start']->reasons)->reject(fn ($reason) => $reason->code === 'risk')->pluck('sentence')->implode(' ') }}</p>
                    @can('start', $plan)
                        <div class="mt-auto">
                            <a href="{{ route('sessions.create', $plan) }}" class="btn {{ $item['start']->next === null ? 'btn-outline-secondary' : 'btn-next' }} w-100">{{ $item['start']->next === null ? 'Start all the same' : 'Start a session' }}<span class="visually-hidden"> with {{ $model->dog->name }}: {{ $plan->name }}</span></a>
                        </div>
                    @endcan
                </section>
            </div>
        @endforeach
    </div>
</x-layout>
