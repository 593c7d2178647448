@props(['name', 'label', 'options', 'value' => null, 'hint' => null, 'empty' => null])
@php($dotted = str_replace(['[', ']'], ['.', ''], $name))
@php($error = $errors->first($dotted))
<div class="mb-3">
    <label class="form-label mb-1" for="f-{{ $name }}">{{ $label }}</label>
    <select class="form-select @if($error !== '') is-invalid @endif" id="f-{{ $name }}" name="{{ $name }}" aria-describedby="h-{{ $name }}">
        @if($empty !== null)<option value="">{{ $empty }}</option>@endif
        @foreach($options as $key => $text)
            <option value="{{ $key }}" @selected((string) typed($dotted, $value) === (string) $key)>{{ $text }}</option>
        @endforeach
    </select>
    <div id="h-{{ $name }}">
        @if($error !== '')<p class="text-danger fw-bold mb-0">{{ $error }}</p>@endif
        @if($hint)<p class="form-text mb-0">{{ $hint }}</p>@endif
    </div>
</div>
