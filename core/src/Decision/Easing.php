<?php

declare(strict_types=1);

namespace Core\Decision;

/** Turns "make it easier" into advice: an easier level within the limits, or the end where there is none. */
final readonly class Easing
{
    public function __construct(private Situation $situation)
    {
    }

    /**
     * @param  float  $steps  how many eases of 0.5 logits; 0 for "only just within the limits"
     * @param  non-empty-list<Reason>  $why
     */
    public function by(Level $from, float $steps, Action $action, array $why): Advice
    {
        $easier = new EasierLevels($this->situation);
        $next = $easier->below($from, $steps * EasierLevels::EASE);
        if ($next === null) {
            return $this->situation->advise(Action::EndWell, null, [
                ...$why,
                Reason::of(ReasonCode::NoRoom),
            ]);
        }
        $why[] = $this->situation->model === null
            ? Reason::of(ReasonCode::NoModelBack)
            : Reason::of(
                ReasonCode::EasierBy, from: $this->situation->told($from->exposure, $next->exposure),
                at: $this->situation->told($next->exposure, $from->exposure),
                steps: round(($this->situation->load($from->exposure) - $this->situation->load($next->exposure)) / EasierLevels::EASE, 1),
            );
        $why[] = $this->situation->riskReason($next->exposure);

        return $this->situation->advise($action, $next, $why, $easier->byOtherThings($from));
    }
}
