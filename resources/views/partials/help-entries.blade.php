<div id="help-entries" aria-live="polite">
    @if($words !== '')<p class="form-text">{{ say('help.help_entries.found', ['count' => count($entries), 'words' => $words]) }}</p>@endif
    @foreach(collect($entries)->groupBy('section') as $section => $group)
        <section class="mb-4" aria-labelledby="section-{{ $section }}">
            <h2 id="section-{{ $section }}">{{ say("help_entries.sections.{$section}") }}</h2>
            @foreach($group as $entry)
                <details class="card card-body mb-2" id="{{ $entry->key }}" @if($words !== '') open @endif>
                    <summary class="fw-bold">{{ $entry->title }}</summary>
                    <p class="mt-2">{{ $entry->what }}</p>
                    <dl class="facts mb-0">
                        @if($entry->why !== '')<dt>{{ say('help.help_entries.why') }}</dt><dd>{{ $entry->why }}</dd>@endif
                        @if($entry->differ !== '')<dt>{{ say('help.help_entries.others') }}</dt><dd>{{ $entry->differ }}</dd>@endif
                    </dl>
                    <details class="mt-2"><summary class="form-text">{{ say('help.help_entries.source') }}</summary><p
                        class="mb-0 mt-1">{{ trim("{$entry->numbers} {$entry->source}") }}</p></details>
                </details>
            @endforeach
        </section>
    @endforeach
</div>
