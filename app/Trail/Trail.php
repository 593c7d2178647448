<?php

declare(strict_types=1);

namespace App\Trail;

use App\Models\TrailAction;
use App\Models\TrailEntry;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Psr\Clock\ClockInterface;

/** Writes down who did what: kept with the name of what it was about, so that it can be read when that is gone. */
final readonly class Trail
{
    private const MOST_LETTERS = 120;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * By whoever is signed in.
     *
     * @param  array<string, string>  $facts  codes and texts; never a password, a secret or what a note says
     */
    public function note(User $by, TrailAction $action, Model $subject, array $facts = []): void
    {
        $this->write($by->practice_id, $by->id, $action, $subject, $facts);
    }

    /**
     * @param  array<string, string>  $facts
     */
    public function write(int $practiceId, ?int $userId, TrailAction $action, Model $subject, array $facts = []): void
    {
        $name = $subject->getAttribute('name');
        TrailEntry::query()->create([
            'practice_id' => $practiceId, 'user_id' => $userId, 'action' => $action,
            'about' => mb_substr(is_string($name) ? $name : '', 0, self::MOST_LETTERS), 'subject' => self::subject($subject),
            'facts' => $facts === [] ? null : $facts, 'done_at' => $this->clock->now(),
        ]);
    }

    /** As "dog:4". */
    public static function subject(Model $subject): string
    {
        $key = $subject->getKey();

        return strtolower(class_basename($subject)).':'.(is_scalar($key) ? $key : '');
    }
}
