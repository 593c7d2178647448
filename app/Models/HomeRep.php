<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Core\Homework\Answer;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One repetition at home, or what went wrong in it.
 *
 * @property int $id
 * @property int $practice_id
 * @property int $dog_id
 * @property int $homework_id
 * @property ?int $user_id who was signed in
 * @property ?int $person_id whose link it came by
 * @property string $uuid
 * @property Answer $answer
 * @property ?float $seconds held
 * @property string $note
 * @property bool $is_from_paper
 * @property CarbonImmutable $occurred_at
 * @property CarbonImmutable $received_at
 * @property ?CarbonImmutable $taken_out_at
 * @property ?CarbonImmutable $seen_at something wrong, looked at by whoever trains
 * @property-read Dog $dog
 * @property-read Homework $homework
 * @property-read ?User $user
 * @property-read ?Person $person
 */
final class HomeRep extends Entity
{
    use OfPractice, SaidFromHome;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $fillable = [
        'practice_id', 'dog_id', 'homework_id', 'user_id', 'person_id', 'uuid', 'answer', 'seconds', 'note', 'is_from_paper',
        'occurred_at', 'received_at', 'taken_out_at', 'seen_at',
    ];

    protected $casts = [
        'answer' => Answer::class, 'seconds' => 'float', 'is_from_paper' => 'boolean', 'occurred_at' => 'immutable_datetime',
        'received_at' => 'immutable_datetime', 'taken_out_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Dog, $this> */
    public function dog(): BelongsTo
    {
        return $this->belongsTo(Dog::class);
    }

    /** @return BelongsTo<Homework, $this> */
    public function homework(): BelongsTo
    {
        return $this->belongsTo(Homework::class);
    }
}
