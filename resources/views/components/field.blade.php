@props(['name', 'label', 'type' => 'text', 'value' => null, 'hint' => null, 'suffix' => null, 'required' => false])
@php($dotted = str_replace(['[', ']'], ['.', ''], $name))
@php($error = $errors->first($dotted))
<div class="mb-3">
    <label class="form-label mb-1" for="f-{{ $name }}">{{ $label }}@if(! $required)<span
        class="text-body-secondary"> {{ say('layout.field.optional') }}</span>@endif</label>
    <div class="d-flex align-items-center gap-2">
        <input {{ $attributes->class(['form-control', 'is-invalid' => $error !== '']) }} id="f-{{ $name }}" name="{{ $name }}"
            type="{{ $type }}" value="{{ typed($dotted, $value) }}"
               @if($required) required @endif @if($error !== '') aria-invalid="true" @endif aria-describedby="h-{{ $name }}">
        @if($suffix)<span class="text-nowrap">{{ $suffix }}</span>@endif
    </div>
    <div id="h-{{ $name }}">
        @if($error !== '')<p class="text-danger fw-bold mb-0">{{ $error }}</p>@endif
        @if($hint)<p class="form-text mb-0">{{ $hint }}</p>@endif
    </div>
</div>
