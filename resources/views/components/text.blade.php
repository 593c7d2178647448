@props(['name', 'label', 'value' => null, 'hint' => null, 'rows' => 2, 'required' => false])
@php($dotted = str_replace(['[', ']'], ['.', ''], $name))
@php($error = $errors->first($dotted))
<div class="mb-3">
    <label class="form-label mb-1" for="f-{{ $name }}">{{ $label }}@if(! $required)<span
        class="text-body-secondary"> {{ say('layout.text.optional') }}</span>@endif</label>
    <textarea {{ $attributes->class(['form-control', 'is-invalid' => $error !== '']) }} id="f-{{ $name }}" name="{{ $name }}" rows="{{ $rows }}" @if($required) required @endif @if($error !== '') aria-invalid="true" @endif aria-describedby="h-{{ $name }}">{{ typed($dotted, $value) }}</textarea>
    <div id="h-{{ $name }}">
        @if($error !== '')<p class="text-danger fw-bold mb-0">{{ $error }}</p>@endif
        @if($hint)<p class="form-text mb-0">{{ $hint }}</p>@endif
    </div>
</div>
