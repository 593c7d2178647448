@use('Core\Measure\Distance')
@use('Core\Yard\Act')
@use('Core\Yard\YardRun')
@php($meters = fn (float $of): string => words()->formats->distance(Distance::fromMeters($of)))
<x-layout :title="say('yard.result.title', ['dog' => say('yard.dogs.'.$visit->dog->value.'.name')])">
    <p class="mb-1"><a href="{{ route('yard.index') }}">{{ say('yard.title') }}</a></p>
    <h1>{{ say('yard.result.title', ['dog' => say("yard.dogs.{$visit->dog->value}.name")]) }}</h1>
    <ul class="fs-5">
        <li>{{ $visit->guess_meters === null ? say('yard.result.no_guess', ['true' => $meters($score->workingMeters)])
            : say('yard.result.guess', ['guess' => $meters($visit->guess_meters), 'true' => $meters($score->workingMeters)]) }}</li>
        <li>{{ say('yard.result.over', ['count' => $score->over]) }}</li>
        <li>{{ $score->answer === null ? say('yard.result.no_answer', ['unanswered' => $score->unanswered])
            : say('yard.result.answer', ['seconds' => words()->formats->number($score->answer, 1), 'unanswered' => $score->unanswered]) }}</li>
        <li>{{ say('yard.result.misjudged', ['count' => $score->misjudged]) }}</li>
        <li>{{ say('yard.result.marks', ['marks' => $score->marks, 'onIt' => $score->onIt]) }}</li>
        <li>{{ say('yard.result.needless', ['share' => words()->formats->percent(100 * $score->needless)]) }}</li>
    </ul>
    <x-yard-strip :frames="$frames" :acts="$acts" :long="array_map(fn (int $pass): int => $pass * YardRun::PASS, range(1, YardRun::PASSES - 1))" :deep="[Act::Farther, Act::WalkOff]"
        :label="say('yard.result.strip').' '.say('yard.result.strip_told', ['bands' => collect($engine)->map(fn ($one) => words()->label($one['band']))->implode(', ')])" />
    <p class="form-text">{{ say('yard.result.strip') }}</p>
    <h2>{{ say('yard.result.engine') }}</h2>
    <ol class="list-group mb-3">
        @foreach($engine as $one)
            <li class="list-group-item"><strong>{{ say('yard.result.pass', ['number' => $one['pass'] + 1]) }}</strong>, {{ say('yard.result.nearest', ['meters' => $meters($one['meters'])]) }}: {{ words()->label($one['band']) }} · {{ say('yard.result.then') }}
                <strong>{{ words()->label($one['advice']->action) }}@if($one['advice']->next?->exposure->distance()) {{ $meters($one['advice']->next->exposure->distance()->meters) }}@endif</strong>
                @if(isset($engine[$loop->index + 1])) · {{ say('yard.result.you') }} {{ $meters($engine[$loop->index + 1]['meters']) }}@endif</li>
        @endforeach
    </ol>
    <x-yard-again :visit="$visit" :mistake="$score->mistake" />
</x-layout>
