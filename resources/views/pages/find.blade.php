<x-layout :title="say('practice.find.title')">
    <h1>{{ say('practice.find.title') }}</h1>
    <form method="get" action="{{ route('find') }}" role="search" class="d-flex gap-2 align-items-end mb-3">
        <div class="flex-grow-1"><label class="form-label mb-1" for="q">{{ say('practice.find.about') }}</label><input class="form-control"
            type="search" id="q" name="q" value="{{ $word }}" maxlength="80" autocomplete="off" autofocus></div>
        <button class="btn btn-primary">{{ say('people.find') }}</button>
    </form>
    @if($isTooShort)<p>{{ say('practice.find.too_short') }}</p>
    @elseif($word !== '' && $found === [])<p>{{ say('practice.find.nothing', ['word' => $word]) }}</p>@endif
    @foreach($found as $kind => $of)
        <h2>{{ say("practice.find.{$kind}") }}</h2>
        <ul class="list-group mb-3">
            @foreach($of as $one)
                <li class="list-group-item">
                    @switch($kind)
                        @case('dogs')<a class="fw-bold" href="{{ route('dogs.show', $one) }}">{{ $one->name }}</a> <span
                            class="text-body-secondary">{{ $one->description }}</span>@if($one->archived_at) {{ say('people.is_archived') }}@endif @break
                        @case('clients')<a class="fw-bold" href="{{ route('clients.show', $one) }}">{{ $one->name }}</a> {{ $one->phone }} @break
                        @case('people')<a class="fw-bold" href="{{ route('people.show', $one) }}">{{ $one->name }}</a> {{ $one->phone }} @break
                        @case('places')<a class="fw-bold" href="{{ route('places.show', $one) }}">{{ $one->name }}</a> <span
                            class="text-body-secondary">{{ $one->address }}</span> @break
                        @case('plans')<a class="fw-bold" href="{{ route('plans.show', $one) }}">{{ $one->responseModel->dog->name }}: {{ $one->name }}</a> @break
                        @case('sessions')<a href="{{ route('sessions.review', $one) }}">{{ words()->formats->dateTime($one->started_at) }}, {{ $one->plan->responseModel->dog->name }}</a>: {{ $one->end_note }} @break
                        @case('trials')<a href="{{ route('sessions.review', $one->session_id) }}">{{ words()->formats->dateTime($one->occurred_at) }}</a>: {{ $one->note }} @break
                        @case('free')<a href="{{ route('free.show', $one) }}">{{ words()->formats->dateTime($one->started_at) }}, {{ $one->dog->name }}</a>: {{ $one->end_note }} @break
                        @case('events')<a href="{{ route('dogs.show', $one->dog_id) }}">{{ words()->formats->dateTime($one->occurred_at) }}</a>: {{ $one->note }} @break
                    @endswitch
                </li>
            @endforeach
        </ul>
        @if($of->count() === $most)<p class="text-body-secondary">{{ say('practice.find.first', ['most' => $most]) }}</p>@endif
    @endforeach
</x-layout>
