<?php

declare(strict_types=1);

namespace Core\Decision\Rule;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\EasierLevels;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\Rule;
use Core\Decision\Situation;
use Core\Sign\Band;
use Core\Sign\Outcome;

/** Nothing else applies: once more here, and how far the run is. */
final readonly class StayHere implements Rule
{
    public function apply(Situation $situation, LoggedTrial $last): Advice
    {
        $level = $last->target;
        $progress = $situation->progress($level);
        $why = match (true) {
            $last->handlerError => new Reason('handler-error', 'A handling slip: logged apart, left out of the run and of the model. Pay and go on.'),
            $situation->log->isTooQuick(count($situation->log->trials) - 1) => new Reason('too-quick', 'Logged before the time it asks for had passed: it does not count. Hold it to the end, or log what was really held.'),
            $last->interrupted => new Reason('interrupted', 'Disturbed from outside: the model learns from it, the run does not count it.'),
            $last->band === Band::Effort => new Reason('effort-once', 'It took effort: stay, watch the next one closely, and pause at the first medium sign.'),
            $last->outcome === Outcome::Watched => new Reason('watched', 'It watched calmly and did not turn away by itself: paid, no harm, but stay at this step.'),
            $last->outcome === Outcome::Prompted => new Reason('prompted', 'It came when prompted: neither a success nor a failure. The run starts again.'),
            default => new Reason('run', sprintf('%s at %s.', ucfirst($situation->successWords($progress)), $situation->words($level->exposure))),
        };
        $reasons = $why->code === 'run' ? [$why] : [$why, new Reason('run', 'So far '.$progress->inWords().'.')];

        return $situation->advise(
            Action::Repeat, $level, [...$reasons, $situation->riskReason($level->exposure)],
            $last->band === Band::Effort ? (new EasierLevels($situation))->byOtherThings($level) : [],
        );
    }
}
