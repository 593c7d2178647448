@use('App\Craft\VisitYard')
@use('Core\Yard\Act')
@use('Core\Yard\Posture')
@php($gap = fn (float $of): string => words()->formats->centimeters($of * 100))
@php($x = fn (int $at): float => round(600 * $at / VisitYard::LONGEST, 1))
@php($y = fn (float $of): float => round(120 - 115 * min(1.05, $of), 1))
@php($line = collect($frames)->filter(fn ($one, $i) => $i % 5 === 0)->map(fn ($one) => $x($one->at).','.$y($one->isOver ? 1.0 : $one->arousal))->implode(' '))
<x-layout :title="say('yard.result.title', ['dog' => say('yard.dogs.'.$visit->dog->value.'.name')])">
    <p class="mb-1"><a href="{{ route('yard.index') }}">{{ say('yard.title') }}</a></p>
    <h1>{{ say('yard.result.title', ['dog' => say("yard.dogs.{$visit->dog->value}.name")]) }}</h1>
    <ul class="fs-5">
        <li>{{ say('yard.hands.left', ['count' => $score->leftTimes]) }}@if($score->handsOff !== null) {{ say('yard.hands.off', ['seconds' => words()->formats->number($score->handsOff, 1)]) }}@endif</li>
        <li>{{ say('yard.hands.in_time', ['count' => $score->inTime]) }}</li>
        <li>{{ say('yard.hands.followed', ['count' => $score->followed]) }}</li>
        <li>{{ say('yard.hands.unshown', ['count' => $score->unshown]) }}</li>
        <li>{{ say('yard.hands.marks', ['marks' => $score->marks, 'onIt' => $score->onIt]) }}</li>
        @if($score->over > 0)<li>{{ say('yard.hands.over', ['count' => $score->over]) }}</li>@endif
        <li>{{ $score->nearest === null ? say('yard.hands.not_near') : say('yard.hands.nearest', ['gap' => $gap($score->nearest)]) }}</li>
    </ul>
    <svg class="fan yard-strip" viewBox="0 0 600 150" role="img" aria-label="{{ say('yard.hands.strip') }}">
        @foreach([0.0, ...Posture::BANDS] as $i => $from)<rect x="0" width="600" y="{{ $y(($i < 4 ? Posture::BANDS[$i] : 1.05)) }}" height="{{ $y($from) - $y($i < 4 ? Posture::BANDS[$i] : 1.05) }}" fill="currentColor" fill-opacity="{{ 0.03 + 0.07 * $i }}" />@endforeach
        <polyline points="{{ $line }}" class="fan-middle" />
        @foreach($acts as $act)<line x1="{{ $x($act->at) }}" x2="{{ $x($act->at) }}" y1="126" y2="{{ $act->act === Act::Nearer ? 148 : 136 }}" class="axis" />@endforeach
    </svg>
    <p class="form-text">{{ say('yard.hands.strip') }}</p>
    <p>{{ $score->mistake === null ? say('yard.result.no_mistake') : say('yard.result.mistake', ['seconds' => words()->formats->number($score->mistake / 1000, 0)]) }}</p>
    <div class="d-flex flex-wrap gap-2">
        @if($score->mistake !== null)<form method="post" action="{{ route('yard-retry', $visit) }}">@csrf<button class="btn btn-next">{{ say('yard.result.retry') }}</button></form>@endif
        <form method="post" action="{{ route('yard.index') }}">@csrf<input type="hidden" name="dog" value="{{ $visit->dog->value }}"><button class="btn btn-outline-primary">{{ say('yard.result.again') }}</button></form>
        <a class="btn btn-outline-primary" href="{{ route('yard.index') }}">{{ say('yard.result.all') }}</a>
    </div>
</x-layout>
