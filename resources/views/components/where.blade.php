@props(['level', 'unit'])
{{-- "18 m" where a plan has distances, else the step --}}
@if($level): {{ $level->exposure->distance()?->inWords($unit) ?? 'step '.($level->step + 1) }}@endif
