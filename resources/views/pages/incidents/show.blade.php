@use('App\Incident\IncidentFacts')
<x-layout :title="say('events.incident_show.title', ['dog' => $incident->dog->name])">
    <p class="mb-1 no-print"><a href="{{ route('dogs.show', $incident->dog) }}">{{ $incident->dog->name }}</a></p>
    <h1>{{ say('events.incident_show.incident_of', ['zone' => words()->formats->dateTime($incident->occurred_at)]) }}</h1>
    <p>{{ say('events.incident_show.recorded_by_on', ['dog' => $incident->dog->name, 'place' => $incident->place,
        'incident' => $incident->user->name, 'zone' => $incident->created_at === null ? ''
        : words()->formats->dateTime($incident->created_at)]) }}</p>
    <dl class="facts">
        @foreach($words as $question => $answer)<dt>{{ $question }}</dt><dd>{{ $answer }}</dd>@endforeach
        <dt>{{ say('events.incident_show.what_came_before') }}</dt><dd>{{ $incident->before }}</dd>
        <dt>{{ say('events.incident_show.treatment') }}</dt><dd>{{ $incident->treatment ?? say('events.incident_show.none_told') }}</dd>
        <dt>{{ say('events.incident_show.told') }}</dt><dd>{{ collect($incident->told)->map(fn ($who) => say("options.told.{$who}"))->implode(', ') }}@if($incident->told_note) ({{ $incident->told_note }})@endif</dd>
    </dl>
    <p class="form-text">{{ say('events.incident_show.private_share_only_what_the_receiver') }}</p>
    @foreach($incident->dog->plans as $plan)@if($plan->resting_reason)<p class="no-print"><a
        href="{{ route('plans.show',
        $plan) }}">{{ $plan->name }}</a> {{ say('events.incident_show.rests_until_it_is_reviewed') }}</p>@endif @endforeach
</x-layout>
