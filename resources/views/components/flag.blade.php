@props(['name', 'label', 'value' => false])
@php($dotted = str_replace(['[', ']'], ['.', ''], $name))
<div class="form-check mb-2">
    <input type="hidden" name="{{ $name }}" value="0">
    <input class="form-check-input" type="checkbox" id="f-{{ $name }}" name="{{ $name }}" value="1" @checked(typed($dotted, $value))>
    <label class="form-check-label" for="f-{{ $name }}">{{ $label }}</label>
</div>
