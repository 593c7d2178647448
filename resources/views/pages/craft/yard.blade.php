@use('Core\Yard\YardDog')
<x-layout :title="say('yard.title')" script="resources/js/timing.js">
    <p class="mb-1"><a href="{{ route('timing.index') }}">{{ say('timing.title') }}</a></p>
    <h1>{{ say('yard.title') }}</h1>
    <p>{{ say('yard.about') }}</p>
    <x-problems />
    <ul class="list-group mb-4">
        @foreach([YardDog::Plain, YardDog::OverEager, YardDog::OnMat, YardDog::Anxious, YardDog::Silenced, YardDog::HandShy] as $dog)
            @php($of = $visits[$dog->value])
            <li class="list-group-item timing-drill">
                <div><strong>{{ say("yard.dogs.{$dog->value}.name") }}</strong><br><span class="text-body-secondary">{{ say("yard.dogs.{$dog->value}.lesson") }}</span></div>
                <div>@forelse($of as $visit)<a class="me-2" href="{{ route('yard-visit', $visit) }}">{{ words()->formats->date($visit->started_at) }}</a>@empty{{ say('yard.none') }}@endforelse</div>
                <form method="post" action="{{ route('yard.index') }}">@csrf<input type="hidden" name="dog" value="{{ $dog->value }}"><button
                    class="btn btn-outline-primary">{{ say('yard.go') }}<span class="visually-hidden">: {{ say("yard.dogs.{$dog->value}.name") }}</span></button></form>
            </li>
        @endforeach
    </ul>
</x-layout>
