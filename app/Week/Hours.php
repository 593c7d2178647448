<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\WeeklyHours;
use Core\Scheduling\DayGrid;
use Illuminate\Support\Collection;

/** Hours that come back every week, as slots of days. */
final readonly class Hours
{
    /** @param  Collection<int, WeeklyHours>  $rows */
    public function __construct(private Collection $rows)
    {
    }

    public static function ofPractice(int $practiceId): self
    {
        return new self(WeeklyHours::query()->where('practice_id', $practiceId)->orderBy('weekday')->orderBy('from_minute')
            ->limit(5000)->get());
    }

    public function knows(string $owner, int $id): bool
    {
        return $this->rows->contains(static fn (WeeklyHours $row): bool => $id === $row->$owner && $row->kind === WeeklyHours::FREE);
    }

    /**
     * @param  string  $owner  column
     * @return non-empty-list<int> slots wholly within, by weekday
     */
    public function free(string $owner, int $id): array
    {
        return array_map(fn (int $day): int => DayGrid::within($this->times($owner, $id, WeeklyHours::FREE, $day)), range(0, 6));
    }

    /** @return non-empty-list<int> slots touched */
    public function busy(string $owner, int $id): array
    {
        return array_map(fn (int $day): int => DayGrid::touching($this->times($owner, $id, WeeklyHours::BUSY, $day)), range(0, 6));
    }

    /** @return list<array{int, int}> */
    public function times(string $owner, int $id, string $kind, int $weekday): array
    {
        return array_values($this->rows->filter(
            static fn (WeeklyHours $row): bool => $id === $row->$owner && $row->kind === $kind && $row->weekday === $weekday,
        )->map(static fn (WeeklyHours $row): array => [$row->from_minute, $row->until_minute])->all());
    }
}
