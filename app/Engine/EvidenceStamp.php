<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Assessment;
use App\Models\Plan;
use App\Models\Session;
use App\Support\Fields;
use Core\Decision\WorkingPlan;
use Illuminate\Database\Query\Expression;

/** What a response model learns from, in a word that changes whenever any of it does: what is worked out from it is kept until then. */
final readonly class EvidenceStamp
{
    /** How long anything is kept that a running session needs. */
    public const SECONDS = 14_400;

    /**
     * Changes whenever the plan's ladder or its dog's own orders do, or anything is logged, corrected or assessed that its model learns
     * from, on whatever machine.
     */
    public static function of(Plan $plan, WorkingPlan $inCore): string
    {
        $assessed = Assessment::query()->where('response_model_id', $plan->response_model_id)->max('id');

        return implode(' ', [
            (string) $plan->created_at?->getTimestamp(), $plan->version, $plan->response_model_id, self::sessions($plan->response_model_id),
            is_numeric($assessed) ? (int) $assessed : 0, HomeEvidence::stamp($plan->responseModel),
            hash('xxh128', serialize($inCore->catalog)),
        ]);
    }

    /**
     * When a session is written, by the database's own clock.
     *
     * @return Expression<'NOW(6)'>
     */
    public static function now(): Expression
    {
        return new Expression('NOW(6)');
    }

    /** Of all sessions of a model, from an index alone: which there are, and when each changed last. */
    private static function sessions(int $responseModelId): string
    {
        $found = Fields::of(Session::query()->toBase()->whereIn('plan_id', Plan::ofModel($responseModelId))
            ->selectRaw("COUNT(*) AS sessions, BIT_XOR(CRC32(CONCAT_WS(' ', id, revised_at))) AS revised")->first());

        return $found->int('sessions').' '.$found->text('revised');
    }
}
