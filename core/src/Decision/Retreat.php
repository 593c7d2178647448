<?php

declare(strict_types=1);

namespace Core\Decision;

/** "Make it easier" as advice: down the way it came, or the end where nothing easier can be done here. */
final readonly class Retreat
{
    public function __construct(private Situation $situation)
    {
    }

    /** That there is nothing easier: under the hand and in skills more room would not help. */
    public static function none(Situation $situation): Reason
    {
        return Reason::of($situation->work === Work::Exposure ? ReasonCode::NoRoom : ReasonCode::NothingSmaller);
    }

    /**
     * @param  non-empty-list<Reason>  $why
     * @param  positive-int  $steps  where nothing easier was calm today
     */
    public function from(Level $level, array $why, int $steps = 1, Action $action = Action::Ease): Advice
    {
        $way = new Way($this->situation);
        $calm = $way->calm($level);
        $next = $calm ?? $way->below($level, $steps);
        if ($next === null) {
            return $this->situation->advise(Action::EndWell, null, [...$why, self::none($this->situation)]);
        }
        $at = $this->situation->told($next->exposure, $level->exposure);
        $why[] = match (true) {
            $calm !== null => Reason::of(ReasonCode::CalmThere, at: $at),
            // steps between are about something else: they are not counted
            $this->situation->work === Work::Contact && $level->step - $next->step > $steps => Reason::of(ReasonCode::BackAlong, at: $at),
            default => Reason::of(ReasonCode::StepsEasier, steps: $steps, at: $at),
        };

        return $this->situation->advise(
            $action, $next, [...$why, ...$this->situation->riskReasons($next->exposure)], (new OtherThings($this->situation))->of($level),
        );
    }
}
