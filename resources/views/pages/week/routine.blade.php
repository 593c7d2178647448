@php($values = ['most_a_day' => $usual->mostADay, 'days_apart' => $usual->daysApart, 'easy_after_struggling' => $usual->afterStruggling,
    'easy_after_reaction' => $usual->afterReaction, 'encounters' => $usual->encounters])
<x-layout :title="say('week.routine.title', ['plan' => $plan->name])">
    <p class="mb-1"><a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>{{ say('week.routine.title', ['plan' => $plan->name]) }}</h1>
    <p class="text-body-secondary">{{ say('week.routine.about') }}</p>
    <x-problems />
    <form method="post" action="{{ route('routine', $plan) }}">
        @csrf @method('put')
        <div class="row g-4">
            <div class="col-lg-6">
                <x-field name="outings_a_week" inputmode="decimal" :label="say('week.routine.outings_a_week')" :value="$plan->outings_a_week" required />
                @foreach($numbers as $field => $range)
                    <x-field :name="$field" inputmode="numeric" :label="say('week.routine.'.$field)" :value="$plan->$field"
                        :hint="$values[$field] === null ? say('week.routine.usual_none') : say('week.routine.usual', ['number' => $values[$field]])" />
                @endforeach
            </div>
            <div class="col-lg-6">
                <x-choice name="where" :label="say('week.routine.where')" :options="labels('week.routine.wheres', ['usual', 'home', 'places'])"
                    :value="$plan->is_at_home === null ? 'usual' : ($plan->is_at_home ? 'home' : 'places')" />
                <fieldset class="mb-3"><legend class="h6">{{ say('week.routine.places') }}</legend>
                    @if($places->isEmpty())<p class="mb-0">{{ say('week.routine.places_none') }}</p>@endif
                    @foreach($places as $place)
                        <div class="form-check"><input class="form-check-input" type="checkbox" id="f-place-{{ $place->id }}" name="places[]" value="{{ $place->id }}"
                            @checked(in_array((string) $place->id, ticked('places', array_map(strval(...), $plan->otherPlaces->modelKeys())), true))><label class="form-check-label"
                            for="f-place-{{ $place->id }}">{{ $place->name }}</label></div>
                    @endforeach
                </fieldset>
                <x-choice name="busy_or_quiet" :label="say('week.routine.hours')" :options="labels('week.routine.hours_of', ['any', 'quiet', 'busy'])"
                    :value="$plan->busy_or_quiet->value" />
                <x-choice name="needs_helper" :label="say('week.routine.helper')" :options="labels('week.routine.yes_no', ['0', '1'])" :value="$plan->needs_helper ? 1 : 0" />
            </div>
        </div>
        <button class="btn btn-primary">{{ say('account.save') }}</button>
    </form>
</x-layout>
