<?php

declare(strict_types=1);

namespace App\Plans;

use App\Handling\AreaBook;
use App\Models\SoundSetUp;

/** What a ladder may not ask for: a hold longer than its session, hands where they keep off this dog, or a sound over its ceiling. */
final readonly class LadderLimits
{
    /**
     * @param  list<array<string, float|string>>  $steps  values of each step, in order
     * @return array{session_minutes?: string, template?: string, ceiling?: string} the first problem of each sort, by the field that cures it
     */
    public static function problems(array $steps, int $dogId, int $sessionMinutes, ?SoundSetUp $sound): array
    {
        $off = AreaBook::handsOff($dogId);
        $problems = [];
        foreach ($steps as $i => $values) {
            $number = $i + 1;
            $seconds = (float) ($values['duration'] ?? $values['exposure_time'] ?? 0.0);
            $area = (string) ($values['body_area'] ?? '');
            if ($seconds > 60.0 * $sessionMinutes) {
                $problems['session_minutes'] ??= sprintf('Step %d asks for %d s: longer than a session of %d minutes. Lengthen the session, or shorten the step.', $number, (int) $seconds, $sessionMinutes);
            }
            if ($sound !== null && is_numeric($values['level'] ?? null) && $sound->isOver((float) $values['level'])) {
                $problems['ceiling'] ??= sprintf('Step %d asks for %s at the dog, over the ceiling of %s dB(A). Raise the ceiling, or ask for less.', $number, $sound->scale()->inWords((float) $values['level']), $sound->ceiling);
            }
            if (isset($off[$area])) {
                $problems['template'] ??= sprintf('Step %d is at the %s, and the handling map says: %s. Change the map, or choose other steps.', $number, str_replace('_', ' ', $area), $off[$area]->label());
            }
        }

        return $problems;
    }
}
