@use('Core\Observation\Activity')
@use('Core\Observation\Kind')
@use('Core\Observation\SegmentKind')
@use('Core\Sign\Band')
@php($counted = array_filter($kinds, fn (Kind $kind) => ! $kind->hasBand() && ! in_array($kind, [Kind::Segment, Kind::Mistake, Kind::Stare,
    Kind::AtOnce, Kind::Late, Kind::Not], true)))
@php($drills = array_filter($kinds, fn (Kind $kind) => in_array($kind, [Kind::AtOnce, Kind::Late, Kind::Not], true)))
<x-layout :title="say('free.reviewed', ['activity' => words()->label($session->activity), 'dog' => $dog->name])" class="session-page"
    script="resources/js/free.js">
<div class="free" data-free="{{ $session->id }}" data-state="{{ json_encode($state) }}">
    <h1 class="h4 mb-1">{{ $dog->name }}: {{ words()->label($session->activity) }}</h1>
    <p class="text-body-secondary mb-2">{{ collect([$session->place?->name, $session->person === null ? null : say('free.with',
        ['person' => $session->person->name])])->filter()->implode(' · ') }} <span class="ms-2 small" role="status" data-network></span></p>
    <x-problems />
    <p class="alert alert-warning mb-2" data-prompt="{{ $state['prompt']['code'] ?? '' }}" role="status" @if($state['prompt'] === null) hidden
        @endif>{{ $state['prompt']['text'] ?? '' }}</p>
    @if($session->activity->isOut())
        <p class="mb-2"><strong class="fs-4" data-rate>{{ $state['rate'] }}</strong> <span class="text-body-secondary"
            data-now>{{ $state['now'] }}</span></p>
    @endif

    @if($counted !== [])
        <form method="post" action="{{ route('observations.store', $session) }}" data-seen class="free-counts">
            @csrf <input type="hidden" name="uuid" value="{{ $uuid() }}">
            @foreach($counted as $kind)<button name="kind" value="{{ $kind->value }}"
                class="btn {{ $kind === Kind::Looked ? 'btn-primary free-first' : 'btn-outline-primary' }}">{{ words()->label($kind) }}
                <strong data-count="{{ $kind->value }}">{{ $state['counts'][$kind->value] ?? 0 }}</strong></button>@endforeach
            @if(in_array(Kind::Stare, $kinds, true))<button type="button" class="btn btn-outline-primary" data-stare
                data-start="{{ words()->label(Kind::Stare) }}" data-stop="{{ say('free.staring') }}" aria-pressed="false"><span data-stare-words>{{ words()->label(Kind::Stare) }}</span>
                <strong data-count="stare">{{ $state['counts']['stare'] ?? 0 }}</strong></button>@endif
        </form>
        <div class="card card-body mb-2" data-at-what hidden>
            <p class="mb-1"><strong>{{ say('free.at_what') }}</strong></p>
            <div class="picks mb-2" data-targets></div>
            <div class="d-flex gap-2"><input class="form-control" maxlength="60" data-target-new
                aria-label="{{ say('free.at_what_new') }}"><button type="button" class="btn btn-primary"
                data-target-keep>{{ say('free.keep') }}</button><button type="button" class="btn btn-outline-secondary"
                data-target-skip>{{ say('free.skip') }}</button></div>
        </div>
    @endif

    @if($session->activity->isOut())
        <form method="post" action="{{ route('observations.store', $session) }}" data-seen class="mb-2">
            @csrf <input type="hidden" name="uuid" value="{{ $uuid() }}"><input type="hidden" name="kind" value="segment">
            <div class="picks" role="group" aria-label="{{ say('free.stretch') }}">@foreach(SegmentKind::cases() as $one)
                @continue($one === SegmentKind::Arrival)<button class="btn btn-outline-secondary" name="what"
                    value="{{ $one->value }}">{{ say("free.go.{$one->value}") }}</button>@endforeach</div>
        </form>
    @endif

    {{-- in the first screenful, whatever the session is --}}
    <form method="post" action="{{ route('observations.store', $session) }}" data-seen class="free-leave">
        @csrf <input type="hidden" name="uuid" value="{{ $uuid() }}">
        <button class="btn btn-outline-danger" name="kind" value="left">{{ say('free.leave_now') }}</button>
        <button class="btn btn-outline-danger" name="kind" value="reacted">{{ words()->label(Kind::Reacted) }} <strong
            data-count="reacted">{{ $state['counts']['reacted'] ?? 0 }}</strong></button>
    </form>

    @if($drills !== [])
        <form method="post" action="{{ route('observations.store', $session) }}" data-seen class="mb-2">
            @csrf <input type="hidden" name="uuid" value="{{ $uuid() }}">
            <label class="form-label mb-0" for="drill-skill">{{ say('free.which_skill') }}</label>
            <select class="form-select mb-1" id="drill-skill" name="what">@foreach($skills as $key)<option value="{{ $key }}"
                @selected($key === $session->skill)>{{ say("methods.skills.{$key}.label") }}</option>@endforeach</select>
            <div class="free-thirds">@foreach($drills as $kind)<button class="btn {{ $session->activity === Activity::Drill
                && $kind === Kind::AtOnce ? 'btn-primary' : 'btn-outline-primary' }}" name="kind"
                value="{{ $kind->value }}">{{ words()->label($kind) }} <strong
                data-count="{{ $kind->value }}">{{ $state['counts'][$kind->value] ?? 0 }}</strong></button>@endforeach</div>
        </form>
    @endif

    @if($session->activity === Activity::Shown)
        <form method="post" action="{{ route('observations.store', $session) }}" data-seen class="mb-2">
            @csrf <input type="hidden" name="uuid" value="{{ $uuid() }}"><input type="hidden" name="kind" value="shown">
            <label class="form-label mb-0" for="shown-what">{{ say('free.shown_what') }}</label>
            <input class="form-control" id="shown-what" name="what" maxlength="60" required autocomplete="off">
            <p class="form-text mt-0">{{ say('free.shown_hint') }}</p>
            <div class="picks picks-bands">@foreach(Band::cases() as $band)<button class="btn btn-outline-primary" name="band"
                value="{{ $band->value }}"><svg class="band-glyph band-{{ $band->value }}"
                aria-hidden="true"><use href="#band-{{ $band->value }}"/></svg>{{ words()->label($band) }}</button>@endforeach</div>
        </form>
    @endif

    @if($session->activity === Activity::Tour)
        @include('partials.body-tour')
    @endif

    <form method="post" action="{{ route('observations.store', $session) }}" data-seen>
        @csrf <input type="hidden" name="uuid" value="{{ $uuid() }}"><input type="hidden" name="kind" value="mistake">
        <details class="mb-2"><summary>{{ words()->label(Kind::Mistake) }} <strong
            data-count="mistake">{{ $state['counts']['mistake'] ?? 0 }}</strong></summary>
            <div class="picks mt-1">@foreach(App\Session\Slip::cases() as $slip)<button class="btn btn-outline-primary" name="what"
                value="{{ $slip->value }}">{{ words()->label($slip) }}</button>@endforeach</div></details>
    </form>

    <h2 class="h6 mb-1">{{ say('free.last') }}</h2>
    <ol class="list-unstyled mb-2" data-latest>@foreach($state['latest'] as $one)<li>{{ $one['words'] }}</li>@endforeach</ol>
    <button type="button" class="btn btn-outline-secondary mb-3" data-undo hidden>{{ say('free.undo') }}</button>

    <form method="post" action="{{ route('free.end', $session) }}" class="mt-3" data-end>
        @csrf
        <label class="form-label mb-0" for="end-note">{{ say('free.end_note') }}</label>
        <input class="form-control mb-2" id="end-note" name="end_note" maxlength="500">
        <button class="btn btn-next w-100">{{ say('free.end') }}</button>
    </form>
</div>
</x-layout>
