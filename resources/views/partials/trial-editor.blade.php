{{-- One trial, to be put right or to be added: $stored is its row in the review, or null. --}}
@use('Core\Sign\Band')
@use('Core\Sign\FoodTaken')
@php($trial = $stored['trial'] ?? null)
@php($kind = $plan->responseModel->kind)
@php($values = $trial?->exposure->values ?? [])
<form method="post"
    action="{{ $stored === null ? route('trials.store', $session) : route('trials.update', [$session, $stored['id']]) }}">
    @csrf
    @if($stored !== null) @method('put') @else<input type="hidden" name="then" value="new">@endif
    <input type="hidden" name="uuid" value="{{ typed('uuid', $editUuid()) }}">
    <div class="row g-2">
        @if($stored === null)
        <div class="col-6 col-md-3"><x-field name="at" :label="say('sessions.editor.at')" type="time"
            :value="$addAt" :hint="say('sessions.editor.at_hint')" /></div>
        @endif
        <div class="col-12 col-md-6"><label class="form-label mb-0" for="c-step">{{ say('sessions.editor.step') }}</label>
            <select class="form-select" id="c-step" name="{{ $stored === null ? 'aim' : 'step' }}">
                @if($stored !== null)<option value="">{{ say('sessions.editor.as_it_was') }}</option>@endif
                @foreach($steps as $position => $step)<option value="{{ $stored === null ? "step:{$position}" : $position }}"
                    @selected(typed('step', typed('aim')) === ($stored === null ? "step:{$position}" : (string) $position))>{{ say('sessions.session_panel.step',
                    ['position' => $position + 1, 'unit' => words()->step($step, $catalog)]) }}</option>@endforeach
            </select></div>
        @if($kind === Core\Exposure\PlanKind::Presence)
        <div class="col-6 col-md-3"><x-field name="distance" :label="say('sessions.session_panel.distance',
            ['plural' => words()->label($unit)])" inputmode="decimal" required
            :value="$trial?->exposure->distance() === null ? '' : (string) round($trial->exposure->distance()->as($unit), 1)" /></div>
        @endif
        <div class="col-6 col-md-4"><label class="form-label mb-0" for="c-outcome">{{ say('sessions.review.outcome') }}</label>
            <select class="form-select" id="c-outcome" name="outcome">
                @foreach(collect([...Core\Sign\Outcome::ofKind($kind), ...($trial === null ? [] : [$trial->outcome])])->unique() as $outcome)
                <option value="{{ $outcome->value }}" @selected(typed('outcome', $trial?->outcome->value)
                    === $outcome->value)>{{ words()->label($outcome) }}</option>@endforeach
            </select></div>
        <div class="col-6 col-md-4"><label class="form-label mb-0" for="c-band">{{ say('sessions.review.band') }}</label>
            <select class="form-select" id="c-band" name="band">
                @foreach(Band::cases() as $band)<option value="{{ $band->value }}" @selected((string) typed('band',
                    $trial?->band->value) === (string) $band->value)>{{ words()->label($band) }}</option>@endforeach
            </select></div>
        <div class="col-6 col-md-4"><label class="form-label mb-0" for="c-food">{{ say('sessions.session_panel.food') }}</label>
            <select class="form-select" id="c-food" name="food">
                @foreach(FoodTaken::cases() as $food)<option value="{{ $food->value }}" @selected(typed('food',
                    $trial->food->value ?? FoodTaken::Gently->value) === $food->value)>{{ words()->label($food) }}</option>@endforeach
            </select></div>
        @php($shown = $inPlay->noting($values))
        {{-- a sound added afterwards is as loud as its step --}}
        @foreach($shown->first as $dimension)
            @continue($stored === null && $dimension->kind === Core\Exposure\DimensionKind::SoundLevel)
            @include('partials.trial-detail')
        @endforeach
    </div>
    <details class="my-2" @if($errors->has('exposure.*')) open @endif><summary>{{ say('sessions.editor.more_details') }}</summary>
    <div class="row g-2">
        @foreach($shown->others as $dimension)
            @include('partials.trial-detail')
        @endforeach
    </div></details>
    @foreach(['interrupted' => [say('sessions.flags.interrupted'), $trial->interrupted ?? false],
        'handler_error' => [say('sessions.flags.handler_error'), $trial->handlerError ?? false],
        'food_gone' => [say('sessions.flags.food_gone'), ! ($trial->foodLeft ?? true)]] as $flag => [$text, $isOn])
        <div class="form-check"><input type="hidden" name="{{ $flag }}" value="0"><input class="form-check-input" type="checkbox"
            name="{{ $flag }}" value="1" id="c-{{ $flag }}" @checked(typed($flag, $isOn))><label class="form-check-label"
            for="c-{{ $flag }}">{{ $text }}</label></div>
    @endforeach
    <label class="form-label mb-0" for="c-slip">{{ say('sessions.editor.slip') }}</label>
    <select class="form-select mb-2" id="c-slip" name="slip"><option value="">{{ say('sessions.editor.no_slip') }}</option>
        @foreach(App\Session\Slip::cases() as $slip)<option value="{{ $slip->value }}" @selected(typed('slip',
            ($stored['slip'] ?? null)?->value) === $slip->value)>{{ words()->label($slip) }}</option>@endforeach</select>
    @if($kind === Core\Exposure\PlanKind::Presence)
    <details class="my-2" @if(($stored['traits'] ?? []) !== []) open @endif><summary>{{ say('sessions.editor.who') }}</summary>
        <input type="hidden" name="traits[]" value=""><div class="picks">
        @foreach($traits as $trait)<input class="btn-check" type="checkbox" name="traits[]" value="{{ $trait['key'] }}"
            id="c-t-{{ $loop->index }}" @checked(in_array($trait['key'], ticked('traits', $stored['traits'] ?? []), true))><label
            class="btn btn-outline-primary" for="c-t-{{ $loop->index }}">{{ $trait['label'] }}</label>@endforeach
    </div></details>
    @endif
    <details class="my-2" @if($trial !== null && $trial->signs !== []) open @endif>
        <summary>{{ say('sessions.session_panel.signs') }}</summary>
        <input type="hidden" name="signs[]" value="">
        @include('partials.sign-groups', ['prefix' => 'c-s', 'ticked' => ticked('signs', $trial->signs ?? [])])
    </details>
    <label class="form-label mb-0" for="c-note">{{ say('sessions.session_panel.note') }}</label>
    <input class="form-control mb-2" id="c-note" name="note" maxlength="500" value="{{ typed('note', $stored['note'] ?? '') }}">
    <div class="d-flex flex-wrap gap-2">
        <button class="btn btn-primary">{{ say($stored === null ? 'sessions.editor.add' : 'sessions.review.keep_the_correction') }}</button>
        @if($stored !== null)<button class="btn btn-outline-danger" form="take-out">{{ say('sessions.editor.take_out') }}</button>@endif
        <a class="btn btn-outline-secondary" href="{{ route('sessions.review', $session) }}">{{ say('sessions.editor.close') }}</a>
    </div>
</form>
@if($stored !== null)
<form id="take-out" method="post" action="{{ route('trials.destroy', [$session, $stored['id']]) }}">@csrf @method('delete')<input
    type="hidden" name="uuid" value="{{ $editUuid() }}"></form>
@endif
