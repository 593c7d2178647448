<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\HomeDayOff;
use App\Models\HomeRep;
use App\Models\Homework;
use Core\Homework\Answer;
use Core\Homework\HomeDay;
use Core\Measure\CalendarDay;
use Illuminate\Support\Collection;

/** What homes did day by day, by the calendar of the practice. */
final readonly class HomeDays
{
    /** Repetitions of one dog that a look back reads at the most. */
    private const MOST = 4000;

    /**
     * @param  Collection<int, Homework>  $homework  of one dog, or of a class
     * @param  \DateTimeImmutable  $now  in the zone of the practice
     * @return array<int, array<int, HomeDay>> by task and number of the day; days on which nothing was told are not there
     */
    public static function of(Collection $homework, \DateTimeImmutable $now, int $days): array
    {
        if ($homework->isEmpty()) {
            return [];
        }
        $since = $now->setTime(0, 0)->modify('-'.($days - 1).' days');
        $dogs = $homework->pluck('dog_id')->unique();
        $answers = $off = $found = [];
        foreach (HomeRep::query()->whereIn('homework_id', $homework->pluck('id'))->whereNull('taken_out_at')
            ->where('occurred_at', '>=', $since->setTimezone(new \DateTimeZone('UTC')))->orderByDesc('occurred_at')->orderByDesc('id')
            ->limit(self::MOST * $dogs->count())->get(['homework_id', 'answer', 'occurred_at'])->reverse() as $rep) {
            $at = $rep->occurred_at->toDateTimeImmutable()->setTimezone($now->getTimezone());
            $answers[$rep->homework_id][self::day($at)][] = $rep->answer;
        }
        foreach (HomeDayOff::query()->whereIn('dog_id', $dogs)->where('on_day', '>=', $since->format('Y-m-d'))->get() as $day) {
            $off[$day->dog_id][] = self::day($day->on_day->toDateTimeImmutable());
        }
        foreach ($homework as $task) {
            foreach ($answers[$task->id] ?? [] as $day => $those) {
                $found[$task->id][$day] = new HomeDay($task->times_a_day, $those, in_array($day, $off[$task->dog_id] ?? [], true));
            }
            foreach ($off[$task->dog_id] ?? [] as $day) {
                $found[$task->id][$day] ??= new HomeDay($task->times_a_day, [], true);
            }
        }

        return $found;
    }

    /** Of a date in the zone it carries. */
    public static function day(\DateTimeImmutable $at): int
    {
        return CalendarDay::number($at);
    }

    /**
     * @param  array<int, HomeDay>  $days
     */
    public static function done(array $days): int
    {
        return array_sum(array_map(static fn (HomeDay $day): int => count(array_filter(
            $day->answers, static fn (Answer $answer): bool => ! $answer->endsTheDay(),
        )), $days));
    }
}
