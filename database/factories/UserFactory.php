<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Practice;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<User> */
final class UserFactory extends Factory
{
    protected $model = User::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'practice_id' => static fn (): int => Practice::query()->create(['name' => fake()->company(), 'town' => fake()->city()])->id,
            'name' => fake()->name(),
            'email' => fake()->unique()->safeEmail(),
            'password' => 'correct horse battery',
            'role' => Role::Trainer,
            'distance_unit' => 'm',
        ];
    }
}
