@use('Core\Measure\SoundLevel')
@php($isMeasured = $setUp->read_level !== null)
<x-layout :title="say('plans.sound.title', ['plan' => $plan->name])">
    <p class="mb-1"><a href="{{ route('dogs.show', $plan->responseModel->dog) }}">{{ $plan->responseModel->dog->name }}</a> · <a
        href="{{ route('plans.show', $plan) }}">{{ $plan->name }}</a></p>
    <h1>{{ say('plans.sound.what_is_played_and_how_loud') }}</h1>
    <p>{{ say('plans.sound.the_level_at_the_dog_follows') }}</p>
    <x-problems />
    <div class="row g-4">
        <form class="col-lg-6" method="post" action="{{ route('sounds.update', $plan) }}" data-sound-form>
            @csrf @method('put')
            <x-choice name="recording" :label="say('plans.sound.recording')" :options="$recordings" :value="$setUp->recording?->value"
                :empty="say('plans.sound.none_only_the_real_thing')" :hint="say('plans.sound.made_by_computation_and_shipped_with')" />
            <h2>{{ say('plans.sound.measured_at_the_dog') }}</h2>
            <p class="form-text">{{ say('plans.sound.the_dog_elsewhere_play_it_at') }}@if($reading !== null) {{ say('plans.sound.the_meter_of_the_open_session', ['reading' => words()->formats->number($reading, 1)]) }}@endif</p>
            <div class="row">
                <div class="col-sm-6"><x-field name="read_percent" :label="say('plans.sound.played_at')" inputmode="decimal" suffix="%"
                    :value="$setUp->read_percent" :hint="say('plans.sound.of_the_player_1_or_2')" /></div>
                <div class="col-sm-6"><x-field name="read_level" :label="say('plans.sound.the_meter_reads')" inputmode="decimal"
                    :suffix="say('plans.sound.db_a')" :value="$setUp->read_level ?? ($reading === null ? null : round($reading, 1))"
                    :required="$isMeasured" /></div>
            </div>
            <button class="btn btn-outline-primary mb-1" type="button" data-try aria-pressed="false"
                hidden>{{ say('plans.sound.play_it') }}</button>
            <p class="form-text" role="status" data-try-words></p>
            <h2>{{ say('plans.sound.limits') }}</h2>
            <div class="row">
                <div class="col-sm-6"><x-field name="ceiling" :label="say('plans.sound.ceiling_at_the_dog')" inputmode="decimal"
                    :suffix="say('plans.sound.db_a')" :value="$setUp->ceiling" required
                    :hint="say('plans.sound.usually_never_above_common_practice',
                    ['usual' => (int) SoundLevel::USUAL_CEILING, 'most' => (int) SoundLevel::NEVER_ABOVE])" /></div>
                <div class="col-sm-6"><x-field name="onset_seconds" :label="say('plans.sound.a_swelling_sound_rises_for')"
                    inputmode="decimal" suffix="s" :value="$setUp->onset_seconds" /></div>
            </div>
            <x-flag name="ceiling_confirmed" :label="say('plans.sound.above_db_a_is_meant_and',
                ['level' => (int) SoundLevel::CONFIRM_ABOVE])" :value="$setUp->ceiling > SoundLevel::CONFIRM_ABOVE" />
            <button class="btn btn-next mt-2">{{ say('plans.sound.set_it_up') }}</button>
        </form>
        <section class="col-lg-6" aria-labelledby="steps-head">
            <h2 class="mt-0" id="steps-head">{{ say('plans.sound.how_each_step_is_played') }}</h2>
            @if(! $isMeasured)<p class="alert alert-warning">{{ say('plans.sound.nobody_has_measured_yet_levels_are') }}</p>@endif
            <div class="table-responsive" tabindex="0" role="region" aria-label="{{ say('plans.sound.steps_of_the_ladder') }}">
                <table class="table table-sm table-narrow align-middle">
                    <thead><tr><th scope="col">{{ say('plans.sound.step') }}</th><th scope="col">{{ say('plans.sound.at_the_dog') }}</th><th
                        scope="col">{{ say('plans.sound.player') }}</th><th scope="col">{{ say('plans.sound.lasts') }}</th><th
                        scope="col">{{ say('plans.sound.rises_for') }}</th></tr></thead>
                    <tbody>
                    @foreach($inCore->ladder->steps as $i => $step)
                        @php($playback = $player->playback($step->exposure->values))
                        <tr>
                            <th scope="row">{{ $i + 1 }}</th>
                            <td>{{ $isMeasured ? words()->level($inCore->catalog->dimension('level'),
                                (float) ($step->exposure->values['level'] ?? 0)) : say('plans.sound.not_known') }}</td>
                            @if($playback === null)<td colspan="3">{{ say('plans.sound.the_real_thing') }}</td>
                            @else<td>{{ $playback->fraction === null ? say('plans.sound.cannot_play')
                                : words()->formats->percent((float) sprintf('%.2g', 100 * $playback->fraction),
                                4) }}</td><td>{{ words()->formats->seconds($playback->seconds) }}</td><td>{{ words()->formats->seconds($playback->onset) }}</td>@endif
                        </tr>
                    @endforeach
                    </tbody>
                </table>
            </div>
            <p class="form-text">{{ say('plans.sound.each_3_db_more_is_about') }}</p>
        </section>
    </div>
</x-layout>
