{{-- Where a new plan starts and where it goes. --}}
<div class="row">
    <div class="col-sm-6"><x-field name="start" :label="say('plans.create.start')" inputmode="decimal"
        :suffix="$measureUnit" :value="$startValue" :required="$isPresence"
        :hint="$isPresence ? say('plans.create.too_far')
        : say('plans.create.not_needed', ['measure' => words()->capital(words()->dimension($catalog,
        $measure->key))])" /></div>
    <div class="col-sm-6"><x-field name="goal" :label="say('plans.create.goal')" inputmode="decimal" :suffix="$measureUnit"
        :required="$isPresence" :hint="say($isPresence ? 'plans.create.equal_ratios' : 'plans.create.harder_goal')" /></div>
</div>
