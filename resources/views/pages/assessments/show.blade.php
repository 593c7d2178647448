@use('Core\Measure\Distance')
<x-layout :title="'Start for '.$model->dog->name" class="session-page">
    @php($proposal = $assessment->proposal)
    <p class="mb-1"><a href="{{ route('dogs.show', $model->dog) }}">{{ $model->dog->name }}</a></p>
    <h1>{{ $model->trigger->name }}, with {{ $model->person->name }}</h1>
    <div class="row g-4">
        <div class="col-lg-7">
            <section class="advice mb-3" aria-labelledby="proposal-head">
                <p class="advice-action" id="proposal-head">{{ $proposal['isWithin'] ? 'Start at' : 'Short looks first, at' }}</p>
                <p class="advice-next">{{ $proposal['words'] }}</p>
                <ul class="reasons mt-2">@foreach($proposal['reasons'] as $reason)<li data-reason="{{ $reason['code'] }}">{{ $reason['sentence'] }}</li>@endforeach</ul>
                <p class="mt-2 mb-0 form-text">Advice supports your judgement; you see the dog. <a href="{{ route('help') }}">What the words mean</a></p>
            </section>
            <a class="btn btn-next" href="{{ route('dogs.plans.create', [$model->dog, 'assessment' => $assessment->id]) }}">Make a plan from here</a>
            <a class="btn btn-outline-secondary" href="{{ route('assessments.create', [$model->dog, 'kind' => $model->kind->value]) }}">Assess again</a>
        </div>
        <div class="col-lg-5">
            <h2 class="mt-0">How sure</h2>
            @php($sure = (float) $proposal['sure'])
            <p><strong>{{ $sure < 0.15 ? 'Hardly: this is the typical dog.' : ($sure < 0.5 ? 'A little: a part of it is this dog.' : 'Fairly: most of it is this dog.') }}</strong> {{ round(100 * $sure) }} % of what was open about {{ $model->dog->name }}'s limit is settled by what was tried.</p>
            <div class="sure-bar" aria-hidden="true"><i class="w{{ (int) round(12 * $sure) }}"></i></div>
            @if($proposal['limit'] && $proposal['limit']['hardest'])
                <p class="mt-2">On a typical day its limit lies {{ $proposal['limit']['easiest'] ? 'between '.Distance::fromMeters((float) $proposal['limit']['hardest'])->inWords($unit).' and '.Distance::fromMeters((float) $proposal['limit']['easiest'])->inWords($unit) : 'beyond '.Distance::fromMeters((float) $proposal['limit']['hardest'])->inWords($unit).', with no distance known to be safe yet' }}.</p>
            @endif
            <h2>What was tried</h2>
            @if($assessment->observations === [])
                <p>Nothing: only what was told. The start is that of a typical dog.</p>
            @else
                <ul>
                    @foreach($assessment->observations as $seen)
                        @php($tests = array_filter([isset($seen['cue']) ? 'cue '.($seen['cue'] ? 'at the first asking' : 'not at the first asking') : null, ['gently' => 'food taken easily', 'hard' => 'food snatched', 'refused' => 'food refused'][$seen['food'] ?? ''] ?? null]))
                        <li>{{ $seen['words'] }}: <x-band :band="Core\Sign\Band::from((int) $seen['band'])" /> {{ $tests === [] ? '' : '('.implode(', ', $tests).')' }}</li>
                    @endforeach
                </ul>
            @endif
            @if($assessment->note)<p>{{ $assessment->note }}</p>@endif
        </div>
    </div>
</x-layout>
