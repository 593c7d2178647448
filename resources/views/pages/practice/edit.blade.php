<x-layout :title="say('practice.title')">
    <div class="row"><div class="col-lg-7">
        <h1>{{ say('practice.title') }}</h1>
        <x-problems />
        <form method="post" action="{{ route('practice') }}">
            @csrf @method('put')
            <x-field name="name" :label="say('practice.name')" :value="$practice->name" maxlength="120" required />
            <x-field name="town" :label="say('practice.town')" :value="$practice->town" maxlength="120" />
            <x-zone :zones="$zones" :value="$practice->time_zone" />
            <x-field name="phone" :label="say('people.phone')" :value="$practice->phone" type="tel" maxlength="40"
                :hint="say('practice.phone_about')" />
            <div class="row">@foreach(['quiet_from', 'quiet_until'] as $when)<div class="col-6"><x-field :name="$when" :label="say('practice.'.$when)"
                type="time" :value="App\Support\MinuteOfDay::text($practice->$when)"
                :hint="$when === 'quiet_from' ? say('practice.quiet_about') : null" required /></div>@endforeach</div>
            <button class="btn btn-primary">{{ say('account.save') }}</button>
        </form>
        <section class="mt-4" aria-labelledby="own-priors">
            <h2 class="h4" id="own-priors">{{ say('practice.own_priors.title') }}</h2>
            <p>{{ say('practice.own_priors.about', ['least' => Core\Response\EmpiricalBayes::MIN_DOGS, 'trials' => Core\Response\EmpiricalBayes::MIN_TRIALS, 'dogs' => $dogs]) }}</p>
            @foreach($known as $kind => $of)
                <p class="mb-1">{{ say('practice.own_priors.is', ['kind' => say("labels.plan_kind.{$kind}"), 'dogs' => $of['dogs']]) }}</p>
                <ul>@forelse($of['otherwise'] as $key => $times)<li>{{ say('practice.own_priors.times', ['dimension' => words()->capital(words()->dimension($of['catalog'], $key)), 'times' => words()->formats->number($times, 1)]) }}</li>
                    @empty<li>{{ say('practice.own_priors.as_usual') }}</li>@endforelse</ul>
            @endforeach
            <form method="post" action="{{ route('own-priors') }}" class="d-inline">@csrf @method('put')<button class="btn btn-outline-primary mb-2">{{ say($known === [] ? 'practice.own_priors.work_out' : 'practice.own_priors.again') }}</button></form>
            @if($known !== [])<form method="post" action="{{ route('own-priors') }}" class="d-inline">@csrf @method('delete')<button class="btn btn-outline-secondary mb-2">{{ say('practice.own_priors.give_up') }}</button></form>@endif
        </section>
        <p class="mt-4 mb-1"><a href="{{ route('practice-hours') }}">{{ say('week.practice.link') }}</a></p>
        <p><a href="{{ route('settings') }}">{{ say('settings.title') }}</a></p>
    </div></div>
</x-layout>
