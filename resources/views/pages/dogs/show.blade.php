<x-layout :title="$dog->name">
    @php($unit = auth()->user()->distance_unit)
    <div class="d-flex flex-wrap justify-content-between align-items-start gap-2">
        <div>
            <h1 class="mb-1">{{ $dog->name }}</h1>
            <p class="text-body-secondary mb-2">{{ $dog->description }}@if($dog->born_on) · born {{ $dog->born_on->format('F Y') }}@endif</p>
        </div>
        @can('plan', $dog)<a class="btn btn-next" href="{{ route('dogs.plans.create', $dog) }}">New plan</a>@endcan
    </div>
    @if($dog->bite_history || $dog->hides_signs || $dog->health_note)
        <ul class="list-unstyled d-flex flex-wrap gap-2 mb-3" aria-label="Safety flags">
            @if($dog->bite_history)<li class="flag">Bite history: cautious limits, qualified professional on site</li>@endif
            @if($dog->hides_signs)<li class="flag">Hides signs: small signs count as medium</li>@endif
            @if($dog->health_note)<li class="flag">Health: {{ $dog->health_note }}</li>@endif
        </ul>
    @endif

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
                        <td><x-limit :limit="$item['limit']" :unit="$unit" /></td>
                        <td>step {{ $item['history']->heldStep + 1 }} of {{ $item['plan']->steps->count() }}</td>
                    </tr>
                @endforeach
                </tbody>
            </table>
        </div>
    @endif

    @if($events->isNotEmpty())
        <h2>Events</h2>
        <ul>
            @foreach($events as $event)
                <li>{{ $event->occurred_at->setTimezone(auth()->user()->practice->time_zone)->format('F j, Y, H:i') }}: <strong>{{ $event->kind }}</strong>@if($event->note), {{ $event->note }}@endif</li>
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
