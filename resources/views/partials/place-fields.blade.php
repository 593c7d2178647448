@use('App\Place\Http\PlaceRequest')
@php($unit = words()->reader->units->distance)
<x-field name="name" :label="say('places.name')" :value="$place?->name" maxlength="120" required />
<x-choice name="kind" :label="say('places.kind')" :options="labels('places.kinds', PlaceRequest::KINDS)" :value="$place?->kind"
    :empty="say('places.not_said')" />
<x-field name="room" :label="say('places.room')" :value="$place?->room_meters === null ? null : round($place->room_meters / $unit->meters(), 1)"
    :hint="say('places.room_about')" :suffix="words()->label($unit)" inputmode="decimal" />
<x-field name="trials_an_outing" :label="say('places.passes')" :value="$place?->trials_an_outing" :hint="say('places.passes_about')"
    inputmode="numeric" />
<x-field name="address" :label="say('places.address')" :value="$place?->address" maxlength="200" />
<x-field name="hours" :label="say('places.hours')" :value="$place?->hours" :hint="say('places.hours_about')" maxlength="200" />
<x-field name="note" :label="say('people.note')" :value="$place?->note" maxlength="300" />
