<?php

declare(strict_types=1);

namespace App\Home\Http;

use Core\Decision\WorkingPlan;
use Core\Exposure\DimensionKey;
use Core\Homework\HomeworkKind;

/** A step of a plan in the words of a task. */
final class TaskFromStep
{
    private const MOST_LETTERS = 400;

    /** @return array{what: string, hold_seconds: ?int, exposure: array<string, float|string>} */
    public static function words(WorkingPlan $plan, int $step, HomeworkKind $kind): array
    {
        $of = $plan->ladder->step(max(0, min($plan->ladder->top(), $step)));
        $words = words()->capital(words()->step($of, $plan->catalog));
        $seconds = $of->exposure->values[DimensionKey::Duration->value] ?? $of->exposure->values[DimensionKey::Length->value] ?? null;

        return [
            'what' => mb_substr(
                $kind === HomeworkKind::Exposure ? say('homework.usual.at', ['where' => $words]) : $words, 0, self::MOST_LETTERS,
            ),
            'exposure' => $of->exposure->values,
            'hold_seconds' => is_numeric($seconds) && $seconds >= 1 ? (int) round((float) $seconds) : null,
        ];
    }
}
