@use('Core\Measure\Distance')
@use('Core\Yard\Posture')
@use('Core\Yard\YardRun')
@php($meters = fn (float $of): string => words()->formats->distance(Distance::fromMeters($of)))
@php($x = fn (int $at): float => round(600 * $at / (YardRun::PASSES * YardRun::PASS), 1))
@php($y = fn (float $of): float => round(120 - 115 * min(1.05, $of), 1))
@php($line = collect($frames)->filter(fn ($one, $i) => $i % 5 === 0)->map(fn ($one) => $x($one->at).','.$y($one->isOver ? 1.0 : $one->arousal))->implode(' '))
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
    <svg class="fan yard-strip" viewBox="0 0 600 150" role="img" aria-label="{{ say('yard.result.strip') }} {{ say('yard.result.strip_told',
        ['bands' => collect($engine)->map(fn ($one) => words()->label($one['band']))->implode(', ')]) }}">
        @foreach([0.0, ...Posture::BANDS] as $i => $from)<rect x="0" width="600" y="{{ $y(($i < 4 ? Posture::BANDS[$i] : 1.05)) }}" height="{{ $y($from) - $y($i < 4 ? Posture::BANDS[$i] : 1.05) }}" fill="currentColor" fill-opacity="{{ 0.03 + 0.07 * $i }}" />@endforeach
        @foreach(range(1, YardRun::PASSES - 1) as $pass)<line x1="{{ $x($pass * YardRun::PASS) }}" x2="{{ $x($pass * YardRun::PASS) }}" y1="0" y2="150" class="axis" />@endforeach
        <polyline points="{{ $line }}" class="fan-middle" />
        @foreach($acts as $act)<line x1="{{ $x($act->at) }}" x2="{{ $x($act->at) }}" y1="126" y2="{{ in_array($act->act->value, ['farther', 'walk_off'], true) ? 148 : 138 }}" class="axis" />@endforeach
    </svg>
    <p class="form-text">{{ say('yard.result.strip') }}</p>
    <h2>{{ say('yard.result.engine') }}</h2>
    <ol class="list-group mb-3">
        @foreach($engine as $one)
            <li class="list-group-item"><strong>{{ say('yard.result.pass', ['number' => $one['pass'] + 1]) }}</strong>, {{ say('yard.result.nearest', ['meters' => $meters($one['meters'])]) }}: {{ words()->label($one['band']) }} · {{ say('yard.result.then') }}
                <strong>{{ words()->label($one['advice']->action) }}@if($one['advice']->next?->exposure->distance()) {{ $meters($one['advice']->next->exposure->distance()->meters) }}@endif</strong>
                @if(isset($engine[$loop->index + 1])) · {{ say('yard.result.you') }} {{ $meters($engine[$loop->index + 1]['meters']) }}@endif</li>
        @endforeach
    </ol>
    <p>{{ $score->mistake === null ? say('yard.result.no_mistake') : say('yard.result.mistake', ['seconds' => words()->formats->number($score->mistake / 1000, 0)]) }}</p>
    <div class="d-flex flex-wrap gap-2">
        @if($score->mistake !== null)<form method="post" action="{{ route('yard-retry', $visit) }}">@csrf<button class="btn btn-next">{{ say('yard.result.retry') }}</button></form>@endif
        <form method="post" action="{{ route('yard.index') }}">@csrf<input type="hidden" name="dog" value="{{ $visit->dog->value }}"><button class="btn btn-outline-primary">{{ say('yard.result.again') }}</button></form>
        <a class="btn btn-outline-primary" href="{{ route('yard.index') }}">{{ say('yard.result.all') }}</a>
    </div>
</x-layout>
