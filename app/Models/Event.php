<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * Something that happened to a dog outside the trials: a fright, a visit to the vet, a bite.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property ?int $session_id
 * @property ?int $user_id
 * @property ?int $person_id who told it without a sign-in
 * @property EventKind $kind
 * @property int $severity 1 small fright … 4 fight or forced exposure
 * @property CarbonImmutable $occurred_at
 * @property ?string $note
 * @property ?string $uuid
 */
final class Event extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'dog_id', 'session_id', 'user_id', 'person_id', 'kind', 'severity', 'occurred_at', 'note', 'uuid',
    ];

    protected $casts = ['kind' => EventKind::class, 'occurred_at' => 'immutable_datetime'];

    /** @return HasOne<Incident, $this> its facts, where it was a bite or an injury */
    public function incident(): HasOne
    {
        return $this->hasOne(Incident::class);
    }
}
