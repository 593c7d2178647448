@use('Core\Sign\Band')
@use('Core\Sign\FoodTaken')
@use('Core\Exposure\PlanKind')
@php($isHandsOn = in_array($kind, [PlanKind::Contact, PlanKind::Duration], true))
@php($isContact = $kind === PlanKind::Contact)
<div data-session-screen hidden
     data-session="{{ $session->id }}" data-state="{{ json_encode($state) }}" data-live="{{ $liveUrl }}" data-kind="{{ $session->kind->value }}" data-plan="{{ $kind->value }}"
     data-unit="{{ $unit->value }}" data-food="{{ $food }}" data-review="{{ route('sessions.review', $session) }}"
     @if($kind === PlanKind::Sound) data-meter="{{ $meterUrl }}" data-metered="{{ $session->meter_token ? '1' : '' }}" data-recording="{{ $sound?->recording ? '/sounds/'.$sound->recording->value.'.wav' : '' }}" data-ceiling="{{ $sound?->read_level === null ? '' : $sound->ceiling }}" data-sounding="false" @endif>
    <div class="session-head">
        <h1 class="h5 m-0">{{ $dog->name }}: {{ $plan->name }}</h1>
        <p class="m-0 small" role="status" data-net></p>
        <button class="btn btn-outline-secondary keys-button" type="button" data-do="keys">Keys</button>
    </div>

    <p class="alert alert-danger mb-2" role="alert" data-full hidden>This device is out of storage. What you log now lives only as long as this page is open: leave it open until all is saved.</p>

    <section class="advice" aria-labelledby="advice-head" aria-live="polite" data-advice data-action="">
        <p class="advice-action" id="advice-head" data-advice-label></p>
        <p class="advice-next" data-advice-next></p>
        <p class="advice-detail" data-advice-detail></p>
        @if($isHandsOn)<p class="advice-detail" data-manner></p>@endif
        <div class="risk" data-risk hidden>
            <div class="risk-row"><span>strain</span><span class="risk-bar" aria-hidden="true"><i data-risk-strain></i></span><span data-risk-strain-words></span></div>
            <div class="risk-row"><span>reaction</span><span class="risk-bar" aria-hidden="true"><i data-risk-reaction></i></span><span data-risk-reaction-words></span></div>
        </div>
        <p class="first-reason" data-first-reason></p>
        <details class="why" data-why><summary>Why</summary><ul class="reasons" data-reasons></ul><p class="form-text mb-0">Advice supports your judgement; you see the dog. <a href="{{ route('help') }}">What the words mean</a></p></details>
        <div class="others" data-others></div>
    </section>

    <p class="card card-body mb-2" data-looking-only hidden>{{ $session->kind === App\Models\SessionKind::Drill ? 'A drill: the skill with nothing there. Short, well paid, and stop while it is good.' : 'No ladder today: let it look and sniff, mark whatever attention it offers, count how often it looks back, and time the longest stare.' }}</p>

    <div class="gauges">
        <ol class="pips" data-pips aria-label="Run"></ol>
        <span class="gauge"><span class="visually-hidden">Set </span><b data-clock-set>0:00</b> set</span>
        <span class="gauge @if($kind !== PlanKind::Presence) d-none d-md-inline @endif"><b data-clock-session>0:00</b> in all</span>
        @if($kind === PlanKind::Sound)<span class="gauge" data-meter-gauge hidden><b data-meter-level>no reading</b> at the dog</span>@endif
        <span class="gauge" data-food-left-gauge hidden><b data-food-left></b> pieces</span>
        @if($isHandsOn)
            <span class="gauge"><b data-rate>–</b> a minute</span>
            <span class="gauge"><b data-accepted>0 of 0</b> accepted<span class="visually-hidden">, <span data-declined>0</span> declined</span></span>
            <span class="visually-hidden"><b data-count>0</b> repetitions</span>
        @else
            <span class="gauge"><b data-count>0</b> trials</span>
        @endif
    </div>

    @if($isContact)
        <div class="stops">
            <button class="btn leave" type="button" data-do="leave">{{ $kind->leaveWords() }}</button>
            <button class="btn leave" type="button" data-do="froze" data-ladder-only>Froze, stiff</button>
            <button class="btn btn-outline-primary doubt" type="button" data-do="doubt" data-ladder-only>First doubt</button>
        </div>
    @elseif($kind === PlanKind::Sound)
        <div class="stops">
            <button class="btn leave" type="button" data-do="leave">{{ $kind->leaveWords() }}</button>
            @if($sound?->recording)<button class="btn btn-outline-primary play" type="button" data-do="play" data-ladder-only aria-pressed="false"><span data-play-words>Play</span></button>@endif
        </div>
        <p class="told-sound" role="status" data-sound-note></p>
    @else
        <button class="btn leave" type="button" data-do="leave">{{ $kind->leaveWords() }}</button>
    @endif

    <div data-log>
        <fieldset class="quick-outcome" data-ladder-only>
            <legend class="visually-hidden">What it did</legend>
            @foreach($quick as $outcome)
                <input class="btn-check" type="radio" name="quick-outcome" id="q-{{ $outcome->value }}" value="{{ $outcome->value }}" @checked($loop->first)>
                <label class="btn btn-outline-primary" for="q-{{ $outcome->value }}">{{ $outcome->shortLabel($kind) }}</label>
            @endforeach
        </fieldset>
        <div class="quick-bands" role="group" aria-label="Log a trial: how it took it" data-ladder-only>
            @foreach(Band::cases() as $band)
                <button class="btn btn-outline-primary quick-band" type="button" data-do="band-{{ $band->value }}"><svg class="band-glyph" aria-hidden="true" focusable="false"><use href="#band-{{ $band->value }}"/></svg><span>{{ $band->label() }}</span></button>
            @endforeach
        </div>
        <div class="quick-bands" role="group" aria-label="Count" data-looking-only hidden>
            <button class="btn btn-outline-primary" type="button" data-do="look-back">Looked back <b data-look-backs>0</b></button>
            <button class="btn btn-outline-primary" type="button" data-do="stare">Stare: hold <b data-longest-stare>0 s</b></button>
        </div>
        @if($isHandsOn)
            <div class="quick-more">
                <button class="btn btn-outline-secondary" type="button" data-do="offer" aria-pressed="false">{{ $offerWords }} <b data-offer-clock></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="hold" aria-pressed="false">Hold <b data-hold-clock></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="toss" aria-pressed="false">Away, back <b data-toss-clock></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="undo">Undo</button>
            </div>
        @else
            <div class="quick-more">
                <button class="btn btn-outline-secondary" type="button" data-do="undo">Undo</button>
                <button class="btn btn-outline-secondary" type="button" data-do="mark" data-ladder-only aria-pressed="false">Mark <b data-latency></b></button>
                @if($kind === PlanKind::Presence)<button class="btn btn-outline-secondary" type="button" data-do="seen">Seen <b data-seen>0</b></button>@endif
                <button class="btn btn-outline-secondary" type="button" data-do="break">Break <b data-break></b></button>
            </div>
        @endif
        <ol class="latest" aria-label="The latest trials" data-latest></ol>

        <details class="drawer" data-ladder-only>
            <summary>{{ $kind === PlanKind::Presence ? 'Signs, food, distance, trigger' : 'Signs, food, what was otherwise' }}</summary>
            <form data-details>
                <div class="signs-quick" role="group" aria-label="Signs, this dog's usual ones first">
                    @foreach($usualSigns as $sign)
                        <input class="btn-check" type="checkbox" name="signs[]" value="{{ $sign->code }}" id="qs-{{ $sign->code }}"><label class="btn btn-outline-primary" for="qs-{{ $sign->code }}">{{ $sign->label }}</label>
                    @endforeach
                </div>
                <div class="my-2" @if($kind !== PlanKind::Presence) hidden @endif><label class="fw-bold" for="q-distance">Distance, {{ $unit->plural() }}</label>
                    <div class="stepper" data-stepper>
                        <button class="btn btn-outline-primary" type="button" data-step="-1" hidden>nearer</button>
                        <input class="form-control" id="q-distance" name="distance" inputmode="decimal" aria-describedby="q-distance-problem">
                        <button class="btn btn-outline-primary" type="button" data-step="1" hidden>farther</button>
                    </div>
                    <p class="text-danger fw-bold m-0" id="q-distance-problem" role="alert" data-distance-problem></p>
                    <p class="form-text m-0 d-flex flex-wrap gap-2 align-items-center"><label for="q-paces">or paces</label><input class="form-control form-control-sm est" id="q-paces" inputmode="numeric" data-estimate="paces"><label for="q-jump">or thumb jump, {{ $unit->plural() }}</label><input class="form-control form-control-sm est" id="q-jump" inputmode="decimal" data-estimate="thumb"></p>
                </div>
                <fieldset><legend>Food</legend><div class="picks">
                    @foreach(FoodTaken::cases() as $food)
                        <input class="btn-check" type="radio" name="food" id="qf-{{ $food->value }}" value="{{ $food->value }}" @checked($food === FoodTaken::Gently)><label class="btn btn-outline-primary" for="qf-{{ $food->value }}">{{ ['gently' => 'gently', 'hard' => 'hard', 'dropped' => 'dropped', 'refused' => 'refused', 'not_offered' => 'none'][$food->value] }}</label>
                    @endforeach
                </div></fieldset>
                <fieldset><legend>{{ $kind === PlanKind::Presence ? 'What the trigger did just then' : 'What was otherwise' }}</legend><div class="row g-2">
                    @foreach($dimensions as $dimension)
                        <div class="col-6"><label class="form-label mb-0" for="qd-{{ $dimension->key }}">{{ ucfirst($dimension->label) }}</label>
                            <select class="form-select" id="qd-{{ $dimension->key }}" name="exposure[{{ $dimension->key }}]"><option value="">as advised</option>@foreach($dimension->values as $value)<option value="{{ $value->key }}">{{ $value->label }}</option>@endforeach</select></div>
                    @endforeach
                </div></fieldset>
                <fieldset><legend>Something else happened</legend><div class="picks">
                    @foreach($others as $outcome)
                        <button class="btn btn-outline-primary" type="button" data-outcome="{{ $outcome->value }}">{{ ucfirst($outcome->label()) }}</button>
                    @endforeach
                </div></fieldset>
                <div class="form-check"><input class="form-check-input" type="checkbox" id="q-interrupted" name="interrupted" value="1"><label class="form-check-label" for="q-interrupted">Disturbed from outside</label></div>
                <div class="form-check"><input class="form-check-input" type="checkbox" id="q-slip" name="handler_error" value="1"><label class="form-check-label" for="q-slip">A handling slip</label></div>
                <div class="form-check"><input class="form-check-input" type="checkbox" id="q-gone" name="food_gone" value="1"><label class="form-check-label" for="q-gone">The food is used up</label></div>
                <label class="form-label mb-0" for="q-note">Note</label><input class="form-control mb-2" id="q-note" name="note" maxlength="500">
                <label class="form-label mb-0" for="q-aim">I aim at</label>
                <select class="form-select mb-2" id="q-aim" data-aim><option value="">the advice</option>@foreach($steps as $position => $step)<option value="step:{{ $position }}">step {{ $position + 1 }}: {{ $step->exposure->distance()?->inWords($unit) ?? ($step->manner->instruction ?: $step->exposure->inWords($catalog, $unit)) }}</option>@endforeach</select>
                <p class="form-text">Then tap the band: it logs the trial with these details.</p>
                <div class="d-flex gap-2 align-items-center"><label for="q-batch">Good ones in a row</label><input class="form-control est" id="q-batch" inputmode="numeric" value="6" data-batch><button class="btn btn-outline-primary" type="button" data-do="batch">Log them</button></div>
            </form>
        </details>
        <details class="drawer">
            <summary>{{ $kind === PlanKind::Sound ? 'Timers, voice, meter' : 'Timers, voice' }}</summary>
            @if($kind === PlanKind::Sound)
                <div class="my-2">
                    <button class="btn btn-outline-secondary" type="button" data-do="meter">Connect a sound level meter</button>
                    <p class="form-text m-0" role="status" data-meter-note>At the dog's place. It gets a token for this session only; every trial then keeps the level it read.</p>
                    <p class="m-0" data-meter-told hidden>Type into the meter: address <code data-meter-address></code>, token <code data-meter-token></code></p>
                </div>
            @endif
            @if($isHandsOn)
                <div class="d-flex flex-wrap gap-2 align-items-center my-2">
                    <button class="btn btn-outline-secondary" type="button" data-do="break">Break <b data-break></b></button>
                    <button class="btn btn-outline-secondary" type="button" data-do="mark" data-ladder-only aria-pressed="false">Mark <b data-latency></b></button>
                    <label for="q-rest">Nothing happens for</label><select class="form-select w-auto" id="q-rest" data-contact-setting="rest">@foreach(['0' => 'no signal', '5' => '5 s', '10' => '10 s', '20' => '20 s', '30' => '30 s'] as $seconds => $words)<option value="{{ $seconds }}" @selected($seconds === 10)>{{ $words }}</option>@endforeach</select>
                    <span class="form-check m-0"><input class="form-check-input" type="checkbox" id="q-ticks" data-contact-setting="ticks"><label class="form-check-label" for="q-ticks">A quiet tone each second of a hold</label></span>
                </div>
                <p class="form-text" data-contrast></p>
            @endif
            <div class="d-flex flex-wrap gap-2 align-items-center my-2">
                <label for="q-wait">Prompt after</label><select class="form-select w-auto" id="q-wait" data-wait>@foreach([1, 2, 3, 4, 5] as $s)<option value="{{ $s }}" @selected($s === 3)>{{ $s }} s</option>@endforeach</select>
                <button class="btn btn-outline-secondary" type="button" data-do="countdown">It has noticed <b data-countdown></b></button>
                <button class="btn btn-outline-secondary" type="button" data-do="stare" data-ladder-only>Stare: hold <b data-stare></b></button>
                <label for="q-pace">Feed every</label><select class="form-select w-auto" id="q-pace" data-pace>@foreach([1, 2, 3, 5] as $s)<option value="{{ $s }}">{{ $s }} s</option>@endforeach</select>
                <button class="btn btn-outline-secondary" type="button" data-do="pace" aria-pressed="false">Pace</button>
                <button class="btn btn-outline-secondary" type="button" data-do="voice" aria-pressed="false">Say the advice</button>
            </div>
            <p class="form-text" data-wake></p>
        </details>
    </div>

    <div class="watching" data-watch hidden>
        <p class="fw-bold" data-watch-words>Another device logs this session. You see it as it goes, and may grade the same trials.</p>
        <div class="quick-bands" role="group" aria-label="Grade the last trial">
            @foreach(Band::cases() as $band)
                <button class="btn btn-outline-primary quick-band" type="button" data-grade="{{ $band->value }}"><svg class="band-glyph" aria-hidden="true" focusable="false"><use href="#band-{{ $band->value }}"/></svg><span>{{ $band->label() }}</span></button>
            @endforeach
        </div>
        <button class="btn btn-next w-100" type="button" data-do="take">Log on this device from now on</button>
        <ol class="latest" aria-label="The latest trials, as logged" data-latest></ol>
    </div>

    <details class="drawer" data-end><summary>End the session</summary>@include('partials.end-session', ['id' => 'end-note', 'class' => 'mt-2', 'next' => $next])</details>

    <dialog class="leave-now" data-leave aria-labelledby="leave-head">
        @if($isContact)
            <h2 id="leave-head">Hands off</h2>
            <ol><li>Hands away now, slowly. Look aside, turn your body aside.</li><li>Let it leave. Do not follow, do not hold, do not scold.</li><li>Item down. Food on the floor once it can eat.</li></ol>
        @elseif($kind === PlanKind::Sound)
            <h2 id="leave-head">The sound is off</h2>
            <ol><li>Say nothing, do nothing sudden.</li><li>If it wants to go, go with it. Do not call it back to the place.</li><li>Food on the ground once it can eat.</li></ol>
        @else
            <h2 id="leave-head">Away now</h2>
            <ol><li>Turn, call once, walk. Do not scold, do not pull.</li><li>Distance first, out of sight.</li><li>Food on the ground once it can eat.</li></ol>
        @endif
        <p class="leave-clock"><b data-leave-clock>0:00</b> until it eats and does a known cue</p>
        <button class="btn btn-next w-100 mb-3" type="button" data-settled>It eats and does a cue</button>
        <p class="told">Logged: it froze, strain. Next comes something much easier, or the end.</p>
        <p class="fw-bold mb-1 ask">When it is safe: what was it?</p>
        <div class="quick-bands mb-2 ask" role="group" aria-label="Left in time">
            @foreach([Band::Easy, Band::Aware, Band::Effort, Band::Strain] as $band)
                <button class="btn btn-outline-primary quick-band" type="button" data-left="{{ $band->value }}"><svg class="band-glyph" aria-hidden="true" focusable="false"><use href="#band-{{ $band->value }}"/></svg><span>left in time: {{ $band->label() }}</span></button>
            @endforeach
            <button class="btn btn-outline-primary quick-band" type="button" data-left="4"><svg class="band-glyph" aria-hidden="true" focusable="false"><use href="#band-4"/></svg><span>it reacted</span></button>
        </div>
        <div class="d-flex gap-2"><button class="btn btn-outline-secondary flex-fill ask" type="button" data-left="none">Not the dog</button><button class="btn btn-outline-secondary flex-fill ask" type="button" data-left-close>Say later: no band</button><button class="btn btn-outline-secondary flex-fill told" type="button" data-left-close>Close</button></div>
    </dialog>

    <dialog class="keys-dialog" data-keys aria-labelledby="keys-head">
        <h2 id="keys-head">Keys</h2>
        <p>A keyboard, a presenter's remote or a page-turner: choose an action, then press its key.</p>
        <table class="table table-sm"><thead><tr><th scope="col">Action</th><th scope="col">Key</th></tr></thead><tbody data-keys-rows></tbody></table>
        <button class="btn btn-next" type="button" data-keys-close>Done</button>
    </dialog>
</div>
