@use('App\Week\AppointmentWords')
<x-layout :title="say('today.today.today')" :unfiled="$unplaced">
    <h1>{{ say('today.today.today') }}</h1>
    <p class="text-body-secondary">{{ auth()->user()->practice->name }}, {{ auth()->user()->practice->town }} · {{ words()->formats->weekday($now) }}</p>

    @foreach($wrongAtHome as $rep)
        <p class="alert alert-danger">{{ say('homework.today.wrong', ['dog' => $rep->dog->name, 'task' => $rep->homework->name,
            'answer' => $rep->answer->value, 'at' => words()->formats->dateTime($rep->occurred_at),
            'by' => $rep->by() ?? say('homework.board.somebody')]) }} <a
            href="{{ route('homework.index', $rep->dog_id) }}">{{ say('homework.today.look') }}</a></p>
    @endforeach
    @if(auth()->user()->role->managesPractice() && ! auth()->user()->hasSecondFactor() && ! auth()->user()->practice->is_demo)
        <p class="alert alert-warning">{{ say('account.second_factor.asked_of_owners') }} <a
            href="{{ route('account') }}#second-factor">{{ say('account.second_factor.begin') }}</a></p>
    @endif
    @if($unplaced > 0)
        <p class="alert alert-warning"><a href="{{ route('unfiled.index') }}">{{ say('today.today.to_be_placed',
            ['unplaced' => $unplaced]) }}</a> {{ say('today.today.in_a_session') }}</p>
    @endif

    @foreach($home as $dog)
        <p><a class="btn btn-next w-100" href="{{ route('at-home', $dog) }}">{{ say('homework.today.practice', ['dog' => $dog->name]) }}</a></p>
    @endforeach
    @foreach($unread as $message)
        <p class="alert alert-warning">{{ say('homework.today.message', ['by' => $message->by() ?? say('homework.board.somebody'),
            'dog' => $message->dog->name, 'body' => Str::limit($message->body, 160)]) }} <a
            href="{{ route('homework.index', $message->dog_id) }}#messages">{{ say('homework.today.look') }}</a></p>
    @endforeach
    @foreach($unfinished as $event)
        <p class="alert alert-danger">{{ say('today.today.a_bite_of_is_on_record',
            ['time_zone' => words()->formats->dateTime($event->occurred_at)]) }} <a
            href="{{ route('incidents.create', $event->dog_id) }}">{{ say('today.today.write_them_down') }}</a></p>
    @endforeach

    @foreach($resting as $rest)
        <p class="alert alert-danger">{{ say('today.today.rests', ['dog' => $rest->plan->responseModel->dog->name, 'plan' => $rest->plan->name,
            'day' => words()->formats->dateTime($rest->rested_at), 'hasUser' => $rest->user !== null, 'user' => $rest->user?->name]) }} <a
            href="{{ route('plans.show', $rest->plan) }}">{{ say('today.today.look_at_it') }}</a></p>
    @endforeach

    @foreach($open as $session)
        <p class="alert alert-warning d-flex flex-wrap gap-2 align-items-center justify-content-between">
            <span>{{ say('today.today.a_session_with') }} <strong>{{ $session->plan->responseModel->dog->name }}</strong> {{ say('today.today.is_still_open', ['trigger' => $session->plan->responseModel->trigger->name]) }}</span>
            <a class="btn btn-next" href="{{ route('sessions.show', $session) }}">{{ say('today.today.go_on') }}</a>
        </p>
    @endforeach

    @foreach($openFree as $session)
        <p class="alert alert-warning d-flex flex-wrap gap-2 align-items-center justify-content-between">
            <span>{{ say('free.still_open', ['activity' => words()->label($session->activity), 'dog' => $session->dog->name]) }}</span>
            <a class="btn btn-next" href="{{ route('free.show', $session) }}">{{ say('today.today.go_on') }}</a>
        </p>
    @endforeach
    @if($appointments->isNotEmpty())
        <h2 class="h5 mt-0">{{ say(auth()->user()->role->managesPlans() ? 'today.appointments.today' : 'today.appointments.soon') }}</h2>
        <ul class="list-group mb-3">
            @foreach($appointments as $one)
                <li class="list-group-item py-1"><a class="day-line" href="{{ route('appointments.show', $one) }}"><span
                    class="day-time">@unless(auth()->user()->role->managesPlans()){{ words()->formats->weekday($one->starts_at) }}, @endunless{{ words()->formats->time($one->starts_at) }}</span>
                    <strong>{{ AppointmentWords::title($one, auth()->user()->role->managesPlans()) }}</strong> @if(AppointmentWords::where($one) !== '')<span>{{ AppointmentWords::where($one) }}</span>@endif</a></li>
            @endforeach
        </ul>
    @endif
    <div class="d-flex flex-wrap gap-3 align-items-start mb-3">
        <a class="btn btn-outline-primary" href="{{ route('free.create') }}">{{ say('free.start_without') }}</a>
        @if(count($filter->trainers) > 1 || $filter->clients !== [])
            <details class="pt-2" @if($filter->isOn()) open @endif><summary>{{ say('today.filter.title') }}</summary>
                <form class="d-flex flex-wrap gap-2 align-items-end mt-2" action="{{ route('today') }}">
                    @include('partials.dog-filter')
                    <button class="btn btn-outline-primary">{{ say('today.filter.show') }}</button>
                </form>
            </details>
        @endif
    </div>

    @if($due === [] && ($later !== [] || $filter->isOn()))
        <p class="card card-body">{{ say('today.today.nothing_due', ['isFiltered' => $filter->isOn()]) }}</p>
    @elseif($due === [])
        <div class="card card-body">
            @if(auth()->user()->role->managesPlans())
                <h2 class="h5 mt-0">{{ say('today.empty.begin') }}</h2>
                <ol class="mb-3">
                    <li>{{ say('today.empty.client') }}</li>
                    <li>{{ say('today.empty.dog') }}</li>
                    <li>{{ say('today.empty.plan') }}</li>
                    <li>{{ say('today.empty.people') }}</li>
                </ol>
                <p class="d-flex flex-wrap gap-2 mb-0">
                    <a class="btn btn-next" href="{{ route('dogs.create') }}">{{ say('dogs.create.add_a_dog') }}</a>
                    <a class="btn btn-outline-primary" href="{{ route('clients.create') }}">{{ say('people.clients.add') }}</a>
                    <a class="btn btn-outline-primary" href="{{ route('dogs.index') }}">{{ say('today.today.choose_a_dog') }}</a>
                </p>
            @else
                <p class="mb-0">{{ say(auth()->user()->role === App\Models\Role::Guardian ? 'today.empty.guardian' : 'today.empty.helper') }}</p>
            @endif
        </div>
    @endif

    <div class="row g-3">
        @foreach($due as $item)
            @php($plan = $item['plan'])
            @php($model = $plan->responseModel)
            <div class="col-md-6 col-xl-4">
                <article class="card card-body h-100" aria-labelledby="plan-{{ $plan->id }}">
                    <h2 class="h5 mt-0" id="plan-{{ $plan->id }}"><a
                        href="{{ route('dogs.show', $model->dog) }}">{{ $model->dog->name }}</a>: <a
                        href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></h2>
                    <p class="mb-2 text-body-secondary">
                        {{ say('today.today.with', ['person' => $model->person->name]) }}@if($plan->place), {{ $plan->place->name }}@endif ·
                        @if($item['daysSince'] !== null)
                            {{ say('today.today.last_session', ['days' => $item['daysSince']]) }}
                            · @if($item['dueIn'] > 0){{ say('today.today.next_in', ['days' => $item['dueIn']]) }}@else<strong
                                class="text-body">{{ say('today.today.due', ['days' => -$item['dueIn']]) }}</strong>@endif
                        @else
                            {{ say('today.today.no_session_yet') }}
                        @endif
                    </p>
                    @if($model->dog->bite_history)<p class="mb-2"><span
                        class="flag">{{ say('today.today.bite_history_cautious_limits') }}</span></p>@endif
                    <x-way :steps="$item['steps']" :solid="$item['solid']" :start="$item['start']->next?->step" :last="$item['last']" />
                    @if($item['carried'])<p class="mb-1"><strong>{{ $item['carried'] }}</strong></p>@endif
                    <p class="mb-1"><strong>{{ words()->label($item['start']->action) }}<x-where
                        :level="$item['start']->next" /></strong></p>
                    <p class="mb-3">{{ collect($item['start']->reasons)->reject(fn ($reason) => $reason->code === Core\Decision\ReasonCode::Risk)->map(fn ($reason) => words()->reason($reason, $item['catalog']))->implode(' ') }}</p>
                    @if($model->person->archived_at && Gate::allows('update', $plan))
                        <div class="mt-auto"><a class="btn btn-outline-primary w-100" href="{{ route('plans.show', $plan) }}#another-person">{{ say('today.today.give_it_first') }}<span
                            class="visually-hidden"> {{ say('today.today.with_2', ['dog' => $model->dog->name, 'plan' => $plan->name]) }}</span></a></div>
                    @elsecan('start', $plan)
                        <div class="mt-auto">
                            <a href="{{ route('sessions.create', $plan) }}"
                                class="btn {{ $item['start']->next === null ? 'btn-outline-secondary'
                                : 'btn-next' }} w-100">{{ say('today.today.next_start_all_the_same_start',
                                ['next' => (bool) ($item['start']->next === null)]) }}<span
                                class="visually-hidden"> {{ say('today.today.with_2',
                                ['dog' => $model->dog->name, 'plan' => $plan->name]) }}</span></a>
                        </div>
                    @endcan
                </article>
            </div>
        @endforeach
    </div>
    @if($pages->hasPages())
        <p class="mt-3 mb-1">{{ say('today.today.so_many_of', ['shown' => count($due), 'all' => $pages->total()]) }}</p>
        <x-pages :pages="$pages" />
    @endif
    @if($later !== [])
        <details class="mt-4" @if($due === []) open @endif><summary class="h5">{{ say('today.today.later', ['count' => count($laterIn)]) }}</summary>
            <ul class="list-group mt-2">
                @foreach($later as $plan)
                    <li class="list-group-item d-flex flex-wrap justify-content-between align-items-center gap-2">
                        <span><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a>: <a
                            href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a> <span
                            class="text-body-secondary">{{ say('today.today.with', ['person' => $plan->responseModel->person->name]) }}@if($plan->place), {{ $plan->place->name }}@endif</span></span>
                        <span class="d-flex align-items-center gap-3"><span class="text-body-secondary">{{ say('today.today.last_session', ['days' => $daysSince[$plan->id]]) }} · {{ say('today.today.next_in', ['days' => $laterIn[$plan->id]]) }}</span>
                            @if($plan->responseModel->person->archived_at === null && Gate::allows('start', $plan))<a class="btn btn-outline-primary" href="{{ route('sessions.create', $plan) }}">{{ say('today.today.start_already') }}<span
                                class="visually-hidden"> {{ say('today.today.with_2', ['dog' => $plan->responseModel->dog->name, 'plan' => $plan->name]) }}</span></a>@endif</span>
                    </li>
                @endforeach
            </ul>
            @if(count($laterIn) > count($later))<p class="mt-2">{{ say('today.today.later_so_many', ['shown' => count($later), 'all' => count($laterIn)]) }}</p>@endif
        </details>
    @endif
</x-layout>
