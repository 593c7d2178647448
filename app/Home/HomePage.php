<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\Dog;
use App\Models\HomeDayOff;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Message;
use Core\Homework\HomeDay;
use Core\Homework\TodaysTasks;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** What a home does today: up to three tasks, what is done of them, and the last words with whoever trains. */
final readonly class HomePage
{
    private const LATELY = 3;

    private const MOST_MESSAGES = 10;

    private const MOST_KNOWN = 500;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @return array{tasks: list<array{homework: Homework, day: HomeDay}>, state: array<string, mixed>, waiting: int, isResting: bool,
     *    dayOff: ?string, messages: Collection<int, Message>, now: \DateTimeImmutable}
     */
    public function of(Dog $dog): array
    {
        $now = $this->clock->now()->setTimezone($dog->practice->zone());
        $tasks = HomeTasks::of($dog, $now);
        $rests = static fn (Homework $one): bool => $one->plan?->resting_reason !== null;
        $open = $tasks->open()->reject($rests);
        $ofToday = $lately = [];
        foreach ($open as $one) {
            $ofToday[$one->id] = $tasks->days[$one->id][$tasks->today] ?? new HomeDay($one->times_a_day, []);
            $lately[$one->id] = HomeDays::done(array_filter(
                $tasks->days[$one->id] ?? [], static fn (int $day): bool => $tasks->today - $day < self::LATELY, ARRAY_FILTER_USE_KEY,
            ));
        }
        $chosen = TodaysTasks::choose($ofToday, $lately);
        $shown = array_values($open->whereIn('id', $chosen)->map(
            static fn (Homework $one): array => ['homework' => $one, 'day' => $ofToday[$one->id]],
        )->all());

        return [
            'tasks' => $shown,
            'state' => [
                'day' => $now->format('Y-m-d'), 'zone' => $dog->practice->time_zone,
                'known' => HomeRep::query()->where('dog_id', $dog->id)->whereNull('taken_out_at')
                    ->where('received_at', '>=', $this->clock->now()->modify('-2 days'))
                    ->orderByDesc('id')->limit(self::MOST_KNOWN)->pluck('uuid')->all(),
                'tasks' => $open->mapWithKeys(static fn (Homework $one): array => [$one->id => [
                    'planned' => $one->times_a_day, 'done' => $ofToday[$one->id]->done(), 'wrong' => $ofToday[$one->id]->wentWrong(),
                ]])->all(),
            ],
            'waiting' => max(0, $open->count() - TodaysTasks::MOST),
            'isResting' => $tasks->all->contains($rests),
            'dayOff' => HomeDayOff::query()->where('dog_id', $dog->id)->where('on_day', $now->format('Y-m-d'))->first()?->kind,
            'messages' => Message::query()->with(['user', 'person'])->where('dog_id', $dog->id)->orderByDesc('sent_at')
                ->limit(self::MOST_MESSAGES)->get(),
            'now' => $now,
        ];
    }
}
