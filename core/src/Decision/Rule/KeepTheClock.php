<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\LoggedTrial;
use Core\Decision\NewGround;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\Retreat;
use Core\Decision\Rule;
use Core\Decision\Situation;

/**
 * Short beats long: when time, repetitions or food are used up nothing advances, and the last repetition is a good one. Gear that is off
 * ends it at once.
 */
final readonly class KeepTheClock implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $settings = $situation->settings;
        $log = $situation->log;
        $minutes = ($situation->now->getTimestamp() - $log->startedAt->getTimestamp()) / 60.0;
        $setMinutes = $log->setStartedAt === null ? 0.0 : ($situation->now->getTimestamp() - $log->setStartedAt->getTimestamp()) / 60.0;
        $trials = count($log->trials);
        if ($log->condition->isGearOff) {
            return $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::GearOff)]);
        }
        $why = match (true) {
            ! $last->foodLeft => Reason::of(ReasonCode::FoodUsedUp),
            $minutes >= $settings->sessionMinutes => Reason::of(
                ReasonCode::SessionTime, minutes: (int) $minutes, planned: $settings->sessionMinutes,
            ),
            $trials >= $settings->mostTrials => Reason::of(ReasonCode::SessionTrials, count: $trials),
            default => null,
        };
        if ($why !== null) {
            return $this->end($situation, $last, $why);
        }
        $isDone = $situation->progress($last->level)->isMet && (new NewGround($situation))->isUsedUp();
        if ($setMinutes >= $settings->setMinutes && $last->isSuccess() && ! $isDone) {
            return $situation->advise(Action::Break, $last->level, [
                Reason::of(
                    ReasonCode::SetTime, minutes: (int) $setMinutes, planned: $settings->setMinutes,
                    plan: $situation->catalog->plan->value,
                ),
            ]);
        }

        return null;
    }

    private function end(Situation $situation, LoggedTrial $last, Reason $why): Advice
    {
        $isGood = $last->isCalm() && ! $last->isNo();
        if ($isGood || $last->under === Action::EasyWin || ! $last->foodLeft) {
            $ready = Reason::of(match (true) {
                $situation->progress($last->level)->isMet => ReasonCode::Ready,
                $isGood => ReasonCode::StopOnGood,
                default => ReasonCode::EndAnyway,
            });

            return $situation->advise(Action::EndWell, null, [$why, $ready]);
        }
        $easy = (new Retreat($situation))->from($last->level, [$why, Reason::of(ReasonCode::Closing)], 1, Action::EasyWin);
        if ($easy->next === null) {
            return $situation->advise(Action::EndWell, null, [$why, Retreat::none($situation)]);
        }

        return new Advice($easy->action, $easy->next, $easy->reasons, $easy->risk, $easy->alternatives, true);
    }
}
