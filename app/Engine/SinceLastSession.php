<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Assessment;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\ResponseModel;
use App\Support\Fields;
use Core\Decision\CarryOver;
use Core\Decision\Credit;
use Core\Decision\Tested;
use Core\Decision\WorkingPlan;
use Core\Exposure\Exposure;
use Core\Sign\Band;

/** What happened to a dog between a plan's last session and the next: tests, and reactions outside it. */
final readonly class SinceLastSession
{
    private const MAX_ASSESSMENTS = 10;

    private const MAX_EVENTS = 50;

    /** Points from which meeting a trigger off plan was a reaction, not a fright. */
    private const REACTION_FROM = 2;

    /** @return non-negative-int reactions on walks and at home, no longer ago than upset lasts */
    public function reactions(int $dogId, ?\DateTimeImmutable $since, \DateTimeImmutable $until): int
    {
        $from = max($since ?? $until->setTimestamp(0), $until->modify('-'.CarryOver::WINDOW_HOURS.' hours'));

        return max(0,
            Event::query()->where('dog_id', $dogId)->where('kind', EventKind::OffPlan)->where('severity', '>=', self::REACTION_FROM)
                ->where('occurred_at', '>', $from->format('Y-m-d H:i:s.v'))->where('occurred_at', '<=', $until->format('Y-m-d H:i:s.v'))
                ->limit(self::MAX_EVENTS)->count());
    }

    public function tested(ResponseModel $model, WorkingPlan $plan, ?\DateTimeImmutable $since, \DateTimeImmutable $until): ?Tested
    {
        if (! $model->exists) {
            return null;
        }
        $credit = new Credit($plan->ladder, $plan->catalog);
        $made = Assessment::query()->where('response_model_id', $model->id)
            ->where('made_at', '>', ($since ?? $until->setTimestamp(0))->format('Y-m-d H:i:s.v'))
            ->where('made_at', '<=', $until->format('Y-m-d H:i:s.v'))->orderByDesc('made_at')->limit(self::MAX_ASSESSMENTS)->first();
        $tests = [];
        foreach ($made->observations ?? [] as $row) {
            $seen = Fields::of($row);
            $tests[] = [
                'level' => $credit->of(Exposure::of(
                    [...$plan->ladder->step(0)->exposure->values, ...$seen->values('values')], $plan->catalog,
                )),
                'passed' => Band::from($seen->int('band'))->isBelowThreshold() && $seen->text('food') !== 'hard',
            ];
        }

        return Tested::of($tests);
    }
}
