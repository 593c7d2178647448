@use('App\Models\HealthKind')
@php($weights = $entries->where('kind', HealthKind::Weight)->values())
@php($others = $entries->where('kind', '!==', HealthKind::Weight)->groupBy(fn ($entry) => $entry->until_on === null ? 'now' : 'before'))
<x-layout :title="say('dogs.health.title', ['dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1>{{ say('dogs.health.title', ['dog' => $dog->name]) }}</h1>
    <p class="text-body-secondary">{{ say('dogs.health.about') }}</p>
    <x-problems />
    <div class="row g-4">
        <div class="col-lg-7">
            @if($entries->isEmpty())<p>{{ say('dogs.health.none') }}</p>@endif
            @foreach(['now', 'before'] as $when)
                @if($others->has($when))
                    <h2 class="h5 mt-0">{{ say("dogs.health.{$when}") }}</h2>
                    <ul class="list-group mb-3">
                        @foreach($others[$when] as $entry)
                            <li class="list-group-item">
                                <strong>{{ $entry->name }}</strong> <span
                                    class="text-body-secondary">{{ say("dogs.health.kinds.{$entry->kind->value}") }} · {{ say($entry->until_on ? 'dogs.health.from_until' : 'dogs.health.since',
                                    ['from' => words()->formats->date($entry->from_on),
                                    'until' => $entry->until_on ? words()->formats->date($entry->until_on) : '']) }} · {{ say('dogs.health.by', ['name' => $entry->user->name]) }}</span>
                                <details><summary>{{ say('dogs.health.change_until') }}<span
                                    class="visually-hidden">: {{ $entry->name }}</span></summary>
                                    <div class="d-flex flex-wrap gap-2 align-items-end mt-2">
                                        <form method="post" action="{{ route('health.update', $entry) }}" class="d-flex gap-2 align-items-end">
                                            @csrf @method('put')
                                            <label>{{ say('dogs.health.until') }} <input type="date" name="until_on" class="form-control"
                                                value="{{ $entry->until_on ? words()->formats->iso($entry->until_on) : '' }}"></label>
                                            <button class="btn btn-outline-primary">{{ say('account.save') }}</button>
                                        </form>
                                        <form method="post" action="{{ route('health.destroy', $entry) }}">@csrf @method('delete')<button
                                            class="btn btn-outline-secondary">{{ say('dogs.health.take_out') }}</button></form>
                                    </div>
                                </details>
                            </li>
                        @endforeach
                    </ul>
                @endif
            @endforeach
            @if($weights->isNotEmpty())
                <h2 class="h5">{{ say('dogs.health.weights') }}</h2>
                <ul class="list-group">
                    @foreach($weights as $i => $entry)
                        <li class="list-group-item d-flex flex-wrap justify-content-between gap-2">
                            <span>{{ words()->formats->date($entry->from_on) }}</span>
                            <strong>{{ words()->formats->kilograms((float) $entry->kilograms) }}</strong>
                            <form method="post" action="{{ route('health.destroy', $entry) }}">@csrf @method('delete')<button
                                class="btn btn-sm btn-outline-secondary">{{ say('dogs.health.take_out') }}<span
                                class="visually-hidden">: {{ words()->formats->date($entry->from_on) }}</span></button></form>
                        </li>
                    @endforeach
                </ul>
            @endif
        </div>
        <div class="col-lg-5">
            <form method="post" action="{{ route('health.store', $dog) }}" class="card card-body mb-3">
                @csrf
                <h2 class="h5 mt-0">{{ say('dogs.health.add_head') }}</h2>
                <x-choice name="kind" :label="say('dogs.health.kind')" :options="labels('dogs.health.kinds', ['medication', 'condition'])" />
                <x-field name="health_name" :label="say('dogs.health.name')" :hint="say('dogs.health.name_hint')" maxlength="120" required />
                <x-field name="from_on" :label="say('dogs.health.from')" type="date" :value="words()->formats->iso(now())" required />
                <x-field name="until_on" :label="say('dogs.health.until')" type="date" :hint="say('dogs.health.until_hint')" />
                <div><button class="btn btn-primary">{{ say('dogs.health.add') }}</button></div>
            </form>
            <form method="post" action="{{ route('health.store', $dog) }}" class="card card-body">
                @csrf
                <input type="hidden" name="kind" value="weight">
                <h2 class="h5 mt-0">{{ say('dogs.health.weigh_head') }}</h2>
                <x-field name="weight" :label="say('dogs.health.weight_in', ['unit' => words()->reader->units->toDisplayed('kg')])"
                    inputmode="decimal" required />
                <x-field name="weighed_on" :label="say('dogs.health.weighed_on')" type="date" :value="words()->formats->iso(now())" required />
                <div><button class="btn btn-primary">{{ say('dogs.health.add') }}</button></div>
            </form>
        </div>
    </div>
</x-layout>
