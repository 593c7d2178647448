<?php

declare(strict_types=1);

namespace App\Models;

use Core\Measure\DistanceUnit;
use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property int $practice_id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property Role $role
 * @property DistanceUnit $distance_unit
 * @property-read Practice $practice
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = ['practice_id', 'name', 'email', 'password', 'role', 'distance_unit'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'role' => Role::class, 'distance_unit' => DistanceUnit::class];

    /** @return BelongsTo<Practice, $this> */
    public function practice(): BelongsTo
    {
        return $this->belongsTo(Practice::class);
    }
}
