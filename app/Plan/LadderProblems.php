<?php

declare(strict_types=1);

namespace App\Plan;

use App\Handling\AreaRepository;
use App\Models\SoundSetUp;

/** What a ladder may not ask for: a hold longer than its session, hands where they keep off this dog, or a sound over its ceiling. */
final readonly class LadderProblems
{
    /**
     * @param  list<array<string, float|string>>  $steps  values of each step, in order
     * @return array{session_minutes?: string, template?: string, ceiling?: string} the first problem of each sort, by the field that cures it
     */
    public static function problems(array $steps, int $dogId, int $sessionMinutes, ?SoundSetUp $sound): array
    {
        $off = AreaRepository::handsOff($dogId);
        $problems = [];
        foreach ($steps as $i => $values) {
            $number = $i + 1;
            $seconds = (float) ($values['duration'] ?? $values['exposure_time'] ?? 0.0);
            $area = (string) ($values['body_area'] ?? '');
            if ($seconds > 60.0 * $sessionMinutes) {
                $problems['session_minutes'] ??= say('messages.ladder.longer_than_session', ['step' => $number, 'seconds' => (int) $seconds, 'minutes' => $sessionMinutes]);
            }
            if ($sound !== null && is_numeric($values['level'] ?? null) && $sound->isOver((float) $values['level'])) {
                $problems['ceiling'] ??= say('messages.ladder.over_ceiling', ['step' => $number, 'level' => words()->formats->number($sound->scale()->toDisplayed((float) $values['level']), 0), 'ceiling' => words()->formats->number($sound->ceiling, 0)]);
            }
            if (isset($off[$area])) {
                $problems['template'] ??= say('messages.ladder.hands_off', ['step' => $number, 'area' => say("dimensions.contact.body_area.values.{$area}"), 'state' => words()->label($off[$area])]);
            }
        }

        return $problems;
    }
}
