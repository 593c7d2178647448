<svg class="fan future-fan" viewBox="0 0 {{ $width }} {{ $height + 18 }}" role="img" aria-label="{{ say('futures.chart', ['sessions' => $count,
    'low' => (int) round($fan->solid[$count - 1]['low']) + 1, 'high' => (int) round($fan->solid[$count - 1]['high']) + 1, 'steps' => $top + 1]) }}">
    <polygon class="fan-band" points="{{ $band }}" /><polyline class="fan-middle" points="{{ $middle }}" />
    <line class="axis" x1="{{ $left }}" x2="{{ $width - 8 }}" y1="{{ $floor }}" y2="{{ $floor }}" />
    <text x="4" y="{{ $floor / 2 }}" transform="rotate(-90 12 {{ $floor / 2 }})" text-anchor="middle">{{ say('futures.axes.steps') }}</text>
    <text x="{{ $width - 8 }}" y="{{ $height + 12 }}" text-anchor="end">{{ say('futures.axes.sessions') }}</text>
    @foreach($steps as $step)<text x="{{ $left - 6 }}" y="{{ $step['y'] + 4 }}" text-anchor="end">{{ words()->formats->number($step['number']) }}</text>@endforeach
    @foreach($sessions as $session)<text x="{{ $session['x'] }}" y="{{ $floor + 18 }}" text-anchor="middle">{{ words()->formats->number($session['number']) }}</text>@endforeach
</svg>
