<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Somebody who handles dogs, with or without a sign-in of their own: progress belongs to a dog and a person.
 *
 * @property int $id
 * @property int $practice_id
 * @property ?int $user_id
 * @property string $name
 */
final class Person extends Model
{
    protected $table = 'people';

    protected $fillable = ['practice_id', 'user_id', 'name'];
}
