@props(['limit'])
@if($limit === null)
    {{ say('layout.limit.no_model_yet') }}
@else
    {{ words()->formats->distanceOrNull($limit->point) ?? say('layout.limit.beyond', ['most' => words()->formats->meters(500.0)]) }}
    <span class="text-body-secondary">{{ say('layout.limit.range', ['nearest' => words()->formats->distance($limit->nearest),
        'farthest' => words()->formats->distanceOrNull($limit->farthest) ?? say('layout.limit.no_farthest')]) }}</span>
@endif
