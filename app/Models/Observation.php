<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Observation\Kind;
use Core\Sign\Band;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One thing that was seen in a session without a ladder. Never changed; what is put right stands beside it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $free_session_id
 * @property int $user_id
 * @property string $uuid
 * @property Kind $kind
 * @property CarbonImmutable $occurred_at
 * @property ?float $seconds
 * @property string $what
 * @property string $side
 * @property ?Band $band
 * @property string $signs codes, joined by semicolons
 * @property string $setup how a part was touched: dimension=choice, joined by semicolons
 * @property-read Collection<int, ObservationCorrection> $corrections
 */
final class Observation extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'free_session_id', 'user_id', 'uuid', 'kind', 'occurred_at', 'seconds', 'what', 'side', 'band', 'signs', 'setup',
    ];

    protected $casts = ['kind' => Kind::class, 'occurred_at' => 'immutable_datetime', 'seconds' => 'float', 'band' => Band::class];

    /** @return HasMany<ObservationCorrection, $this> */
    public function corrections(): HasMany
    {
        return $this->hasMany(ObservationCorrection::class)->orderBy('id');
    }
}
