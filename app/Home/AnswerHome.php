<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\Dog;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Message;
use App\Models\TrailAction;
use App\Models\User;
use App\Support\UuidOfBytes;
use App\Trail\Trail;
use Core\Homework\Answer;
use Illuminate\Database\Connection;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** What whoever trains does about what came from a home: looks at it, answers, types a paper sheet, takes a slip out. */
final readonly class AnswerHome
{
    private const NOON = 12;

    public function __construct(private Connection $database, private ClockInterface $clock, private Trail $trail)
    {
    }

    /** All that went wrong and all words so far are looked at. */
    public function seen(Dog $dog): void
    {
        $now = $this->clock->now()->format('Y-m-d H:i:s.v');
        HomeRep::query()->where('dog_id', $dog->id)->whereIn('answer', Answer::alarms())->whereNull('seen_at')->update(['seen_at' => $now]);
        Message::query()->where('dog_id', $dog->id)->where('is_from_home', true)->whereNull('read_at')->update(['read_at' => $now]);
    }

    /** Whoever answers has read what was asked. */
    public function say(User $by, Dog $dog, string $text): void
    {
        Message::query()->where('dog_id', $dog->id)->where('is_from_home', true)->whereNull('read_at')
            ->update(['read_at' => $this->clock->now()->format('Y-m-d H:i:s.v')]);
        Message::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $by->id, 'is_from_home' => false,
            'uuid' => (string) Str::uuid7(), 'body' => $text, 'sent_at' => $this->clock->now(),
        ]);
    }

    /** It no longer counts, and stays on record. */
    public function takeOut(User $by, HomeRep $rep): void
    {
        $rep->update(['taken_out_at' => $this->clock->now(), 'seen_at' => $rep->seen_at ?? $this->clock->now()]);
        $this->trail->note($by, TrailAction::Changed, $rep, ['name' => $rep->homework->name]);
    }

    /**
     * A paper sheet: so many well and so many not, by task and day. The same cell of the same sheet has the same UUID: sent twice, it
     * counts once.
     *
     * @param  string  $sheet  UUID
     * @param  list<array{homework: Homework, day: string, good: int, not: int}>  $cells
     */
    public function typePaper(User $by, string $sheet, array $cells, \DateTimeZone $zone): int
    {
        return $this->database->transaction(function () use ($by, $sheet, $cells, $zone): int {
            $typed = 0;
            foreach ($cells as ['homework' => $homework, 'day' => $day, 'good' => $good, 'not' => $not]) {
                $noon = (new \DateTimeImmutable($day, $zone))->setTime(self::NOON, 0);
                foreach ([...array_fill(0, $good, Answer::Good), ...array_fill(0, $not, Answer::NotYet)] as $n => $answer) {
                    $typed += HomeRep::query()->firstOrCreate([
                        'practice_id' => $homework->practice_id, 'uuid' => UuidOfBytes::version(
                            8, hash('sha256', "{$sheet} {$homework->id} {$day} {$n}", true),
                        ),
                    ], [
                        'dog_id' => $homework->dog_id, 'homework_id' => $homework->id, 'user_id' => $by->id, 'answer' => $answer,
                        'is_from_paper' => true, 'occurred_at' => $noon->modify("+{$n} seconds")->setTimezone(new \DateTimeZone('UTC')),
                        'received_at' => $this->clock->now(),
                    ])->wasRecentlyCreated ? 1 : 0;
                }
            }

            return $typed;
        });
    }
}
