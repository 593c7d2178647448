<?php

declare(strict_types=1);

namespace Core\Sound;

/** Computes the samples of a recording. The same chance gives the same samples. */
final readonly class Synthesis
{
    /** Highest sample: a little under full scale. */
    private const PEAK = 0.9;

    /** Seconds at both ends over which the sound comes and goes, so that going round it does not click. */
    private const SEAM = 0.01;

    /**
     * @param  positive-int  $rate  samples a second
     * @param  \Closure(): float  $uniform  chance in (0, 1)
     */
    public function __construct(private int $rate, private \Closure $uniform)
    {
    }

    /** @return non-empty-list<float> between −1 and 1, the largest at ±0.9 */
    public function samples(Recording $recording): array
    {
        $count = max(1, (int) round($recording->seconds() * $this->rate));
        $raw = match ($recording) {
            Recording::Rumble => $this->rumble($count),
            Recording::Clipper => $this->clipper($count),
            Recording::Buckle => $this->bursts($count, [0.02, 0.09, 0.77, 0.84], 0.006, 2600.0),
            Recording::Doorbell => $this->doorbell($count),
            Recording::Crackle => $this->crackle($count),
        };
        $seam = max(1, (int) (self::SEAM * $this->rate));
        $sewn = array_map(
            static fn (float $sample, int $i): float => $sample * min(1.0, $i / $seam, ($count - 1 - $i) / $seam), $raw, array_keys($raw),
        );
        $peak = max(1e-9, max(array_map(abs(...), $sewn)));

        return array_map(static fn (float $sample): float => self::PEAK * $sample / $peak, $sewn);
    }

    /**
     * Noise through two low passes at 90 Hz, in three slow swells.
     *
     * @return non-empty-list<float>
     */
    private function rumble(int $count): array
    {
        $samples = [];
        $pass = 1.0 - exp(-2.0 * M_PI * 90.0 / $this->rate);
        $first = $second = 0.0;
        for ($i = 0; $i < $count; $i++) {
            $first += $pass * (2.0 * ($this->uniform)() - 1.0 - $first);
            $second += $pass * ($first - $second);
            $samples[] = $second * (0.55 + 0.45 * sin(2.0 * M_PI * 3.0 * $i / $count - M_PI / 2.0));
        }

        return $samples === [] ? [0.0] : $samples;
    }

    /**
     * A motor at 120 Hz with its odd and even overtones, a little uneven, over a whir.
     *
     * @return non-empty-list<float>
     */
    private function clipper(int $count): array
    {
        $samples = [];
        for ($i = 0; $i < $count; $i++) {
            $phase = 2.0 * M_PI * 120.0 * $i / $this->rate + 0.4 * sin(2.0 * M_PI * 3.0 * $i / $this->rate);
            $buzz = 0.0;
            for ($k = 1; $k <= 14; $k++) {
                $buzz += sin($k * $phase) / $k ** 0.8;
            }
            $samples[] = $buzz + 0.3 * (2.0 * ($this->uniform)() - 1.0);
        }

        return $samples === [] ? [0.0] : $samples;
    }

    /**
     * Two struck tones that ring out, the second lower.
     *
     * @return non-empty-list<float>
     */
    private function doorbell(int $count): array
    {
        $samples = [];
        for ($i = 0; $i < $count; $i++) {
            $at = $i / $this->rate;
            $struck = static fn (float $start, float $pitch): float => $at < $start ? 0.0 : exp(-3.0 * ($at - $start)) * (
                sin(2.0 * M_PI * $pitch * ($at - $start)) + 0.25 * sin(2.0 * M_PI * 2.76 * $pitch * ($at - $start))
            );
            $samples[] = $struck(0.0, 690.0) + $struck(0.7, 548.0);
        }

        return $samples === [] ? [0.0] : $samples;
    }

    /**
     * Some fifty cracks at chance moments, each with an echo.
     *
     * @return non-empty-list<float>
     */
    private function crackle(int $count): array
    {
        $events = [];
        for ($i = 0; $i < 50; $i++) {
            $at = ($this->uniform)() * $count / $this->rate;
            $events[] = $at;
            $events[] = $at + 0.06 + 0.05 * ($this->uniform)();
        }

        return $this->bursts($count, $events, 0.012, 900.0);
    }

    /**
     * Bursts of ringing noise that die away.
     *
     * @param  list<float>  $events  in seconds
     * @param  float  $decay  in seconds
     * @param  float  $pitch  in hertz
     * @return non-empty-list<float>
     */
    private function bursts(int $count, array $events, float $decay, float $pitch): array
    {
        $samples = array_fill(0, max(1, $count), 0.0);
        foreach ($events as $event) {
            $start = (int) ($event * $this->rate);
            $size = 0.5 + 0.5 * ($this->uniform)();
            for ($i = 0; $i < 8.0 * $decay * $this->rate && $start + $i < $count; $i++) {
                $at = $i / $this->rate;
                $samples[$start + $i] += $size * exp(
                    -$at / $decay,
                ) * (0.6 * sin(2.0 * M_PI * $pitch * $at) + 0.4 * (2.0 * ($this->uniform)() - 1.0));
            }
        }

        return array_values($samples);
    }
}
