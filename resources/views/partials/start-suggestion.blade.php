<section class="card card-body mb-3" id="suggestion" aria-live="polite" aria-labelledby="suggestion-head">
    <h2 class="h5 mt-0" id="suggestion-head">{{ words()->label($start->action) }}<x-where :level="$start->next" /></h2>
    <ul class="reasons mb-0">@foreach($start->reasons as $reason)<li>{{ words()->reason($reason, $catalog) }}</li>@endforeach</ul>
    @if($setting->upset >= 0.1)<p class="form-text mb-0">{{ say('sessions.start_suggestion.carried_over_upset_a_working_guess') }}</p>@endif
</section>
