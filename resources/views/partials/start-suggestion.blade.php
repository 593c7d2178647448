<section class="card card-body mb-3" id="suggestion" aria-live="polite" aria-labelledby="suggestion-head">
    <h2 class="h5 mt-0" id="suggestion-head">{{ $start->action->label() }}<x-where :level="$start->next" :unit="$unit" /></h2>
    <ul class="reasons mb-0">@foreach($start->reasons as $reason)<li>{{ $reason->sentence }}</li>@endforeach</ul>
    @if($setting->upset >= 0.1)<p class="form-text mb-0">Carried-over upset, a working guess: {{ number_format($setting->upset, 1) }} points.</p>@endif
</section>
