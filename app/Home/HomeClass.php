<?php

declare(strict_types=1);

namespace App\Home;

use App\Access\InSight;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Message;
use App\Models\User;
use App\Support\Fields;
use Core\Homework\Answer;
use Core\Homework\HomeDay;
use Core\Homework\Unlock;
use Core\Measure\CalendarDay;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** Several homes that were given the same at once: who did it, how it went, who is ready for what comes next. */
final readonly class HomeClass
{
    /** Good days where nothing that comes next says how many. Common practice. */
    private const GOOD_DAYS = 3;

    private const DAYS = 28;

    /** More than one giving reaches. */
    private const MOST = 100;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return Collection<int, Homework> of the dogs this user sees */
    public function of(Homework $one, User $user): Collection
    {
        return Homework::query()->with('dog.practice')->whereIn('dog_id', InSight::dogs($user)->toBase()->select('dogs.id'))
            ->when($one->class_uuid === null, static fn ($alone) => $alone->whereKey($one->id))
            ->when($one->class_uuid !== null, static fn ($class) => $class->where('class_uuid', $one->class_uuid))
            ->orderBy('id')->limit(self::MOST)->get();
    }

    /**
     * @param  Collection<int, Homework>  $class
     * @return list<array{homework: Homework, done: int, planned: int, good: int, not: int, aMinute: ?float, note: ?Message, isReady: bool,
     *    needs: int}>
     */
    public function board(Collection $class, \DateTimeZone $zone): array
    {
        $now = $this->clock->now()->setTimezone($zone);
        $days = HomeDays::of($class, $now, self::DAYS);
        $reps = HomeRep::query()->whereIn('homework_id', $class->modelKeys())->whereNull('taken_out_at')->toBase()
            ->groupBy('homework_id')->selectRaw('homework_id, SUM(answer = ?) AS missed, SUM(seconds) AS held', [Answer::NotYet->value])
            ->get()->keyBy('homework_id');
        $needed = Homework::query()->toBase()->whereIn('after_id', $class->modelKeys())->whereNotNull('good_days')
            ->groupBy('after_id')->selectRaw('after_id, MIN(good_days) AS needed')->pluck('needed', 'after_id');
        $newest = Message::query()->toBase()->whereIn('dog_id', $class->pluck('dog_id'))->where('is_from_home', true)
            ->groupBy('dog_id')->selectRaw('MAX(id)');
        $notes = Message::query()->whereIn('id', $newest)->get()->keyBy('dog_id');
        $rows = [];
        foreach ($class as $homework) {
            $ofOne = $days[$homework->id] ?? [];
            $counts = Fields::of($reps[$homework->id] ?? []);
            $needs = is_numeric($needed[$homework->id] ?? null) ? (int) $needed[$homework->id] : self::GOOD_DAYS;
            $rows[] = [
                'homework' => $homework, 'planned' => self::planned($homework, $now),
                'done' => count(array_filter($ofOne, static fn (HomeDay $day): bool => $day->isRest || $day->done() > 0)),
                'good' => count(array_filter($ofOne, static fn (HomeDay $day): bool => $day->isGood())),
                'not' => $counts->int('missed'),
                'aMinute' => $counts->number('held') >= 60.0 ? 60.0 * $counts->int('missed') / $counts->number('held') : null,
                'note' => $notes[$homework->dog_id] ?? null, 'needs' => $needs,
                'isReady' => Unlock::isOpen($homework->kind, $needs, $ofOne, HomeDays::day($now)),
            ];
        }

        return $rows;
    }

    /** Days so far, today with them. */
    private static function planned(Homework $homework, \DateTimeImmutable $now): int
    {
        $from = new \DateTimeImmutable($homework->from_on->format('Y-m-d'), $now->getTimezone());
        $until = $homework->until_on === null
            ? $now : min($now, new \DateTimeImmutable($homework->until_on->format('Y-m-d'), $now->getTimezone()));

        return max(0, CalendarDay::between($from, $until) + 1);
    }
}
