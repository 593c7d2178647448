@props(['level'])
{{-- "18 m" where a plan has distances, else the step --}}
@if($level): {{ words()->formats->distanceOrNull($level->exposure->distance()) ?? say('layout.where.step',
    ['number' => $level->step + 1]) }}@endif
