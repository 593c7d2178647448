<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\Assessment;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Session;
use App\Support\Fields;
use Core\Response\Fading;
use Core\Response\SessionEvidence;

/**
 * What a response model learns from: the evidence of its assessments, its sessions and its handler's days at home, as far back as
 * anything of them still counts.
 * Older sessions are not even read, so a dog with years of work behind it costs no more than one with some weeks.
 */
final readonly class EvidenceReader
{
    private const CHUNK = 16;

    private const MAX_SESSIONS = 400;

    private const MAX_ASSESSMENTS = 10;

    public function __construct(
        private CoreCatalogs $catalogs, private HomeEvidence $home, private Fading $fading = new Fading,
    ) {
    }

    /**
     * @param  ?int  $without  a session to leave out
     * @param  int  $atLeast  sessions to read even if they have faded
     * @return list<SessionEvidence> oldest first, assessments before sessions
     */
    public function ofModel(ResponseModel $model, \DateTimeImmutable $before, ?int $without = null, int $atLeast = 0): array
    {
        return $model->exists ? [
            ...$this->assessed($model, $before),
            ...self::inOrder($this->sessions($model, $before, $without, $atLeast), $this->home->of($model, $before)),
        ] : [];
    }

    /**
     * @param  list<SessionEvidence>  $sessions  oldest first
     * @param  list<SessionEvidence>  $days
     * @return list<SessionEvidence> oldest first
     */
    private static function inOrder(array $sessions, array $days): array
    {
        if ($days === []) {
            return $sessions;
        }
        $all = [...$sessions, ...$days];
        usort($all, static fn (SessionEvidence $a, SessionEvidence $b): int => $a->startedAt <=> $b->startedAt);

        return $all;
    }

    /** @return list<SessionEvidence> oldest first */
    private function sessions(ResponseModel $model, \DateTimeImmutable $before, ?int $without, int $atLeast): array
    {
        // the index tells which; their long columns are read for those alone
        $ids = Session::query()->toBase()
            ->whereIn('plan_id', Plan::ofModel($model->id))
            ->where('started_at', '<', $before->format('Y-m-d H:i:s.v'))->where('id', '<>', $without ?? 0)
            ->orderByDesc('started_at')->orderByDesc('id')->limit(self::MAX_SESSIONS)->pluck('id');
        $found = [];
        $newest = null;
        $trialsSince = 0;
        foreach ($ids->chunk(self::CHUNK) as $chunk) {
            $rows = Session::query()->toBase()->whereIn('sessions.id', $chunk)->whereNotNull('evidence')
                ->leftJoin('users', 'users.id', '=', 'sessions.user_id')->orderByDesc('started_at')->orderByDesc('sessions.id')
                ->get(['started_at', 'upset', 'evidence', 'stricter']);
            foreach ($rows as $row) {
                $session = $this->decode(Fields::of($row), 'started_at', $model);
                $newest ??= $session->startedAt;
                $days = ($newest->getTimestamp() - $session->startedAt->getTimestamp()) / 86400;
                if (count($found) >= $atLeast && ! $this->fading->keeps($days, $trialsSince)) {
                    return array_reverse($found);
                }
                $found[] = $session;
                $trialsSince += $session->trials();
            }
        }

        return array_reverse($found);
    }

    /** @return list<SessionEvidence> oldest first */
    private function assessed(ResponseModel $model, \DateTimeImmutable $before): array
    {
        $rows = Assessment::query()->toBase()->leftJoin('users', 'users.id', '=', 'user_id')
            ->where('response_model_id', $model->id)->where('made_at', '<=', $before->format('Y-m-d H:i:s.v'))
            ->orderByDesc('made_at')->limit(self::MAX_ASSESSMENTS)->get(['made_at', 'evidence', 'stricter']);

        return array_values($rows->reverse()->map(
            fn (object $row): SessionEvidence => $this->decode(Fields::of($row), 'made_at', $model),
        )->all());
    }

    private function decode(Fields $row, string $at, ResponseModel $model): SessionEvidence
    {
        return EvidenceJson::decode(
            new \DateTimeImmutable($row->text($at), new \DateTimeZone('UTC')), $row->text('evidence'), $row->number('upset'),
            $this->catalogs->dimensions($model->kind), $row->number('stricter'),
        );
    }
}
