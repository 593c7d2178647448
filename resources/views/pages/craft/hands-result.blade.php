@use('Core\Yard\Act')
@php($gap = fn (float $of): string => words()->formats->centimeters($of * 100))
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
    <x-yard-strip :frames="$frames" :acts="$acts" :long="[]" :deep="[Act::Nearer]" :label="say('yard.hands.strip')" />
    <p class="form-text">{{ say('yard.hands.strip') }}</p>
    <x-yard-again :visit="$visit" :mistake="$score->mistake" />
</x-layout>
