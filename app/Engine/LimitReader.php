<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Plan;
use App\Models\Session;
use Core\Decision\History;
use Core\Decision\LoggedTrial;
use Core\Decision\Situation;
use Core\Response\Day;
use Core\Response\ThresholdDistance;
use Core\Response\ThresholdSearch;
use Psr\Clock\ClockInterface;

/** The limit distance of a plan's dog on a typical day, now or around one session. */
final readonly class LimitReader
{
    public function __construct(private SituationReader $situations, private TrialReader $trials, private ClockInterface $clock)
    {
    }

    /** @return array{limit: ?ThresholdDistance, history: History} limit: null without a model */
    public function now(Plan $plan): array
    {
        $situation = $this->situations->ofPlan($plan, $this->clock->now());

        return [
            'limit' => self::of($situation),
            'history' => $situation->history,
        ];
    }

    /** @return array{before: ?ThresholdDistance, after: ?ThresholdDistance} */
    public function around(Session $session): array
    {
        $trials = array_values($this->trials->ofSession($session)->trials);

        return ['before' => $this->withTrials($session, []), 'after' => $this->withTrials($session, $trials)];
    }

    /** At the ladder's first step, whatever its distance; null without a model, or where the plan has no distance. */
    public static function of(Situation $situation): ?ThresholdDistance
    {
        return $situation->model === null || ! $situation->catalog->has('distance') ? null
            : (new ThresholdSearch($situation->settings->caps))
                ->distance($situation->model, $situation->ladder->step(0)->exposure, Day::Typical);
    }

    /** @param  list<LoggedTrial>  $trials */
    private function withTrials(Session $session, array $trials): ?ThresholdDistance
    {
        return self::of($this->situations->ofSession($session, $trials, $this->clock->now()));
    }
}
