<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Assessment;
use App\Models\Plan;
use App\Models\Session;
use Core\Decision\WorkingPlan;
use Illuminate\Contracts\Cache\Repository;

/** When anything changed that a response model learns from: what is worked out from it is kept until then. */
final readonly class ModelChanges
{
    /** How long anything is kept that a running session needs. */
    public const SECONDS = 14_400;

    /** Sessions whose changes are remembered. */
    private const MAX_CHANGES = 40;

    public function __construct(private Repository $cache)
    {
    }

    /** A session has changed: what other sessions of the same model keep of it is read afresh. */
    public function changed(Session $session): void
    {
        $this->note($session->plan->response_model_id, $session->id);
    }

    /** Another ladder: where earlier sessions held and failed has moved. */
    public function planChanged(Plan $plan): void
    {
        $this->note($plan->response_model_id, 0);
    }

    /**
     * Changes whenever the plan's ladder or its dog's own orders do, or anything is logged, corrected or assessed that its model learns
     * from.
     */
    public function stamp(Plan $plan, WorkingPlan $inCore): string
    {
        $changes = $this->changes($plan->response_model_id);

        $assessed = Assessment::query()->where('response_model_id', $plan->response_model_id)->max('id');

        return implode(' ', [
            (string) $plan->created_at?->getTimestamp(), $plan->version, $plan->response_model_id, $changes === [] ? 0 : max($changes),
            is_numeric($assessed) ? (int) $assessed : 0, HomeEvidence::stamp($plan->responseModel),
            hash('xxh128', serialize($inCore->catalog)),
        ]);
    }

    /** Of what a session keeps of the others. With the time it began: another database may give the same number to another session. */
    public function stampOfOthers(Session $session, int $responseModelId): string
    {
        $others = array_diff_key($this->changes($responseModelId), [$session->id => true]);

        return "{$session->id} {$session->started_at->getTimestampMs()} ".($others === [] ? 0 : max($others));
    }

    private function note(int $responseModelId, int $sessionId): void
    {
        $this->cache->forever(self::key($responseModelId), array_slice(
            [$sessionId => hrtime(true)] + $this->changes($responseModelId), 0, self::MAX_CHANGES, true,
        ));
    }

    /** @return array<int, int> when each session changed last, the latest first */
    private function changes(int $responseModelId): array
    {
        $known = $this->cache->get(self::key($responseModelId));
        $changes = [];
        foreach (is_array($known) ? $known : [] as $session => $at) {
            if (is_int($session) && is_int($at)) {
                $changes[$session] = $at;
            }
        }

        return $changes;
    }

    private static function key(int $responseModelId): string
    {
        return "evidence-changed {$responseModelId}";
    }
}
