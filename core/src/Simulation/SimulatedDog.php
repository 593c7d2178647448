<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Decision\Way;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Measure\Distance;
use Core\Measure\Logistic;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;

/**
 * A dog with a hidden threshold. It draws its bands from the response model or from a family that departs from it, learns
 * from calm trials, sensitizes from strain and reactions, and recovers part of that over days. The generator is passed in,
 * so a seed repeats a whole history.
 */
final class SimulatedDog
{
    private const SHOWN_DAYS = 12;

    private const SHOWN_TRIALS = 30;

    /** Meters. */
    private const SHOWN_FROM = 3.0;

    private float $offset = 0.0;

    private float $soreness = 0.0;

    /** Logits that today's trials have added up to. */
    private float $stacked = 0.0;

    private readonly float $untaught;

    private readonly TrialNoise $noise;

    private ?Band $last = null;

    /**
     * @param  float  $location  hidden c_4 in logits: the load at which a reaction is as likely as not; learning raises it
     * @param  array{float, float, float}  $gaps  between the cut points, lowest first
     * @param  array<string, float>  $slopes  hidden slope by dimension key
     * @param  float  $learning  logits gained by a trial in the working zone
     */
    public function __construct(
        private readonly LoadScale $scale,
        private float $location,
        public readonly array $gaps,
        private readonly array $slopes,
        private readonly float $learning,
        public readonly Temperament $temperament,
        private readonly Chance $chance,
    ) {
        $this->location -= $temperament->understated;
        $this->untaught = $this->location;
        $this->noise = TrialNoise::of($temperament);
    }

    /** A dog drawn from the priors of the model, for a stated reaction distance that is the scale's reference. */
    public static function drawn(LoadScale $scale, Temperament $temperament, Chance $chance): self
    {
        $slopes = [];
        foreach ($scale->dimensions as $dimension) {
            $slopes[$dimension->key] = $chance->gamma(
                max(1, (int) $dimension->slope->shape), $dimension->slope->mean(),
            );
        }
        $gaps = [$chance->gamma(8, 2.1), $chance->gamma(8, 1.6), $chance->gamma(8, 1.3)];

        return new self(
            $scale,
            1.3 * $chance->normal(),
            $temperament->cliff ? [0.35 * $gaps[0], 0.25 * $gaps[1], 0.2 * $gaps[2]] : $gaps,
            $slopes,
            self::learning($chance),
            $temperament,
            $chance,
        );
    }

    /** Logits that a trial in the working zone teaches, drawn from the usual range. A working value. */
    public static function learning(Chance $chance): float
    {
        return 0.02 + 0.02 * $chance->uniform();
    }

    /** A new day: the offset is drawn afresh, and part of what hurt has healed. */
    public function wake(float $days = 2.0): void
    {
        $this->offset = $this->temperament->daySd * $this->chance->normal();
        $this->location += $this->temperament->drift * $this->chance->normal() + $this->temperament->healing * $days;
        $this->soreness *= 0.5 ** ($days / 3.0);
        $this->stacked = 0.0;
        $this->location -= $this->temperament->relapse * max(0.0, $this->location - $this->untaught);
    }

    /** Shows the dog an exposure; it takes it somehow, and is a little changed by it. */
    public function meet(Exposure $exposure): Band
    {
        $load = $this->load($exposure);
        if ($this->temperament->unloggedTrait > 0.0) {
            $load += $this->temperament->unloggedTrait * ($this->chance->uniform() < 0.5 ? 0.5 : -0.5);
        }
        if ($this->temperament->heavyTails) {
            $load += TrialNoise::TAIL * $this->chance->heavyTailed();
        }
        $this->last = $band = $this->draw($load);
        $this->change($band);

        return $band;
    }

    /**
     * What it would show today in so many trials on so many days, all over a place, were it not changed by them.
     *
     * @return list<SessionEvidence>
     */
    public function shown(Exposure $template, ?Distance $room, \DateTimeImmutable $at): array
    {
        $sessions = [];
        for ($day = 1; $day <= self::SHOWN_DAYS; $day++) {
            $offset = $this->temperament->daySd * $this->chance->normal();
            $trials = [];
            for ($trial = 0; $trial < self::SHOWN_TRIALS; $trial++) {
                $meters = self::SHOWN_FROM * (($room->meters ?? Way::FARTHEST_METERS) / self::SHOWN_FROM) ** $this->chance->uniform();
                $load = $this->logitsAt($meters, $template) + $this->location - $this->soreness - $this->stacked + $offset;
                $trials[] = [
                    'exposure' => $template->withDistance(Distance::fromMeters($meters)), 'band' => $this->draw($load),
                    'afterReaction' => false,
                ];
            }
            $sessions[] = SessionEvidence::ofTrials($at->modify('-'.(self::SHOWN_DAYS + 1 - $day).' hours'), $trials);
        }

        return $sessions;
    }

