<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Wearing\Movement;
use Core\Wearing\Wearing;
use Core\Wearing\WearingSituation;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An item worn once. Append-only, each once by its UUID.
 *
 * @property int $id
 * @property int $item_id
 * @property int $person_id
 * @property int $user_id
 * @property string $uuid
 * @property CarbonImmutable $started_at
 * @property int $seconds
 * @property WearingSituation $situation
 * @property Movement $movement
 * @property ?string $note
 * @property-read Person $person
 */
final class WearingLogged extends Entity
{
    public $timestamps = false;

    protected $table = 'wearings';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'item_id', 'person_id', 'user_id', 'uuid', 'started_at', 'seconds', 'situation', 'movement', 'note',
    ];

    protected $casts = ['started_at' => 'immutable_datetime', 'situation' => WearingSituation::class, 'movement' => Movement::class];

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    public function inCore(): Wearing
    {
        return new Wearing($this->started_at, $this->seconds, $this->situation, $this->movement);
    }
}
