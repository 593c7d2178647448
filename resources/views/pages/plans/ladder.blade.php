<x-layout :title="'Ladder: '.$plan->name">
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>Change the ladder</h1>
    @include('partials.ladder-board')
    <section class="col-lg-8" aria-labelledby="rules-head">
        <h2 id="rules-head">The rules</h2>
        <form method="post" action="{{ route('plans.update', $plan) }}">
            @csrf @method('put')
            <div class="row">
                <div class="col-sm-6"><x-field name="most_advances" label="Steps onto new ground a session" type="number" :value="$plan->most_advances" min="1" max="5" required /></div>
                @if($plan->responseModel->kind !== Core\Exposure\PlanKind::Presence)<div class="col-sm-6"><x-field name="easy_after" label="An easy one after so many good ones" type="number" :value="$plan->easy_after" min="0" max="9" hint="0: never." /></div>@endif
                <div class="col-sm-6"><x-field name="set_minutes" label="Minutes a set" type="number" :value="$plan->set_minutes" min="1" max="30" required /></div>
                <div class="col-sm-6"><x-field name="session_minutes" label="Minutes a session" type="number" :value="$plan->session_minutes" min="3" max="90" required /></div>
                <div class="col-sm-6"><x-field name="outings_a_week" label="Outings a week" type="number" :value="$plan->outings_a_week" min="0.5" max="21" step="0.5" required /></div>
                @if($plan->place)<div class="col-sm-6"><x-field name="trials_an_outing" :label="'Trials an outing, '.$plan->place->name" type="number" :value="$plan->place->trials_an_outing" min="1" max="200" hint="Passers-by at that hour, or what the dog has energy for. About ten dogs is a good outing." /></div>@endif
                <div class="col-sm-6"><x-choice name="caution" label="Accepted risk per trial" :options="['usual' => 'usual: 7 % strain, 1.4 % reaction', 'cautious' => 'cautious: 3 % strain, 0.5 % reaction']" :value="$plan->strain_limit < 0.05 ? 'cautious' : 'usual'" /></div>
            </div>
            <details class="mb-3"><summary>Where practitioners differ</summary><div class="mt-2">@foreach($choices as $choice)<x-choice name="choices[{{ $choice->key }}]" :label="$choice->label" :options="$choice->options" :value="$plan->choices[$choice->key] ?? $choice->default" :hint="'Default: '.$choice->options[$choice->default].'. '.$choice->why" />@endforeach</div></details>
            <button class="btn btn-primary">Change the rules</button>
        </form>
    </section>
</x-layout>
