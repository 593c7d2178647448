@use('App\Home\Http\HomeworkRequest')
<x-layout :title="say('homework.create.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('homework.index', $dog) }}">{{ say('homework.title', ['dog' => $dog->name]) }}</a></p>
    <h1>{{ say('homework.create.title', ['dog' => $dog->name]) }}</h1>
    <x-problems />
    <form method="post" action="{{ route('homework.store', $dog) }}" class="row"><div class="col-lg-8">
        @csrf
        @if($plan)
            <input type="hidden" name="plan_id" value="{{ $plan->id }}">
            <p class="lead">{{ say('homework.create.from_plan', ['plan' => $plan->name]) }}</p>
            <x-choice name="step" :label="say('homework.create.step')" :options="$steps" :value="max(0, $solid)"
                :hint="say('homework.create.step_hint')" />
        @else
            <x-choice name="kind" :label="say('homework.create.kind')"
                :options="labels('homework.create.kinds', ['skill', 'settle', 'contact', 'exposure'])" />
            <x-field name="homework_name" :label="say('homework.create.name')" maxlength="80" required />
            <x-text name="what" :label="say('homework.create.what')" maxlength="400" required />
        @endif
        <div class="row">
            <div class="col-sm-6"><x-choice name="times_a_day" :label="say('homework.create.times')" :value="3"
                :options="collect(HomeworkRequest::TIMES)->mapWithKeys(fn ($times) => [$times => say('homework.create.times_a_day', ['times' => $times])])->all()" /></div>
            <div class="col-sm-6"><x-choice name="days" :label="say('homework.create.days')" :value="7"
                :options="collect(HomeworkRequest::DAYS)->mapWithKeys(fn ($days) => [$days => say('homework.create.days_for', ['days' => $days])])->all()" /></div>
        </div>
        @if($others->isNotEmpty())
            <details class="mb-3" @if(ticked('others') !== []) open @endif><summary>{{ say('homework.create.others') }}</summary>
                <fieldset><legend class="form-text">{{ say('homework.create.others_about') }}</legend>
                    @foreach($others as $id => $name)
                        <div class="form-check"><input class="form-check-input" type="checkbox" name="others[]" value="{{ $id }}"
                            id="o-{{ $id }}" @checked(in_array((string) $id, ticked('others'), true))><label class="form-check-label"
                            for="o-{{ $id }}">{{ $name }}</label></div>
                    @endforeach
                </fieldset>
            </details>
        @endif
        <p><button class="btn btn-next">{{ say('homework.create.give') }}</button></p>
        <details class="mb-3" @if($errors->any()) open @endif><summary>{{ say('homework.create.words') }}</summary>
            <p class="form-text">{{ say('homework.create.words_about') }}</p>
            @if($plan)
                <x-field name="homework_name" :label="say('homework.create.name')" maxlength="80" />
                <x-text name="what" :label="say('homework.create.what')" maxlength="400" />
            @endif
            <x-field name="counts_when" :label="say('homework.create.counts_when')" maxlength="200" />
            <x-field name="stop_when" :label="say('homework.create.stop_when')" maxlength="200" />
            <div class="row">
                <div class="col-sm-6"><x-field name="word" :label="say('homework.create.word')" maxlength="60" /></div>
                <div class="col-sm-6"><x-field name="gear" :label="say('homework.create.gear')" maxlength="120" /></div>
                <div class="col-sm-6"><x-field name="pieces" :label="say('homework.create.pieces')" inputmode="numeric" /></div>
                <div class="col-sm-6"><x-field name="hold_seconds" :label="say('homework.create.hold')" inputmode="numeric" /></div>
            </div>
            @if($before !== [])
                <div class="row">
                    <div class="col-sm-6"><x-choice name="after_id" :label="say('homework.create.after')" :options="$before"
                        :empty="say('homework.create.at_once')" :hint="say('homework.create.good_days_about')" /></div>
                    <div class="col-sm-6"><x-field name="good_days" :label="say('homework.create.good_days')" :value="5" inputmode="numeric" /></div>
                </div>
            @endif
            <button class="btn btn-primary mt-2">{{ say('homework.create.give') }}</button>
        </details>
    </div></form>
</x-layout>
