<?php

declare(strict_types=1);

namespace Core\Wearing;

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
     * @param  array<string, ?float>  $ladders  share of its steps held, 0 to 1, by "on", "worn" and "off"; null where there is no such plan
     * @param  ?int  $fitDays  days since the fit was looked at; null if it never was
     * @return list<Requirement> those not met first
     */
    public static function of(ItemKind $kind, array $ladders, WearingLog $log, ?int $fitDays): array
    {
        $fun = $log->count(static fn (Wearing $one): bool => $one->situation->isForFun());
        $long = $log->longestFree();
        $asks = [
            self::ladder('on', 'Putting it on is held to the last step', $ladders['on'] ?? null),
            self::ladder('worn', 'Wearing it is held to the last step', $ladders['worn'] ?? null),
            self::ladder('off', 'Taking it off is held to the last step: for some dogs the hard part', $ladders['off'] ?? null),
            new Requirement('long', 'Worn ten minutes at a stretch, moving as without it', $long >= self::LONG, $long === 0 ? 'not yet' : sprintf('longest %d:%02d min', intdiv($long, 60), $long % 60)),
            new Requirement('fun', sprintf('Worn at least %d times for fun before it is worn for need', self::FUN), $fun >= self::FUN, $fun === 1 ? 'once' : "{$fun} times"),
            new Requirement('situations', sprintf('Moving freely in at least %d situations', self::SITUATIONS), $log->freeSituations() >= self::SITUATIONS, "in {$log->freeSituations()}"),
            new Requirement('movement', sprintf('Moving as without it the last %d times', self::FREE_RUN), $log->freeRun() >= self::FREE_RUN, $log->wearings === [] ? 'never worn' : "the last {$log->freeRun()}"),
            new Requirement('fit', sprintf('Fit looked at within %d days: %s', self::FIT_DAYS, $kind->fitAsks()), $fitDays !== null && $fitDays <= self::FIT_DAYS, match ($fitDays) {
                null => 'never',
                0 => 'today',
                default => "{$fitDays} days ago",
            }),
        ];
        usort($asks, static fn (Requirement $a, Requirement $b): int => $a->isMet <=> $b->isMet);

        return $asks;
    }

    private static function ladder(string $phase, string $asks, ?float $held): Requirement
    {
        return new Requirement($phase, $asks, $held !== null && $held >= 1.0, $held === null ? 'no plan for it yet' : sprintf('%d %% of its steps held', (int) round(100 * $held)));
    }
}
