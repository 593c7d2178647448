<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Easing;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Exposure\PlanKind;

/** Short beats long: when time, repetitions or food are used up nothing advances, and the last repetition is a good one. */
final readonly class KeepTheClock implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): ?Advice
    {
        $settings = $situation->settings;
        $log = $situation->log;
        $minutes = ($situation->now->getTimestamp() - $log->startedAt->getTimestamp()) / 60.0;
        $setMinutes = $log->setStartedAt === null ? 0.0 : ($situation->now->getTimestamp() - $log->setStartedAt->getTimestamp()) / 60.0;
        $trials = count($log->trials);
        $why = match (true) {
            ! $last->foodLeft => new Reason('food-used-up', 'The food is used up.'),
            $minutes >= $settings->sessionMinutes => new Reason('session-time', sprintf('%d minutes: the session was planned for %d.', (int) $minutes, $settings->sessionMinutes)),
            $trials >= $settings->mostTrials => new Reason('session-trials', "{$trials} trials: as many as planned."),
            default => null,
        };
        if ($why !== null) {
            return $this->end($situation, $last, $why);
        }
        if ($setMinutes >= $settings->setMinutes && $last->isSuccess()) {
            return $situation->advise(Action::Break, $last->target, [
                new Reason('set-time', sprintf('This set has lasted %d minutes (planned: %d) and ended on a success. %s, then go on here.', (int) $setMinutes, $settings->setMinutes, $situation->catalog->plan === PlanKind::Presence ? 'Walk about five minutes, out of sight' : 'Rest a few minutes, with everything put away')),
            ]);
        }

        return null;
    }

    private function end(Situation $situation, LoggedTrial $last, Reason $why): Advice
    {
        if ($last->isSuccess() || $last->under === Action::EasyWin || ! $last->foodLeft) {
            $ready = $situation->progress($last->target)->isMet
                ? new Reason('ready', 'Criterion met here: ready for the next level, next time.')
                : new Reason('stop-on-good', $last->isSuccess() ? 'It ended on a success: the last repetition is what the dog takes home.' : 'One closing repetition is the most: end anyway.');

            return $situation->advise(Action::EndWell, null, [$why, $ready]);
        }
        $easy = (new Easing($situation))->by($last->target, 1, Action::EasyWin, [$why, new Reason('closing', 'The last trial was not a success: one easy repetition, then end.')]);

        return new Advice($easy->action, $easy->next, $easy->reasons, $easy->risk, $easy->alternatives, $easy->next !== null);
    }
}
