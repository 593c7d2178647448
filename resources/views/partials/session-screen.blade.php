@use('Core\Sign\Band')
@use('Core\Sign\FoodTaken')
@use('Core\Exposure\PlanKind')
@php($isHandsOn = in_array($kind, [PlanKind::Contact, PlanKind::Duration], true))
@php($isContact = $kind === PlanKind::Contact)
<div data-session-screen hidden
     data-session="{{ $session->id }}" data-state="{{ json_encode($state) }}" data-live="{{ $liveUrl }}" data-kind="{{ $session->kind->value }}" data-plan="{{ $kind->value }}"
     data-alarm="{{ json_encode(Core\Decision\LoggedTrial::ALARM) }}" data-unit="{{ $unit->value }}" data-food="{{ $food }}" data-review="{{ route('sessions.review', $session) }}"
     @if($kind === PlanKind::Sound) data-meter="{{ $meterUrl }}" data-metered="{{ $session->meter_token ? '1'
         : '' }}" data-recording="{{ $sound?->recording ? '/sounds/'.$sound->recording->value.'.wav'
         : '' }}" data-ceiling="{{ $sound?->read_level === null ? '' : $sound->ceiling }}" data-sounding="false" @endif>
    <div class="session-head">
        <h1 class="h5 m-0">{{ $dog->name }}: {{ $plan->name }}</h1>
        <p class="m-0 small" role="status" data-net></p>
        <button class="btn btn-outline-secondary keys-button" type="button"
            data-do="keys">{{ say('sessions.session_screen.keys') }}</button>
    </div>

    <p class="alert alert-danger mb-2" role="alert" data-full hidden>{{ say('sessions.session_screen.this_device_is_out_of_storage') }}</p>

    <section class="here" aria-labelledby="here-head" data-here data-places="{{ json_encode([...$places, 'traits' => $traits, 'asked' => array_map(fn ($asked) => ['key' => $asked->value, 'label' => words()->capital(words()->label($asked))], $rows)]) }}" data-ladder-only>
        <h2 class="visually-hidden" id="here-head">{{ say('sessions.session_screen.here') }}</h2>
        @if($kind === PlanKind::Presence)
            <div class="stepper" data-stepper>
                <button class="btn btn-outline-primary" type="button" data-step="-1"
                    hidden>{{ say('sessions.session_screen.nearer') }}</button>
                <label class="visually-hidden" for="q-distance">{{ say('sessions.session_screen.distance',
                    ['plural' => words()->label($unit)]) }}</label>
                <span class="here-place"><span class="here-word" aria-hidden="true">{{ say('sessions.session_screen.here') }}</span><input
                    id="q-distance" inputmode="decimal" autocomplete="off" aria-describedby="q-distance-problem"><span
                    aria-hidden="true">{{ say("device.units.{$unit->value}") }}</span></span>
                <button class="btn btn-outline-primary" type="button" data-step="1"
                    hidden>{{ say('sessions.session_screen.farther') }}</button>
            </div>
            <p class="text-danger fw-bold m-0" id="q-distance-problem" role="alert" data-distance-problem></p>
        @else
            <div class="here-step">
                <button class="btn btn-outline-primary" type="button" data-do="farther"
                    aria-label="{{ say('sessions.session_screen.one_step_easier') }}">{{ say('sessions.session_screen.easier') }}</button>
                <p class="here-words" data-here-words></p>
                <button class="btn btn-outline-primary" type="button" data-do="nearer"
                    aria-label="{{ say('sessions.session_screen.one_step_harder') }}">{{ say('sessions.session_screen.harder') }}</button>
            </div>
            @if($isHandsOn)<p class="here-detail" data-manner></p>@endif
        @endif
        <div class="chips" role="group" aria-label="{{ say('sessions.session_screen.change_here') }}" data-chips></div>
        <div class="chip-values" data-chip-values hidden></div>
    </section>

    <section class="advice" aria-labelledby="advice-head" aria-live="polite" data-advice data-action="">
        <p class="advice-action" id="advice-head" data-advice-label></p>
        <div class="advice-go" data-go-box hidden><p class="advice-next" data-advice-next></p><button class="btn btn-next" type="button"
            data-do="go">{{ say('sessions.session_screen.go_there') }}</button></div>
        <button class="btn btn-next" type="button" data-do="ask-next" data-ask-next hidden></button>
        <p class="advice-detail" data-advice-detail></p>
        <p class="first-reason" data-first-reason></p>
        <details class="why" data-why><summary>{{ say('sessions.session_screen.why') }}</summary><ul class="reasons" data-reasons></ul>
        {{-- odds are for those who set the caps --}}
        @if(words()->reader->audience === Words\Audience::Trainer)
        <div class="risk" data-risk hidden>
            <div class="risk-row"><span>{{ say('sessions.session_screen.strain') }}</span><span class="risk-bar" aria-hidden="true"><i
                data-risk-strain></i></span><span data-risk-strain-words></span></div>
            <div class="risk-row"><span>{{ say('sessions.session_screen.reaction') }}</span><span class="risk-bar" aria-hidden="true"><i
                data-risk-reaction></i></span><span data-risk-reaction-words></span></div>
        </div>
        @endif
        <p
            class="form-text mb-0">{{ say('sessions.session_screen.advice_supports_your_judgement_you_see') }} <a
            href="{{ route('help') }}">{{ say('sessions.session_screen.what_the_words_mean') }}</a></p></details>
        <div class="others" data-others></div>
    </section>

    <p class="card card-body mb-2" data-looking-only hidden>{{ say('sessions.session_screen.drill_a_drill_the_skill_with',
        ['drill' => (bool) ($session->kind === App\Models\SessionKind::Drill)]) }}</p>

    <div class="gauges">
        <ol class="pips" data-pips aria-label="{{ say('sessions.session_screen.run') }}"></ol>
        <span class="gauge"><span class="visually-hidden">{{ say('sessions.session_screen.set') }} </span><b
            data-clock-set>0:00</b> {{ say('sessions.session_screen.set_2') }}</span>
        <span class="gauge @if($kind !== PlanKind::Presence) d-none d-md-inline @endif"><b
            data-clock-session>0:00</b> {{ say('sessions.session_screen.in_all') }}</span>
        @if($kind === PlanKind::Sound)<span class="gauge" data-meter-gauge hidden><b
            data-meter-level>{{ say('sessions.session_screen.no_reading') }}</b> {{ say('sessions.session_screen.at_the_dog') }}</span>@endif
        <span class="gauge" data-food-left-gauge hidden><b data-food-left></b> {{ say('sessions.session_screen.pieces') }}</span>
        @if($isHandsOn)
            <span class="gauge"><b data-rate>–</b> {{ say('sessions.session_screen.a_minute') }}</span>
            <span class="gauge"><b data-accepted>{{ say('sessions.session_screen.0_of_0') }}</b> {{ say('sessions.session_screen.accepted') }}<span class="visually-hidden">, <span data-declined>0</span> {{ say('sessions.session_screen.declined') }}</span></span>
            <span class="visually-hidden"><b data-count>0</b> <span data-reps-word>{{ say('device.reps', ['count' => 0]) }}</span></span>
        @else
            <span class="gauge"><b data-count>0</b> <span data-trials-word>{{ say('device.trials', ['count' => 0]) }}</span></span>
        @endif
        <button class="btn btn-outline-primary was-there" type="button" data-do="was-there" data-was-there hidden></button>
    </div>

    @if($isContact)
        <div class="stops">
            <button class="btn leave" type="button" data-do="leave">{{ say('sessions.leave.'.$kind->value) }}</button>
            <button class="btn leave" type="button" data-do="froze"
                data-ladder-only>{{ say('sessions.session_screen.froze_stiff') }}</button>
            <button class="btn btn-outline-primary doubt" type="button" data-do="doubt"
                data-ladder-only>{{ say('sessions.session_screen.first_doubt') }}</button>
        </div>
    @elseif($kind === PlanKind::Sound)
        <div class="stops">
            <button class="btn leave" type="button" data-do="leave">{{ say('sessions.leave.'.$kind->value) }}</button>
            @if($sound?->recording)<button class="btn btn-outline-primary play" type="button" data-do="play" data-ladder-only
                aria-pressed="false"><span data-play-words>{{ say('sessions.session_screen.play') }}</span></button>@endif
        </div>
        <p class="told-sound" role="status" data-sound-note></p>
    @else
        <button class="btn leave" type="button" data-do="leave">{{ say('sessions.leave.'.$kind->value) }}</button>
    @endif

    <div class="ask-box" role="alert" data-ask hidden>
        <p class="m-0 fw-bold" data-ask-words></p>
        <button class="btn btn-next" type="button" data-answer="yes" data-ask-yes></button>
        <button class="btn btn-outline-primary" type="button" data-answer="no" data-ask-no></button>
    </div>
    <div data-log>
        @foreach($rows as $asked)
            <fieldset class="quick-outcome" data-ladder-only data-asked="{{ $asked->value }}" @if(! $loop->first) hidden @endif>
                <legend class="visually-hidden">{{ say('sessions.session_screen.what_it_did') }}: {{ words()->label($asked) }}</legend>
                @foreach($asked->outcomes() as $outcome)
                    <input class="btn-check" type="radio" name="quick-{{ $asked->value }}" id="q-{{ $outcome->value }}" value="{{ $outcome->value }}"
                        @checked($loop->first)>
                    <label class="btn btn-outline-primary" for="q-{{ $outcome->value }}">{{ words()->outcomeShort($outcome, $asked) }}</label>
                @endforeach
            </fieldset>
        @endforeach
        <div class="quick-bands" role="group" aria-label="{{ say('sessions.session_screen.log_a_trial_how_it_took') }}" data-ladder-only>
            @foreach(Band::cases() as $band)
                <button class="btn btn-outline-primary quick-band" type="button" data-do="band-{{ $band->value }}"><svg class="band-glyph"
                    aria-hidden="true" focusable="false"><use
                    href="#band-{{ $band->value }}"/></svg><span>{{ words()->label($band) }}</span></button>
            @endforeach
        </div>
        <div class="quick-bands" role="group" aria-label="{{ say('sessions.session_screen.count') }}" data-looking-only hidden>
            <button class="btn btn-outline-primary" type="button" data-do="look-back">{{ say('sessions.session_screen.looked_back') }} <b
                data-look-backs>0</b></button>
            <button class="btn btn-outline-primary" type="button" data-do="stare">{{ say('sessions.session_screen.stare_hold') }} <b
                data-longest-stare>0 s</b></button>
        </div>
        @if($isHandsOn)
            <div class="quick-more">
                <button class="btn btn-outline-secondary" type="button" data-do="offer" aria-pressed="false">{{ $offerWords }} <b
                    data-offer-clock></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="hold"
                    data-twice="{{ say('sessions.session_screen.hold') }}" data-kept="{{ say('sessions.session_screen.hold_kept') }}"
                    aria-pressed="false"><span data-hold-words>{{ say('sessions.session_screen.hold') }}</span> <b
                    data-hold-clock></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="toss"
                    aria-pressed="false">{{ say('sessions.session_screen.away_back') }} <b data-toss-clock></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="undo">{{ say('sessions.session_screen.undo') }}</button>
            </div>
        @else
            <div class="quick-more">
                <button class="btn btn-outline-secondary" type="button" data-do="undo">{{ say('sessions.session_screen.undo') }}</button>
                @if($kind === PlanKind::Presence)<button class="btn btn-outline-secondary" type="button" data-do="hold" data-when-held="yes" data-ladder-only hidden
                    aria-pressed="false">{{ say('sessions.session_screen.hold') }} <b data-held></b></button>@endif
                <button class="btn btn-outline-secondary" type="button" data-do="mark" data-ladder-only @if($kind === PlanKind::Presence) data-when-held="no" @endif
                    aria-pressed="false">{{ say('sessions.session_screen.mark') }} <b data-latency></b></button>
                @if($kind === PlanKind::Presence)<button class="btn btn-outline-secondary" type="button" data-do="stare"
                    data-when-asked="{{ Core\Sign\Asked::Wait->value }}" data-ladder-only hidden>{{ say('sessions.session_screen.stare_hold') }} <b
                    data-stare></b></button><button class="btn btn-outline-secondary" type="button"
                    data-do="seen">{{ say('sessions.session_screen.seen') }} <b data-seen>0</b></button>@endif
                <button class="btn btn-outline-secondary" type="button" data-do="break">{{ say('sessions.session_screen.break') }} <b
                    data-break></b></button>
            </div>
        @endif
        @if($kind === PlanKind::Presence)
        <div class="stare-what" role="group" aria-label="{{ say('sessions.session_screen.stared_at_what') }}" data-stare-what hidden>
            <p class="m-0 fw-bold">{{ say('sessions.session_screen.stared_at_what') }}</p>
            @foreach($targets as $target)<button class="btn btn-outline-primary" type="button" data-stare-at="{{ $target }}">{{ $target }}</button>@endforeach
            <input class="form-control" maxlength="{{ App\Session\LookTimes::MOST_LETTERS }}" data-stare-new
                aria-label="{{ say('sessions.session_screen.stared_at_new') }}" placeholder="{{ say('sessions.session_screen.stared_at_new') }}">
        </div>
        @endif
        @if($dog->hides_signs && ! $isHandsOn)
            <div class="picks face-signs mb-2" data-ladder-only>@foreach(['brow.wrinkled', 'with.me'] as $code)<button class="btn btn-outline-primary" type="button"
                data-sign="{{ $code }}" aria-pressed="false">{{ words()->sign($code) }}</button>@endforeach</div>
        @endif
        <ol class="latest" aria-label="{{ say('sessions.session_screen.the_latest_trials') }}" data-latest></ol>
        <p class="last-line" data-last-line></p>

        <details class="drawer" data-ladder-only>
            <summary>{{ say('sessions.session_screen.signs_food_more') }}</summary>
            <form data-details>
                <div class="signs-quick" role="group" aria-label="{{ say('sessions.session_screen.signs_this_dog_s_usual_ones') }}">
                    @foreach($usualSigns as $sign)
                        <input class="btn-check" type="checkbox" name="signs[]" value="{{ $sign->code }}" id="qs-{{ $sign->code }}"><label
                            class="btn btn-outline-primary" for="qs-{{ $sign->code }}">{{ words()->sign($sign->code) }}</label>
                    @endforeach
                </div>
                <details class="all-signs" data-all-signs><summary>{{ say('sessions.session_screen.all_signs') }}</summary>
                    <label class="form-label mb-0" for="q-find-sign">{{ say('sessions.session_screen.find_a_sign') }}</label><input
                        class="form-control" id="q-find-sign" type="search" data-find-sign>
                    @include('partials.sign-groups', ['prefix' => 'as', 'ticked' => []])
                </details>
                @if($kind === PlanKind::Presence)<p class="form-text m-0 d-flex flex-wrap gap-2 align-items-center"><label
                    for="q-paces">{{ say('sessions.session_screen.or_paces') }}</label><input class="form-control form-control-sm est"
                    id="q-paces" inputmode="numeric" data-estimate="paces"><label
                    for="q-jump">{{ say('sessions.session_screen.or_thumb_jump', ['plural' => words()->label($unit)]) }}</label><input
                    class="form-control form-control-sm est" id="q-jump" inputmode="decimal" data-estimate="thumb"></p>@endif
                <fieldset><legend>{{ say('sessions.session_screen.food') }}</legend><div class="picks">
                    @foreach(FoodTaken::cases() as $food)
                        <input class="btn-check" type="radio" name="food" id="qf-{{ $food->value }}" value="{{ $food->value }}"
                            @checked($food === FoodTaken::Gently)><label class="btn btn-outline-primary"
                            for="qf-{{ $food->value }}">{{ words()->label($food) }}</label>
                    @endforeach
                </div></fieldset>
                <fieldset><legend>{{ say('sessions.session_screen.something_else_happened') }}</legend><div class="picks">
                    @foreach($others as $outcome)
                        <button class="btn btn-outline-primary" type="button"
                            data-outcome="{{ $outcome->value }}">{{ words()->capital(words()->label($outcome)) }}</button>
                    @endforeach
                </div></fieldset>
                <div class="form-check"><input class="form-check-input" type="checkbox" id="q-interrupted" name="interrupted"
                    value="1"><label class="form-check-label"
                    for="q-interrupted">{{ say('sessions.session_screen.disturbed_from_outside') }}</label></div>
                <fieldset><legend>{{ say('sessions.session_screen.gear') }}</legend><div class="picks">
                    @foreach(App\Session\GearTrouble::cases() as $trouble)
                        <button class="btn btn-outline-primary" type="button"
                            data-gear="{{ $trouble->value }}">{{ words()->capital(say("labels.gear_trouble.{$trouble->value}")) }}</button>
                    @endforeach
                </div></fieldset>
                <fieldset><legend>{{ say('sessions.session_screen.a_handling_slip') }}</legend><div class="picks">
                    <input class="btn-check" type="radio" name="slip" id="ql-none" value="" checked><label
                        class="btn btn-outline-primary" for="ql-none">{{ say('sessions.session_screen.none') }}</label>
                    @foreach(App\Session\Slip::cases() as $slip)
                        <input class="btn-check" type="radio" name="slip" id="ql-{{ $slip->value }}" value="{{ $slip->value }}"><label
                            class="btn btn-outline-primary" for="ql-{{ $slip->value }}">{{ words()->label($slip) }}</label>
                    @endforeach
                </div></fieldset>
                <div class="form-check"><input class="form-check-input" type="checkbox" id="q-gone" name="food_gone" value="1"><label
                    class="form-check-label" for="q-gone">{{ say('sessions.session_screen.the_food_is_used_up') }}</label></div>
                <label class="form-label mb-0" for="q-note">{{ say('sessions.session_screen.note') }}</label><input
                    class="form-control mb-2" id="q-note" name="note" maxlength="500">
                <p class="form-text">{{ say('sessions.session_screen.then_tap_the_band_it_logs') }}</p>
                <div class="d-flex gap-2 align-items-center"><label
                    for="q-batch">{{ say('sessions.session_screen.good_ones_in_a_row') }}</label><input class="form-control est"
                    id="q-batch" inputmode="numeric" value="6" data-batch><button class="btn btn-outline-primary" type="button"
                    data-do="batch">{{ say('sessions.session_screen.log_them') }}</button></div>
                @if($isHandsOn)<div data-batch-time hidden><p class="d-flex gap-2 align-items-center mt-2 mb-0"><label
                    for="q-batch-seconds">{{ say('sessions.session_screen.seconds_for_all') }}</label><input class="form-control est"
                    id="q-batch-seconds" inputmode="decimal" data-batch-seconds></p></div>@endif
            </form>
        </details>
        <details class="drawer">
            <summary>{{ say('sessions.session_screen.sound_timers_voice_meter_timers_voice',
                ['sound' => (bool) ($kind === PlanKind::Sound)]) }}</summary>
            @if($kind === PlanKind::Sound)
                <div class="my-2">
                    <button class="btn btn-outline-secondary" type="button"
                        data-do="meter">{{ say('sessions.session_screen.connect_a_sound_level_meter') }}</button>
                    <p class="form-text m-0" role="status" data-meter-note>{{ say('sessions.session_screen.at_the_dog_s_place_it') }}</p>
                    <p class="m-0" data-meter-told hidden>{{ say('sessions.session_screen.type_into_the_meter_address') }} <code
                        data-meter-address></code>{{ say('sessions.session_screen.token') }} <code data-meter-token></code></p>
                </div>
            @endif
            @if($isHandsOn)
                <div class="d-flex flex-wrap gap-2 align-items-center my-2">
                    <button class="btn btn-outline-secondary" type="button" data-do="break">{{ say('sessions.session_screen.break') }} <b
                        data-break></b></button>
                    <button class="btn btn-outline-secondary" type="button" data-do="mark" data-ladder-only
                        aria-pressed="false">{{ say('sessions.session_screen.mark') }} <b data-latency></b></button>
                    <label for="q-hold">{{ say('sessions.session_screen.hold') }}</label><select class="form-select w-auto" id="q-hold"
                        data-contact-setting="hold"><option value="twice">{{ say('sessions.session_screen.press_twice') }}</option><option
                        value="kept">{{ say('sessions.session_screen.press_kept') }}</option></select>
                    <label for="q-rest">{{ say('sessions.session_screen.nothing_happens_for') }}</label><select class="form-select w-auto"
                        id="q-rest" data-contact-setting="rest">@foreach([0, 5, 10, 20, 30] as $seconds)<option value="{{ $seconds }}"
                        @selected($seconds === 10)>{{ $seconds === 0 ? say('sessions.session_screen.no_signal')
                        : words()->formats->seconds($seconds) }}</option>@endforeach</select>
                    <span class="form-check m-0"><input class="form-check-input" type="checkbox" id="q-ticks"
                        data-contact-setting="ticks"><label class="form-check-label"
                        for="q-ticks">{{ say('sessions.session_screen.a_quiet_tone_each_second_of') }}</label></span>
                </div>
                <p class="form-text" data-contrast></p>
            @endif
            <p class="my-2 d-flex flex-wrap gap-2 align-items-center"><label
                for="q-handler">{{ say('sessions.session_screen.who_handles') }}</label><select class="form-select w-auto" id="q-handler"
                data-handler>@foreach($people as $id => $name)<option value="{{ $id }}"
                @selected($id === $session->person_id)>{{ $name }}</option>@endforeach</select></p>
            <div class="d-flex flex-wrap gap-2 align-items-center my-2">
                <label for="q-wait">{{ say('sessions.session_screen.prompt_after') }}</label><select class="form-select w-auto" id="q-wait"
                    data-wait>@foreach([1, 2, 3, 4, 5] as $s)<option value="{{ $s }}"
                    @selected($s === 3)>{{ words()->formats->seconds($s) }}</option>@endforeach</select>
                <button class="btn btn-outline-secondary" type="button"
                    data-do="countdown">{{ say('sessions.session_screen.it_has_noticed') }} <b data-countdown></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="stare"
                    data-ladder-only>{{ say('sessions.session_screen.stare_hold') }} <b data-stare></b></button>
                <label for="q-pace">{{ say('sessions.session_screen.feed_every') }}</label><select class="form-select w-auto" id="q-pace"
                    data-pace>@foreach([1, 2, 3, 5] as $s)<option
                    value="{{ $s }}">{{ words()->formats->seconds($s) }}</option>@endforeach</select>
                <button class="btn btn-outline-secondary" type="button" data-do="pace"
                    aria-pressed="false">{{ say('sessions.session_screen.pace') }}</button>
                <button class="btn btn-outline-secondary" type="button" data-do="voice"
                    aria-pressed="false">{{ say('sessions.session_screen.say_the_advice') }}</button>
            </div>
            <p class="form-text" data-wake></p>
        </details>
    </div>

    <div class="watching" data-watch hidden>
        <p class="fw-bold" data-watch-words>{{ say('sessions.session_screen.another_device_logs_this_session_you') }}</p>
        <div class="quick-bands" role="group" aria-label="{{ say('sessions.session_screen.grade_the_last_trial') }}">
            @foreach(Band::cases() as $band)
                <button class="btn btn-outline-primary quick-band" type="button" data-grade="{{ $band->value }}"><svg class="band-glyph"
                    aria-hidden="true" focusable="false"><use
                    href="#band-{{ $band->value }}"/></svg><span>{{ words()->label($band) }}</span></button>
            @endforeach
        </div>
        <button class="btn btn-next w-100" type="button"
            data-do="take">{{ say('sessions.session_screen.log_on_this_device_from_now') }}</button>
        <ol class="latest" aria-label="{{ say('sessions.session_screen.the_latest_trials_as_logged') }}" data-latest></ol>
    </div>

    @if($kind === PlanKind::Presence)
        <details class="drawer" @if($hasHelper) open @endif><summary>{{ say('helper.title') }}</summary>
            @if($hasHelper)
                <div data-helper="{{ route('session-helper.word', $session, false) }}" data-there="{{ say('helper.is_there') }}"
                    data-not-there="{{ say('helper.is_not_there') }}">
                    <div class="helper-words">@foreach(Core\Field\HelperWord::cases() as $word)<button type="button"
                        class="btn {{ $word === Core\Field\HelperWord::Stop ? 'btn-outline-danger' : 'btn-outline-primary' }}"
                        data-helper-word="{{ $word->value }}" aria-pressed="false">{{ say("helper.words.{$word->value}") }}</button>@endforeach</div>
                    <p class="m-0 mt-1"><span role="status" data-helper-told></span> <span
                        class="text-nowrap">{{ say('helper.counted') }} <b data-helper-passes>0</b></span></p>
                </div>
            @endif
            <p class="m-0 mt-1"><a href="{{ route('session-helper', $session) }}">{{ say('helper.set_up', ['again' => $hasHelper]) }}</a></p>
        </details>
    @endif

    <details class="drawer" data-end><summary>{{ say('sessions.session_screen.end_the_session') }}</summary>@include('partials.end-session',
        ['id' => 'end-note', 'class' => 'mt-2', 'next' => $next])</details>

    <dialog class="leave-now" data-leave aria-labelledby="leave-head">
        @if($isContact)
            <h2 id="leave-head">{{ say('sessions.session_screen.hands_off') }}</h2>
            <ol><li>{{ say('sessions.session_screen.hands_away_now_slowly_look_aside') }}</li><li>{{ say('sessions.session_screen.let_it_leave_do_not_follow') }}</li><li>{{ say('sessions.session_screen.item_down_food_on_the_floor') }}</li></ol>
        @elseif($kind === PlanKind::Sound)
            <h2 id="leave-head">{{ say('sessions.session_screen.the_sound_is_off') }}</h2>
            <ol><li>{{ say('sessions.session_screen.say_nothing_do_nothing_sudden') }}</li><li>{{ say('sessions.session_screen.if_it_wants_to_go_go') }}</li><li>{{ say('sessions.session_screen.food_on_the_ground_once_it') }}</li></ol>
        @else
            <h2 id="leave-head">{{ say('sessions.session_screen.away_now') }}</h2>
            <ol><li>{{ say('sessions.session_screen.turn_call_once_walk_do_not') }}</li><li>{{ say('sessions.session_screen.distance_first_out_of_sight') }}</li><li>{{ say('sessions.session_screen.food_on_the_ground_once_it') }}</li></ol>
        @endif
        <p class="leave-clock"><b data-leave-clock>0:00</b> {{ say('sessions.session_screen.until_it_eats_and_does_a') }}</p>
        <button class="btn btn-next w-100 mb-3" type="button"
            data-settled>{{ say('sessions.session_screen.it_eats_and_does_a_cue') }}</button>
        <p class="told">{{ say('sessions.session_screen.logged_it_froze_strain_next_comes') }}</p>
        <p class="fw-bold mb-1 ask">{{ say('sessions.session_screen.when_it_is_safe_what_was') }}</p>
        <div class="quick-bands mb-2 ask" role="group" aria-label="{{ say('sessions.session_screen.left_in_time') }}">
            @foreach([Band::Easy, Band::Aware, Band::Effort, Band::Strain] as $band)
                <button class="btn btn-outline-primary quick-band" type="button" data-left="{{ $band->value }}"><svg class="band-glyph"
                    aria-hidden="true" focusable="false"><use
                    href="#band-{{ $band->value }}"/></svg><span>{{ say('sessions.session_screen.left_in_time_2',
                    ['band' => words()->label($band)]) }}</span></button>
            @endforeach
            <button class="btn btn-outline-primary quick-band" type="button" data-left="4"><svg class="band-glyph" aria-hidden="true"
                focusable="false"><use href="#band-4"/></svg><span>{{ say('sessions.session_screen.it_reacted') }}</span></button>
        </div>
        <div class="d-flex gap-2"><button class="btn btn-outline-secondary flex-fill ask" type="button"
            data-left="none">{{ say('sessions.session_screen.not_the_dog') }}</button><button
            class="btn btn-outline-secondary flex-fill ask" type="button"
            data-left-close>{{ say('sessions.session_screen.say_later_no_band') }}</button><button
            class="btn btn-outline-secondary flex-fill told" type="button"
            data-left-close>{{ say('sessions.session_screen.close') }}</button></div>
    </dialog>

    <dialog class="keys-dialog" data-keys aria-labelledby="keys-head">
        <h2 id="keys-head">{{ say('sessions.session_screen.keys') }}</h2>
        <p>{{ say('sessions.session_screen.a_keyboard_a_presenter_s_remote') }}</p>
        <table class="table table-sm"><thead><tr><th scope="col">{{ say('sessions.session_screen.action') }}</th><th
            scope="col">{{ say('sessions.session_screen.key') }}</th></tr></thead><tbody data-keys-rows></tbody></table>
        <button class="btn btn-next" type="button" data-keys-close>{{ say('sessions.session_screen.done') }}</button>
    </dialog>
</div>
