<x-layout :title="say('dogs.create.add_a_dog')">
    <div class="row"><div class="col-lg-8">
        <h1>{{ say('dogs.create.add_a_dog') }}</h1>
        <x-problems />
        <form method="post" action="{{ route('dogs.store') }}">
            @csrf
            <x-field name="name" :label="say('dogs.create.name')" required maxlength="80" />
            <x-field name="description" :label="say('dogs.create.who_it_is')" :hint="say('dogs.create.kind_of_dog_age_what_stands')"
                maxlength="200" />
            <x-field name="born_on" :label="say('dogs.create.born_on')" type="date" />
            <div class="form-check mb-2">
                <input class="form-check-input" type="checkbox" id="bite" name="bite_history" value="1" @checked(typed('bite_history'))>
                <label class="form-check-label" for="bite">{{ say('dogs.create.has_bitten_plans_then_keep_to') }}</label>
            </div>
            <div class="form-check mb-3">
                <input class="form-check-input" type="checkbox" id="hides" name="hides_signs" value="1" @checked(typed('hides_signs'))>
                <label class="form-check-label" for="hides">{{ say('dogs.create.has_learned_to_hide_its_signs') }}</label>
            </div>
            <x-field name="health_note" :label="say('dogs.create.health')" :hint="say('dogs.create.a_sudden_change_pain_on_touch')"
                maxlength="2000" />
            <button class="btn btn-next">{{ say('dogs.create.add') }}</button>
        </form>
    </div></div>
</x-layout>
