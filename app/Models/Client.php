<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A household: its people and its dogs, and how to reach it.
 *
 * @property int $id
 * @property int $practice_id
 * @property string $name
 * @property string $phone
 * @property string $email
 * @property string $address
 * @property string $emergency_contact
 * @property string $vet
 * @property ?CarbonImmutable $consented_on day on which it agreed that this is kept
 * @property ?string $note
 * @property ?CarbonImmutable $archived_at
 * @property-read Collection<int, Dog> $dogs
 * @property-read Collection<int, Person> $people
 */
final class Client extends Entity
{
    use OfPractice;

    protected $fillable = [
        'practice_id', 'name', 'phone', 'email', 'address', 'emergency_contact', 'vet', 'consented_on', 'note', 'archived_at',
    ];

    protected $casts = ['consented_on' => 'immutable_date', 'archived_at' => 'immutable_datetime'];

    /** @return HasMany<Dog, $this> */
    public function dogs(): HasMany
    {
        return $this->hasMany(Dog::class)->orderBy('name');
    }

    /** @return HasMany<Person, $this> */
    public function people(): HasMany
    {
        return $this->hasMany(Person::class)->orderBy('name');
    }
}
