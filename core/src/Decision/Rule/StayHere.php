<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\OtherThings;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Sign\Asked;
use Core\Sign\Band;
use Core\Sign\Outcome;

/** Nothing else applies: another one here, and how far the run is. */
final readonly class StayHere implements Rule
{
    private const LEAP = 2.0 / 3.0;

    /** One to three of them: then the place is known. */
    private const PEEKS = 3;

    /** Quiet ones in a row after which one should show more. */
    private const QUIET = 3;

    public function apply(Situation $situation, LoggedTrial $last): Advice
    {
        $level = self::isLuckyLeap($situation, $last) ? self::asked($situation) ?? $last->level : $last->level;
        $why = match (true) {
            $last->handlerError => ReasonCode::HandlerError,
            $situation->log->isTooQuick(count($situation->log->trials) - 1) => ReasonCode::TooQuick,
            $last->interrupted => ReasonCode::Interrupted,
            ! $level->equals($last->level) => ReasonCode::LuckyLeap,
            $last->band === Band::Effort => ReasonCode::EffortOnce,
            $last->outcome === Outcome::Watched => ReasonCode::Watched,
            $last->outcome === Outcome::Prompted => ReasonCode::Prompted,
            default => null,
        };

        $said = match ($why) {
            null => [],
            ReasonCode::EffortOnce => [Reason::of($why, pause: $situation->settings->choices->pausesAtSmallSigns)],
            default => [Reason::of($why)],
        };

        $peek = self::nextPeek($situation, $last);

        return $situation->advise(
            $peek === null ? Action::Repeat : Action::Peek, $level,
            [
                ...($peek === null ? [] : [Reason::of(ReasonCode::PeekOn, count: $peek, of: self::PEEKS)]),
                ...self::unproven($situation), ...$said, self::how($situation, $level), ...self::earlier($situation, $level),
                ...$situation->riskReasons($level->exposure),
            ],
            $last->band === Band::Effort ? (new OtherThings($situation))->of($level) : [],
        );
    }

    /** Which peek the next one is; null where there is no more to peek at. */
    private static function nextPeek(Situation $situation, LoggedTrial $last): ?int
    {
        $peeks = $situation->log->count(static fn (LoggedTrial $trial): bool => $trial->under === Action::Peek);

        return $last->under === Action::Peek && $peeks < self::PEEKS ? $peeks + 1 : null;
    }

    /** How far the run is: in phase one that of marked looks, after which it is waited for. */
    private static function how(Situation $situation, Level $level): Reason
    {
        $marked = $situation->markedProgress($level);

        return match (true) {
            $situation->asked() !== Asked::MarkedLook => $situation->runReason($level),
            $marked->isMet => Reason::of(ReasonCode::ReadyToWait),
            default => Reason::of(ReasonCode::MarkedRun, progress: $marked),
        };
    }

    /** @return list<Reason> that earlier sessions are counted with today's */
    private static function earlier(Situation $situation, Level $level): array
    {
        $count = count(array_filter($situation->earlierAt($level)));

        return $count === 0 ? [] : [Reason::of(ReasonCode::OverSessions, count: $count)];
    }

    /**
     * A dog that may hide its signs: so many quiet ones running, and nothing that shows it is fine.
     *
     * @return list<Reason>
     */
    private static function unproven(Situation $situation): array
    {
        $latest = array_slice($situation->log->trials, -self::QUIET);
        $quiet = array_filter($latest, static fn (LoggedTrial $trial): bool => $trial->isCalm() && ! $trial->isProven());

        return $situation->told->hidesSigns && count($quiet) === self::QUIET ? [Reason::of(ReasonCode::ProveIt, count: self::QUIET)] : [];
    }

    /** A single calm trial at under two thirds of anything calm before: told as a fact; nobody stays there for it. */
    private static function isLuckyLeap(Situation $situation, LoggedTrial $last): bool
    {
        $nearest = $situation->history->solid?->exposure->distance()->meters ?? INF;
        foreach (array_slice($situation->log->trials, 0, -1) as $trial) {
            $nearest = $trial->isCalm() ? min($nearest, $trial->exposure->distance()->meters ?? INF) : $nearest;
        }
        $here = $last->exposure->distance()?->meters;

        return $last->isCalm() && $here !== null && $nearest < INF && $here < self::LEAP * $nearest;
    }

    private static function asked(Situation $situation): ?Level
    {
        return $situation->log->hardestCalm($situation->log->last()?->level);
    }
}
