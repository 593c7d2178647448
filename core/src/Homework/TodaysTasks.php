<?php

declare(strict_types=1);

namespace Core\Homework;

/** Which tasks stand on today's page: few enough that a kitchen does them. */
final readonly class TodaysTasks
{
    /** Common practice: three small things are done, five are not. */
    public const MOST = 3;

    /**
     * In the order they were given; where there are more than three, what is over for today makes room for what is not, and what was
     * done least in the last days comes first.
     *
     * @param  array<int, HomeDay>  $today  by task, in the order given
     * @param  array<int, int>  $lately  repetitions of the last days, by task
     * @return list<int> tasks
     */
    public static function choose(array $today, array $lately): array
    {
        $order = array_keys($today);
        $chosen = $order;
        usort($chosen, static fn (int $a, int $b): int => [$today[$a]->isOver(), $lately[$a] ?? 0, array_search($a, $order, true)]
            <=> [$today[$b]->isOver(), $lately[$b] ?? 0, array_search($b, $order, true)]);
        $chosen = array_slice($chosen, 0, self::MOST);

        return array_values(array_intersect($order, $chosen));
    }
}
