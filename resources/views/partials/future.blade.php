@use('App\Models\PlanFuture')
@use('Core\Simulation\Fan')
@php($isBusy = ! $future->isDone() && ! $future->has_failed)
<article class="card card-body mb-3" id="future-{{ $future->id }}" @if($isBusy) hx-get="{{ route('future-progress', $future) }}" hx-trigger="every 2s" hx-swap="outerHTML" @endif>
    <h3 class="h5 mt-0">{{ $future->changes === [] ? say('futures.as_it_is') : words()->capital(collect($future->changes)->map(fn ($value, $of) => say("futures.changed.{$of}",
        ['value' => is_numeric($value) ? words()->formats->number($value) : $value]))->implode(', ')) }}</h3>
    @if($future->has_failed)<p class="mb-0">{{ say('futures.failed') }}</p>
    @elseif($isBusy)
        <label class="form-label mb-1" for="bar-{{ $future->id }}">{{ say('futures.working', ['done' => count($future->ways), 'of' => PlanFuture::WAYS]) }}</label>
        <progress class="d-block w-100" id="bar-{{ $future->id }}" max="{{ PlanFuture::WAYS }}" value="{{ count($future->ways) }}"></progress>
        <noscript><a href="{{ route('futures.index', $plan) }}">{{ say('imports.look_again') }}</a></noscript>
    @else
        @php($fan = Fan::of($future->outlooks(), PlanFuture::HORIZON, $top))
        @php($weeks = fn (float $sessions): string => words()->formats->number($sessions / ($future->changes['outings'] ?? $plan->outings_a_week), 0))
        <p class="mb-1"><strong>{{ match (true) {
            $fan->soonest === null => say('futures.told.none', ['horizon' => PlanFuture::HORIZON]),
            $fan->latest === null => say('futures.told.open', ['soonest' => words()->formats->number($fan->soonest, 0), 'horizon' => PlanFuture::HORIZON,
                'share' => (int) round(10 * $fan->share)]),
            default => say('futures.told.range', ['soonest' => words()->formats->number($fan->soonest, 0), 'latest' => words()->formats->number($fan->latest, 0),
                'middle' => words()->formats->number($fan->middle ?? $fan->latest, 0), 'from' => $weeks($fan->soonest), 'until' => $weeks($fan->latest)]),
        } }}</strong></p>
        <p class="mb-2">{{ say('futures.told.reactions', ['count' => words()->formats->number($fan->reactions, 1)]) }} <span
            class="text-body-secondary">{{ say('futures.asked', ['when' => words()->formats->dateTime($future->asked_at)]) }}</span></p>
        <x-future-fan :fan="$fan" :top="$top" />
    @endif
</article>
