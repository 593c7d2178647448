<x-layout :title="say('plans.ladder.title', ['plan' => $plan->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a
        href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>{{ say('plans.ladder.change_the_ladder') }}</h1>
    @include('partials.ladder-builder')
    <section class="col-lg-8" aria-labelledby="rules-head">
        <h2 id="rules-head">{{ say('plans.ladder.the_rules') }}</h2>
        <form method="post" action="{{ route('plans.update', $plan) }}">
            @csrf @method('put')
            <div class="row">
                <div class="col-sm-6"><x-field name="most_advances" :label="say('plans.ladder.steps_onto_new_ground_a_session')"
                    type="number" :value="$plan->most_advances" min="1" max="5" required /></div>
                @if($plan->responseModel->kind !== Core\Exposure\PlanKind::Presence)<div class="col-sm-6"><x-field name="easy_after"
                    :label="say('plans.ladder.an_easy_one_after_so_many')" type="number" :value="$plan->easy_after" min="0" max="9"
                    :hint="say('plans.ladder.0_never')" /></div>@endif
                <div class="col-sm-6"><x-field name="set_minutes" :label="say('plans.ladder.minutes_a_set')" type="number"
                    :value="$plan->set_minutes" min="1" max="30" required /></div>
                <div class="col-sm-6"><x-field name="session_minutes" :label="say('plans.ladder.minutes_a_session')" type="number"
                    :value="$plan->session_minutes" min="3" max="90" required /></div>
                <div class="col-sm-6"><x-field name="outings_a_week" :label="say('plans.ladder.outings_a_week')" type="number"
                    :value="$plan->outings_a_week" min="0.5" max="21" step="0.5" required /></div>
                @if($plan->place)<div class="col-sm-6"><x-field name="trials_an_outing"
                    :label="say('plans.ladder.trials_at', ['place' => $plan->place->name])" type="number"
                    :value="$plan->place->trials_an_outing" min="1" max="200"
                    :hint="say('plans.ladder.passers_by_at_that_hour_or')" /></div>@endif
                <div class="col-sm-6"><x-choice name="caution" :label="say('plans.ladder.accepted_risk_per_trial')"
                    :options="labels('plans.caps', ['usual', 'cautious'])" :value="$plan->strain_cap < 0.05 ? 'cautious' : 'usual'" /></div>
            </div>
            <details class="mb-3"><summary>{{ say('plans.ladder.where_practitioners_differ') }}</summary><div
                class="mt-2">@foreach($choices as $choice)<x-choice name="choices[{{ $choice->key }}]"
                :label="say('methods.choices.'.$choice->key.'.label')"
                :options="labels('methods.choices.'.$choice->key.'.options', $choice->options)"
                :value="$plan->choices[$choice->key] ?? $choice->default"
                :hint="say('plans.default', ['default' => say('methods.choices.'.$choice->key.'.options.'.$choice->default),
                'why' => say('methods.choices.'.$choice->key.'.why')])" />@endforeach</div></details>
            <button class="btn btn-primary">{{ say('plans.ladder.change_the_rules') }}</button>
        </form>
    </section>
</x-layout>
