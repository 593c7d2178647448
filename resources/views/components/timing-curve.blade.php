@props(['rounds', 'drill'])
@php($shares = array_map(fn ($round) => $round->share ?? 0.0, $rounds))
@php($count = count($shares))
@if($count > 1)
    <svg class="timing-curve" viewBox="0 0 120 36" role="img" aria-label="{{ say('timing.curve', ['drill' => say("timing.drills.{$drill->value}.name"),
        'count' => $count, 'first' => words()->formats->percent(100 * ($shares[0])), 'last' => words()->formats->percent(100 * ($shares[$count - 1]))]) }}">
        <line x1="2" x2="118" y1="{{ 34 - 32 * Core\Marking\Drill::LEARNED }}" y2="{{ 34 - 32 * Core\Marking\Drill::LEARNED }}" class="timing-learned" />
        <polyline points="{{ implode(' ', array_map(fn ($share, $i) => round(2 + 116 * $i / ($count - 1), 1).','.round(34 - 32 * $share, 1), $shares, array_keys($shares))) }}" />
        @foreach($shares as $i => $share)<circle cx="{{ round(2 + 116 * $i / ($count - 1), 1) }}" cy="{{ round(34 - 32 * $share, 1) }}" r="2" />@endforeach
    </svg>
@endif
