<?php

declare(strict_types=1);

namespace App\Models;

use Core\Exposure\PlanKind;
use Core\Measure\LevelScale;
use Core\Measure\SoundLevel;
use Core\Sound\Player;
use Core\Sound\Recording;

/**
 * What is played to a dog by one person, and how loud that was found to be.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $response_model_id
 * @property int $user_id
 * @property ?Recording $recording null: only the real thing
 * @property ?float $read_level dB(A) read at the dog's place
 * @property ?float $read_percent of the player's full scale, at which it was read
 * @property float $shift decibels between a level as kept and at the dog
 * @property float $ceiling dB(A) at the dog
 * @property float $onset_seconds
 */
final class SoundSetUp extends Entity
{
    protected $fillable = [
        'practice_id', 'response_model_id', 'user_id', 'recording', 'read_level', 'read_percent', 'shift', 'ceiling', 'onset_seconds',
    ];

    protected $attributes = ['shift' => 0.0, 'ceiling' => SoundLevel::USUAL_CEILING, 'onset_seconds' => Player::ONSET_SECONDS];

    protected $casts = [
        'recording' => Recording::class, 'read_level' => 'float', 'read_percent' => 'float', 'shift' => 'float', 'ceiling' => 'float',
        'onset_seconds' => 'float',
    ];

    /** Null for plans of other kinds, without asking. */
    public static function of(ResponseModel $model): ?self
    {
        return $model->kind !== PlanKind::Sound ? null : self::query()->where('response_model_id', $model->id)->first();
    }

    public function scale(): LevelScale
    {
        return $this->read_level === null ? LevelScale::ofPlayer() : LevelScale::measured($this->shift);
    }

    public function player(): Player
    {
        return $this->read_level === null || $this->read_percent === null
            ? Player::unmeasured($this->onset_seconds)
            : Player::measured($this->scale(), $this->read_level, $this->read_percent / 100.0, $this->ceiling, $this->onset_seconds);
    }
}
