@use('App\Incident\Http\EventController')
<x-layout :title="say('events.event_create.log_an_upset')">
    <h1>{{ say('events.event_create.log_an_upset') }}</h1>
    <p>{{ say('events.event_create.a_fright_a_dog_round_the') }} <strong>{{ say('events.event_create.facts') }}</strong> {{ say('events.event_create.of_its_own_choose_the_dog') }}</p>
    <x-problems />
    <form method="post" action="{{ route('events.store') }}" class="col-lg-7">
        @csrf
        <input type="hidden" name="uuid" value="{{ typed('uuid', $uuid) }}">
        <x-choice name="dog_id" :label="say('events.event_create.dog')" :options="$dogs" :value="$chosen" />
        <x-choice name="event_kind" :label="say('events.event_create.it_was')"
            :options="options('event_kind', array_column(App\Models\EventKind::logged(), 'value'))" />
        <x-choice name="severity" :label="say('events.event_create.how_bad')" :options="options('severity', EventController::SEVERITY)"
            value="1" :hint="say('events.event_create.half_of_it_is_gone_after')" />
        <x-choice name="ago" :label="say('events.event_create.when')" :options="options('ago', EventController::AGO)" value="0" />
        <x-field name="event_note" :label="say('events.event_create.note')" maxlength="500" />
        <button class="btn btn-next">{{ say('events.event_create.log_it') }}</button>
    </form>
    <h2>{{ say('events.event_create.an_incident') }}</h2>
    <p>{{ say('events.event_create.dog_secured_wound_washed_medical_advice') }}</p>
    <ul>@foreach($dogs as $id => $name)<li><a href="{{ route('incidents.create', $id) }}">{{ say('events.event_create.an_incident_with',
        ['name' => $name]) }}</a></li>@endforeach</ul>
</x-layout>
