@use('App\Models\WeeklyHours')
@php($monday = new DateTimeImmutable('2026-11-30 12:00', new DateTimeZone(words()->reader->zone)))
<x-layout :title="say('week.hours.title', ['name' => $owner->name])">
    <p class="mb-1"><a href="{{ $back }}">{{ $owner->name }}</a></p>
    <h1>{{ say('week.hours.title', ['name' => $owner->name]) }}</h1>
    <x-problems />
    <form method="post" action="{{ $action }}">
        @csrf @method('put')
        <div class="row g-4">
            @foreach($hours as $kind => $week)
                <fieldset class="col-lg-6">
                    <legend class="h5">{{ say($kind === WeeklyHours::BUSY ? 'week.hours.busy' : 'week.hours.link') }}</legend>
                    <p class="text-body-secondary">@if($kind === WeeklyHours::BUSY){{ say('week.hours.busy_about') }}@else{{ say("week.hours.of.{$of}", ['name' => $owner->name]) }}@endif {{ say('week.hours.about') }}</p>
                    @foreach($week as $weekday => $text)
                        <x-field :name="$kind.'['.$weekday.']'" :label="words()->formats->dayName($monday->modify('+'.$weekday.' days'))" :value="$text" maxlength="60" />
                    @endforeach
                </fieldset>
            @endforeach
        </div>
        @if($of === 'person')
            <div class="form-check mb-3"><input class="form-check-input" type="checkbox" id="f-helps" name="helps" value="1" @checked(typed('helps', $owner->helps))><label
                class="form-check-label" for="f-helps">{{ say('week.hours.helps') }}</label></div>
        @elseif($of === 'place')
            <x-field name="travel_minutes" inputmode="numeric" :label="say('week.hours.travel')" :value="$owner->travel_minutes"
                :hint="say('week.hours.travel_about', ['minutes' => Auth::user()->practice->travel_minutes])" />
        @endif
        <button class="btn btn-primary">{{ say('account.save') }}</button>
    </form>
</x-layout>
