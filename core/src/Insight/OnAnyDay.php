<?php

declare(strict_types=1);

namespace Core\Insight;

/** How far something solid can be relied on: so far on good days only, or on any day. A working rule from practice. */
enum OnAnyDay: string
{
    case FewDays = 'few_days';
    case GoodDays = 'good_days';
    case AnyDay = 'any_day';

    /** Days it was worked on before anything is said of other days. */
    public const LEAST_DAYS = 5;

    /** One bad day in so many is still any day. */
    public const DAYS_FOR_ONE = 5;

    /** @param  list<bool>  $days  each day it was worked on: whether all of it was calm */
    public static function of(array $days): self
    {
        $bad = count(array_filter($days, static fn (bool $isGood): bool => ! $isGood));

        return match (true) {
            count($days) < self::LEAST_DAYS => self::FewDays,
            $bad * self::DAYS_FOR_ONE > count($days) => self::GoodDays,
            default => self::AnyDay,
        };
    }
}
