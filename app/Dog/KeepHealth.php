<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\HealthEntry;
use App\Models\HealthKind;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** Medication, conditions and weights of a dog: facts with days, for whoever trains it and for its vet. */
final readonly class KeepHealth
{
    private const MOST = 200;

    public function __construct(private ClockInterface $clock, private Trail $trail)
    {
    }

    public function add(
        User $by, Dog $dog, HealthKind $kind, string $name, ?float $kilograms, string $fromOn, ?string $untilOn,
    ): HealthEntry {
        $entry = HealthEntry::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $by->id, 'kind' => $kind, 'name' => $name,
            'kilograms' => $kilograms, 'from_on' => $fromOn, 'until_on' => $untilOn,
        ]);
        $this->trail->note($by, TrailAction::Added, $entry, ['name' => $dog->name]);

        return $entry;
    }

    public function end(User $by, HealthEntry $entry, ?string $untilOn): void
    {
        $entry->update(['until_on' => $untilOn]);
        $this->trail->note($by, TrailAction::Changed, $entry, ['name' => $entry->dog->name]);
    }

    /** Written down by mistake: it no longer counts, and stays on record. */
    public function takeOut(User $by, HealthEntry $entry): void
    {
        $entry->update(['taken_out_at' => $this->clock->now()]);
        $this->trail->note($by, TrailAction::Archived, $entry, ['name' => $entry->dog->name]);
    }

    /** @return Collection<int, HealthEntry> the newest first */
    public static function of(Dog $dog, ?\DateTimeInterface $since = null): Collection
    {
        return HealthEntry::query()->with('user')->where('dog_id', $dog->id)->whereNull('taken_out_at')
            ->when($since !== null, static fn (Builder $entries) => $entries->where(
                static fn (Builder $either) => $either->whereNull('until_on')->orWhere('until_on', '>=', $since?->format('Y-m-d')),
            ))->orderByDesc('from_on')->orderByDesc('id')->limit(self::MOST)->get();
    }
}
