<?php

declare(strict_types=1);

namespace App\Engine;

use App\Support\Fields;
use Core\Decision\Credit;
use Core\Decision\Level;
use Core\Decision\LongHold;
use Core\Decision\Mark;
use Core\Decision\MarkKind;
use Core\Decision\SessionSummary;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Ladder\CriterionData;
use Core\Ladder\Ladder;
use Core\Response\Calibration;

/** A session's summary as stored beside it. */
final readonly class SummaryJson
{
    public static function encode(SessionSummary $summary): string
    {
        return json_encode([
            ...get_object_vars($summary),
            'marks' => array_map(
                static fn (Mark $mark): array => ['kind' => $mark->kind->value, ...self::level($mark->level)], $summary->marks,
            ),
            'hardestCalm' => $summary->hardestCalm === null ? null : self::level($summary->hardestCalm),
            'longHolds' => array_map(static fn (LongHold $hold): array => [
                ...self::level($hold->level), 'criterion' => CriterionData::write($hold->criterion), 'successes' => $hold->successes,
            ], $summary->longHolds),
        ], JSON_THROW_ON_ERROR);
    }

    /** @param  Ladder  $ladder  of the plan, for summaries from before marks told where */
    public static function decode(string $json, DimensionCatalog $catalog, Ladder $ladder): SessionSummary
    {
        $stored = Fields::of(json_decode($json, true, flags: JSON_THROW_ON_ERROR));
        $marks = [];
        foreach ($stored->list('marks') as $row) {
            $mark = Fields::of($row);
            $kind = MarkKind::tryFrom($mark->text('kind')) ?? match (true) {
                $mark->isOn('held') => MarkKind::Solid,
                $stored->isOn('reacted') => MarkKind::Over,
                default => MarkKind::Struggled,
            };
            $marks[] = new Mark($kind, self::toLevel($mark, $catalog, $ladder));
        }
        $longHolds = [];
        foreach ($stored->list('longHolds') as $row) {
            $hold = Fields::of($row);
            $longHolds[] = new LongHold(
                self::toLevel($hold, $catalog, $ladder), CriterionData::read($hold->list('criterion'), 'criterion'),
                array_map(static fn (mixed $is): bool => $is === true, array_values($hold->list('successes'))),
            );
        }
        $calibration = $stored->below('calibration');
        $calm = $stored->below('hardestCalm');

        return new SessionSummary(
            max(0, $stored->int('trials')), $marks, $stored->isOn('reacted'), $stored->isOn('endedWithEffort'), $stored->isOn('succeeded'),
            $calm->intOrNull('step') === null ? null : self::toLevel($calm, $catalog, $ladder),
            new Calibration(
                $calibration->number('expectedStrain'), max(0, $calibration->int('strain')), $calibration->number('expectedReaction'),
                max(0, $calibration->int('reactions')), max(0, $calibration->int('forecasts')),
            ),
            $stored->int('dayNumber'), array_map(intval(...), $stored->values('helped')),
            $longHolds,
        );
    }

    /** @return array{step: int, at: array<string, float|string>} */
    private static function level(Level $level): array
    {
        return ['step' => $level->step, 'at' => $level->exposure->values];
    }

    private static function toLevel(Fields $stored, DimensionCatalog $catalog, Ladder $ladder): Level
    {
        $step = max(0, $stored->int('step'));
        $at = $stored->values('at');
        if ($at === []) {
            return new Level($step, $ladder->step($step)->exposure);
        }
        $exposure = Exposure::of($at, $catalog);
        $isStep = $step <= $ladder->top() && $ladder->step($step)->exposure->equals($exposure);

        // the ladder may be another one by now: where it was stays true
        return $isStep ? new Level($step, $exposure) : (new Credit($ladder, $catalog))->of($exposure);
    }
}
