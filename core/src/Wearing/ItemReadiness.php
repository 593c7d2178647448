<?php

declare(strict_types=1);

namespace Core\Wearing;

use Core\Measure\Share;

/**
 * What is still missing before an item is used for real. Common practice: putting on, wearing and taking off each held on
 * their own ladder, worn for fun before it is worn for need, moving as without it, and a look at the fit. It certifies nothing.
 */
final readonly class ItemReadiness
{
    /** Ten minutes at a stretch. */
    private const LONG = 600;

    private const FUN = 5;

    private const SITUATIONS = 3;

    private const FREE_RUN = 3;

    private const FIT_DAYS = 30;

    /**
     * @param  array<string, ?Share>  $ladders  of its steps that are solid, by "on", "worn" and "off"; null where there is no such plan
     * @param  ?int  $fitDays  days since the fit was looked at; null if it never was
     * @return list<Requirement> those not met first
     */
    public static function of(array $ladders, WearingLog $log, ?int $fitDays): array
    {
        $fun = $log->count(static fn (Wearing $one): bool => $one->situation->isForFun());
        $long = $log->longestFree();
        $asks = [
            self::ladder('on', $ladders['on'] ?? null),
            self::ladder('worn', $ladders['worn'] ?? null),
            self::ladder('off', $ladders['off'] ?? null),
            new Requirement('long', $long >= self::LONG, self::LONG, $long === 0 ? null : $long),
            new Requirement('fun', $fun >= self::FUN, self::FUN, $fun),
            new Requirement('situations', $log->freeSituations() >= self::SITUATIONS, self::SITUATIONS, $log->freeSituations()),
            new Requirement('movement', $log->freeRun() >= self::FREE_RUN, self::FREE_RUN, $log->wearings === [] ? null : $log->freeRun()),
            new Requirement('fit', $fitDays !== null && $fitDays <= self::FIT_DAYS, self::FIT_DAYS, $fitDays),
        ];
        usort($asks, static fn (Requirement $a, Requirement $b): int => $a->isMet <=> $b->isMet);

        return $asks;
    }

    private static function ladder(string $phase, ?Share $solid): Requirement
    {
        return new Requirement($phase, $solid !== null && $solid->isWhole(), null, $solid?->asPercent());
    }
}
