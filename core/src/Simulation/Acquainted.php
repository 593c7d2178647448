<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Exposure\Exposure;
use Core\Measure\Distance;
use Core\Sign\Band;

/**
 * Knows everything of the dog, what it has learned and how it takes a trial, but not the day: that it finds out as anybody must, by what
 * the dog does. It stands where the chance of going over, over all that the day can still be, is always the same, and in the far end of
 * the room where even that is more, up to a limit. Between it and the oracle lies what a day hides; between it and the engine, what a dog
 * hides.
 */
final class Acquainted implements Policy
{
    /** Days from −3.5 to 3.5 standard deviations. */
    private const DAYS = 41;

    private const WIDEST = 3.5;

    /** Halvings of the way between goal and room, as ratios: to a thousandth. */
    private const HALVINGS = 12;

    private readonly Arrival $arrival;

    private readonly TrialNoise $noise;

    /** @var non-empty-list<float> logits of each day */
    private readonly array $days;

    /** @var non-empty-list<float> how likely each is, adding up to 1 */
    private array $weights;

    /** Logits of going over at what is shown, on a usual day: as they were before the trial changed the dog. */
    private float $shown = 0.0;

    /**
     * @param  Exposure  $template  all but the distance
     * @param  float  $chance  of going over in one trial
     * @param  float  $most  the same at the far end of the room, beyond which it goes home
     */
    public function __construct(
        private readonly SimulatedDog $dog,
        private readonly Exposure $template,
        private readonly Distance $room,
        private readonly Distance $goal,
        private readonly float $chance,
        private readonly float $most,
    ) {
        $this->arrival = new Arrival($goal);
        $this->noise = TrialNoise::of($dog->temperament);
        $this->days = array_map(static fn (float $deviations): float => $dog->temperament->daySd * $deviations, self::deviations());
        $this->weights = self::usual();
    }

    public function tested(array $tests, \DateTimeImmutable $at): void
    {
        // it knows more than a test can tell
    }

    public function begin(\DateTimeImmutable $at): ?Exposure
    {
        $this->arrival->begin();
        $this->weights = self::usual();

        return $this->exposure();
    }

    public function after(Exposure $shown, SimulatedResponse $response, \DateTimeImmutable $at): ?Exposure
    {
        $band = $this->dog->lastBand() ?? $response->band;
        $this->weights = self::whole(array_map(
            fn (float $weight, float $day): float => $weight * $this->likelihood($band, $this->shown + $day), $this->weights, $this->days,
        ));

        return $band === Band::Over || $this->arrival->after($shown, $response) ? null : $this->exposure();
    }

    public function hasArrived(): bool
    {
        return $this->arrival->isHeld();
    }

    private function exposure(): ?Exposure
    {
        $far = $this->room->meters;
        $least = $this->over($far);
        $isTooNear = $least > $this->chance;
        if ($isTooNear && $least > $this->most) {
            return null;
        }
        $near = $this->goal->meters;
        for ($i = $isTooNear ? self::HALVINGS : 0; $i < self::HALVINGS; $i++) {
            $middle = sqrt($near * $far);
            if ($this->over($middle) > $this->chance) {
                $near = $middle;
            } else {
                $far = $middle;
            }
        }
        $meters = $this->over($this->goal->meters) <= $this->chance ? $this->goal->meters : $far;
        $this->shown = $this->dog->logitsAt($meters, $this->template);

        return $this->template->withDistance(Distance::fromMeters($meters));
    }

    /** Chance of going over, over the days it can be. */
    private function over(float $meters): float
    {
        $usual = $this->dog->logitsAt($meters, $this->template);
        $chance = 0.0;
        foreach ($this->days as $i => $day) {
            $chance += $this->weights[$i] * $this->noise->chance($usual + $day);
        }

        return $chance;
    }

    /** @param  float  $logits  of going over */
    private function likelihood(Band $band, float $logits): float
    {
        // a cut point lies lower by all gaps between it and the highest
        $reaches = fn (int $of): float => $of > Band::Over->value ? 0.0 : ($of < Band::Aware->value ? 1.0 : $this->noise->chance(
            $logits + array_sum(array_slice($this->dog->gaps, $of - 1)),
        ));

        return max(1e-300, $reaches($band->value) - $reaches($band->value + 1));
    }

    /** @return non-empty-list<float> */
    private static function usual(): array
    {
        return self::whole(array_map(static fn (float $deviations): float => exp(-0.5 * $deviations ** 2), self::deviations()));
    }

    /** @return non-empty-list<float> of each day from the usual one, in standard deviations */
    private static function deviations(): array
    {
        return array_map(static fn (int $i): float => self::WIDEST * (2.0 * $i / (self::DAYS - 1) - 1.0), range(0, self::DAYS - 1));
    }

    /**
     * @param  non-empty-list<float>  $weights
     * @return non-empty-list<float>
     */
    private static function whole(array $weights): array
    {
        $sum = array_sum($weights);

        return array_map(static fn (float $weight): float => $weight / $sum, $weights);
    }
}
