@use('Core\Measure\Probability')
@use('Core\Sign\Band')
@use('Core\Sign\Outcome')
@use('Core\Sign\FoodTaken')
@use('Core\Sign\TurnLatency')
<div id="session-panel" data-trials="{{ count($trials) }}">
    <div class="d-flex flex-wrap justify-content-between align-items-baseline gap-2">
        <h1 class="h4 mb-2">{{ $dog->name }}: {{ $plan->name }}</h1>
        <span class="text-body-secondary">{{ count($trials) }} {{ count($trials) === 1 ? 'trial' : 'trials' }} · with {{ $session->person->name }}</span>
    </div>
    <div class="row g-4">
        <div class="col-lg-5">
            <section class="advice mb-3" data-action="{{ $advice->action->value }}" aria-labelledby="advice-head" aria-live="polite">
                <p class="advice-action" id="advice-head">{{ $advice->action->label() }}{{ $advice->is_closing ? ' (the last one)' : '' }}</p>
                @if($nextWords)<p class="advice-next" data-next="{{ $next->distance()?->meters }}">{{ $nextWords }}</p>@endif
                <ul class="reasons mt-2">
                    @foreach($advice->reasons as $reason)<li data-reason="{{ $reason['code'] }}">{{ $reason['sentence'] }}</li>@endforeach
                </ul>
                @if($advice->alternatives !== [])
                    <p class="mt-2 mb-0">Or change one other thing:
                        {{ collect($advice->alternatives)->map(fn ($other) => $other['change'].' (−'.number_format($other['logitsOff'], 1).' logits)')->implode('; ') }}.</p>
                @endif
                <p class="mt-2 mb-0 form-text">Advice supports your judgement; you see the dog.</p>
            </section>
            @if($advice->action === Core\Decision\Action::Break)
                <form method="post" action="{{ route('breaks.store', $session) }}" class="mb-3">
                    @csrf
                    <button class="btn {{ $next ? 'btn-next' : 'btn-outline-secondary' }} w-100">The break is over</button>
                </form>
            @endif
            @if($trials !== [])
                <div class="d-flex flex-wrap justify-content-between align-items-center gap-2 mb-3">
                    <ol class="latest" aria-label="The latest trials">
                        @foreach(array_slice($trials, -14) as $trial)<li><x-band :band="$trial->band" :word="false" /></li>@endforeach
                    </ol>
                    <form method="post" action="{{ route('undo.store', $session) }}">
                        @csrf
                        <input type="hidden" name="uuid" value="{{ $undoUuid }}">
                        <button class="btn btn-outline-secondary">Undo the last</button>
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
                    <legend>What it did</legend>
                    <div class="picks picks-outcomes">
                        @foreach($quick as $outcome)
                            <input class="btn-check" type="radio" name="outcome" id="o-{{ $outcome->value }}" value="{{ $outcome->value }}" @checked(old('outcome') === $outcome->value) required>
                            <label class="btn btn-outline-primary" for="o-{{ $outcome->value }}">{{ $outcome->shortLabel($kind) }}</label>
                        @endforeach
                    </div>
                    <details class="mt-2" @if(in_array(old('outcome'), array_map(fn ($outcome) => $outcome->value, $others), true)) open @endif>
                        <summary>Something else</summary>
                        <div class="picks mt-2">
                            @foreach($others as $outcome)
                                <input class="btn-check" type="radio" name="outcome" id="o-{{ $outcome->value }}" value="{{ $outcome->value }}" @checked(old('outcome') === $outcome->value)>
                                <label class="btn btn-outline-primary" for="o-{{ $outcome->value }}">{{ ucfirst($outcome->label()) }}</label>
                            @endforeach
                        </div>
                    </details>
                </fieldset>
                <fieldset>
                    <legend>How it took it</legend>
                    <div class="picks picks-bands">
                        @foreach(Band::cases() as $band)
                            <input class="btn-check" type="radio" name="band" id="b-{{ $band->value }}" value="{{ $band->value }}" @checked(old('band') === (string) $band->value)>
                            <label class="btn btn-outline-primary" for="b-{{ $band->value }}"><svg class="band-glyph" aria-hidden="true" focusable="false"><use href="#band-{{ $band->value }}"/></svg>{{ $band->label() }}</label>
                        @endforeach
                    </div>
                    <p class="form-text mb-0">Left open, the band follows from the signs.</p>
                </fieldset>
                @if($kind === Core\Exposure\PlanKind::Presence)<div class="mb-3">
                    <label class="fw-bold mb-1" for="distance">Distance, {{ $unit->plural() }}</label>
                    <div class="stepper">
                        <input class="form-control @error('distance') is-invalid @enderror" id="distance" name="distance" inputmode="decimal" value="{{ old('distance', $distance) }}" required @error('distance') aria-invalid="true" aria-describedby="distance-problem" @enderror>
                    </div>
                    @error('distance')<p class="text-danger fw-bold mb-0" id="distance-problem">{{ $message }}</p>@enderror
                </div>@endif
                <fieldset>
                    <legend>Food</legend>
                    <div class="picks">
                        @foreach(FoodTaken::cases() as $food)
                            <input class="btn-check" type="radio" name="food" id="food-{{ $food->value }}" value="{{ $food->value }}" @checked(old('food', 'gently') === $food->value)>
                            <label class="btn btn-outline-primary" for="food-{{ $food->value }}">{{ ['gently' => 'gently', 'hard' => 'hard', 'dropped' => 'dropped', 'refused' => 'refused', 'not_offered' => 'none'][$food->value] }}</label>
                        @endforeach
                    </div>
                </fieldset>
                <fieldset>
                    <legend>Turned after</legend>
                    <div class="picks">
                        @foreach(TurnLatency::cases() as $latency)
                            <input class="btn-check" type="radio" name="latency" id="l-{{ $latency->value }}" value="{{ $latency->value }}" @checked(old('latency') === $latency->value)>
                            <label class="btn btn-outline-primary" for="l-{{ $latency->value }}">{{ ['under_1' => '< 1 s', '1_2' => '1–2', '2_5' => '2–5', 'over_5' => '> 5 s', 'never' => 'never'][$latency->value] }}</label>
                        @endforeach
                    </div>
                </fieldset>
                <details class="mb-3" @if(old('signs')) open @endif>
                    <summary>Signs</summary>
                    <div class="sign-groups mt-2">
                        @foreach($signs as $weight => $group)
                            @foreach($group as $sign)
                                <div class="form-check">
                                    <input class="form-check-input" type="checkbox" name="signs[]" value="{{ $sign->code }}" id="s-{{ $sign->code }}" @checked(in_array($sign->code, old('signs', []), true))>
                                    <label class="form-check-label" for="s-{{ $sign->code }}">{{ $sign->label }} <span class="text-body-secondary">{{ in_array($weight, ['small', 'medium', 'strong', 'reaction'], true) ? $weight : '' }}</span></label>
                                </div>
                            @endforeach
                        @endforeach
                    </div>
                </details>
                <details class="mb-3" @if($errors->has('exposure.*')) open @endif>
                    <summary>What was otherwise just then</summary>
                    <div class="row mt-2">
                        @foreach($dimensions as $dimension)
                            <div class="col-sm-6 mb-2">
                                <label class="form-label mb-0" for="d-{{ $dimension->key }}">{{ ucfirst($dimension->label) }}</label>
                                <select class="form-select" id="d-{{ $dimension->key }}" name="exposure[{{ $dimension->key }}]">
                                    <option value="">{{ isset($exposure[$dimension->key]) ? 'as advised' : 'not noted' }}</option>
                                    @foreach($dimension->values as $value)
                                        <option value="{{ $value->key }}" @selected(old("exposure.{$dimension->key}") === $value->key)>{{ $value->label }}</option>
                                    @endforeach
                                </select>
                            </div>
                        @endforeach
                    </div>
                </details>
                <details class="mb-3">
                    <summary>More: chosen otherwise, disturbed, a slip, a note</summary>
                    <div class="mt-2">
                        <label class="form-label mb-0" for="aim">I aimed at</label>
                        <select class="form-select mb-2" id="aim" name="aim">
                            @if($next)<option value="advice:{{ $advice->id }}">the advice: {{ $nextWords }}</option>@endif
                            @foreach($steps as $position => $step)
                                <option value="step:{{ $position }}" @selected(old('aim') === "step:{$position}")>step {{ $position + 1 }}: {{ $step->exposure->distance()?->inWords($unit) ?? ($step->manner->instruction ?: $step->exposure->inWords($catalog, $unit)) }}</option>
                            @endforeach
                        </select>
                        @foreach(['interrupted' => 'Disturbed from outside (counts for the model, not for the run)', 'handler_error' => 'A handling slip: late mark, food dropped (counts for neither)', 'food_gone' => 'The food is used up'] as $flag => $text)
                            <div class="form-check mb-2">
                                <input class="form-check-input" type="checkbox" name="{{ $flag }}" value="1" id="x-{{ $flag }}" @checked(old($flag))>
                                <label class="form-check-label" for="x-{{ $flag }}">{{ $text }}</label>
                            </div>
                        @endforeach
                        <label class="form-label mb-0" for="note">Note</label>
                        <input class="form-control" id="note" name="note" maxlength="500" value="{{ old('note') }}">
                    </div>
                </details>
                <button class="btn btn-next w-100" type="submit">Log trial</button>
            </form>
            @include('partials.end-session', ['id' => 'end-note', 'class' => 'd-lg-none mt-4'])
        </div>
    </div>
</div>
