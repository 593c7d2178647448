<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\Adviser;
use App\Engine\SituationReader;
use App\Engine\TrialReader;
use App\Models\AdviceGiven;
use App\Models\Session;
use Psr\Clock\ClockInterface;

/** Asks what to do in a session as it stands: after its last trial, or to start with. */
final readonly class AskAdvice
{
    public function __construct(
        private TrialReader $trials, private SituationReader $situations, private Adviser $adviser,
        private ClockInterface $clock,
    ) {
    }

    /** @param  ?int  $trialId  that it follows; null for the last one */
    public function ask(Session $session, ?int $trialId = null): AdviceGiven
    {
        $trials = $this->trials->ofSession($session);
        $situation = $this->situations->ofSession($session, array_values($trials->trials), $this->clock->now());

        return $this->adviser->advise($session, $situation, $trials, $trialId ?? $trials->lastId());
    }
}
