@use('App\Free\FreeInWords')
@use('Core\Observation\Activity')
@use('Core\Observation\Kind')
@php($minutes = (int) round(($all->to - $all->from) / 60))
@php($formats = words()->formats)
<x-layout :title="say('free.reviewed', ['activity' => words()->label($session->activity), 'dog' => $dog->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $dog) }}">{{ $dog->name }}</a></p>
    <h1 class="h3">{{ say('free.reviewed', ['activity' => words()->label($session->activity), 'dog' => $dog->name]) }}</h1>
    <p class="text-body-secondary">{{ collect([$formats->dateTime($session->started_at), say('free.in', ['minutes' => $minutes]),
        $session->place?->name, $session->person === null ? null : say('free.with', ['person' => $session->person->name]),
        $session->is_woken ? say('free.woken') : null])->filter()->implode(' · ') }}</p>
    @if($session->end_note)<p>{{ $session->end_note }}</p>@endif
    @if($all->count(Kind::Reacted) > 0)<p class="alert alert-warning">{{ say('free.reacted_on_record') }}</p>@endif
    @if($afterBreak !== null)<p class="fs-5">{{ $afterBreak }}</p>@endif

    @if($session->activity->isOut())
        @if($rows !== [])<x-outing :seen="$seen" :stretches="$stretches" />@endif
        <h2>{{ say('free.against') }}</h2>
        @if($last === null)<p>{{ say('free.first_of_its_kind') }}</p>@endif
        <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('free.against') }}"><table class="table table-narrow">
            <thead><tr><td></td><th scope="col">{{ say('free.this_time') }}</th>@if($last !== null)<th scope="col">{{ say('free.last_time',
                ['day' => $formats->shortDate($before->started_at)]) }}</th>@endif</tr></thead>
            <tbody>
                <tr><th scope="row">{{ say('free.looks') }}</th>@foreach(array_filter([$all, $last]) as $one)<td>{{ $one->looksAMinute() === null
                    ? say('free.none') : $formats->number(round($one->looksAMinute(), 1)) }}</td>@endforeach</tr>
                <tr><th scope="row">{{ say('free.marks') }}</th>@foreach(array_filter([$all, $last]) as $one)<td>{{ $one->marks() === 0
                    ? say('free.none') : say('free.marks_of', ['answered' => $one->answered(), 'marks' => $one->marks()]) }}</td>@endforeach</tr>
                <tr><th scope="row">{{ say('free.stares') }}</th>@foreach(array_filter([$all, $last]) as $one)<td>{{ $one->stares === []
                    ? say('free.none') : implode(', ', FreeInWords::stares($one)) }}</td>@endforeach</tr>
            </tbody></table></div>
        @if(count($stretches) > 1)
            <h2>{{ say('free.stretches') }}</h2>
            <ol>@foreach($stretches as $one)
                @php($told = array_filter([$one->kind === Core\Observation\SegmentKind::Break ? '' : FreeInWords::rate($one),
                    ...FreeInWords::stares($one)]))
                <li>{{ words()->label($one->kind) }} ({{ $formats->clock((int) ($one->to - $one->from)) }}){{ $told === [] ? ''
                    : ': '.implode(', ', $told) }}</li>@endforeach</ol>
        @endif
    @endif
    @if($drills !== [])
        <h2>{{ say('free.drills') }}</h2>
        <ul class="mb-1">@foreach($drills as $skill => [$atOnce, $late, $not])<li>{{ say('free.asked', ['skill' => say("methods.skills.{$skill}.label"),
            'how' => say('free.drilled', ['atOnce' => $atOnce, 'late' => $late, 'not' => $not])]) }}</li>@endforeach</ul>
        <p class="text-body-secondary">{{ say('free.drills_fed') }} <a href="{{ route('dogs.show',
            $dog) }}#foundations">{{ say('dogs.show.foundations') }}</a></p>
    @endif
    @if($slips !== [])
        <h2>{{ say('free.slips') }}</h2>
        <p>{{ collect($slips)->map(fn ($count, $slip) => say('free.slip_count', ['slip' => say("labels.slip.{$slip}"),
            'count' => $count]))->implode(' · ') }}</p>
    @endif
    @if($fineAt !== [] || $tooMuchAt !== [])
        <h2>{{ say('free.where_it_was_fine') }}</h2>
        @if($fineAt !== [])<p class="mb-1">{{ say('free.fine_at', ['steps' => implode(', ', $fineAt)]) }}</p>@endif
        @if($tooMuchAt !== [])<p>{{ say('free.too_much_at', ['steps' => implode(', ', $tooMuchAt)]) }}</p>@endif
    @endif
    @if($session->activity === Activity::Tour)
        <x-dog-outline :areas="$areas" :bands="$parts" />
        <p class="d-flex flex-wrap gap-3 text-body-secondary">@foreach(Core\Sign\Band::cases() as $band)<x-band :band="$band" />@endforeach</p>
        <p><a href="{{ route('handling.show', $dog) }}">{{ say('dogs.show.handling') }}</a></p>
    @endif
    @if($session->activity === Activity::Shown)
        @can('plan', $dog)<p><a class="btn btn-next" href="{{ route('dogs.plans.create', [$dog,
            'kind' => 'contact']) }}">{{ say('free.make_a_plan') }}</a></p>@endcan
    @endif

    <x-problems />
    <h2 id="seen">{{ say('free.everything') }}</h2>
    @if($rows === [])<p>{{ say('free.nothing_yet') }}</p>@endif
    <ol class="free-rows">@foreach($rows as $row)
        <li id="seen-{{ $row['id'] }}"><span class="text-body-secondary">{{ $formats->clock((int) $row['seconds']) }}</span>
            @if($row['isOut'])<s>{{ $row['words'] }}</s>@else{{ $row['words'] }}@endif
            @foreach($row['corrected'] as $who)<span class="form-text">{{ $who }}</span>@endforeach
            <a class="no-print" href="{{ route('free.show', [$session, 'seen' => $row['id']]) }}#seen-{{ $row['id'] }}">{{ say('free.put_right') }}<span
                class="visually-hidden">: {{ $row['words'] }}</span></a>
            @if($open === $row['id'])@include('partials.observation-editor')@endif</li>
    @endforeach</ol>
</x-layout>
