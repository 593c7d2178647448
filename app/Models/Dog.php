<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * @property int $id
 * @property int $practice_id
 * @property string $name
 * @property string $description
 * @property ?CarbonImmutable $born_on
 * @property bool $bite_history
 * @property bool $hides_signs
 * @property ?string $health_note
 * @property ?int $client_id the household it lives in
 * @property ?int $trainer_id the user who is in charge of it
 * @property string $sex
 * @property string $breed
 * @property string $chip
 * @property ?CarbonImmutable $archived_at
 * @property ?string $archived_for done, moved or died
 * @property-read ?Client $client
 * @property-read ?User $trainer
 * @property-read Practice $practice
 * @property-read ?Intake $intake
 * @property-read Collection<int, Trigger> $triggers
 * @property-read Collection<int, Plan> $plans
 * @property-read Collection<int, Event> $events
 * @property-read Collection<int, User> $guardians
 */
final class Dog extends Entity
{
    use OfPractice;

    protected $fillable = [
        'practice_id', 'name', 'description', 'born_on', 'bite_history', 'hides_signs', 'health_note', 'client_id', 'trainer_id', 'sex',
        'breed', 'chip', 'archived_at', 'archived_for',
    ];

    protected $attributes = ['bite_history' => false, 'hides_signs' => false];

    protected $casts = [
        'born_on' => 'immutable_date', 'bite_history' => 'boolean', 'hides_signs' => 'boolean', 'archived_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }

    /** @return BelongsTo<User, $this> */
    public function trainer(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Trigger, $this> */
    public function triggers(): HasMany
    {
        return $this->hasMany(Trigger::class);
    }

    /** @return HasOne<Intake, $this> */
    public function intake(): HasOne
    {
        return $this->hasOne(Intake::class);
    }

    /** @return HasMany<ManagementAgreement, $this> */
    public function agreements(): HasMany
    {
        return $this->hasMany(ManagementAgreement::class)->orderByDesc('agreed_on')->orderByDesc('id');
    }

    /** @return HasMany<DimensionOrder, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(DimensionOrder::class);
    }

    /** @return HasMany<SkillShowing, $this> */
    public function skillShowings(): HasMany
    {
        return $this->hasMany(SkillShowing::class)->orderByDesc('shown_on')->orderByDesc('id');
    }

    /** @return HasMany<Item, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(Item::class)->orderBy('name');
    }

    /** @return HasMany<DogArea, $this> */
    public function areas(): HasMany
    {
        return $this->hasMany(DogArea::class);
    }

    /** @return HasMany<HandlerLimit, $this> */
    public function handlerLimits(): HasMany
    {
        return $this->hasMany(HandlerLimit::class)->orderBy('id');
    }

    /** Whether plans keep to the cautious limits: a bite history, hidden signs, or children near. */
    public function isCautious(): bool
    {
        return $this->bite_history || $this->hides_signs || $this->intake?->children_near === true;
    }

    /** @return HasManyThrough<Plan, ResponseModel, $this> */
    public function plans(): HasManyThrough
    {
        return $this->hasManyThrough(Plan::class, ResponseModel::class);
    }

    /** @return HasMany<Event, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(Event::class);
    }

    /** @return BelongsToMany<User, $this> */
    public function guardians(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'dog_guardians');
    }
}
