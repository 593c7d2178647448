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
                new Reason('no-room', 'Nothing easier here is within the limits, with the room there is. End now with something it loves; next time a wider place, or something other than distance made easier.'),
            ]);
        }
        $why[] = $this->situation->model === null
            ? new Reason('no-model', 'The model could not be fitted to these trials: one step of the ladder back.')
            : new Reason('easier-by', sprintf('%s is %.1f logits easier than %s.', ucfirst($this->situation->words($next->exposure)), $this->situation->load($from->exposure) - $this->situation->load($next->exposure), $this->situation->words($from->exposure)));
        $why[] = $this->situation->riskReason($next->exposure);

        return $this->situation->advise($action, $next, $why, $easier->byOtherThings($from));
    }
}
