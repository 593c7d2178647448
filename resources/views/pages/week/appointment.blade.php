@use('App\Week\AppointmentWords')
@php($plan = $appointment->plan)
@php($local = $appointment->starts_at->setTimezone($days->monday->getTimezone()))
<x-layout :title="AppointmentWords::title($appointment, Auth::user()->role->managesPlans())">
    <p class="mb-1"><a href="{{ route('week', ['of' => $local->format('Y-m-d')]) }}">{{ say('week.title') }}</a></p>
    <h1>{{ AppointmentWords::title($appointment, Auth::user()->role->managesPlans()) }}</h1>
    <x-problems />
    @if($appointment->cancelled_at)<p class="alert alert-warning">{{ say('week.appointment.gone') }}</p>@endif
    <dl class="facts mb-3">
        <dt>{{ say('week.appointment.when') }}</dt><dd>{{ words()->formats->weekday($appointment->starts_at) }},
            {{ words()->formats->time($appointment->starts_at) }}–{{ words()->formats->time($appointment->ends_at) }}</dd>
        <dt>{{ say($plan ? 'week.appointment.person' : 'week.appointment.person_other') }}</dt><dd>{{ $appointment->person->name }}</dd>
        @if($appointment->helper)<dt>{{ say('week.appointment.helper') }}</dt><dd>{{ $appointment->helper->name }}</dd>@endif
        @if(AppointmentWords::where($appointment) !== '')<dt>{{ say('week.appointment.place') }}</dt><dd>{{ AppointmentWords::where($appointment) }}</dd>@endif
    </dl>
    @if($isNewPlace)<p class="fw-bold">{{ say('week.appointment.look_first', ['dog' => $appointment->dog()?->name ?? '']) }}</p>@endif
    <div class="d-flex flex-wrap gap-2 mb-3">
        @if($plan && ! $appointment->cancelled_at && Auth::user()->role->startsSessions())
            <a class="btn btn-next" href="{{ route('sessions.create', $plan) }}">{{ say('week.appointment.start') }}</a>
        @endif
        <a class="btn btn-outline-primary" href="{{ route('appointments.file', $appointment) }}" download>{{ say('week.appointment.file') }}</a>
    </div>
    @can('update', $appointment)
        @unless($appointment->cancelled_at)
            <div class="row"><div class="col-lg-7">
                <form method="post" action="{{ route('appointments.show', $appointment) }}" class="card card-body mb-3">
                    @csrf @method('put')
                    <div class="row">
                        <div class="col-sm-5"><x-field name="on" type="date" :label="say('week.appointment.on')" :value="$local->format('Y-m-d')" required /></div>
                        <div class="col-sm-4"><x-field name="at" type="time" step="900" :label="say('week.appointment.at')" :value="$local->format('H:i')" required /></div>
                        <div class="col-sm-3"><x-field name="minutes" inputmode="numeric" :label="say('week.appointment.minutes')" :value="$appointment->minutes()" required /></div>
                    </div>
                    <x-choice name="person" :label="say($plan ? 'week.appointment.person' : 'week.appointment.person_other')" :options="$people->pluck('name', 'id')" :value="$appointment->person_id" />
                    @if($plan)
                        <x-choice name="helper" :label="say('week.appointment.helper')" :options="$people->pluck('name', 'id')" :value="$appointment->helper_id" :empty="say('week.appointment.no_helper')" />
                        <x-choice name="place" :label="say('week.appointment.place')" :options="$places->pluck('name', 'id')" :value="$appointment->place_id" :empty="say('week.appointment.no_place')" />
                    @endif
                    <div><button class="btn btn-primary">{{ say('week.appointment.keep') }}</button></div>
                </form>
                <div class="d-flex flex-wrap gap-2">
                    @if($plan)
                        <form method="post" action="{{ route('appointments.show', $appointment) }}">@csrf @method('put')
                            <input type="hidden" name="pinned" value="{{ $appointment->is_pinned ? 0 : 1 }}"><button
                            class="btn btn-outline-primary">{{ say($appointment->is_pinned ? 'week.appointment.let_go' : 'week.appointment.pin') }}</button></form>
                    @endif
                    <form method="post" action="{{ route('appointments.show', $appointment) }}">@csrf @method('delete')<button
                        class="btn btn-outline-secondary">{{ say('week.appointment.cancel') }}</button></form>
                </div>
            </div></div>
        @endunless
    @endcan
</x-layout>
