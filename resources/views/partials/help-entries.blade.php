<div id="help-entries" aria-live="polite">
    <p class="form-text">{{ count($entries) }} {{ count($entries) === 1 ? 'entry' : 'entries' }}{{ $words === '' ? '' : " for “{$words}”" }}.</p>
    @foreach($entries as $entry)
        <section class="card card-body mb-3" id="{{ $entry->key }}" aria-labelledby="help-{{ $entry->key }}">
            <h2 class="h5 mt-0" id="help-{{ $entry->key }}">{{ $entry->title }}</h2>
            <p>{{ $entry->what }}</p>
            <dl class="facts mb-0">
                <dt>Why</dt><dd>{{ $entry->why }}</dd>
                @if($entry->differ !== '')<dt>Others</dt><dd>{{ $entry->differ }}</dd>@endif
                <dt>Source</dt><dd>{{ $entry->source }}</dd>
            </dl>
        </section>
    @endforeach
</div>
