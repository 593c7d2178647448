<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who handles dogs, with or without a sign-in of their own: progress belongs to a dog and a person.
 *
 * @property int $id
 * @property int $practice_id
 * @property ?int $user_id
 * @property string $name
 * @property ?int $client_id the household this person belongs to
 * @property string $phone
 * @property string $note
 * @property bool $helps at sessions of others
 * @property bool $is_reminded by mail, the evening before
 * @property ?CarbonImmutable $archived_at handles no dogs any more
 * @property-read ?User $user
 * @property-read Practice $practice
 * @property-read ?Client $client
 */
final class Person extends Entity
{
    use OfPractice;

    protected $table = 'people';

    protected $fillable = ['practice_id', 'user_id', 'name', 'client_id', 'phone', 'note', 'helps', 'is_reminded', 'archived_at'];

    protected $attributes = ['helps' => false, 'is_reminded' => true];

    protected $casts = ['archived_at' => 'immutable_datetime', 'helps' => 'boolean', 'is_reminded' => 'boolean'];

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
