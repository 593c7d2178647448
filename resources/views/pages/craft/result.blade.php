@use('App\Craft\MarkInWords')
@use('Core\Marking\Drill')
@php($drill = $round->drill)
@php($seconds = fn (float $ms): string => words()->formats->number($ms / 1000, 2))
@php($thing = $result->oneThing())
<x-layout :title="say('timing.result.title', ['drill' => say('timing.drills.'.$drill->value.'.name')])" script="resources/js/timing.js">
    <p class="mb-1"><a href="{{ route('timing.index') }}">{{ say('timing.title') }}</a></p>
    <h1>{{ say('timing.result.title', ['drill' => say("timing.drills.{$drill->value}.name")]) }}</h1>
    <section class="card card-body mb-3" aria-labelledby="thing-head"><h2 class="h5 mt-0" id="thing-head">{{ say('timing.result.one_thing') }}</h2>
        <p class="mb-0">{{ say("timing.things.{$thing->value}") }}</p></section>
    <p class="fs-4 mb-1">{{ $drill === Drill::Settling
        ? say('timing.result.settling', ['done' => $result->asidesDone, 'asked' => $result->asides, 'marks' => array_sum($result->classes)])
        : say('timing.result.share', ['good' => $result->classes['on_it'] + $result->classes['just_after'], 'asked' => $result->asked]) }}</p>
    @if($result->offset)<p>{{ say('timing.result.median', ['offset' => $seconds($result->offset->median), 'hasRange' => $result->offset->lower !== null,
        'lower' => $seconds($result->offset->lower ?? 0.0), 'upper' => $seconds($result->offset->upper ?? 0.0)]) }}@if($result->spread !== null), {{ say('timing.result.spread', ['spread' => $seconds($result->spread)]) }}@endif.</p>@endif
    <ul class="list-unstyled d-flex flex-wrap gap-3">
        @foreach([...$result->classes, 'missed' => $result->missed, 'doubles' => $result->doubles] as $class => $count)
            @if($count > 0)<li><strong>{{ words()->formats->number($count) }}</strong> {{ say("timing.result.classes.{$class}") }}</li>@endif
        @endforeach
    </ul>
    @if($drill->isFed() && $drill !== Drill::Settling)<ul class="list-unstyled d-flex flex-wrap gap-3">@foreach($result->food as $food => $count)@if($count > 0)<li><strong>{{ words()->formats->number($count) }}</strong> {{ say("timing.result.food.{$food}") }}</li>@endif @endforeach</ul>@endif
    @if($result->asides > 0 && $drill !== Drill::Settling)<p>{{ say('timing.result.asides', ['done' => $result->asidesDone, 'asked' => $result->asides]) }}</p>@endif
    <form method="post" action="{{ route('timing.rounds') }}" class="d-flex flex-wrap gap-2 mb-3">
        @csrf
        <input type="hidden" name="drill" value="{{ ($thing === Core\Marking\OneThing::NextDrill ? $drill->next() ?? $drill : $drill)->value }}">
        <input type="hidden" name="mark_by" value="{{ $round->mark_by }}"><input type="hidden" name="device" value="" data-device>
        <button class="btn btn-next">{{ $thing === Core\Marking\OneThing::NextDrill && $drill->next() ? say('timing.drills.'.$drill->next()->value.'.name') : say('timing.result.again') }}</button>
        <a class="btn btn-outline-primary" href="{{ route('timing.index') }}">{{ say('timing.result.on') }}</a>
    </form>
    <details class="mb-3"><summary>{{ say('timing.result.marks') }}</summary>
        <ol class="mt-2">@foreach($marks as $mark)<li>{{ MarkInWords::of($mark, $drill) }}</li>@endforeach</ol></details>
    <details><summary>{{ say('timing.result.how') }}</summary>
        <p class="mt-2">{{ say('timing.result.how_told', ['spread' => $round->spread_ms]) }}
            @if($result->goNoGo){{ say('timing.result.told_apart', ['sensitivity' => words()->formats->number($result->goNoGo->sensitivity, 1),
                'bias' => $result->goNoGo->bias < -0.3 ? 'free' : ($result->goNoGo->bias > 0.3 ? 'tight' : 'even')]) }}@endif</p></details>
</x-layout>
