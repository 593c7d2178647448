@props(['band', 'word' => true])
<span class="text-nowrap"><svg class="band-glyph band-{{ $band->value }}" @if($word) aria-hidden="true" @else role="img"
    aria-label="{{ words()->label($band) }}" @endif focusable="false"><use
    href="#band-{{ $band->value }}"/></svg>@if($word) {{ words()->label($band) }}@endif</span>
