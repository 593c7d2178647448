@use('Core\Observation\Activity')
<x-layout :title="say('free.title')" class="session-page">
    <h1 class="h3">{{ say('free.title') }}</h1>
    <p class="text-body-secondary">{{ say('free.about') }}</p>
    <x-problems />
    @if($dog === null)
        <h2 class="h5">{{ say('free.choose_dog') }}</h2>
        <div class="picks">@foreach($dogs as $id => $name)<a class="btn btn-outline-primary" href="{{ route('free.create',
            ['dog' => $id]) }}">{{ $name }}</a>@endforeach</div>
    @else
        <form method="post" action="{{ route('free.store', $dog) }}">
            @csrf
            <input type="hidden" name="uuid" value="{{ typed('uuid', $uuid) }}">
            <p class="d-flex flex-wrap gap-2 align-items-center"><strong class="fs-4">{{ $dog->name }}</strong>
                @if(count($dogs) > 1)<a href="{{ route('free.create') }}">{{ say('free.choose_dog') }}</a>@endif</p>
            <x-field name="place" :label="say('free.place')" :hint="say('free.place_hint')" maxlength="120" list="places"
                autocomplete="off" />
            <datalist id="places">@foreach($places as $place)<option value="{{ $place }}"></option>@endforeach</datalist>
            <div class="form-check mb-3"><input class="form-check-input" type="checkbox" id="woken" name="is_woken" value="1"
                @checked(typed('is_woken'))><label class="form-check-label" for="woken">{{ say('free.woken') }}</label></div>
            <div class="free-starts">
                @foreach(Activity::cases() as $activity)
                    <button class="btn {{ $loop->first ? 'btn-next' : 'btn-outline-primary' }}" name="activity"
                        value="{{ $activity->value }}"><strong>{{ words()->label($activity) }}</strong><span
                        class="d-block small">{{ say("free.activity_about.{$activity->value}") }}</span></button>
                @endforeach
            </div>
            <div class="row mt-3">
                <div class="col-sm-6"><x-choice name="skill" :label="say('free.skill')" :options="collect($skills)->mapWithKeys(fn ($key) =>
                    [$key => say('methods.skills.'.$key.'.label')])" /></div>
                <div class="col-sm-6"><x-handler :label="say('free.handler')" :options="$people" :value="$person"
                    :empty="say('free.not_said')" /></div>
            </div>
        </form>
    @endif
</x-layout>
