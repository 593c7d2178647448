<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\Dog;
use App\Models\Homework;
use Core\Homework\HomeDay;
use Core\Homework\Unlock;
use Illuminate\Database\Eloquent\Collection;

/** Homework of a dog with its last days: what is given, and what of it is open. One answer for the home, the trainer and the paper. */
final readonly class HomeTasks
{
    /** Days that are looked back at, for what comes next. */
    private const DAYS = 28;

    private const MOST = 40;

    /**
     * @param  Collection<int, Homework>  $all  in the order they were given
     * @param  array<int, array<int, HomeDay>>  $days  by task and number of the day
     */
    private function __construct(public Collection $all, public array $days, public int $today)
    {
    }

    /**
     * @param  \DateTimeImmutable  $now  in the zone of the practice
     * @param  bool  $withOver  those whose time has passed, too
     */
    public static function of(Dog $dog, \DateTimeImmutable $now, bool $withOver = false): self
    {
        $day = $now->format('Y-m-d');
        $all = Homework::query()->with(['plan', 'after', 'user'])->where('dog_id', $dog->id)->whereNull('ended_at')
            ->when(! $withOver, static fn ($going) => $going->where('from_on', '<=', $day)
                ->where(static fn ($either) => $either->whereNull('until_on')->orWhere('until_on', '>=', $day)))
            ->orderByDesc('id')->limit(self::MOST)->get()->reverse()->values();
        // one that has ended, or whose time has passed, still opens what comes after it
        $before = array_filter($all->map(static fn (Homework $one): ?Homework => $one->after)->all());

        return new self($all, HomeDays::of($all->merge($before), $now, self::DAYS), HomeDays::day($now));
    }

    public function isOpen(Homework $one): bool
    {
        return $one->after_id === null || $one->opened_at !== null
            || ($one->good_days !== null && $one->after !== null
                && Unlock::isOpen($one->after->kind, $one->good_days, $this->days[$one->after_id] ?? [], $this->today));
    }

    /** @return Collection<int, Homework> of a plan that rests as well */
    public function open(): Collection
    {
        return $this->all->filter($this->isOpen(...));
    }
}
