<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Field\HelperWord;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * The helper's screen of one session: opened by an address, ended with the session.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $session_id
 * @property string $token hash
 * @property bool $wears_muzzle
 * @property HelperWord $word
 * @property CarbonImmutable $word_at
 * @property ?CarbonImmutable $seen_at last sign of life of the helper's device
 * @property-read Session $session
 * @property-read Practice $practice
 */
final class SessionHelper extends Entity
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = ['practice_id', 'session_id', 'token', 'wears_muzzle', 'word', 'word_at', 'seen_at'];

    protected $casts = [
        'wears_muzzle' => 'boolean', 'word' => HelperWord::class, 'word_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return BelongsTo<Session, $this> */
    public function session(): BelongsTo
    {
        return $this->belongsTo(Session::class);
    }
}
