<x-layout :title="say('film.session.title')" class="session-page">
    <p class="mb-1"><a href="{{ route('films.show', $film) }}">{{ $film->name }}</a></p>
    <h1 class="h3">{{ say('film.session.title') }}</h1>
    <x-problems />
    @if($film->session_id !== null)
        <p>{{ say('film.session.is') }}</p>
    @elseif($record === null || $record->record()->trials === [])
        <p>{{ say('film.session.none') }}</p>
    @else
        <p>{{ say('film.session.about', ['count' => count($record->record()->trials)]) }}</p>
        <form method="post" action="{{ route('films.session', $film) }}">
            @csrf
            <div class="row">
                <div class="col-sm-6"><x-choice name="plan" :label="say('film.session.plan')" :options="$plans" /></div>
                <div class="col-sm-6"><x-handler :label="say('sessions.create.handler')" :options="$people" :value="$person" /></div>
                <div class="col-sm-4"><x-field name="day" :label="say('sessions.past.day')" type="date" :value="$day" required /></div>
                <div class="col-6 col-sm-4"><x-field name="from" :label="say('film.session.from')" type="time" required /></div>
                <div class="col-6 col-sm-4"><x-field name="distance" :label="say('film.session.distance', ['unit' => say('device.units.'.auth()->user()->units()->distance->value)])" inputmode="decimal" required /></div>
            </div>
            <button class="btn btn-next w-100">{{ say('film.session.go') }}</button>
        </form>
    @endif
</x-layout>
