<x-layout title="New plan for {{ $dog->name }}">
    <h1>New plan for {{ $dog->name }}</h1>
    <p>A presence plan: something at a distance that {{ $dog->name }} reacts to. Method: <strong>notice and turn back</strong>. The dog sees it and turns back by itself; that is marked and paid.</p>
    <x-problems />
    <form method="post" action="{{ route('dogs.plans.store', $dog) }}">
        @csrf
        <div class="row g-4">
            <div class="col-lg-6">
                <h2 class="mt-0">What and who</h2>
                @if($triggers->isNotEmpty())
                    <x-choice name="trigger_id" label="What it reacts to" :options="$triggers->pluck('name', 'id')" empty="something new (name it below)" />
                @endif
                <x-field name="trigger_name" label="{{ $triggers->isEmpty() ? 'What it reacts to' : 'Something new' }}" hint="One kind of thing: delivery carts, horse riders, large dogs." maxlength="120" />
                <div class="mb-3">
                    <label class="form-label mb-1" for="f-traits">Traits that may matter <span class="text-body-secondary">(optional)</span></label>
                    <textarea class="form-control" id="f-traits" name="traits" rows="2" aria-describedby="h-traits">{{ old('traits') }}</textarea>
                    <p class="form-text mb-0" id="h-traits">One a line, for example “size: large” or “wheels: two”.</p>
                </div>
                <x-choice name="person_id" label="Handler" :options="$people->pluck('name', 'id')" :value="$people->firstWhere('user_id', auth()->id())?->id" hint="Progress belongs to a dog and a person." />
                <x-choice name="place_id" label="Place" :options="$places->mapWithKeys(fn ($place) => [$place->id => $place->name.($place->room_meters ? ', room for '.Core\Measure\Distance::fromMeters($place->room_meters)->inWords($unit) : '')])" empty="not fixed, or a new one (name it below)" />
                <div class="row">
                    <div class="col-sm-7"><x-field name="place_name" label="New place" maxlength="120" /></div>
                    <div class="col-sm-5"><x-field name="room" label="Room there" inputmode="decimal" :suffix="$unit->value" /></div>
                </div>
            </div>
            <div class="col-lg-6">
                <h2 class="mt-0">Distances</h2>
                <div class="row">
                    <div class="col-sm-6"><x-field name="reaction" label="Reacts at" inputmode="decimal" :suffix="$unit->value" hint="Where it has reacted. Stated once; the model counts from it." /></div>
                    <div class="col-sm-6"><x-field name="fine_at" label="Known to be fine at" inputmode="decimal" :suffix="$unit->value" hint="Counts as one calm trial." /></div>
                    <div class="col-sm-6"><x-field name="start" label="Start" inputmode="decimal" :suffix="$unit->value" required hint="Too far costs a minute, too close costs a week." /></div>
                    <div class="col-sm-6"><x-field name="goal" label="Goal" inputmode="decimal" :suffix="$unit->value" required hint="The steps between are equal ratios: equally hard." /></div>
                </div>
                <x-choice name="motion" label="What the trigger does on every step" :options="collect($motions)->mapWithKeys(fn ($motion) => [$motion->key => $motion->label])" value="standing" />
                <h2>Rules</h2>
                <div class="row">
                    <div class="col-sm-6"><x-field name="run_length" label="Successes in a row to move on" type="number" value="5" min="1" max="20" required /></div>
                    <div class="col-sm-6"><x-field name="most_advances" label="Steps onto new ground a session" type="number" value="4" min="1" max="5" required /></div>
                    <div class="col-sm-6"><x-field name="set_minutes" label="Minutes a set" type="number" value="4" min="1" max="30" required /></div>
                    <div class="col-sm-6"><x-field name="session_minutes" label="Minutes a session" type="number" value="30" min="3" max="90" required /></div>
                </div>
                <x-choice name="caution" label="Accepted risk per trial" :options="['usual' => 'usual: 7 % strain, 1.4 % reaction', 'cautious' => 'cautious: 3 % strain, 0.5 % reaction']" :value="$dog->bite_history || $dog->hides_signs ? 'cautious' : 'usual'" hint="Cautious with a bite history, hidden signs or children near. The product's own working limits." />
                <x-field name="name" label="Name of the plan" maxlength="120" />
                <button class="btn btn-next">Make the plan</button>
            </div>
        </div>
    </form>
</x-layout>
