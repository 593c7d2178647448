<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Where a dog was seen to be fine and where not, before a plan began, and what the engine made of it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $response_model_id
 * @property int $user_id
 * @property ?int $place_id
 * @property CarbonImmutable $made_at
 * @property list<array<string, mixed>> $observations
 * @property string $evidence
 * @property array<string, mixed> $proposal
 * @property ?string $note
 * @property-read ResponseModel $responseModel
 */
final class Assessment extends Entity
{
    use OfPractice;

    public $timestamps = false;

    protected $fillable = [
        'practice_id', 'response_model_id', 'user_id', 'place_id', 'made_at', 'observations', 'evidence', 'proposal', 'note',
    ];

    protected $casts = ['made_at' => 'immutable_datetime', 'observations' => 'array', 'proposal' => 'array'];

    /** @return BelongsTo<ResponseModel, $this> */
    public function responseModel(): BelongsTo
    {
        return $this->belongsTo(ResponseModel::class);
    }
}
