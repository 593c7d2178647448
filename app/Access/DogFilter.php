<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Dog;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/** Only the dogs of one trainer, or of one household: to choose from for whoever makes plans, and nothing for others. */
final readonly class DogFilter
{
    /**
     * @param  array<int, string>  $trainers  names by id
     * @param  array<int, string>  $clients
     */
    private function __construct(public array $trainers, public array $clients, public ?int $trainer, public ?int $client)
    {
    }

    /** What was asked for and is not among the choices is left out. */
    public static function of(User $user, mixed $trainer, mixed $client): self
    {
        [$trainers, $clients] = $user->role->managesPlans()
            ? [InSight::trainersToChoose($user), InSight::clientsToChoose($user)]
            : [[], []];

        return new self($trainers, $clients, self::among($trainers, $trainer), self::among($clients, $client));
    }

    public function isOn(): bool
    {
        return $this->trainer !== null || $this->client !== null;
    }

    /**
     * @param  Builder<Dog>  $dogs
     * @return Builder<Dog>
     */
    public function narrow(Builder $dogs): Builder
    {
        return $dogs->when($this->trainer !== null, fn (Builder $dogs) => $dogs->where('dogs.trainer_id', $this->trainer))
            ->when($this->client !== null, fn (Builder $dogs) => $dogs->where('dogs.client_id', $this->client));
    }

    /** @param  array<int, string>  $names */
    private static function among(array $names, mixed $asked): ?int
    {
        return is_numeric($asked) && isset($names[(int) $asked]) ? (int) $asked : null;
    }
}
