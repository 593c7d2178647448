{{-- One detail of a trial, to be put right: $dimension, its $values as they stand, $stored null where it is new. --}}
<div class="col-6 col-md-4"><label class="form-label mb-0"
    for="c-{{ $dimension->key }}">{{ words()->capital(words()->dimension($catalog, $dimension->key)) }}@if($dimension->kind
    === Core\Exposure\DimensionKind::SoundLevel) ({{ trim(words()->unit($dimension)) }})@endif</label>
    @if($dimension->kind->isMeasured())
    <input class="form-control" id="c-{{ $dimension->key }}" name="exposure[{{ $dimension->key }}]" inputmode="decimal"
        value="{{ typed("exposure.{$dimension->key}", isset($values[$dimension->key])
            ? round($dimension->toDisplayed((float) $values[$dimension->key]), 1) : '') }}">
    @else
    <select class="form-select" id="c-{{ $dimension->key }}" name="exposure[{{ $dimension->key }}]">
        <option value="">{{ say('sessions.editor.not_noted', ['isNew' => $stored === null]) }}</option>
        @foreach($dimension->values as $value)<option value="{{ $value->key }}" @selected(typed("exposure.{$dimension->key}",
            $values[$dimension->key] ?? '') === $value->key)>{{ words()->choice($catalog, $dimension->key,
            $value->key) }}</option>@endforeach
    </select>
    @endif</div>
