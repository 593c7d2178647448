<?php

declare(strict_types=1);

namespace App\Dog;

use App\Engine\CoreCatalogs;
use App\Library\Caution;
use App\Library\CautionRepository;
use App\Library\TemplateRepository;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\User;
use App\Models\Waiver;
use Core\Method\Skill;
use Psr\Clock\ClockInterface;

/** What must hold before exposure work, and what must have been read: by dog, and by plan. */
final readonly class Readiness
{
    public function __construct(
        private CoreCatalogs $catalogs, private TemplateRepository $templates, private CautionRepository $cautions,
        private ClockInterface $clock,
    ) {
    }

    /** @return array<string, SkillState> every foundation, by key */
    public function ofDog(Dog $dog): array
    {
        $latest = [];
        foreach ($dog->skillShowings()->limit(500)->get() as $showing) {
            $latest[$showing->skill] ??= $showing;
        }

        return array_map(
            fn (Skill $skill): SkillState => SkillState::of($skill, $latest[$skill->key] ?? null, $this->clock->now()),
            $this->catalogs->methods()->skills,
        );
    }

    /** @return array<string, SkillState> that this plan asks for, by key */
    public function ofPlan(Plan $plan): array
    {
        $asked = array_map(static fn (Skill $skill): string => $skill->key, $this->catalogs->methods()->method(
            $plan->method,
        )->prerequisites);
        $template = $this->templates->of($plan->practice_id)->templates[$plan->template ?? ''] ?? null;
        // a foundation does not ask for itself
        $own = array_keys(array_filter($this->catalogs->methods()->skills, static fn (
            Skill $skill,
        ): bool => $skill->template !== null && $skill->template === $plan->template));

        return array_diff_key(
            array_intersect_key($this->ofDog($plan->responseModel->dog), array_flip([...$asked, ...$template->prerequisites ?? []])),
            array_flip($own),
        );
    }

    /** @return array<string, SkillState> neither ready nor waived */
    public function missing(Plan $plan): array
    {
        $waived = $plan->waivers()->limit(50)->pluck('skill')->all();

        return array_filter($this->ofPlan($plan), static fn (SkillState $state): bool => ! $state->isReady && ! in_array(
            $state->skill->key, $waived, true,
        ));
    }

    /** @return array<string, Caution> for this dog and this plan's template */
    public function cautions(Plan $plan): array
    {
        $template = $this->templates->of($plan->practice_id)->templates[$plan->template ?? ''] ?? null;

        return $this->cautions->forDog($plan->responseModel->dog) + $this->cautions->keyed($template->cautions ?? []);
    }

    /** @return array<string, Caution> that this user has not read for this dog */
    public function unread(Plan $plan, User $user): array
    {
        return CautionRepository::unread($this->cautions($plan), $plan->responseModel->dog, $user);
    }

    /**
     * Begins without what is missing, and says why.
     *
     * @param  array<string, SkillState>  $missing
     */
    public function waive(Plan $plan, User $user, array $missing, string $reason): void
    {
        Waiver::query()->insertOrIgnore(array_map(fn (SkillState $state): array => [
            'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'user_id' => $user->id, 'skill' => $state->skill->key,
            'reason' => $reason,
            'given_at' => $this->clock->now()->format('Y-m-d H:i:s'),
        ], array_values($missing)));
    }
}
