@use('Core\Marking\Tap')
@php($drill = $round->drill)
@php($taps = array_values(array_unique($drill->taps(), SORT_REGULAR)))
<x-layout :title="say('timing.drills.'.$drill->value.'.name')" script="resources/js/timing.js">
    <p class="mb-1"><a href="{{ route('timing.index') }}">{{ say('timing.title') }}</a></p>
    <h1 class="h4">{{ say("timing.drills.{$drill->value}.name") }}</h1>
    <p class="mb-2">{{ say("timing.drills.{$drill->value}.about") }}</p>
    <div data-round data-url="{{ route('timing-taps', $round) }}" data-mark-by="{{ $round->mark_by }}" data-parts="{{ json_encode($parts) }}"
        data-drill="{{ $drill->value }}" data-asks="{{ $drill->asks() }}" data-token="{{ csrf_token() }}">
        @include('partials.drawn-dog')
        <p role="status" class="timing-said" data-said></p>
        <svg class="timing-lane" viewBox="0 0 400 44" role="img" data-lane hidden><rect class="lane-act" data-lane-act y="8" height="28" /><line
            class="lane-mark" data-lane-mark y1="2" y2="42" /></svg>
        <div class="timing-taps">
            <button class="btn btn-next" type="button" data-begin>{{ say('timing.round.begin') }}</button>
            @foreach($taps as $tap)
                <button class="btn {{ $tap === Tap::Mark ? 'btn-primary timing-tap' : 'btn-outline-primary' }}" type="button" data-tap="{{ $tap->value }}"
                    hidden>{{ say("timing.round.{$tap->value}") }}</button>
            @endforeach
        </div>
        <p class="form-text">{{ say('timing.round.keys', ['food' => in_array(Tap::Food, $taps, true), 'easier' => in_array(Tap::Easier, $taps, true),
            'back' => in_array(Tap::Back, $taps, true), 'leash' => in_array(Tap::Leash, $taps, true)]) }} {{ say('timing.round.within', ['spread' => $round->spread_ms]) }}
            @if($round->mark_by !== 'tap') {{ say('timing.round.sound') }}@endif</p>
    </div>
</x-layout>
