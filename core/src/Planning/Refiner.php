<?php

declare(strict_types=1);

namespace Core\Planning;

use Core\Decision\Work;
use Core\Exposure\Dimension;
use Core\Exposure\DimensionKey;
use Core\Exposure\DimensionKind;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Measure\SoundLevel;
use Core\Response\DogModel;

/**
 * Lays a ladder again from today's model: no step much harder than the one before, none too small to matter, one thing at a time.
 *
 * Where several things change at once they change one after the other, the lightest first. A measure is divided into equal
 * loads, a choice into the choices between; neighboring choices are split by easing the leading measure first.
 */
final readonly class Refiner
{
    /** Deep enough for any step that passes the review; a guard, not a rule. */
    private const MAX_BETWEEN = 40;

    private const MAX_EASE = 2.0;

    /** Logits under which a step between makes no sense. */
    private const MIN_STEP = 0.1;

    /** @param  DistanceUnit  $in  in which whoever lays the ladder paces */
    public function __construct(
        private DogModel $model, private float $stepLogits = EqualRatioLadder::USUAL_STEP_LOGITS,
        private DistanceUnit $in = DistanceUnit::Meter,
    ) {
    }

    /** Steps under the hand and of a skill have names: nothing is put between that a person could not tell apart. */
    public function refine(Ladder $ladder): Ladder
    {
        if (Work::of($this->model->scale->catalog->plan) !== Work::Exposure) {
            return $ladder;
        }
        $kept = self::withoutGrain($ladder->steps, $this->model);
        $steps = [];
        $last = $kept[0];
        $hardest = -INF;
        foreach ($kept as $step) {
            foreach ($this->between($last->exposure, $step->exposure) as $exposure) {
                // what lies deep under mastered ground need not be climbed in small steps again
                if ($this->model->load($exposure) > LadderReview::footing($this->model->load($last->exposure), $hardest) + self::MIN_STEP) {
                    $steps[] = $step->toward($exposure);
                }
            }
            $steps[] = $last = $step;
            $hardest = max($hardest, $this->model->load($step->exposure));
        }

        return Ladder::of($steps);
    }

    /**
     * One step split in two, as a trainer asks for it: half the way in load.
     *
     * @return ?Exposure null if there is nothing between
     */
    public function half(Exposure $from, Exposure $to): ?Exposure
    {
        $middle = ($this->model->load($from) + $this->model->load($to)) / 2.0;
        $best = null;
        foreach ($this->candidates($from, $to) as $exposure) {
            $off = abs($this->model->load($exposure) - $middle);
            if ($best === null || $off < abs($this->model->load($best) - $middle)) {
                $best = $exposure;
            }
        }

        return $best;
    }

    /**
     * Steps that differ from both neighbors in the same one measure, and by little, are laid again with the others.
     *
     * @param  non-empty-list<Step>  $steps
     * @return non-empty-list<Step>
     */
    private static function withoutGrain(array $steps, DogModel $model): array
    {
        $kept = [$steps[0]];
        for ($i = 1; $i < count($steps) - 1; $i++) {
            $before = $kept[count($kept) - 1];
            $in = self::changed($before->exposure, $steps[$i]->exposure);
            $out = self::changed($steps[$i]->exposure, $steps[$i + 1]->exposure);
            $isGrain = count($in) === 1 && $in === $out && $model->scale->catalog->dimension($in[0])->kind->isMeasured()
                && $before->criterion->equals($steps[$i]->criterion) && $steps[$i]->manner->equals($steps[$i + 1]->manner)
                && ($model->load(
                    $steps[$i]->exposure,
                ) > $model->load($before->exposure)) === ($model->load($steps[$i + 1]->exposure) > $model->load($steps[$i]->exposure));
            if (! $isGrain) {
                $kept[] = $steps[$i];
            }
        }
        if (count($steps) > 1) {
            $kept[] = $steps[count($steps) - 1];
        }

        return $kept;
    }

    /**
     * What lies between two steps so that none is much harder than the one before.
     *
     * @return list<Exposure>
     */
    private function between(Exposure $from, Exposure $to, int $depth = 0): array
    {
        $rise = $this->model->load($to) - $this->model->load($from);
        $changed = self::changed($from, $to);
        if ($rise <= $this->stepLogits * 1.2 && ! self::isLeapInLevel($from, $to) || $changed === [] || $depth > self::MAX_BETWEEN) {
            return [];
        }
        if (count($changed) === 1) {
            return $this->alongOne($from, $to, $this->model->scale->catalog->dimension($changed[0]), $rise, $depth);
        }
        // one thing after the other, what eases first and then the lightest
        usort($changed, fn (string $a, string $b): int => $this->model->load($from->with(
            $a, $to->values[$a],
        )) <=> $this->model->load($from->with($b, $to->values[$b])));
        // the first that is possible now: a hand comes near before it touches
        $catalog = $this->model->scale->catalog;
        $possible = array_filter($changed, static fn (string $key): bool => $catalog->settled($from->with(
            $key, $to->values[$key],
        ))->equals($from->with($key, $to->values[$key])));
        $key = array_values($possible)[0] ?? $changed[0];
        $next = $catalog->settled($from->with($key, $to->values[$key]));

        return [
            ...$this->between($from, $next, $depth + 1), ...($this->model->load($next) > $this->model->load($from) ? [$next] : []),
            ...$this->between($next, $to, $depth + 1),
        ];
    }

    /** A sound never gets louder by more than the usual three decibels at a time, however light that is. */
    private static function isLeapInLevel(Exposure $from, Exposure $to): bool
    {
        $level = static fn (Exposure $of, float $else): float => (float) ($of->values[DimensionKey::Level->value] ?? $else);

        return $level($to, 0.0) > $level($from, INF) + SoundLevel::USUAL_STEP + 0.05;
    }

    /** A number that people can pace out, or read off a meter: not the exact one that makes two steps equally hard. */
    private function told(float|string $value, Dimension $dimension): float|string
    {
        return match (true) {
            is_string($value) => $value,
            $dimension->kind === DimensionKind::Distance => Distance::fromMeters($value)->rounded($this->in)->meters,
            $dimension->kind === DimensionKind::SoundLevel => round(2.0 * $value) / 2.0,
            default => round($value, 4),
        };
    }

    /** @return list<Exposure> */
    private function alongOne(Exposure $from, Exposure $to, Dimension $dimension, float $rise, int $depth): array
    {
        [$start, $end] = [$from->values[$dimension->key], $to->values[$dimension->key]];
        $steps = $dimension->kind === DimensionKind::SoundLevel
            ? ceil(((float) $end - (float) $start) / SoundLevel::USUAL_STEP - 1e-9)
            : 2.0;
        $values = $dimension->between($start, $end, $this->model->scale->reference->meters, max(
            2, (int) max($steps, ceil($rise / $this->stepLogits - 1e-9)),
        ));
        if ($dimension->kind->isMeasured()) {
            $told = array_map(fn (float|string $value): float|string => $this->told($value, $dimension), $values);

            return array_map(
                static fn (float|string $value): Exposure => $from->with($dimension->key, $value),
                array_values(array_diff(array_unique($told), [$start, $end])),
            );
        }
        if ($values !== []) {
            $found = [];
            $last = $from;
            foreach ([...$values, $to->values[$dimension->key]] as $value) {
                $next = $from->with($dimension->key, $value);
                array_push($found, ...$this->between($last, $next, $depth + 1));
                $found[] = $last = $next;
            }

            return array_slice($found, 0, -1);
        }

        return $this->easedFirst($to, $rise);
    }

    /**
     * Neighboring choices: the harder one first with the leading measure eased, then nearer again.
     *
     * @return list<Exposure>
     */
    private function easedFirst(Exposure $to, float $rise): array
    {
        foreach ($this->model->scale->dimensions as $measure) {
            $here = $to->values[$measure->key] ?? null;
            if ($here === null || ! $measure->kind->isMeasured() || ! $measure->eases) {
                continue;
            }
            $reference = $this->model->scale->reference->meters;
            $ease = min(self::MAX_EASE, $rise - $this->stepLogits);
            $value = $measure->valueAt($measure->covariate($here, $reference) - $ease / $this->model->slope($measure->key), $reference);
            $eased = $this->model->scale->catalog->settled($to->with($measure->key, $this->told($value, $measure)));
            if ($this->model->load($eased) < $this->model->load($to) - 0.1) {
                return [$eased, ...$this->between($eased, $to, self::MAX_BETWEEN)];
            }
        }

        return [];
    }

    /** @return list<Exposure> */
    private function candidates(Exposure $from, Exposure $to): array
    {
        $low = $this->model->load($from);
        $high = $this->model->load($to);
        $found = [];
        foreach (self::changed($from, $to) as $key) {
            $dimension = $this->model->scale->catalog->dimension($key);
            $values = $dimension->between($from->values[$key], $to->values[$key], $this->model->scale->reference->meters);
            foreach ([...$values, $to->values[$key]] as $value) {
                $found[] = $this->model->scale->catalog->settled($from->with($key, $this->told($value, $dimension)));
            }
        }
        array_push($found, ...$this->easedFirst($to, max(0.0, $high - $low) / 2.0 + $this->stepLogits));

        return array_values(array_filter($found, fn (Exposure $exposure): bool => $this->model->load(
            $exposure,
        ) > $low + LoadScale::SAME_LOGITS && $this->model->load($exposure) < $high - LoadScale::SAME_LOGITS));
    }

    /** @return list<string> keys of the dimensions that both state and that differ */
    private static function changed(Exposure $from, Exposure $to): array
    {
        $changed = [];
        foreach ($to->values as $key => $value) {
            $here = $from->values[$key] ?? null;
            if ($here !== null && $here !== $value) {
                $changed[] = $key;
            }
        }

        return $changed;
    }
}
