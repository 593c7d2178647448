<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\OtherThings;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Retreat;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Decision\Way;
use Core\Decision\Work;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;

/**
 * Under the hand a first doubt is waited out; a second one asks for one other change, with the same thing asked; only where that did not
 * help, for less. Something else that is offered calmly, a search for the food included, is no doubt: it is waited for, until it becomes a
 * habit. Common practice.
 */
final readonly class ChangeThePicture implements Rule
{
    private const ENOUGH = 3;

    /** Running, of something else offered: then one thing is changed after all. */
    private const HABIT = 3;

    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        if ($situation->work !== Work::Contact || ! $last->countsForRun() || ! self::isDoubtful($last)) {
            return null;
        }
        if (self::isOffer($last) && $situation->log->runOf(self::isOffer(...)) < self::HABIT) {
            return $situation->advise(Action::Repeat, $last->level, [Reason::of(ReasonCode::OffersElse)]);
        }
        $here = self::here($situation, $last);
        $doubts = count(array_filter($here, static fn (LoggedTrial $trial): bool => $trial->countsForRun()
            && self::isDoubtful($trial) && ! self::isOffer($trial)));
        $changed = count(array_filter($here, static fn (LoggedTrial $trial): bool => $trial->under === Action::ChangeOther));
        if ($last->under === Action::ChangeOther || $changed > 0 && $doubts >= self::ENOUGH) {
            return (new Retreat($situation))->from($last->level, [Reason::of(ReasonCode::ChangeMissed)]);
        }
        $others = (new OtherThings($situation))->of($last->level);
        if ($doubts === 1 && self::mayWaitItOut($situation, $last)) {
            return $situation->advise(
                Action::Repeat, $last->level, [Reason::of(ReasonCode::WaitItOut), Reason::of(ReasonCode::BodyFirst)], $others,
            );
        }
        if ($others === []) {
            // where nothing else can be changed and nothing is easier a doubt is waited out; two running, or a third, end it
            $isWaitedOut = $situation->log->runOf(self::isDoubtful(...)) === 1
                && $situation->log->count(self::isDoubtful(...)) < self::ENOUGH && (new Way($situation))->back($last->level) === null;

            return $isWaitedOut
                ? $situation->advise(Action::Repeat, $last->level, [Reason::of(ReasonCode::WaitItOut), Reason::of(ReasonCode::BodyFirst)])
                : (new Retreat($situation))->from(
                    $last->level, [Reason::of(ReasonCode::NothingToChange), Reason::of(ReasonCode::BodyFirst)],
                );
        }
        [$first] = $others;

        return $situation->advise(Action::ChangeOther, $first->level, [
            Reason::of(ReasonCode::ChangeFirst, change: $first->change),
            ...($first->helped > 0 ? [Reason::of(ReasonCode::ChangeHelped, count: $first->helped)] : []),
            Reason::of(ReasonCode::BodyFirst),
            ...$situation->riskReasons($first->level->exposure),
        ], $others);
    }

    /** Hands still, and the same once more: where nothing worse was seen today, and it never used its teeth. */
    private static function mayWaitItOut(Situation $situation, LoggedTrial $last): bool
    {
        return ! self::isOffer($last) && ! $last->isNo() && ! $situation->told->hasBitten && ! $situation->log->hadTrouble()
            && $situation->log->warnings() === 0;
    }

    /** @return array<int, LoggedTrial> of today, with the same thing asked, whatever the picture around it */
    private static function here(Situation $situation, LoggedTrial $last): array
    {
        return array_filter($situation->log->trials, static fn (LoggedTrial $trial): bool =>
            $trial->level->step === $last->level->step && abs($trial->level->beyond - $last->level->beyond) < 1e-9);
    }

    private static function isOffer(LoggedTrial $trial): bool
    {
        return $trial->isCalm() && in_array($trial->outcome, [Outcome::OfferedElse, Outcome::SearchedHand], true);
    }

    private static function isDoubtful(LoggedTrial $trial): bool
    {
        return ! $trial->isCalm() || $trial->isMiss() || $trial->outcome->effect() === OutcomeEffect::OptOut || in_array(
            $trial->outcome, [Outcome::TakenAway, Outcome::LeftCameBack], true,
        );
    }
}
