@use('App\Dog\Http\DogRequest')
<x-field name="name" :label="say('dogs.create.name')" :value="$dog?->name" required maxlength="80" />
<x-field name="description" :label="say('dogs.create.who_it_is')" :value="$dog?->description"
    :hint="say('dogs.create.kind_of_dog_age_what_stands')" maxlength="200" />
<x-field name="born_on" :label="say('dogs.create.born_on')" :value="$dog?->born_on?->format('Y-m-d')" type="date" />
<x-choice name="client_id" :label="say('dogs.edit.household')" :options="$clients" :value="$dog?->client_id"
    :empty="say('people.no_household')" :hint="say('dogs.edit.household_about')" />
<div class="form-check mb-2">
    <input class="form-check-input" type="checkbox" id="bite" name="bite_history" value="1" @checked(typed('bite_history',
        $dog?->bite_history))>
    <label class="form-check-label" for="bite">{{ say('dogs.create.has_bitten_plans_then_keep_to') }}</label>
</div>
<div class="form-check mb-3">
    <input class="form-check-input" type="checkbox" id="hides" name="hides_signs" value="1" @checked(typed('hides_signs',
        $dog?->hides_signs))>
    <label class="form-check-label" for="hides">{{ say('dogs.create.has_learned_to_hide_its_signs') }}</label>
</div>
@if($dog?->bite_history || $dog?->hides_signs)
    <x-field name="flag_reason" :label="say('dogs.edit.flag_reason')" :hint="say('dogs.edit.flag_reason_about')" maxlength="300" />
@endif
<x-field name="health_note" :label="say('dogs.create.health')" :value="$dog?->health_note" :hint="say('dogs.create.a_sudden_change_pain_on_touch')"
    maxlength="2000" />
<details class="mb-3" @if($dog?->sex || $dog?->breed || $dog?->chip || $errors->hasAny(['sex', 'breed', 'chip'])) open @endif>
    <summary>{{ say('dogs.edit.more') }}</summary>
    <div class="mt-2">
        <x-choice name="sex" :label="say('dogs.edit.sex')" :options="labels('dogs.edit.sexes', DogRequest::SEXES)" :value="$dog?->sex"
            :empty="say('places.not_said')" />
        <x-field name="breed" :label="say('dogs.edit.breed')" :value="$dog?->breed" maxlength="80" />
        <x-field name="chip" :label="say('dogs.edit.chip')" :value="$dog?->chip" maxlength="40" />
    </div>
</details>
