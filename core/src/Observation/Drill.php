<?php

declare(strict_types=1);

namespace Core\Observation;

/** What a drill says about the foundation it was of (common practice: four of five, five times at least). */
final readonly class Drill
{
    public const LEAST = 5;

    private const SOLID = 0.8;

    private const LOST = 0.5;

    /**
     * A foundation is not called ready by one drill in one place: a person does that. One that is ready stays so, is shown anew, or is
     * lost again.
     *
     * @return 'ready'|'learning'|'lost'|null null where the drill changes nothing on record
     */
    public static function standing(bool $wasReady, int $atOnce, int $late, int $not): ?string
    {
        $asked = $atOnce + $late + $not;
        if (! $wasReady) {
            return $asked === 0 ? null : 'learning';
        }

        return match (true) {
            $asked < self::LEAST => null,
            $atOnce >= self::SOLID * $asked => 'ready',
            $atOnce < self::LOST * $asked => 'lost',
            default => null,
        };
    }
}
