<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Decision\Action;
use Core\Response\Risk;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What the product said, as it said it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $session_id
 * @property ?int $trial_id null for the advice a session starts with
 * @property ?int $step_id
 * @property Action $action
 * @property ?array<string, float|int|string> $exposure
 * @property list<array{code: string, facts?: array<string, mixed>, sentence?: string}> $reasons a sentence where an older version said it
 * @property list<array{dimension?: string, choice?: string, change?: string, logitsOff: float, helped?: int, step?: int,
 *    exposure: array<string, float|int|string>}> $alternatives
 * @property bool $is_closing
 * @property ?float $strain_mean
 * @property ?float $strain_bound
 * @property ?float $reaction_mean
 * @property ?float $reaction_bound
 * @property string $engine
 * @property CarbonImmutable $given_at
 * @property-read ?Step $step
 */
final class AdviceGiven extends Entity
{
    public $timestamps = false;

    protected $table = 'advice';

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'session_id', 'trial_id', 'step_id', 'action', 'exposure', 'reasons', 'alternatives', 'is_closing',
        'strain_mean', 'strain_bound', 'reaction_mean', 'reaction_bound', 'engine', 'given_at',
    ];

    protected $casts = [
        'action' => Action::class, 'exposure' => 'array', 'reasons' => 'array', 'alternatives' => 'array', 'is_closing' => 'boolean',
        'given_at' => 'immutable_datetime',
    ];

    /** What it told of the exposure it asked for. */
    public function forecast(): ?Risk
    {
        return $this->strain_mean === null
            || $this->strain_bound === null
            || $this->reaction_mean === null
            || $this->reaction_bound === null
            ? null
            : Risk::fromArray([
                'strainMean' => $this->strain_mean, 'strainBound' => $this->strain_bound, 'reactionMean' => $this->reaction_mean,
                'reactionBound' => $this->reaction_bound,
            ]);
    }

    /** @return BelongsTo<Step, $this> */
    public function step(): BelongsTo
    {
        return $this->belongsTo(Step::class);
    }
}
