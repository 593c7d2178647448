<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Yard\YardDog;
use Illuminate\Database\Eloquent\Collection;

/**
 * One visit of the practice yard.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $user_id
 * @property YardDog $dog
 * @property int $seed
 * @property list<array{act: string, at: int}> $acts
 * @property int $from_ms where it goes on from an earlier one
 * @property ?float $guess_meters
 * @property CarbonImmutable $started_at
 * @property ?CarbonImmutable $ended_at
 */
final class YardVisit extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = ['practice_id', 'user_id', 'dog', 'seed', 'acts', 'from_ms', 'guess_meters', 'started_at', 'ended_at'];

    protected $attributes = ['from_ms' => 0];

    /**
     * The newest that were ended, of each dog.
     *
     * @return Collection<int, self>
     */
    public static function latestOf(User $user, int $most): Collection
    {
        $numbered = self::query()->where('user_id', $user->id)->whereNotNull('ended_at')
            ->select('id')->selectRaw('ROW_NUMBER() OVER (PARTITION BY dog ORDER BY id DESC) AS newest');

        return self::query()->joinSub($numbered, 'numbered', 'numbered.id', '=', 'yard_visits.id')->where('newest', '<=', $most)
            ->latest('yard_visits.id')->get('yard_visits.*');
    }

    protected $casts = [
        'dog' => YardDog::class, 'acts' => 'array', 'guess_meters' => 'float', 'started_at' => 'immutable_datetime',
        'ended_at' => 'immutable_datetime',
    ];
}
