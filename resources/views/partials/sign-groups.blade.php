{{-- All signs of this kind of work, by part of the body: $signs, $ticked and a $prefix for their ids. --}}
@foreach($signs as $part => $group)
    <fieldset class="mt-2"><legend class="h6 mb-1">{{ say("labels.sign_part.{$part}") }}</legend><div class="picks sign-picks">
        @foreach($group as $sign)
            <input class="btn-check" type="checkbox" name="signs[]" value="{{ $sign->code }}" id="{{ $prefix }}-{{ $sign->code }}"
                @checked(in_array($sign->code, $ticked, true))><label class="btn btn-outline-primary"
                for="{{ $prefix }}-{{ $sign->code }}">{{ words()->sign($sign->code) }}</label>
        @endforeach
    </div></fieldset>
@endforeach
