@php($number = fn (float $of): string => words()->formats->number($of, 1))
<ul>
    <li>{{ say('film.measures.look_backs', ['rate' => $number($measures->lookBacks)]) }}</li>
    <li>{{ say('film.measures.food', ['rate' => $number($measures->food)]) }}</li>
    @foreach($measures->stares as $at => $stare)
        <li>{{ say('film.measures.stare', ['where' => say("film.states.gaze.{$at}"), 'count' => $stare['count'], 'median' => $number($stare['median']), 'longest' => $number($stare['longest'])]) }}</li>
    @endforeach
    <li>{{ say('film.measures.marks', ['marks' => $measures->marks, 'answered' => $measures->answered]) }}</li>
    @if($measures->loading !== null)<li>{{ say('film.measures.loading', ['seconds' => $number($measures->loading)]) }}</li>@endif
    @if($measures->recoveries !== [])<li>{{ say('film.measures.recovery', ['seconds' => $number(Core\Measure\Median::of($measures->recoveries)), 'missed' => $measures->unrecovered]) }}</li>
    @elseif($measures->unrecovered > 0)<li>{{ say('film.measures.no_recovery') }}</li>@endif
    @if($measures->tight !== null)<li>{{ say('film.measures.tight', ['share' => words()->formats->percent(100 * $measures->tight)]) }}</li>@endif
    @if($measures->markOffsets)
        <li>{{ $measures->markOffsets->lower === null ? say('film.measures.offset', ['seconds' => $number($measures->markOffsets->median), 'count' => $measures->markOffsets->values])
            : say('film.measures.offset_between', ['seconds' => $number($measures->markOffsets->median), 'low' => $number($measures->markOffsets->lower), 'high' => $number($measures->markOffsets->upper), 'count' => $measures->markOffsets->values]) }}</li>
    @endif
</ul>
