@props(['frames', 'acts', 'long', 'label', 'deep'])
@use('App\Craft\VisitYard')
@use('Core\Yard\Posture')
@php($x = fn (int $at): float => round(600 * $at / VisitYard::LONGEST, 1))
@php($y = fn (float $of): float => round(120 - 115 * min(1.05, $of), 1))
@php($line = collect($frames)->filter(fn ($one, $i) => $i % 5 === 0)->map(fn ($one) => $x($one->at).','.$y($one->isOver ? 1.0 : $one->arousal))->implode(' '))
{{-- what it felt over the five bands, lines at moments that part it, and below what was done --}}
<svg class="fan yard-strip" viewBox="0 0 600 150" role="img" aria-label="{{ $label }}">
    @foreach([0.0, ...Posture::BANDS] as $i => $from)<rect x="0" width="600" y="{{ $y(($i < 4 ? Posture::BANDS[$i] : 1.05)) }}" height="{{ $y($from) - $y($i < 4 ? Posture::BANDS[$i] : 1.05) }}" fill="currentColor" fill-opacity="{{ 0.03 + 0.07 * $i }}" />@endforeach
    @foreach($long as $at)<line x1="{{ $x($at) }}" x2="{{ $x($at) }}" y1="0" y2="150" class="axis" />@endforeach
    <polyline points="{{ $line }}" class="fan-middle" />
    @foreach($acts as $act)<line x1="{{ $x($act->at) }}" x2="{{ $x($act->at) }}" y1="126" y2="{{ in_array($act->act, $deep, true) ? 148 : 138 }}" class="axis" />@endforeach
</svg>
