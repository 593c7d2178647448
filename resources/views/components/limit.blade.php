@props(['limit', 'unit'])
@if($limit === null)
    no model yet
@else
    {{ $limit->point?->inWords($unit) ?? 'beyond 500 m' }}
    <span class="text-body-secondary">(between {{ $limit->nearest->inWords($unit) }} and {{ $limit->farthest?->inWords($unit) ?? 'no known safe distance' }})</span>
@endif
