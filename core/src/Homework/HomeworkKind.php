<?php

declare(strict_types=1);

namespace Core\Homework;

use Core\Exposure\PlanKind;

/** What is practiced at home, and so how it is answered, what ends it, and who opens what comes after it. */
enum HomeworkKind: string
{
    /** Hands, tools and what is worn: it accepts, not yet, or says no. */
    case Contact = 'contact';
    /** Something it reacts to, far enough or quiet enough. */
    case Exposure = 'exposure';
    /** Something it can do: in rounds, with a marker. */
    case Skill = 'skill';
    /** Settling: no marker, it stays or gets up. */
    case Settle = 'settle';

    private const SETTLING = 'calm_settling';

    /** @param  string  $method  key of the plan's method */
    public static function of(PlanKind $kind, string $method): self
    {
        return match ($kind) {
            PlanKind::Contact => self::Contact,
            PlanKind::Presence, PlanKind::Sound => self::Exposure,
            PlanKind::Duration => $method === self::SETTLING ? self::Settle : self::Skill,
        };
    }

    /** @return array{Answer, Answer, Answer} the three buttons, as the school asks: settling and distance know no "no", only too much */
    public function answers(): array
    {
        return [Answer::Good, Answer::NotYet, $this === self::Contact || $this === self::Skill ? Answer::No : Answer::TooMuch];
    }

    /** Good days open what comes next for skills and settling only: contact and exposure wait for whoever trains. */
    public function opensByItself(): bool
    {
        return $this === self::Skill || $this === self::Settle;
    }
}
