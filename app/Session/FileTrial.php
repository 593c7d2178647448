<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Session;
use App\Models\UnplacedTrial;
use App\Models\User;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** Keeps a trial whose session is not known or that cannot be read, until somebody files or dismisses it. */
final readonly class FileTrial
{
    private const MAX_REASON = 300;

    /** MariaDB takes 32 levels. */
    private const MAX_DEPTH = 30;

    public function __construct(
        private LogTrial $log, private CorrectTrial $corrections, private TrialRules $rules, private TrialParser $parser,
        private ClockInterface $clock,
    ) {
    }

    /** @param  array<mixed>  $data  as it came */
    public function setAside(User $user, string $uuid, array $data, string $reason): void
    {
        UnplacedTrial::query()->firstOrCreate(['practice_id' => $user->practice_id, 'uuid' => strtolower($uuid)], [
            'user_id' => $user->id, 'payload' => self::storable($data), 'reason' => mb_substr($reason, 0, self::MAX_REASON),
            'received_at' => $this->clock->now(),
        ]);
    }

    /**
     * What nests deeper than the database takes is kept as the text it came as.
     *
     * @param  array<mixed>  $data
     * @return array<mixed>
     */
    private static function storable(array $data): array
    {
        return json_encode($data, depth: self::MAX_DEPTH) === false
            ? ['text' => (string) json_encode($data, JSON_PARTIAL_OUTPUT_ON_ERROR)]
            : $data;
    }

    /**
     * Whoever logged it did so; filing it changes nothing of that. One that was taken back from another session is logged anew.
     *
     * @throws \Illuminate\Validation\ValidationException if it does not fit this session
     */
    public function into(Session $session, UnplacedTrial $unplaced, User $user): void
    {
        $before = $unplaced->trial;
        if ($before !== null && $before->session_id === $session->id) {
            $this->corrections->putBack($session, $user, $before->id, (string) Str::uuid());
            $this->settle($unplaced, $before->id);

            return;
        }
        $unit = $user->units()->distance;
        $data = $before === null ? $unplaced->payload : [...$unplaced->payload, 'uuid' => (string) Str::uuid()];
        $checked = $this->rules->check($data, $session, $unit)->validate();
        $logged = $this->log->log(
            $session, User::query()->find($unplaced->user_id) ?? $user, $this->parser->parse($checked, $session, $unit),
        );
        $this->settle($unplaced, $logged['trialId']);
    }

    /** The trial stays on record, out of sight. */
    public function dismiss(UnplacedTrial $unplaced): void
    {
        $this->settle($unplaced, $unplaced->trial_id);
    }

    /** Filed into the wrong session, or dismissed too soon: it waits again, and counts nowhere. */
    public function takeBack(UnplacedTrial $unplaced, User $user): void
    {
        $trial = $unplaced->trial;
        if ($trial !== null && ! $trial->isOut()) {
            $session = Session::query()->findOrFail($trial->session_id);
            $this->corrections->takeOut($session, $user, $trial->id, (string) Str::uuid());
        }
        $unplaced->update(['settled_at' => null]);
    }

    private function settle(UnplacedTrial $unplaced, ?int $trialId): void
    {
        $unplaced->update(['settled_at' => $this->clock->now(), 'trial_id' => $trialId]);
    }
}
