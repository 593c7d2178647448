<?php

declare(strict_types=1);

namespace Core\Observation;

/** The one thing to say while a session without a ladder runs. All numbers are common practice. */
enum Prompt: string
{
    /** It reacted, or was led away: enough for today. */
    case Leave = 'leave';
    /** At the part of the body just touched: hands away. */
    case HandsOff = 'hands_off';
    /** Marks are not answered: walk off, or farther. */
    case WalkOff = 'walk_off';
    /** It startled again. */
    case Farther = 'farther';
    /** The asking is too much for this place. */
    case Easier = 'easier';
    /** Attention falls off without a reason in sight: body first. */
    case BodyFirst = 'body_first';
    /** Just woken: this does not count yet. */
    case Woken = 'woken';

    /** Seconds in which a dog that was just woken comes to itself. */
    public const WOKEN_SECONDS = 180.0;

    /** Marks not answered within a minute. */
    public const UNANSWERED = 2;

    public const UNANSWERED_WITHIN = 60.0;

    /** Startles within five minutes. */
    public const STARTLED = 2;

    public const STARTLED_WITHIN = 300.0;

    /** Of the last three askings, so many that got nothing. */
    public const NOTHING = 2;

    public const ASKINGS = 3;

    /** Attention in the last two minutes, under half of what it was in the two before, which had something to fall from. */
    public const FALL_SECONDS = 120.0;

    public const FALL_FROM = 6;

    /**
     * The gravest first; null where all is well.
     *
     * @param  list<Observation>  $seen  in their order
     * @param  float  $now  seconds from the start
     */
    public static function at(array $seen, float $now, bool $isWoken): ?self
    {
        $since = self::stretchStart($seen);
        $count = static fn (Kind $kind, float $from, float $to): int => count(array_filter(
            $seen, static fn (Observation $one): bool => $one->kind === $kind && $one->at > max($from, $since) && $one->at <= $to,
        ));
        $asked = array_values(array_filter(
            $seen, static fn (Observation $one): bool => in_array($one->kind, [Kind::AtOnce, Kind::Late, Kind::Not], true),
        ));
        $nothing = count(array_filter(
            array_slice($asked, -self::ASKINGS), static fn (Observation $one): bool => $one->kind === Kind::Not,
        ));
        $before = $count(Kind::Looked, $now - 2 * self::FALL_SECONDS, $now - self::FALL_SECONDS);
        $lately = $count(Kind::Looked, $now - self::FALL_SECONDS, $now);

        return match (true) {
            array_filter($seen, static fn (Observation $one): bool => in_array(
                $one->kind, [Kind::Reacted, Kind::Left], true,
            )) !== [] => self::Leave,
            $seen !== [] && $seen[count($seen) - 1]->isAlarming() => self::HandsOff,
            $count(Kind::Unanswered, $now - self::UNANSWERED_WITHIN, $now) >= self::UNANSWERED => self::WalkOff,
            $count(Kind::Startled, $now - self::STARTLED_WITHIN, $now) >= self::STARTLED => self::Farther,
            $nothing >= self::NOTHING => self::Easier,
            $before >= self::FALL_FROM && 2 * $lately < $before => self::BodyFirst,
            $isWoken && $now < self::WOKEN_SECONDS => self::Woken,
            default => null,
        };
    }

    /**
     * What was said before the place or the task changed is answered by changing it.
     *
     * @param  list<Observation>  $seen
     */
    private static function stretchStart(array $seen): float
    {
        $starts = array_map(
            static fn (Observation $one): float => $one->at,
            array_filter($seen, static fn (Observation $one): bool => $one->kind === Kind::Segment),
        );

        return $starts === [] ? -INF : max($starts);
    }
}
