<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\WeeklyHours;
use Core\Scheduling\DayGrid;

/** Hours that come back every week, as slots of days. */
final readonly class Hours
{
    private const MOST = 5000;

    /** @param  array<string, array<int, list<array{int, int}>>>  $times  by owner and kind, and by weekday */
    private function __construct(private array $times)
    {
    }

    public static function ofPractice(int $practiceId): self
    {
        $times = [];
        foreach (WeeklyHours::query()->where('practice_id', $practiceId)->orderBy('weekday')->orderBy('from_minute')
            ->limit(self::MOST)->get() as $row) {
            foreach (['person_id' => $row->person_id, 'place_id' => $row->place_id, 'dog_id' => $row->dog_id] as $owner => $id) {
                if ($id !== null) {
                    $times[self::key($owner, $id, $row->kind)][$row->weekday][] = [$row->from_minute, $row->until_minute];
                }
            }
        }

        return new self($times);
    }

    public function knows(string $owner, int $id): bool
    {
        return isset($this->times[self::key($owner, $id, WeeklyHours::FREE)]);
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
        return $this->times[self::key($owner, $id, $kind)][$weekday] ?? [];
    }

    private static function key(string $owner, int $id, string $kind): string
    {
        return "{$owner} {$id} {$kind}";
    }
}
