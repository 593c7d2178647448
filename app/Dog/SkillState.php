<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\SkillShowing;
use Core\Method\Skill;

/** How a dog stands with one foundation. */
final readonly class SkillState
{
    private function __construct(public Skill $skill, public ?SkillShowing $latest, public bool $isReady, public bool $isAged)
    {
    }

    /** @param  ?SkillShowing  $latest  null if it was never shown */
    public static function of(Skill $skill, ?SkillShowing $latest, \DateTimeImmutable $today): self
    {
        $isAged = $latest !== null && $latest->shown_on->modify("+{$skill->freshDays} days") < $today;

        return new self($skill, $latest, $latest?->state === 'ready' && ! $isAged, $isAged);
    }

    public function inWords(): string
    {
        return match (true) {
            $this->latest === null => say('messages.skill_state.never_shown'),
            $this->isAged && $this->latest->state === 'ready' => say('messages.skill_state.was_ready_not_shown_for_days', [
                'fresh_days' => $this->skill->freshDays,
            ]),
            $this->latest->state === 'ready' => say('options.skill_state.ready'),
            $this->latest->state === 'lost' => say('messages.skill_state.lost_again'),
            default => say('options.skill_state.learning'),
        };
    }
}
