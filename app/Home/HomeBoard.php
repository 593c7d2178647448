<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\Dog;
use App\Models\HomeLink;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Message;
use Core\Homework\Answer;
use Core\Homework\HomeDay;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** What whoever trains sees of a home: done against planned day by day, what went wrong, words both ways, links. */
final readonly class HomeBoard
{
    private const DAYS = 14;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** @return array<string, mixed> */
    public function of(Dog $dog): array
    {
        $now = $this->clock->now()->setTimezone($dog->practice->zone());
        $tasks = HomeTasks::of($dog, $now, true);

        return [
            'going' => $tasks->all->map(static fn (Homework $one): array => [
                'homework' => $one, 'days' => $tasks->days[$one->id] ?? [], 'isOpen' => $tasks->isOpen($one),
                'isOver' => $one->until_on !== null && $one->until_on->format('Y-m-d') < $now->format('Y-m-d'),
            ]),
            'columns' => array_map(static fn (int $back): array => [
                'number' => $tasks->today - $back, 'day' => $now->modify("-{$back} days"),
            ], range(self::DAYS - 1, 0)),
            'ended' => Homework::query()->where('dog_id', $dog->id)->whereNotNull('ended_at')->orderByDesc('ended_at')->limit(20)->get(),
            'wrong' => HomeRep::query()
                ->with(['homework', 'user', 'person'])->where('dog_id', $dog->id)->whereIn('answer', Answer::alarms())
                ->whereNull('taken_out_at')->orderByDesc('occurred_at')->limit(20)->get(),
            'latest' => HomeRep::query()->with(['homework', 'user', 'person'])->where('dog_id', $dog->id)->whereNull('taken_out_at')
                ->orderByDesc('occurred_at')->limit(30)->get(),
            'messages' => Message::query()->with(['user', 'person'])->where('dog_id', $dog->id)->orderByDesc('sent_at')->limit(50)->get(),
            'links' => HomeLink::query()->with('person')->where('dog_id', $dog->id)->whereNull('closed_at')
                ->where('ends_at', '>', $this->clock->now())->orderByDesc('id')->limit(20)->get(),
        ];
    }

    /**
     * @param  Builder<Dog>  $dogs
     * @return Collection<int, Dog> those that have homework
     */
    public static function homes(Builder $dogs): Collection
    {
        return (clone $dogs)->whereIn('dogs.id', Homework::query()->toBase()->whereNull('ended_at')->select('dog_id'))
            ->orderBy('dogs.name')->limit(20)->get();
    }

    /**
     * @param  Builder<Dog>  $dogs
     * @return Collection<int, HomeRep> what went wrong and nobody has looked at
     */
    public static function unseen(Builder $dogs): Collection
    {
        return HomeRep::query()->with(['homework', 'dog', 'user', 'person'])->whereIn('dog_id', $dogs->toBase()->select('dogs.id'))
            ->whereIn('answer', Answer::alarms())
            ->whereNull('seen_at')->whereNull('taken_out_at')->orderByDesc('occurred_at')->limit(20)->get();
    }

    /**
     * @param  Builder<Dog>  $dogs
     * @return Collection<int, Message> from homes, not read yet
     */
    public static function unread(Builder $dogs): Collection
    {
        return Message::query()->with(['dog', 'user', 'person'])->whereIn('dog_id', $dogs->toBase()->select('dogs.id'))
            ->where('is_from_home', true)->whereNull('read_at')->orderByDesc('sent_at')->limit(20)->get();
    }

    /** What a day was, in a small box: done of planned. */
    public static function cell(?HomeDay $day): string
    {
        return match (true) {
            $day === null => '',
            $day->isRest => say('homework.board.off'),
            $day->wentWrong() => say('homework.board.wrong', ['done' => $day->done(), 'planned' => $day->planned]),
            default => say('homework.board.done', ['done' => $day->done(), 'planned' => $day->planned]),
        };
    }
}
