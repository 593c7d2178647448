<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the dog's people do until training works: every rehearsal makes the reaction stronger.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $user_id
 * @property string $agreed_with
 * @property list<string> $items
 * @property ?string $note
 * @property CarbonImmutable $agreed_on
 * @property-read User $user
 */
final class ManagementAgreement extends Entity
{
    public $timestamps = false;

    protected $table = 'agreements';

    protected $fillable = ['practice_id', 'dog_id', 'user_id', 'agreed_with', 'items', 'note', 'agreed_on'];

    protected $casts = ['items' => 'array', 'agreed_on' => 'immutable_date'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
