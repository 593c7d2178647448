@use('App\Incident\IncidentFacts')
<x-layout :title="say('events.incident_create.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('events.incident_create.an_incident_with', ['dog' => $dog->name]) }}</h1>
    <p>{{ say('events.incident_create.dog_secured_wound_washed_medical_advice', ['dog' => $dog->name]) }}</p>
    <x-problems />
    <form method="post" action="{{ route('incidents.store', $dog) }}">
        @csrf
        <input type="hidden" name="uuid" value="{{ typed('uuid', $uuid) }}">
        <div class="row">
            <div class="col-sm-6"><x-field name="occurred_at" :label="say('events.incident_create.when')" type="datetime-local"
                :hint="say('events.incident_create.local_time', ['zone' => $zone])" required /></div>
            <div class="col-sm-6"><x-field name="where" :label="say('events.incident_create.where')" maxlength="120" required /></div>
            @foreach(IncidentFacts::ASKED as $field => $answers)
                <div class="col-sm-6 col-lg-4"><x-choice :name="$field" :label="say('options.incident.'.$field)"
                    :options="options('incident_'.$field, $answers)" :empty="say('events.incident_create.choose')" /></div>
            @endforeach
        </div>
        <x-text name="before" :label="say('events.incident_create.what_came_before')"
            :hint="say('events.incident_create.who_did_what_what_the_dog')" maxlength="1000" required />
        <x-text name="treatment" :label="say('events.incident_create.treatment')" maxlength="500" />
        <fieldset class="mb-3"><legend class="h6">{{ say('events.incident_create.who_was_told') }}</legend>
            @foreach(options('told', IncidentFacts::TOLD) as $key => $words)
                <div class="form-check"><input class="form-check-input" type="checkbox" name="told[]" value="{{ $key }}" id="t-{{ $key }}"
                    @checked(in_array($key, ticked('told', []), true))><label class="form-check-label"
                    for="t-{{ $key }}">{{ $words }}</label></div>
            @endforeach
        </fieldset>
        <x-field name="told_note" :label="say('events.incident_create.note_on_that')" maxlength="300" />
        <button class="btn btn-next">{{ say('events.incident_create.keep_it_on_record') }}</button>
    </form>
</x-layout>
