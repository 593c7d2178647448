@use('Core\Sound\SoundLevel')
@php($isMeasured = $setUp->read_level !== null)
<x-layout :title="'Sound: '.$plan->name">
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>What is played, and how loud</h1>
    <p>The level at the dog follows from one reading of a meter at its place. It holds as long as the player's own volume, its place and the recording stay the same: mark all three. Dogs hear more than we do; keep levels modest.</p>
    <x-problems />
    <div class="row g-4">
        <form class="col-lg-6" method="post" action="{{ route('sounds.update', $plan) }}" data-sound-form>
            @csrf @method('put')
            <x-choice name="recording" label="Recording" :options="$recordings" :value="$setUp->recording?->value" empty="none: only the real thing" hint="Made by computation, and shipped with the application. Each is measured by itself." />
            <h2>Measured at the dog</h2>
            <p class="form-text">The dog elsewhere. Play it at a small share, read the meter (A-weighted, fast) at the height of its ears, and type both. Without a reading only the player's own share is told, in percent.@if($reading !== null) The meter of the open session reads {{ number_format($reading, 1) }} dB(A) now.@endif</p>
            <div class="row">
                <div class="col-sm-6"><x-field name="read_percent" label="Played at" inputmode="decimal" suffix="%" :value="$setUp->read_percent" hint="of the player, 1 or 2 to begin with" /></div>
                <div class="col-sm-6"><x-field name="read_level" label="The meter reads" inputmode="decimal" suffix="dB(A)" :value="$setUp->read_level ?? ($reading === null ? null : round($reading, 1))" :required="$isMeasured" /></div>
            </div>
            <button class="btn btn-outline-primary mb-1" type="button" data-try aria-pressed="false" hidden>Play it</button>
            <p class="form-text" role="status" data-try-words></p>
            <h2>Limits</h2>
            <div class="row">
                <div class="col-sm-6"><x-field name="ceiling" label="Ceiling at the dog" inputmode="decimal" suffix="dB(A)" :value="$setUp->ceiling" required hint="Usually {{ (int) SoundLevel::USUAL_CEILING }}. Never above {{ (int) SoundLevel::NEVER_ABOVE }}. Common practice." /></div>
                <div class="col-sm-6"><x-field name="onset_seconds" label="A swelling sound rises for" inputmode="decimal" suffix="s" :value="$setUp->onset_seconds" /></div>
            </div>
            <x-flag name="ceiling_confirmed" label="Above {{ (int) SoundLevel::CONFIRM_ABOVE }} dB(A) is meant, and was measured" :value="$setUp->ceiling > SoundLevel::CONFIRM_ABOVE" />
            <button class="btn btn-next mt-2">Set it up</button>
        </form>
        <section class="col-lg-6" aria-labelledby="steps-head">
            <h2 class="mt-0" id="steps-head">How each step is played</h2>
            @if(! $isMeasured)<p class="alert alert-warning">Nobody has measured yet: levels are told in percent of the player, and no ceiling in dB(A) can be kept. Measure before the first session if you can.</p>@endif
            <div class="table-responsive" tabindex="0" role="region" aria-label="Steps of the ladder">
                <table class="table table-sm table-narrow align-middle">
                    <thead><tr><th scope="col">Step</th><th scope="col">At the dog</th><th scope="col">Player</th><th scope="col">Lasts</th><th scope="col">Rises for</th></tr></thead>
                    <tbody>
                    @foreach($inCore->ladder->steps as $i => $step)
                        @php($playback = $player->playback($step->exposure->values))
                        <tr>
                            <th scope="row">{{ $i + 1 }}</th>
                            <td>{{ $isMeasured ? $inCore->catalog->dimension('level')->levelInWords((float) ($step->exposure->values['level'] ?? 0)) : 'not known' }}</td>
                            @if($playback === null)<td colspan="3">the real thing</td>
                            @else<td>{{ $playback->fraction === null ? 'cannot be played' : (float) sprintf('%.2g', 100 * $playback->fraction).' %' }}</td><td>{{ round($playback->seconds, 1) }} s</td><td>{{ round($playback->onset, 2) }} s</td>@endif
                        </tr>
                    @endforeach
                    </tbody>
                </table>
            </div>
            <p class="form-text">Each 3 dB more is about 1.4 times the player's share (20·log10 of the share; a linear player). Outdoors a level falls by 6 dB with each doubling of distance.</p>
        </section>
    </div>
</x-layout>
