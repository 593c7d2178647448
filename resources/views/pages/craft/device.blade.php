<x-layout :title="say('timing.device.title')" script="resources/js/timing.js">
    <p class="mb-1"><a href="{{ route('timing.index') }}">{{ say('timing.title') }}</a></p>
    <h1>{{ say('timing.device.title') }}</h1>
    <p>{{ say('timing.device.about', ['by' => $markBy]) }}</p>
    <div data-metronome data-url="{{ route('timing.device') }}" data-mark-by="{{ $markBy }}" data-token="{{ csrf_token() }}">
        <svg class="timing-ring" viewBox="0 0 200 200" role="img" aria-label="{{ say('timing.device.ring') }}">
            <circle cx="100" cy="100" r="40" class="timing-dot" data-dot /><circle cx="100" cy="100" r="95" class="timing-closing" data-closing />
        </svg>
        <p role="status" class="fw-bold timing-said" data-said></p>
        <div class="timing-taps">
            <button class="btn btn-next" type="button" data-begin>{{ say('timing.device.begin') }}</button>
            <button class="btn btn-primary timing-tap" type="button" data-tap hidden>{{ say('timing.device.tap') }}</button>
            <a class="btn btn-next" href="{{ route('timing.index') }}" data-on hidden>{{ say('timing.device.on') }}</a>
        </div>
    </div>
    <p><a href="{{ route('timing.device', $markBy === 'sound' ? [] : ['mark_by' => 'sound']) }}">{{ say('timing.device.other', ['by' => $markBy]) }}</a></p>
</x-layout>
