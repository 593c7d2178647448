<?php

declare(strict_types=1);

namespace App\Plan;

use App\Handling\AreaRepository;
use App\Models\SoundSetUp;
use Core\Exposure\DimensionKey;
use Core\Planning\LadderBound;
use Core\Planning\LadderBounds;

/** What a ladder asks for and may not, said at the field that cures it. */
final readonly class LadderProblems
{
    private const FIELDS = ['session' => 'session_minutes', 'hands_off' => 'template', 'ceiling' => 'ceiling'];

    /**
     * @param  list<array<string, float|string>>  $steps  values of each step, in order
     * @return array<string, string> the first problem of each sort, by field
     */
    public static function of(array $steps, int $dogId, int $sessionMinutes, ?SoundSetUp $sound): array
    {
        $handsOff = AreaRepository::handsOff($dogId);
        $beyond = (new LadderBounds($sessionMinutes, $handsOff, $sound?->scale(), $sound->ceiling ?? 0.0))->beyond($steps);
        $problems = [];
        foreach ($beyond as $bound => $i) {
            $values = $steps[$i];
            $area = (string) ($values[DimensionKey::BodyArea->value] ?? '');
            $problems[self::FIELDS[$bound]] = match (LadderBound::from($bound)) {
                LadderBound::Session => say('messages.ladder.longer_than_session', [
                    'step' => $i + 1, 'seconds' => (int) LadderBounds::seconds($values), 'minutes' => $sessionMinutes,
                ]),
                LadderBound::HandsOff => say('messages.ladder.hands_off', [
                    'step' => $i + 1, 'area' => say("dimensions.contact.body_area.values.{$area}"),
                    'state' => words()->label($handsOff[$area]),
                ]),
                LadderBound::Ceiling => say('messages.ladder.over_ceiling', [
                    'step' => $i + 1,
                    'level' => words()->formats->number(
                        $sound?->scale()->toDisplayed((float) $values[DimensionKey::Level->value]) ?? 0.0, 0,
                    ),
                    'ceiling' => words()->formats->number($sound->ceiling ?? 0.0, 0),
                ]),
            };
        }

        return $problems;
    }
}
