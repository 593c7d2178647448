<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\ToldExposure;
use Core\Exposure\DimensionKey;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Measure\Share;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\RiskCaps;
use Core\Response\Threshold;
use Core\Response\ThresholdSearch;
use Core\Sign\Band;

/**
 * Where exposure should start: not harder than the limits allow before the first trial, one step under the first doubt, and
 * with the range the model leaves open. Too far costs a minute, too close costs a week.
 */
final readonly class StartingPoint
{
    /**
     * Times the stated distance that a start is never proposed beyond: where simulated starts lay in the median. Farther away nobody sees
     * the dog; short looks serve better.
     */
    private const MAX_FACTOR = 10.0;

    /**
     * @param  Exposure  $exposure  to start with
     * @param  bool  $isWithin  whether today's bounds meet the limits there; else only short looks are in order
     * @param  ?Threshold  $limit  along the leading measure, on a typical day
     * @param  Share  $sure  how much of what the model says about this dog's limit rests on this dog rather than on the typical one
     * @param  non-empty-list<Reason>  $reasons
     */
    private function __construct(
        public Exposure $exposure, public bool $isWithin, public ?Threshold $limit, public Share $sure, public array $reasons,
    ) {
    }

    /**
     * Along the leading measure, everything else as it is in the exposure given.
     *
     * @param  DogModel  $model  with what the assessment showed
     * @param  DogModel  $prior  the same without it
     * @param  Exposure  $exposure  its leading measure is ignored
     * @param  ?Distance  $room  farthest the place allows
     * @param  ?float  $firstDoubt  hardest value of the measure at which a test failed or the dog was not at ease
     */
    public static function along(
        DogModel $model, DogModel $prior, Exposure $exposure, string $key, RiskCaps $caps, ?Distance $room, ?float $firstDoubt,
    ): self {
        $search = new ThresholdSearch($caps);
        $today = $search->along($model, $exposure, $key, Day::Today);
        $dimension = $model->scale->dimension($key);
        $reference = $model->scale->reference->meters;
        $range = $dimension->range() ?? [0.0, 1.0];
        $farthest = $key === DimensionKey::Distance->value && $room !== null ? $room->meters : $range[0];
        $eased = static fn (float $from): float =>
            $dimension->valueAt($dimension->covariate($from, $reference) - 1.0 / $model->slope($key), $reference);
        $value = $today->allowed ?? $farthest;
        if ($key === DimensionKey::Distance->value) {
            $value = min($value, $range[0], self::MAX_FACTOR * $reference);
        }
        $reasons = [];
        $harder = static fn (float $a, float $b): bool => $dimension->covariate($a, $reference) > $dimension->covariate($b, $reference);
        if ($firstDoubt !== null) {
            $below = $eased($firstDoubt);
            if ($harder($value, $below)) {
                $value = $below;
            }
            $reasons[] = Reason::of(ReasonCode::StartDoubt, at: new ToldExposure($exposure->with($key, $firstDoubt)));
        }
        if ($harder($farthest, $value)) {
            $value = $farthest;
        }
        $start = $model->scale->catalog->settled($exposure->with($key, self::rounded($value, $key)));
        $risk = $model->risk($start, Day::Today);
        $isWithin = $caps->allow($risk);
        array_unshift($reasons, Reason::of(
            ReasonCode::StartProposed, at: new ToldExposure($start), strain: $risk->strain(), strainCap: $caps->strain,
            reaction: $risk->reaction(), reactionCap: $caps->reaction,
        ));
        if (! $isWithin) {
            $reasons[] = Reason::of(ReasonCode::StartShort);
        }

        return new self(
            $start, $isWithin, $search->along($model, $exposure, $key, Day::Typical),
            self::sureness($model, $prior, $exposure->with($key, $dimension->valueAt(0.0, $reference))), $reasons,
        );
    }

    /**
     * On a ladder: the hardest step within the limits that lies under the first doubt.
     *
     * @param  ?int  $firstDoubt  index of the easiest step at which it was not at ease
     * @return array{step: int, point: self}
     */
    public static function on(Ladder $ladder, DogModel $model, DogModel $prior, RiskCaps $caps, ?int $firstDoubt): array
    {
        $step = 0;
        for ($i = 1; $i <= $ladder->top() && ($firstDoubt === null || $i < $firstDoubt); $i++) {
            if (! $caps->allow($model->risk($ladder->step($i)->exposure, Day::Today))) {
                break;
            }
            $step = $i;
        }
        $start = $ladder->step($step)->exposure;
        $risk = $model->risk($start, Day::Today);
        $reasons = [Reason::of(
            ReasonCode::StartStep, step: $step + 1, at: new ToldExposure($start, $ladder->shared()),
            strain: $risk->strain(), strainCap: $caps->strain, reaction: $risk->reaction(), reactionCap: $caps->reaction,
        )];
        if ($firstDoubt !== null) {
            $reasons[] = Reason::of(ReasonCode::StartDoubtStep, step: $firstDoubt + 1);
        }
        if (! $caps->allow($risk)) {
            $reasons[] = Reason::of(ReasonCode::StartShortStep);
        }

        return ['step' => $step, 'point' => new self($start, $caps->allow($risk), null, self::sureness($model, $prior, $start), $reasons)];
    }

    /** 1 − the share of the prior's variance that is left there. */
    private static function sureness(DogModel $model, DogModel $prior, Exposure $at): Share
    {
        $before = $prior->linear($at, Band::Strain, Day::Typical)['sd'];
        $after = $model->linear($at, Band::Strain, Day::Typical)['sd'];

        return Share::clamped(1.0 - $after ** 2 / max(1e-9, $before ** 2));
    }

    /** A number people can pace out, never harder than found. */
    private static function rounded(float $value, string $key): float
    {
        return match (true) {
            $key === DimensionKey::Distance->value => $value >= 20.0 ? min(500.0, ceil($value)) : ceil($value * 2.0) / 2.0,
            $key === DimensionKey::Gap->value => ceil($value),
            default => floor($value * 10.0) / 10.0,
        };
    }
}
