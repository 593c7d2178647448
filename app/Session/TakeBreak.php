<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Session;
use App\Models\TrainingSet;
use Illuminate\Database\Connection;

/** Ends a set and begins the next. */
final readonly class TakeBreak
{
    private const MAX_SETS = 100;

    public function __construct(private Connection $database)
    {
    }

    /** A set without a trial is not ended by a second tap. */
    public function over(Session $session, \DateTimeImmutable $at): void
    {
        $this->database->transaction(static function () use ($session, $at): void {
            Session::query()->whereKey($session->id)->lockForUpdate()->value('id');
            $last = $session->sets()->reorder()->latest('position')->firstOrFail();
            if ($last->position < self::MAX_SETS && $session->trials()->where('set_id', $last->id)->exists()) {
                $start = max($at, $last->started_at);
                $last->update(['ended_at' => $start]);
                TrainingSet::query()->create(['session_id' => $session->id, 'position' => $last->position + 1, 'started_at' => $start]);
            }
        });
        $session->unsetRelation('sets');
    }
}
