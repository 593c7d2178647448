<x-layout :title="$plan->name">
    @php($unit = auth()->user()->distance_unit)
    @php($model = $plan->responseModel)
    <p class="mb-1"><a href="{{ route('dogs.show', $model->dog) }}">{{ $model->dog->name }}</a></p>
    <h1>{{ $plan->name }}</h1>
    @if($plan->resting_reason)
        <div class="alert alert-danger" role="alert">
            <p><strong>{{ $plan->resting_reason }}</strong></p>
            @can('update', $plan)
                <form method="post" action="{{ route('plans.review', $plan) }}">
                    @csrf
                    <div class="form-check mb-2">
                        <input class="form-check-input" type="checkbox" id="checked" name="checked" value="1" required>
                        <label class="form-check-label" for="checked">I have checked pain, kit, place and trigger, and what came before.</label>
                    </div>
                    <button class="btn btn-primary">Let the plan go on</button>
                </form>
            @endcan
        </div>
    @endif
    <div class="row g-4">
        <div class="col-lg-7">
            <h2 class="mt-0">The ladder</h2>
            <p>{{ count($steps) }} steps of equal ratio, from {{ $situation->ladder->step(0)->exposure->distance()?->inWords($unit) }} to {{ $situation->ladder->step(count($steps) - 1)->exposure->distance()?->inWords($unit) }}. Height is load: how hard a step is for {{ $model->dog->name }}.</p>
            <x-staircase :situation="$situation" />
            <div class="table-responsive" tabindex="0" role="region" aria-label="Steps of the ladder">
                <table class="table table-sm align-middle">
                    <thead><tr><th scope="col">Step</th><th scope="col">Exposure</th><th scope="col">Load</th><th scope="col">Strain, at most</th><th scope="col">Reaction, at most</th><th scope="col">Today</th></tr></thead>
                    <tbody>
                    @foreach($steps as $i => $step)
                        <tr>
                            <th scope="row">{{ $i + 1 }}</th>
                            <td>{{ $step['words'] }}</td>
                            <td>{{ $step['load'] === null ? '–' : number_format($step['load'], 1) }}</td>
                            <td>{{ $step['risk'] === null ? '–' : Core\Measure\Probability::inWords($step['risk']->strain()) }}</td>
                            <td>{{ $step['risk'] === null ? '–' : Core\Measure\Probability::inWords($step['risk']->reaction()) }}</td>
                            <td>@if($i <= $situation->history->heldStep)held, @endif{{ $step['allowed'] ? 'within the limits' : 'beyond the limits' }}</td>
                        </tr>
                    @endforeach
                    </tbody>
                </table>
            </div>
        </div>
        <div class="col-lg-5">
            <section class="card card-body mb-3" aria-labelledby="start-head">
                <h2 class="mt-0" id="start-head">{{ $start->action->label() }}@if($start->next): {{ $start->next->exposure->distance()?->inWords($unit) }}@endif</h2>
                <ul class="reasons mb-3">
                    @foreach($start->reasons as $reason)<li>{{ $reason->sentence }}</li>@endforeach
                </ul>
                @can('start', $plan)
                    <a class="btn btn-next w-100" href="{{ route('sessions.create', $plan) }}">Start a session</a>
                @endcan
            </section>
            <h2>In short</h2>
            <dl class="facts">
                <dt>Method</dt><dd>notice and turn back</dd>
                <dt>Trigger</dt><dd>{{ $model->trigger->name }}</dd>
                <dt>Handler</dt><dd>{{ $model->person->name }}</dd>
                <dt>Place</dt><dd>{{ $plan->place?->name ?? 'not fixed' }}@if($plan->place?->room_meters), room for {{ Core\Measure\Distance::fromMeters($plan->place->room_meters)->inWords($unit) }}@endif</dd>
                <dt>Move on</dt><dd>{{ $situation->ladder->step(0)->criterion->successes }} unprompted returns in a row, and today's risk within the limits</dd>
                <dt>Limits</dt><dd>strain {{ Core\Measure\Probability::inWords($plan->strain_limit) }}, reaction {{ Core\Measure\Probability::inWords($plan->reaction_limit) }} a trial</dd>
                <dt>A session</dt><dd>sets of {{ $plan->set_minutes }} min, {{ $plan->session_minutes }} min in all, at most {{ $plan->most_advances }} steps onto new ground</dd>
                <dt>Limit now</dt><dd><x-limit :limit="$limit" :unit="$unit" /></dd>
            </dl>
            <h2>Sessions</h2>
            @if($sessions->isEmpty())
                <p>None yet.</p>
            @else
                <ul class="list-group mb-3">
                    @foreach($sessions as $session)
                        <li class="list-group-item d-flex justify-content-between gap-2">
                            <a href="{{ route($session->ended_at ? 'sessions.review' : 'sessions.show', $session) }}">{{ $session->started_at->setTimezone(auth()->user()->practice->time_zone)->format('M j, H:i') }}</a>
                            <span>{{ $session->trials_count }} trials{{ $session->ended_at ? '' : ', open' }}</span>
                        </li>
                    @endforeach
                </ul>
            @endif
            @can('update', $plan)
                <form method="post" action="{{ route('plans.destroy', $plan) }}">
                    @csrf @method('delete')
                    <button class="btn btn-outline-secondary btn-sm">Put this plan away</button>
                </form>
            @endcan
        </div>
    </div>
</x-layout>
