@php($here = fn (string $change) => route('week', array_filter(['of' => $days->monday->modify($change)->format('Y-m-d'), 'person' => $person])))
<x-layout :title="say('week.of', ['day' => words()->formats->day($days->monday)])" script="resources/js/week.js" class="wide-page">
    <div class="d-flex flex-wrap gap-2 align-items-center mb-2">
        <h1 class="mb-0 me-auto">{{ say('week.of', ['day' => words()->formats->day($days->monday)]) }}</h1>
        <nav class="d-flex flex-wrap gap-1 no-print" aria-label="{{ say('week.title') }}">
            <a class="btn btn-outline-secondary" href="{{ $here('-7 days') }}" aria-label="{{ say('week.before') }}">‹</a>
            <a class="btn btn-outline-secondary" href="{{ route('week') }}">{{ say('week.this') }}</a>
            <a class="btn btn-outline-secondary" href="{{ $here('+7 days') }}" aria-label="{{ say('week.next') }}">›</a>
            <a class="btn btn-outline-secondary" href="{{ route('month', ['of' => $days->day(3)->format('Y-m')]) }}">{{ say('week.month') }}</a>
            <button class="btn btn-outline-secondary" type="button" data-print>{{ say('week.print') }}</button>
        </nav>
    </div>
    <x-problems />
    @if(count($people) > 1)
        <nav class="d-flex flex-wrap gap-1 mb-2 no-print" aria-label="{{ say('week.times_head') }}">
            <a class="btn btn-sm btn-outline-secondary" href="{{ route('week', ['of' => $days->monday->format('Y-m-d')]) }}"
                @if($person === null) aria-current="true" @endif>{{ say('week.everybody') }}</a>
            @foreach($people as $id => $one)<a class="btn btn-sm btn-outline-secondary" @if($person === $id) aria-current="true" @endif
                href="{{ route('week', ['of' => $days->monday->format('Y-m-d'), 'person' => $id]) }}">{{ $one['name'] }}</a>@endforeach
        </nav>
    @endif
    @if($isCut)<p class="fw-bold">{{ say('week.cut', ['count' => $columns ? array_sum(array_map('count', $columns)) : 0]) }}</p>@endif
    <p role="status" class="mb-1" data-week-told></p>
    @include('pages.week.grid')
    <p class="text-body-secondary small mt-2 mb-1">{{ say('week.legend') }}@if($mayPlan) <span class="d-none d-lg-inline">{{ say('week.how') }}</span>@endif</p>
    @if($mayPlan)
        <div class="row g-4 mt-1">
            <div class="col-lg-7">
                @if($today < 7)
                    <form method="post" action="{{ route('week') }}" class="card card-body mb-3 no-print">
                        @csrf
                        <input type="hidden" name="of" value="{{ $days->monday->format('Y-m-d') }}">
                        <p class="mb-2">{{ say('week.propose_about') }}</p>
                        @unless($isSetUp)<p class="mb-2 fw-bold">{{ say('week.set_up') }}</p>@endunless
                        <div class="d-flex flex-wrap gap-2 align-items-center"><button
                            class="btn btn-next">{{ say($proposal ? 'week.propose_again' : 'week.propose') }}</button>
                            @if($proposal)<span class="text-body-secondary">{{ say('week.proposed_by', ['when' => words()->formats->dateTime($proposal->proposed_at), 'name' => $proposal->user->name]) }}</span>@endif</div>
                    </form>
                @endif
                @if($unmet !== [])
                    <h2 class="h5">{{ say('week.unmet.head') }}</h2>
                    <ul class="list-group mb-3">
                        @foreach($unmet as $one)
                            <li class="list-group-item"><a href="{{ route('routine', $one['plan']) }}">{{ say('week.unmet.one', [
                                'dog' => $one['plan']->responseModel->dog->name, 'plan' => $one['plan']->name, 'missing' => $one['missing']]) }}</a>
                                {{ say("week.rules.{$one['rule']->value}") }}
                                @if($one['otherwise']){{ say('week.unmet.otherwise', ['day' => words()->formats->weekday($one['otherwise']), 'time' => words()->formats->time($one['otherwise'])]) }}@endif</li>
                        @endforeach
                    </ul>
                @endif
                @if($atHome->isNotEmpty())
                    <details class="mb-3"><summary>{{ say('week.home_head') }}</summary>
                        <ul class="mb-0">@foreach($atHome as $plan)<li>{{ say('week.home_one', ['dog' => $plan->responseModel->dog->name, 'plan' => $plan->name,
                            'person' => $plan->responseModel->person->name, 'count' => $plan->outings_a_week]) }}</li>@endforeach</ul></details>
                @endif
                @if($resting->isNotEmpty())
                    <details class="mb-3"><summary>{{ say('week.resting_head') }}</summary>
                        <ul class="mb-0">@foreach($resting as $plan)<li><a href="{{ route('plans.show', $plan) }}">{{ say('week.title_of', ['dog' => $plan->responseModel->dog->name,
                            'plan' => $plan->name]) }}</a></li>@endforeach</ul></details>
                @endif
            </div>
            <div class="col-lg-5">
                @if($people !== [])
                    <h2 class="h5 mt-0">{{ say('week.times_head') }}</h2>
                    <ul class="list-unstyled">
                        @php($long = fn (int $minutes) => say('week.hours_of', ['hours' => intdiv($minutes, 60), 'minutes' => $minutes % 60]))
                        @foreach($people as $one)<li>{{ say('week.times', ['name' => $one['name'], 'count' => $one['count'], 'time' => $long($one['minutes']),
                            'hasRoad' => $one['road'] > 0, 'road' => $long($one['road'])]) }}</li>@endforeach
                    </ul>
                @endif
                <details class="no-print" @if($errors->hasAny(['title', 'on', 'at', 'minutes', 'person'])) open @endif>
                    <summary>{{ say('week.other.head') }}</summary>
                    <form method="post" action="{{ route('appointments.store') }}" class="mt-2">
                        @csrf
                        <p class="form-text">{{ say('week.other.about') }}</p>
                        <x-field name="title" :label="say('week.other.title')" maxlength="120" required />
                        <div class="row">
                            <div class="col-6 col-sm-5"><x-field name="on" type="date" :label="say('week.appointment.on')" :value="$days->day(max(0, min(6, $today)))->format('Y-m-d')" required /></div>
                            <div class="col-6 col-sm-4"><x-field name="at" type="time" :label="say('week.appointment.at')" required /></div>
                            <div class="col-sm-3"><x-field name="minutes" inputmode="numeric" :label="say('week.appointment.minutes')" value="60" required /></div>
                        </div>
                        <x-choice name="person" :label="say('week.appointment.person_other')" :options="$choices['people']" />
                        <button class="btn btn-primary">{{ say('week.other.add') }}</button>
                    </form>
                </details>
            </div>
        </div>
    @endif
</x-layout>
