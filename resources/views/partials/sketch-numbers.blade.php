@use('Core\Measure\Distance')
@php($d = fn (?float $meters) => $meters === null ? null : Distance::fromMeters(min(500.0, max(0.01, $meters)))->inWords($unit))
<dl class="facts" data-numbers>
    <dt>Path</dt><dd>{{ $d($layout->path) }} away at its nearest</dd>
    <dt>Seen</dt><dd>{{ $d($setUp->view->visible) }} of it, for <strong>{{ number_format($setUp->view->seconds, 1) }} s</strong>: {{ $setUp->isWithinHold($hold) ? 'within the hold of '.round($hold, 1).' s' : number_format($setUp->view->seconds - $hold, 1).' s longer than the hold' }}</dd>
    <dt>Gap for the hold</dt><dd>{{ $setUp->widest === null ? 'none: even a slit shows it for longer' : 'at most '.$d($setUp->widest).' wide there' }}</dd>
    @if($setUp->share !== null)
        <dt>Inside the limit</dt><dd><strong>{{ round(100 * $setUp->share) }} %</strong> of what is seen</dd>
        <dt>Head-on, decide at</dt><dd><strong>{{ $d($setUp->decideAt) }}</strong>, to turn and reach cover without its coming nearer than the limit</dd>
        <dt>Step aside at</dt><dd>{{ $d($setUp->asideAt) }} at the latest, square to the path; with the room there is it then comes as near as {{ $d($setUp->asideNearest) }}</dd>
    @else
        <dt>Limit</dt><dd>choose a dog's plan to see what lies inside its limit</dd>
    @endif
</dl>
