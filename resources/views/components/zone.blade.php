@props(['zones', 'value' => null])
@php($error = $errors->first('time_zone'))
<div class="mb-3">
    <label class="form-label mb-1" for="f-time_zone">{{ say('practice.zone') }}</label>
    <input class="form-control @if($error !== '') is-invalid @endif" id="f-time_zone" name="time_zone" list="zones" required
        @if($value === null) data-zone-here @endif value="{{ typed('time_zone', $value) }}" aria-describedby="h-time_zone" autocomplete="off">
    <datalist id="zones">@foreach($zones as $zone)<option value="{{ $zone }}"></option>@endforeach</datalist>
    <div id="h-time_zone">
        @if($error !== '')<p class="text-danger fw-bold mb-0">{{ $error }}</p>@endif
        <p class="form-text mb-0">{{ say('practice.zone_about') }}</p>
    </div>
</div>
