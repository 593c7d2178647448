@use('Core\Measure\Distance')
<x-layout :title="say('assessments.show.title', ['dog' => $model->dog->name])" class="session-page">
    @php($proposal = $assessment->proposal)
    <p class="mb-1"><a href="{{ route('dogs.show', $model->dog) }}">{{ $model->dog->name }}</a></p>
    <h1>{{ say('assessments.show.with', ['trigger' => $model->trigger->name, 'person' => $model->person->name]) }}</h1>
    <div class="row g-4">
        <div class="col-lg-7">
            <section class="advice mb-3" aria-labelledby="proposal-head">
                <p class="advice-action" id="proposal-head">{{ say('assessments.show.proposal_start_at_short_looks_first',
                    ['proposal' => (bool) ($proposal['isWithin'])]) }}</p>
                <p class="advice-next">{{ $setup($proposal['values']) }}</p>
                <ul class="reasons mt-2">@foreach($proposal['reasons'] as $reason)<li
                    data-reason="{{ $reason['code'] }}">{{ $inWords->reason($reason) }}</li>@endforeach</ul>
                <p class="mt-2 mb-0 form-text">{{ say('assessments.show.advice_supports_your_judgement_you_see') }} <a
                    href="{{ route('help') }}">{{ say('assessments.show.what_the_words_mean') }}</a></p>
            </section>
            <a class="btn btn-next" href="{{ route('dogs.plans.create',
                [$model->dog, 'assessment' => $assessment->id]) }}">{{ say('assessments.show.make_a_plan_from_here') }}</a>
            <a class="btn btn-outline-secondary" href="{{ route('assessments.create',
                [$model->dog, 'kind' => $model->kind->value]) }}">{{ say('assessments.show.assess_again') }}</a>
        </div>
        <div class="col-lg-5">
            <h2 class="mt-0">{{ say('assessments.show.how_sure') }}</h2>
            @php($sure = (float) $proposal['sure'])
            <p><strong>{{ say('assessments.show.sure_'.($sure < 0.15 ? 'hardly'
                : ($sure < 0.5 ? 'little' : 'fairly'))) }}</strong> {{ say('assessments.show.of_what_was_open_about_s',
                ['sure' => words()->formats->percent(100 * $sure), 'dog' => $model->dog->name]) }}</p>
            <div class="sure-bar" aria-hidden="true"><i class="w{{ (int) round(12 * $sure) }}"></i></div>
            @if($proposal['limit'] && $proposal['limit']['hardest'])
                <p class="mt-2">{{ say('assessments.show.typical', ['isOpen' => ! $proposal['limit']['easiest'],
                    'near' => words()->formats->meters((float) $proposal['limit']['hardest']),
                    'far' => words()->formats->meters((float) $proposal['limit']['easiest'])]) }}</p>
            @endif
            <h2>{{ say('assessments.show.what_was_tried') }}</h2>
            @if($assessment->observations === [])
                <p>{{ say('assessments.show.nothing_only_what_was_told_the') }}</p>
            @else
                <ul>
                    @foreach($assessment->observations as $seen)
                        @php($tests = array_filter([isset($seen['cue']) ? say('assessments.show.cue', ['done' => (bool) $seen['cue']])
                            : null, isset($seen['food']) ? say("assessments.show.food_{$seen['food']}") : null]))
                        <li>{{ $setup($seen['values']) }}: <x-band
                            :band="Core\Sign\Band::from((int) $seen['band'])" /> {{ $tests === [] ? ''
                            : '('.implode(', ', $tests).')' }}</li>
                    @endforeach
                </ul>
            @endif
            @if($assessment->note)<p>{{ $assessment->note }}</p>@endif
        </div>
    </div>
</x-layout>
