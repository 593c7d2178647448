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
            'practice_id' => static fn (): int => Practice::query()
                ->create(['name' => 'Reed Bank Training', 'town' => 'Heronsford Quay'])->id,
            'name' => 'Merle Ashdown',
            'email' => static fn (): string => 'user-'.bin2hex(random_bytes(6)).'@practice.example',
            'password' => 'correct horse battery',
            'role' => Role::Trainer,
            'distance_unit' => 'm',
        ];
    }
}