    /** How it really took what it met last: for a policy that whoever grades cannot mislead. */
    public function lastBand(): ?Band
    {
        return $this->last;
    }

    /** What an observer notes: small signs may stay unseen. */
    public function seen(Band $band): Band
    {
        $isSmall = $band === Band::Aware || $band === Band::Effort;
        if ($isSmall && $this->chance->uniform() < $this->temperament->masking) {
            return Band::Easy;
        }
        $shift = $this->temperament->graderShift;
        if ($this->temperament->sloppiness > 0.0 && $this->chance->uniform() < $this->temperament->sloppiness) {
            $shift += $this->chance->uniform() < 0.5 ? -1 : 1;
        }

        // a reaction is seen by anybody, and nothing else is taken for one
        return $shift === 0 || $band === Band::Over ? $band : Band::from(max(0, min(3, $band->value + $shift)));
    }

    /** Where today's risks are the caps, all else as in an exposure: the farther of both. */
    public function limit(RiskCaps $caps, Exposure $exposure): float
    {
        return max(
            $this->metersAt($caps->reaction->value, $exposure), $this->metersAt($caps->strain->value, $exposure, $this->gaps[2]),
        );
    }

    /**
     * Where this dog goes over with a given chance today, all else as in an exposure: only an oracle knows.
     *
     * @param  float  $before  logits by which a lower cut point lies before going over
     */
    public function metersAt(float $chance, Exposure $exposure, float $before = 0.0): float
    {
        // at the reference distance, which itself adds nothing
        $else = $this->offset + $this->logitsAt($this->scale->reference->meters, $exposure) + $before;

        return $this->scale->reference->meters * 2.0 ** -(($this->noise->logits($chance) - $else) / $this->slope());
    }

    /** Logits of going over at a distance, all else as in an exposure, as the dog stands now but on a usual day. */
    public function logitsAt(float $meters, Exposure $exposure): float
    {
        $else = $this->load($exposure->withDistance($this->scale->reference)) - $this->location - $this->offset;

        return $else + $this->slope() * log($this->scale->reference->meters / $meters, 2.0);
    }

    private function slope(): float
    {
        return $this->slopes[DimensionKey::Distance->value] ?? 1.0;
    }

    /** What the log could tell of an exposure today. */
    private function load(Exposure $exposure): float
    {
        $load = $this->offset + $this->soreness + $this->stacked;
        foreach ($this->scale->covariates($exposure) as $j => $x) {
            $load += ($this->slopes[$this->scale->dimensions[$j]->key] ?? 0.0) * $x;
        }

        return $load;
    }

    /** Uniform in (0, 1), for whatever else about the trial is left to chance. */
    public function uniform(): float
    {
        return $this->chance->uniform();
    }

    private function draw(float $load): Band
    {
        $cut = $this->location;
        $band = Band::Over;
        $draw = $this->chance->uniform();
        foreach ([4, 3, 2, 1] as $k) {
            if ($draw < Logistic::probability($load - $cut)) {
                break;
            }
            $band = Band::from($k - 1);
            $cut -= $k > 1 ? $this->gaps[$k - 2] : 0.0;
        }

        return $band;
    }

    /** Learns most in the working zone; strain and reactions set it back, for a while and a little for good. */
    private function change(Band $band): void
    {
        $this->location += match ($band) {
            Band::Easy => 0.4 * $this->learning,
            Band::Aware => $this->learning,
            Band::Effort => 0.3 * $this->learning,
            Band::Strain => -2.0 * $this->learning * $this->temperament->sensitizing,
            Band::Over => -8.0 * $this->learning * $this->temperament->sensitizing,
        };
        $this->stacked += $band === Band::Easy ? 0.0 : $this->temperament->stacking;
        $this->soreness += match ($band) {
            Band::Strain => 0.15,
            Band::Over => 0.8,
            default => 0.0,
        };
    }
}
