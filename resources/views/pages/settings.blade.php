@use('App\Practice\Http\ReaderRequest')
@use('Core\Measure\DistanceUnit')
<x-layout :title="say('settings.title')">
    @php($systems = labels('settings.systems', ReaderRequest::SYSTEMS))
    @php($clocks = labels('settings.clocks', ReaderRequest::CLOCKS))
    @php($units = cases(DistanceUnit::cases()))
    @php($as = fn (string $value) => say('settings.as_practice', ['value' => $value]))
    @php($systemOf = fn (?bool $isImperial) => $isImperial === null ? null : ($isImperial ? 'imperial' : 'metric'))
    @php($clockOf = fn (?bool $is24) => $is24 === null ? null : ($is24 ? '24' : '12'))
    <h1>{{ say('settings.title') }}</h1>
    <x-problems />
    <div class="row g-4">
        <form class="col-lg-6" method="post" action="{{ route('settings.update') }}">
            @csrf @method('put')
            <h2 class="mt-0">{{ say('settings.own') }}</h2>
            <x-choice name="language" :label="say('settings.language')" :options="$languages" :value="$user->language"
                :empty="$as($languages[$practice->language] ?? $practice->language)" />
            <x-choice name="distance_unit" :label="say('settings.distance')" :options="$units" :value="$user->distance_unit?->value"
                :empty="$as($units[$practice->distance_unit->value])" />
            <x-choice name="system" :label="say('settings.system')" :options="$systems" :value="$systemOf($user->is_imperial)"
                :empty="$as($systems[$systemOf($practice->is_imperial)])" />
            <x-choice name="clock" :label="say('settings.clock')" :options="$clocks" :value="$clockOf($user->is_clock24)"
                :empty="$as($clocks[$clockOf($practice->is_clock24)])" />
            <button class="btn btn-next">{{ say('settings.save') }}</button>
        </form>
        @if($isOwner)
            <form class="col-lg-6" method="post" action="{{ route('settings.practice') }}">
                @csrf @method('put')
                <h2 class="mt-0">{{ say('settings.practice') }}</h2>
                <p class="text-body-secondary">{{ say('settings.practice_about') }}</p>
                @foreach([['language', 'language', $languages, $practice->language],
                    ['distance_unit', 'distance', $units, $practice->distance_unit->value],
                    ['system', 'system', $systems, $systemOf($practice->is_imperial)],
                    ['clock', 'clock', $clocks, $clockOf($practice->is_clock24)]] as [$field, $name, $choices, $value])
                    <div class="mb-3"><label class="form-label mb-1" for="p-{{ $field }}">{{ say("settings.{$name}") }}</label><select
                        class="form-select" id="p-{{ $field }}" name="{{ $field }}">@foreach($choices as $key => $text)<option
                        value="{{ $key }}" @selected((string) $value === (string) $key)>{{ $text }}</option>@endforeach</select></div>
                @endforeach
                <button class="btn btn-primary">{{ say('settings.save') }}</button>
            </form>
        @endif
    </div>
</x-layout>
