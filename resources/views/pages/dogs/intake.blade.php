@use('App\Dog\Http\IntakeRequest')
<x-layout :title="say('dogs.intake.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('dogs.intake.intake') }}</h1>
    <p>{{ say('dogs.intake.facts_first_judgement_later_leave_open') }}</p>
    <x-problems />
    <form method="post" action="{{ route('intakes.update', $dog) }}">
        @csrf @method('put')
        <div class="row g-4">
            <div class="col-lg-6">
                <h2 class="mt-0">{{ say('dogs.intake.history') }}</h2>
                <x-field name="arrived_on" :label="say('dogs.intake.in_this_home_since')" type="date"
                    :value="$intake->arrived_on?->format('Y-m-d')" :hint="say('dogs.intake.a_dog_that_came_days_ago')" />
                <div class="row">
                    <div class="col-sm-6"><x-field name="since" :label="say('dogs.intake.it_does_this_since')" :value="$intake->since"
                        maxlength="120" /></div>
                    <div class="col-sm-6"><x-field name="how_often" :label="say('dogs.intake.how_often')" :value="$intake->how_often"
                        maxlength="120" /></div>
                </div>
                <x-text name="history" :label="say('dogs.intake.what_was_tried_what_happened')" :value="$intake->history" rows="3"
                    maxlength="4000" />
                <x-choice name="worst" :label="say('dogs.intake.the_worst_it_has_done')" :options="options('worst', IntakeRequest::WORST)"
                    :value="$intake->worst" :hint="say('dogs.intake.a_bite_switches_the_cautious_limits')" />
                <x-text name="worst_facts" :label="say('dogs.intake.the_facts_of_it')" :value="$intake->worst_facts"
                    :hint="say('dogs.intake.when_to_whom_what_came_just')" maxlength="500" />
                <x-flag name="corrections" :label="say('dogs.intake.leash_pops_remote_collars_or_scolding')"
                    :value="$intake->corrections" />
                <x-flag name="children_near" :label="say('dogs.intake.children_live_with_it_or_are')" :value="$intake->children_near" />
            </div>
            <div class="col-lg-6">
                <h2 class="mt-0">{{ say('dogs.intake.body_first') }}</h2>
                <x-flag name="sudden_change" :label="say('dogs.intake.it_began_suddenly_or_touch_or')" :value="$intake->sudden_change" />
                <x-flag name="pain_signs" :label="say('dogs.intake.stiff_lame_flinches_or_pain_on')" :value="$intake->pain_signs" />
                <x-field name="vet_seen_on" :label="say('dogs.intake.seen_by_a_vet_for_it')" type="date"
                    :value="$intake->vet_seen_on?->format('Y-m-d')" :hint="say('dogs.intake.pain_first_vet_before_training')" />
                <x-field name="medication" :label="say('dogs.intake.medication')" :value="$intake->medication"
                    :hint="say('dogs.intake.what_and_since_when_the_decision')" maxlength="200" />
                <x-text name="health_note" :label="say('dogs.intake.health')" :value="$dog->health_note"
                    :hint="say('dogs.intake.shown_first_on_every_page_of')" maxlength="2000" />
                <h2>{{ say('dogs.intake.food') }}</h2>
                <x-field name="food_limits" :label="say('dogs.intake.allergies_and_limits')" :value="$intake->food_limits"
                    maxlength="300" />
                <x-flag name="guards_food" :label="say('dogs.intake.guards_food_no_long_chew_as')" :value="$intake->guards_food" />
                <h2>{{ say('dogs.intake.its_own_normal') }}</h2>
                <x-text name="baseline" :label="say('dogs.intake.how_it_stands_moves_and_looks')" :value="$intake->baseline"
                    :hint="say('dogs.intake.a_three_legged_dog_moves_oddly')" maxlength="500" />
                <details class="mb-3" @if(($intake->normal_signs ?? []) !== [] || ticked('normal_signs')) open @endif>
                    <summary>{{ say('dogs.intake.signs_that_are_normal_for_this') }}</summary>
                    <p class="form-text">{{ say('dogs.intake.these_say_nothing_in_its_trials') }}</p>
                    <div class="sign-groups">
                        @foreach($signs as $sign)
                            <div class="form-check"><input class="form-check-input" type="checkbox" name="normal_signs[]"
                                value="{{ $sign->code }}" id="n-{{ $sign->code }}"
                                @checked(in_array($sign->code, ticked('normal_signs', $intake->normal_signs ?? []), true))><label
                                class="form-check-label" for="n-{{ $sign->code }}">{{ words()->sign($sign->code) }}</label></div>
                        @endforeach
                    </div>
                </details>
                <button class="btn btn-next">{{ say('dogs.intake.keep_the_intake') }}</button>
            </div>
        </div>
    </form>
</x-layout>
