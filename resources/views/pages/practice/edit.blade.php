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
        <p class="mt-4 mb-1"><a href="{{ route('practice-hours') }}">{{ say('week.practice.link') }}</a></p>
        <p><a href="{{ route('settings') }}">{{ say('settings.title') }}</a></p>
    </div></div>
</x-layout>
