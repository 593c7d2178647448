@use('App\Http\Requests\IntakeRequest')
<x-layout :title="'Intake: '.$dog->name">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>Intake</h1>
    <p>Facts first, judgement later. Leave open what you do not know yet.</p>
    <x-problems />
    <form method="post" action="{{ route('intakes.update', $dog) }}">
        @csrf @method('put')
        <div class="row g-4">
            <div class="col-lg-6">
                <h2 class="mt-0">History</h2>
                <x-field name="arrived_on" label="In this home since" type="date" :value="$intake->arrived_on?->format('Y-m-d')" hint="A dog that came days ago is not settled: gentler start, shorter sessions." />
                <div class="row">
                    <div class="col-sm-6"><x-field name="since" label="It does this since" :value="$intake->since" maxlength="120" /></div>
                    <div class="col-sm-6"><x-field name="how_often" label="How often" :value="$intake->how_often" maxlength="120" /></div>
                </div>
                <x-text name="history" label="What was tried, what happened" :value="$intake->history" rows="3" maxlength="4000" />
                <x-choice name="worst" label="The worst it has done" :options="IntakeRequest::WORST" :value="$intake->worst" hint="A bite switches the cautious limits on, for every plan from then on." />
                <x-text name="worst_facts" label="The facts of it" :value="$intake->worst_facts" hint="When, to whom, what came just before. No judgement." maxlength="500" />
                <x-flag name="corrections" label="Leash pops, remote collars or scolding were used: it may hide its signs, so small signs count as medium" :value="$intake->corrections" />
                <x-flag name="children_near" label="Children live with it or are often near: cautious limits" :value="$intake->children_near" />
            </div>
            <div class="col-lg-6">
                <h2 class="mt-0">Body first</h2>
                <x-flag name="sudden_change" label="It began suddenly, or touch or movement changed" :value="$intake->sudden_change" />
                <x-flag name="pain_signs" label="Stiff, lame, flinches, or pain on touch" :value="$intake->pain_signs" />
                <x-field name="vet_seen_on" label="Seen by a vet for it on" type="date" :value="$intake->vet_seen_on?->format('Y-m-d')" hint="Pain first: vet before training." />
                <x-field name="medication" label="Medication" :value="$intake->medication" hint="What and since when. The decision is the vet's; here it is only recorded." maxlength="200" />
                <x-text name="health_note" label="Health" :value="$dog->health_note" hint="Shown first, on every page of this dog." maxlength="2000" />
                <h2>Food</h2>
                <x-field name="food_limits" label="Allergies and limits" :value="$intake->food_limits" maxlength="300" />
                <x-flag name="guards_food" label="Guards food: no long chew as a held reward" :value="$intake->guards_food" />
                <h2>Its own normal</h2>
                <x-text name="baseline" label="How it stands, moves and looks when all is well" :value="$intake->baseline" hint="A three-legged dog moves oddly; compare with this." maxlength="500" />
                <details class="mb-3" @if(($intake->normal_signs ?? []) !== [] || old('normal_signs')) open @endif>
                    <summary>Signs that are normal for this dog</summary>
                    <p class="form-text">These say nothing in its trials: an old dog's slow walk, a slack-lipped dog's drool.</p>
                    <div class="sign-groups">
                        @foreach($signs as $sign)
                            <div class="form-check"><input class="form-check-input" type="checkbox" name="normal_signs[]" value="{{ $sign->code }}" id="n-{{ $sign->code }}" @checked(in_array($sign->code, old('normal_signs', $intake->normal_signs ?? []), true))><label class="form-check-label" for="n-{{ $sign->code }}">{{ $sign->label }}</label></div>
                        @endforeach
                    </div>
                </details>
                <button class="btn btn-next">Keep the intake</button>
            </div>
        </div>
    </form>
</x-layout>
