@use('Core\Measure\Distance')
@php($d = fn (?float $meters) => $meters === null ? null : words()->formats->distance(Distance::fromMeters(min(500.0, max(0.01, $meters)))))
<dl class="facts" data-numbers>
    <dt>{{ say('places.sketch_numbers.path') }}</dt><dd>{{ say('places.sketch_numbers.away_at_its_nearest',
        ['path' => $d($layout->path)]) }}</dd>
    <dt>{{ say('places.sketch_numbers.seen') }}</dt><dd>{{ say('places.sketch_numbers.of_it_for',
        ['visible' => $d($setUp->view->visible)]) }} <strong>{{ words()->formats->seconds($setUp->view->seconds) }}</strong>: {{ say('places.sketch_numbers.seconds_hold', ['isWithin' => $setUp->isWithinHold($hold), 'hold' => words()->formats->seconds($hold), 'over' => words()->formats->seconds($setUp->view->seconds - $hold)]) }}</dd>
    <dt>{{ say('places.sketch_numbers.gap_for_the_hold') }}</dt><dd>{{ say('places.sketch_numbers.widest',
        ['isNone' => $setUp->widest === null, 'wide' => (string) $d($setUp->widest)]) }}</dd>
    @if($setUp->share !== null)
        <dt>{{ say('places.sketch_numbers.inside_the_limit') }}</dt><dd><strong>{{ words()->formats->percent(100 * $setUp->share->value) }}</strong> {{ say('places.sketch_numbers.of_what_is_seen') }}</dd>
        <dt>{{ say('places.sketch_numbers.head_on_decide_at') }}</dt><dd><strong>{{ $d($setUp->decideAt) }}</strong>{{ say('places.sketch_numbers.to_turn_and_reach_cover_without') }}</dd>
        <dt>{{ say('places.sketch_numbers.step_aside_at') }}</dt><dd>{{ say('places.sketch_numbers.at_the_latest_square_to_the',
            ['aside_at' => $d($setUp->asideAt), 'aside_nearest' => $d($setUp->asideNearest)]) }}</dd>
    @else
        <dt>{{ say('places.sketch_numbers.limit') }}</dt><dd>{{ say('places.sketch_numbers.choose_a_dog_s_plan_to') }}</dd>
    @endif
</dl>
