@use('Core\Sign\Band')
@use('Core\Sign\Outcome')
@use('Core\Sign\FoodTaken')
@use('Core\Sign\TurnLatency')
<div id="session-panel" data-trials="{{ count($trials) }}">
    <div class="d-flex flex-wrap justify-content-between align-items-baseline gap-2">
        <h1 class="h4 mb-2">{{ $dog->name }}: {{ $plan->name }}</h1>
        <span class="text-body-secondary">{{ say('sessions.session_panel.with',
            ['count' => count($trials), 'person' => $session->person->name]) }}</span>
    </div>
    <div class="row g-4">
        <div class="col-lg-5">
            <section class="advice mb-3" data-action="{{ $advice->action->value }}" aria-labelledby="advice-head" aria-live="polite">
                <p class="advice-action" id="advice-head">{{ $inWords->action($advice->action, $advice->is_closing) }}</p>
                @if($nextWords)<p class="advice-next" data-next="{{ $next->distance()?->meters }}">{{ $nextWords }}</p>@endif
                <ul class="reasons mt-2">
                    @foreach($advice->reasons as $reason)<li
                        data-reason="{{ $reason['code'] }}">{{ $inWords->reason($reason) }}</li>@endforeach
                </ul>
                @if($advice->alternatives !== [])
                    <p class="mt-2 mb-0">{{ say('sessions.session_panel.or_change',
                        ['changes' => collect($advice->alternatives)->map(fn ($other) => $inWords->change($other))->implode('; ')]) }}</p>
                @endif
                <p class="mt-2 mb-0 form-text">{{ say('sessions.session_panel.advice_supports_your_judgement_you_see') }}</p>
            </section>
            @if($advice->action === Core\Decision\Action::Break)
                <form method="post" action="{{ route('breaks.store', $session) }}" class="mb-3">
                    @csrf
                    <button class="btn {{ $next ? 'btn-next'
                        : 'btn-outline-secondary' }} w-100">{{ say('sessions.session_panel.the_break_is_over') }}</button>
                </form>
            @endif
            @if($trials !== [])
                <div class="d-flex flex-wrap justify-content-between align-items-center gap-2 mb-3">
                    <ol class="latest" aria-label="{{ say('sessions.session_panel.the_latest_trials') }}">
                        @foreach(array_slice($trials, -14) as $trial)<li><x-band :band="$trial->band" :word="false" /></li>@endforeach
                    </ol>
                    <form method="post" action="{{ route('undo.store', $session) }}">
                        @csrf
                        <input type="hidden" name="uuid" value="{{ $undoUuid }}">
                        <button class="btn btn-outline-secondary">{{ say('sessions.session_panel.undo_the_last') }}</button>
                    </form>
                </div>
            @endif
            @include('partials.end-session', ['id' => 'end-note-wide', 'class' => 'd-none d-lg-block'])
        </div>
        <div class="col-lg-7">
            <form method="post" action="{{ route('trials.store', $session) }}">
                @csrf
                <input type="hidden" name="uuid" value="{{ $uuid }}">
                <input type="hidden" name="device_at" value="">
                <input type="hidden" name="sent_at" value="">
                <x-problems />
                <fieldset>
                    <legend>{{ say('sessions.session_panel.what_it_did') }}</legend>
                    @foreach($rows as $asked)
                    @if(count($rows) > 1)<p class="mb-1">{{ words()->capital(words()->label($asked)) }}</p>@endif
                    <div class="picks picks-outcomes mb-2">
                        @foreach($asked->outcomes() as $outcome)
                            <input class="btn-check" type="radio" name="outcome" id="o-{{ $outcome->value }}" value="{{ $outcome->value }}"
                                @checked(typed('outcome') === $outcome->value) required>
                            <label class="btn btn-outline-primary"
                                for="o-{{ $outcome->value }}">{{ words()->outcomeShort($outcome, $asked) }}</label>
                        @endforeach
                    </div>
                    @endforeach
                    <details class="mt-2" @if(in_array(typed('outcome'), array_map(fn ($outcome) => $outcome->value, $others), true)) open
                        @endif>
                        <summary>{{ say('sessions.session_panel.something_else') }}</summary>
                        <div class="picks mt-2">
                            @foreach($others as $outcome)
                                <input class="btn-check" type="radio" name="outcome" id="o-{{ $outcome->value }}"
                                    value="{{ $outcome->value }}" @checked(typed('outcome') === $outcome->value)>
                                <label class="btn btn-outline-primary"
                                    for="o-{{ $outcome->value }}">{{ words()->capital(words()->label($outcome)) }}</label>
                            @endforeach
                        </div>
                    </details>
                </fieldset>
                <fieldset>
                    <legend>{{ say('sessions.session_panel.how_it_took_it') }}</legend>
                    <div class="picks picks-bands">
                        @foreach(Band::cases() as $band)
                            <input class="btn-check" type="radio" name="band" id="b-{{ $band->value }}" value="{{ $band->value }}"
                                @checked(typed('band') === (string) $band->value)>
                            <label class="btn btn-outline-primary" for="b-{{ $band->value }}"><svg class="band-glyph" aria-hidden="true"
                                focusable="false"><use href="#band-{{ $band->value }}"/></svg>{{ words()->label($band) }}</label>
                        @endforeach
                    </div>
                    <p class="form-text mb-0">{{ say('sessions.session_panel.left_open_the_band_follows_from') }}</p>
                </fieldset>
                @if($kind === Core\Exposure\PlanKind::Presence)<div class="mb-3">
                    <label class="fw-bold mb-1" for="distance">{{ say('sessions.session_panel.distance',
                        ['plural' => words()->label($unit)]) }}</label>
                    <div class="stepper">
                        <input class="form-control @error('distance') is-invalid @enderror" id="distance" name="distance"
                            inputmode="decimal" value="{{ typed('distance', $distance) }}" required @error('distance') aria-invalid="true"
                            aria-describedby="distance-problem" @enderror>
                    </div>
                    @error('distance')<p class="text-danger fw-bold mb-0" id="distance-problem">{{ $message }}</p>@enderror
                </div>@endif
                <fieldset>
                    <legend>{{ say('sessions.session_panel.food') }}</legend>
                    <div class="picks">
                        @foreach(FoodTaken::cases() as $food)
                            <input class="btn-check" type="radio" name="food" id="food-{{ $food->value }}" value="{{ $food->value }}"
                                @checked(typed('food', 'gently') === $food->value)>
                            <label class="btn btn-outline-primary" for="food-{{ $food->value }}">{{ words()->label($food) }}</label>
                        @endforeach
                    </div>
                </fieldset>
                <fieldset>
                    <legend>{{ say('sessions.session_panel.turned_after') }}</legend>
                    <div class="picks">
                        @foreach(TurnLatency::cases() as $latency)
                            <input class="btn-check" type="radio" name="latency" id="l-{{ $latency->value }}" value="{{ $latency->value }}"
                                @checked(typed('latency') === $latency->value)>
                            <label class="btn btn-outline-primary" for="l-{{ $latency->value }}">{{ words()->label($latency) }}</label>
                        @endforeach
                    </div>
                </fieldset>
                <details class="mb-3" @if(ticked('signs')) open @endif>
                    <summary>{{ say('sessions.session_panel.signs') }}</summary>
                    @include('partials.sign-groups', ['prefix' => 's', 'ticked' => ticked('signs', [])])
                </details>
                <details class="mb-3" @if($errors->has('exposure.*')) open @endif>
                    <summary>{{ say('sessions.session_panel.what_was_otherwise_just_then') }}</summary>
                    <div class="row mt-2">
                        @foreach($inPlay->first as $dimension) @continue($dimension->kind->isMeasured())
                            <div class="col-sm-6 mb-2">
                                <label class="form-label mb-0"
                                    for="d-{{ $dimension->key }}">{{ words()->capital(words()->dimension($catalog,
                                    $dimension->key)) }}</label>
                                <select class="form-select" id="d-{{ $dimension->key }}" name="exposure[{{ $dimension->key }}]">
                                    <option value="">{{ say('sessions.session_panel.key_as_advised_not_noted',
                                        ['key' => isset($exposure[$dimension->key]), 'isFirst' => $trials === []]) }}</option>
                                    @foreach($dimension->values as $value)
                                        <option value="{{ $value->key }}"
                                            @selected(typed("exposure.{$dimension->key}") === $value->key)>{{ words()->choice($catalog,
                                            $dimension->key, $value->key) }}</option>
                                    @endforeach
                                </select>
                            </div>
                        @endforeach
                    </div>
                </details>
                <details class="mb-3">
                    <summary>{{ say('sessions.session_panel.more_chosen_otherwise_disturbed_a_slip') }}</summary>
                    <div class="mt-2">
                        <label class="form-label mb-0" for="aim">{{ say('sessions.session_panel.i_aimed_at') }}</label>
                        <select class="form-select mb-2" id="aim" name="aim">
                            @if($trials !== [])<option value="last">{{ say('sessions.session_panel.the_last_place') }}</option>@endif
                            @if($next)<option value="advice:{{ $advice->id }}">{{ say('sessions.session_panel.the_advice',
                                ['next_words' => $nextWords]) }}</option>@endif
                            @foreach($steps as $position => $step)
                                <option value="step:{{ $position }}"
                                    @selected(typed('aim') === "step:{$position}")>{{ say('sessions.session_panel.step',
                                    ['position' => $position + 1, 'unit' => words()->step($step, $catalog)]) }}</option>
                            @endforeach
                        </select>
                        @foreach(labels('sessions.flags', ['interrupted', 'handler_error', 'food_gone']) as $flag => $text)
                            <div class="form-check mb-2">
                                <input class="form-check-input" type="checkbox" name="{{ $flag }}" value="1" id="x-{{ $flag }}"
                                    @checked(typed($flag))>
                                <label class="form-check-label" for="x-{{ $flag }}">{{ $text }}</label>
                            </div>
                        @endforeach
                        <label class="form-label mb-0" for="note">{{ say('sessions.session_panel.note') }}</label>
                        <input class="form-control" id="note" name="note" maxlength="500" value="{{ typed('note') }}">
                    </div>
                </details>
                <button class="btn btn-next w-100" type="submit">{{ say('sessions.session_panel.log_trial') }}</button>
            </form>
            @include('partials.end-session', ['id' => 'end-note', 'class' => 'd-lg-none mt-4'])
        </div>
    </div>
</div>
