@use('Core\Insight\TrendMethod')
@use('Core\Measure\Distance')
@php($dimension = $situation->catalog->dimension($key))
@php($say = fn (?float $value) => $value === null ? null : ($key === 'distance' ? Distance::fromMeters(min(500.0, max(0.1, $value)))->inWords($unit) : round($dimension->shown($value), 1).' '.$dimension->unit))
<x-layout :title="'Limits: '.$plan->name" wide>
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>What {{ $plan->responseModel->dog->name }} has shown</h1>
    <p>{{ $trials }} {{ $trials === 1 ? 'trial' : 'trials' }} with {{ $plan->responseModel->person->name }}. All of it describes the past; none of it is a promise.</p>
    @if($trials === 0)
        <p>Nothing yet: after the first session this shows where the limit lies and how sure that is.</p>
    @endif
    <h2>To the goal</h2>
    <p>
        @if($left <= 0)The goal is held.
        @elseif($pace === null)Too little to tell: a pace is taken from at least three sessions in which something was gained.
        @else{{ $left }} {{ $left === 1 ? 'step' : 'steps' }} left: at the pace of the faster half of late sessions about {{ $pace->soonest }} {{ $pace->soonest === 1 ? 'session' : 'sessions' }}; at that of the slower half {{ $pace->latest === null ? 'no end is in sight' : 'about '.$pace->latest }}.
        @endif
    </p>
    @if($trend !== null && $trend->points !== [])
        <h2>The limit over time</h2>
        <p class="text-body-secondary">{{ ['fading' => 'Older sessions fade, as for the advice', 'even' => 'All sessions count alike', 'line' => 'A steady line through all sessions'][$trend->method->value] }}: of three ways of looking back this one foretold the sessions best. Typical day, accepted risk.</p>
        <x-limit-trend :trend="$trend" :dimension="$dimension" :unit="$unit" :zone="$zone" />
        <details class="mb-3"><summary>As a table</summary>
            <div class="table-responsive" tabindex="0" role="region" aria-label="Limits as a table"><table class="table table-sm table-narrow"><thead><tr><th scope="col">Session</th><th scope="col">Limit</th><th scope="col">Range</th></tr></thead>
                <tbody>@foreach($trend->points as $point)<tr><th scope="row">{{ $point->at->setTimezone(new DateTimeZone($zone))->format('M j, Y') }}</th><td>{{ $say($point->limit->point) ?? 'beyond the range' }}</td><td>{{ $say($point->limit->hardest) }} to {{ $say($point->limit->easiest) ?? 'no end' }}</td></tr>@endforeach</tbody>
            </table></div>
        </details>
    @endif
    @if($before !== null && $after !== null)
        <h2>What was learned</h2>
        <p class="text-body-secondary">At “{{ $situation->words($situation->ladder->step(0)->exposure->without($key)) ?: 'the first step' }}”, along the {{ $dimension->label }}. Dotted: before any trial. Solid: now, shaded its range. Dashed: a reaction.</p>
        <x-learned-curve :before="$before" :after="$after" :dimension="$dimension" :unit="$unit" :limit="$situation->limits->strain" />
        <details class="mb-3"><summary>As a table</summary>
            <div class="table-responsive" tabindex="0" role="region" aria-label="Curves as a table"><table class="table table-sm table-narrow"><thead><tr><th scope="col">{{ ucfirst($dimension->label) }}</th><th scope="col">Before</th><th scope="col">Now</th><th scope="col">Range</th><th scope="col">Reaction</th></tr></thead>
                <tbody>@foreach($after->points as $i => $point)@if($i % 5 === 0)<tr><th scope="row">{{ $say($point['value']) }}</th><td>{{ round(100 * $before->points[$i]['atLeast'][2], 1) }} %</td><td>{{ round(100 * $point['atLeast'][2], 1) }} %</td><td>{{ round(100 * $point['strainLow'], 1) }} to {{ round(100 * $point['strainHigh'], 1) }} %</td><td>{{ round(100 * $point['atLeast'][3], 1) }} %</td></tr>@endif @endforeach</tbody>
            </table></div>
        </details>
    @endif
    <div class="row g-4">
        @if($shares !== [])
            <div class="col-lg-6">
                <h2>What makes it hard</h2>
                <p class="text-body-secondary">From the first step to the goal, in logits.</p>
                <div class="table-responsive" tabindex="0" role="region" aria-label="What makes it hard"><table class="table table-sm table-narrow"><thead><tr><th scope="col">Dimension</th><th scope="col">Share</th><th scope="col">Logits</th><th scope="col">From</th></tr></thead>
                    <tbody>@foreach($shares as $share)<tr><th scope="row">{{ $situation->catalog->dimension($share->dimension)->label }}</th><td>{{ round(100 * $share->share) }} %</td><td>{{ number_format($share->logits, 1) }} ({{ number_format($share->low, 1) }} to {{ number_format($share->high, 1) }})</td><td>{{ $share->isSeen ? 'its own trials' : 'a typical dog: never varied' }}</td></tr>@endforeach</tbody>
                </table></div>
            </div>
        @endif
        @if($latencies !== [])
            <div class="col-lg-6">
                <h2>How fast it turns</h2>
                <p class="text-body-secondary">Half of the trials were at least so fast. Slower is harder, often before any other sign.</p>
                <div class="table-responsive" tabindex="0" role="region" aria-label="How fast it turns"><table class="table table-sm table-narrow"><thead><tr><th scope="col">Distance</th><th scope="col">Median</th><th scope="col">Trials</th></tr></thead>
                    <tbody>@foreach($latencies as $class)<tr><th scope="row">{{ $say($class['to']) }} to {{ $say($class['from']) }}</th><td>{{ number_format($class['median'], 1) }} s</td><td>{{ $class['trials'] }}</td></tr>@endforeach</tbody>
                </table></div>
            </div>
        @endif
    </div>
</x-layout>
