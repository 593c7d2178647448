@use('App\Upsets\IncidentFacts')
<x-layout :title="'Incident: '.$incident->dog->name">
    <p class="mb-1 no-print"><a href="{{ route('dogs.show', $incident->dog) }}">{{ $incident->dog->name }}</a></p>
    <h1>Incident of {{ $incident->occurred_at->setTimezone($zone)->format('F j, Y, H:i') }}</h1>
    <p>{{ $incident->dog->name }}, {{ $incident->place }}. Recorded by {{ $incident->user->name }} on {{ $incident->created_at?->setTimezone($zone)->format('F j, Y, H:i') }}.</p>
    <dl class="facts">
        @foreach($words as $question => $answer)<dt>{{ $question }}</dt><dd>{{ $answer }}</dd>@endforeach
        <dt>What came before</dt><dd>{{ $incident->before }}</dd>
        <dt>Treatment</dt><dd>{{ $incident->treatment ?? 'none told' }}</dd>
        <dt>Told</dt><dd>{{ collect($incident->told)->map(fn ($who) => IncidentFacts::TOLD[$who] ?? $who)->implode(', ') }}@if($incident->told_note) ({{ $incident->told_note }})@endif</dd>
    </dl>
    <p class="form-text">Private: share only what the receiver needs. It is not changed later; what is learned since is told in another one.</p>
    @foreach($incident->dog->plans as $plan)@if($plan->resting_reason)<p class="no-print"><a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a> rests until it is reviewed.</p>@endif @endforeach
</x-layout>
