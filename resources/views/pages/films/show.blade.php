@use('Core\Film\FilmMeasures')
@use('Core\Film\Happening')
@use('Core\Film\Part')
@php($isFinished = $record?->finished_at !== null)
@php($partKeys = ['gaze' => 'G', 'ears' => 'E', 'brow' => 'W', 'mouth' => 'O', 'leash' => 'L', 'position' => 'P', 'mat' => 'A'])
@php($happeningKeys = ['mark' => 'M', 'food' => 'F', 'look_back' => 'B', 'unanswered' => 'N', 'startle' => 'S', 'turn' => 'T', 'slip' => 'X'])
<x-layout :title="$film->name" script="resources/js/film.js">
    <p class="mb-1"><a href="{{ route('films.index', $film->dog) }}">{{ say('film.of', ['dog' => $film->dog->name]) }}</a></p>
    <h1 class="h3 mb-2">{{ $film->name }}</h1>
    <x-problems />
    @foreach($others as $other)
        <p class="mb-2">{{ say($other->finished_at ? 'film.other.finished' : 'film.other.open', ['name' => $other->user->name]) }}
            @unless($isFinished || $isFull){{ say('film.blind') }}@endunless</p>
    @endforeach
    @if($isFull)<p>{{ say('film.full') }}</p>@endif
    @if($isGraded && ($isFinished || $isFull))<p><a class="btn btn-next" href="{{ route('films.agreement', $film) }}">{{ say('film.agreement.link') }}</a></p>@endif
    @if($isDue && $mayGrade)<p><a class="btn btn-outline-primary" href="{{ route('films.show', [$film, 'again' => 1]) }}">{{ say('film.again') }}</a> <span class="form-text">{{ say('film.again_about') }}</span></p>@endif
    <div data-film data-url="{{ route('films.record', $film) }}" data-token="{{ csrf_token() }}" data-key="{{ auth()->id() }}-{{ $film->id }}"
        data-length="{{ $film->length_ms }}" data-frame="{{ $film->frame_us }}" data-fingerprint="{{ $film->fingerprint }}" data-version="{{ $record?->version ?? 0 }}"
        data-seen="{{ json_encode($record?->seen ?? ['length' => $film->length_ms, 'states' => [], 'happenings' => [], 'trials' => []]) }}"
        data-parts="{{ json_encode(array_map(fn (Part $part): array => ['part' => $part->value, 'states' => $part->states()], Part::cases())) }}"
        data-trials="{{ json_encode($trials) }}" @if($mayGrade && ! $isFinished) data-open @endif>
        <div class="mb-2">
            <label class="form-label mb-1" for="film-file">{{ say('film.choose') }}</label>
            <input class="form-control" type="file" accept="video/*" id="film-file" data-file>
            <p class="form-text mb-0">{{ say('film.no_film') }}</p>
        </div>
        <noscript><p>{{ say('film.needs_scripts') }}</p></noscript>
        <p role="status" class="mb-1" data-said></p>
        <div class="film-desk">
            <div class="film-player">
                <video data-player tabindex="0" muted playsinline preload="auto" aria-label="{{ say('film.player') }}"></video>
                <div class="d-flex flex-wrap gap-1 align-items-center">
                    <span class="film-clock" data-clock>0:00.00</span>
                    <button class="btn btn-outline-primary" type="button" data-do="back_frame">{{ say('film.back_frame') }}</button>
                    <button class="btn btn-primary" type="button" data-do="play">{{ say('film.play') }}</button>
                    <button class="btn btn-outline-primary" type="button" data-do="on_frame">{{ say('film.on_frame') }}</button>
                    <button class="btn btn-outline-primary" type="button" data-do="loop" aria-pressed="false">{{ say('film.loop') }}</button>
                    <span role="group" aria-label="{{ say('film.speed') }}" class="d-flex gap-1">
                        @foreach(['quarter' => 0.25, 'half' => 0.5, 'whole' => 1] as $name => $speed)
                            <button class="btn btn-outline-primary" type="button" data-speed="{{ $speed }}" aria-pressed="{{ $name === 'whole' ? 'true' : 'false' }}">{{ say("film.speeds.{$name}") }}</button>
                        @endforeach
                    </span>
                </div>
                <div class="film-lanes">
                <div class="film-lane-names" aria-hidden="true"><span>{{ say('film.trials_title') }}</span><span>{{ say('film.happenings_title') }}</span>@foreach(Part::cases() as $part)<span>{{ say("film.parts.{$part->value}") }}</span>@endforeach</div>
                <svg class="film-strip" viewBox="0 0 1000 140" preserveAspectRatio="none" role="img" aria-label="{{ say('film.strip') }}" data-strip></svg>
                </div>
            </div>
            @if($mayGrade && ! $isFinished)
                <div class="film-telling">
                    @foreach(Part::cases() as $part)
                        <div class="film-part" role="group" aria-labelledby="film-{{ $part->value }}" data-part="{{ $part->value }}"><span class="film-name" id="film-{{ $part->value }}">{{ say("film.parts.{$part->value}") }} <kbd>{{ $partKeys[$part->value] }}</kbd></span>
                            @foreach($part->states() as $state)
                                <button class="btn btn-sm btn-outline-primary" type="button" data-state="{{ $state }}" aria-pressed="false">{{ say("film.states.{$part->value}.{$state}") }}</button>
                            @endforeach
                        </div>
                    @endforeach
                    <div class="film-part" role="group" aria-labelledby="film-happenings"><span class="film-name" id="film-happenings">{{ say('film.happenings_title') }}</span>
                        @foreach(Happening::cases() as $happening)
                            <button class="btn btn-sm btn-outline-primary" type="button" data-happening="{{ $happening->value }}">{{ say("film.happenings.{$happening->value}") }} <kbd>{{ $happeningKeys[$happening->value] }}</kbd></button>
                        @endforeach
                    </div>
                    <div class="film-part" role="group" aria-labelledby="film-trials"><span class="film-name" id="film-trials">{{ say('film.trials_title') }}</span>
                        <button class="btn btn-sm btn-outline-primary" type="button" data-do="trial">{{ say('film.trial_begin') }} <kbd>D</kbd></button>
                        @foreach(range(0, 4) as $band)
                            <button class="btn btn-sm btn-outline-primary" type="button" data-band="{{ $band }}">{{ say("device.bands.{$band}") }} <kbd>{{ $band }}</kbd></button>
                        @endforeach
                        <button class="btn btn-sm btn-outline-primary" type="button" data-do="undo">{{ say('film.undo') }} <kbd>Z</kbd></button>
                    </div>
                </div>
            @endif
        </div>
        <p class="form-text">{{ say('film.keys') }}</p>
        <h2 class="h5">{{ say('film.around') }}</h2>
        <ul class="list-unstyled film-around" data-around></ul>
    </div>
    @if($mayGrade && ! $isFinished)
        <form method="post" action="{{ route('films.finish', $film) }}" class="mb-3" data-finish>@csrf
            <button class="btn btn-outline-primary">{{ say('film.finish') }}</button> <span class="form-text">{{ say('film.finish_about') }}</span></form>
    @endif
    @if($record)
        <h2>{{ say('film.measures_title') }}</h2>
        @include('partials.film-measures', ['measures' => FilmMeasures::of($record->record())])
        <h2 class="h4">{{ say('film.files_title') }}</h2>
        <p>@foreach(['vtt', 'json'] as $format)<a href="{{ route('films.write', [$film, $record, $format]) }}">{{ say("film.files.{$format}") }}</a>@if(! $loop->last) · @endif @endforeach</p>
    @endif
    @if($mayGrade && ! $isFinished)
        <form method="post" action="{{ route('films.read', $film) }}" enctype="multipart/form-data" class="card card-body mb-3">@csrf
            <x-field name="file" type="file" :label="say('film.files.read')" :hint="say('film.files.read_about')" accept=".vtt,.json" required />
            <div><button class="btn btn-outline-primary">{{ say('film.files.go') }}</button></div>
        </form>
    @endif
    @if($film->session)
        <p><a href="{{ route('sessions.review', $film->session) }}">{{ say('film.line_up.is', ['day' => words()->formats->date($film->session->started_at)]) }}</a></p>
    @else
        <p><a href="{{ route('films.session', $film) }}">{{ say('film.to_session') }}</a></p>
        @if($mayGrade && $sessions->isNotEmpty())
            <form method="post" action="{{ route('films.line-up', $film) }}" class="card card-body mb-3" data-line-up>@csrf @method('put')
                <h2 class="h4">{{ say('film.line_up.title') }}</h2>
                <p>{{ say('film.line_up.about') }}</p>
                <div class="row">
                    <div class="col-sm-6"><x-choice name="session" :label="say('film.line_up.session')" :options="$sessions->mapWithKeys(fn ($one) => [$one->id => words()->formats->dateTime($one->started_at).' · '.$one->plan->name])" /></div>
                    <div class="col-sm-6"><x-field name="trial" :label="say('film.line_up.trial')" inputmode="numeric" value="1" required /></div>
                </div>
                <input type="hidden" name="at" value="0">
                <div><button class="btn btn-outline-primary">{{ say('film.line_up.go') }}</button></div>
            </form>
        @endif
    @endif
</x-layout>
