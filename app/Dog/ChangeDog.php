<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Who a dog is, put right; archived when its work is over, and brought back. */
final readonly class ChangeDog
{
    /** What makes plans careful: taken back only with a reason. */
    public const FLAGS = ['bite_history', 'hides_signs'];

    public const ARCHIVED_FOR = ['done', 'moved', 'died'];

    public function __construct(private Connection $database, private ClockInterface $clock, private Trail $trail)
    {
    }

    /**
     * @param  array<string, bool|int|string|null>  $columns
     * @param  ?string  $reason  why a flag is taken back
     */
    public function change(User $by, Dog $dog, array $columns, ?string $reason): void
    {
        $this->database->transaction(function () use ($by, $dog, $columns, $reason): void {
            $before = $dog->name;
            $takenBack = self::takenBack($dog, $columns);
            $dog->update($columns);
            foreach ($takenBack as $flag) {
                $this->trail->note($by, TrailAction::FlagTakenBack, $dog, ['flag' => $flag, 'reason' => (string) $reason]);
            }
            if ($dog->wasChanged()) {
                $this->trail->note($by, TrailAction::Changed, $dog, $before === $dog->name ? [] : ['before' => $before]);
            }
        });
    }

    /**
     * @param  array<string, bool|int|string|null>  $columns
     * @return list<string> flags that are on and would be off
     */
    public static function takenBack(Dog $dog, array $columns): array
    {
        return array_values(array_filter(
            self::FLAGS, static fn (string $flag): bool => $dog->getAttribute($flag) === true && ($columns[$flag] ?? true) === false,
        ));
    }

    /** Nothing is due any more, and nothing of what was logged is lost. */
    public function archive(User $by, Dog $dog, string $for): void
    {
        $dog->update(['archived_at' => $this->clock->now(), 'archived_for' => $for]);
        $this->trail->note($by, TrailAction::Archived, $dog, ['for' => $for]);
    }

    public function restore(User $by, Dog $dog): void
    {
        $dog->update(['archived_at' => null, 'archived_for' => null]);
        $this->trail->note($by, TrailAction::Restored, $dog);
    }
}
