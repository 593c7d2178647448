<div id="import-progress" aria-live="polite" @if($import->state->isBusy()) hx-get="{{ route('import-progress', $import) }}" hx-trigger="every 1s" hx-swap="outerHTML" @endif>
    @if($import->state->isBusy())
        <label class="form-label mb-1" for="import-bar">{{ say("imports.states.{$import->state->value}") }}: {{ say('imports.match.rows', ['count' => $rows]) }}</label>
        @if(($import->counts['rows'] ?? 0) > 0)<progress class="d-block w-100" id="import-bar" max="{{ $import->counts['rows'] }}" value="{{ $rows }}"></progress>
        @else<progress class="d-block w-100" id="import-bar"></progress>@endif
        <noscript><a href="{{ route('imports.show', $import) }}">{{ say('imports.look_again') }}</a></noscript>
    @else
        <p class="mb-2"><strong>{{ say("imports.states.{$import->state->value}") }}</strong></p>
    @endif
</div>
