<?php

declare(strict_types=1);

namespace App\Home;

use App\Models\Dog;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\HomeDayOff;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Message;
use App\Session\TapTime;
use App\Support\Fields;
use Core\Homework\Answer;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/**
 * Takes what was tapped on a home page, one entry after the other: each has its own UUID, may come twice and counts once, and is answered
 * by a receipt, so that the device may let go of it. What makes no sense is refused with the reason.
 */
final readonly class ReceiveHomeEntry
{
    public const KINDS = ['rep', 'undo', 'day', 'scare', 'message'];

    public const DAYS_OFF = ['rest', 'unwell'];

    private const LONGEST_HOLD = 3600.0;

    private const LONGEST_NOTE = 300;

    private const LONGEST_MESSAGE = 1000;

    public function __construct(private Connection $database, private TapTime $times, private ClockInterface $clock, private Alarm $alarm)
    {
    }

    /**
     * @param  array<mixed>  $entry  with a valid uuid and kind
     * @return array{uuid: string, result: string, why?: string, message?: string} result: kept, known, or refused
     */
    public function take(Dog $dog, Speaker $by, array $entry): array
    {
        $told = Fields::of($entry);
        $uuid = strtolower($told->text('uuid'));

        return ['uuid' => $uuid, ...$this->database->transaction(fn (): array => match ($told->text('kind')) {
            'rep' => $this->rep($dog, $by, $told, $uuid, $this->times->of($entry)),
            'undo' => $this->undo($dog, $told->text('of')),
            'day' => $this->dayOff($dog, $by, $told->text('off'), $this->times->of($entry)),
            'scare' => $this->scare($dog, $by, $told, $uuid, $this->times->of($entry)),
            default => $this->message($dog, $by, $told->text('text'), $uuid, $this->times->of($entry)),
        })];
    }

    /** @return array{result: string, why?: string, message?: string} */
    private function rep(Dog $dog, Speaker $by, Fields $told, string $uuid, \DateTimeImmutable $at): array
    {
        $homework = Homework::query()->where('dog_id', $dog->id)->find($told->intOrNull('homework'));
        $answer = Answer::tryFrom($told->text('answer'));
        if ($homework === null || $answer === null) {
            return self::refused('task');
        }
        $seconds = $told->numberOrNull('seconds');
        $rep = HomeRep::query()->firstOrCreate(['practice_id' => $dog->practice_id, 'uuid' => $uuid], [
            'dog_id' => $dog->id, 'homework_id' => $homework->id, ...$by->columns(), 'answer' => $answer,
            'seconds' => $seconds === null ? null : max(0.0, min(self::LONGEST_HOLD, $seconds)),
            'note' => mb_substr($told->text('note'), 0, self::LONGEST_NOTE), 'occurred_at' => $at, 'received_at' => $this->clock->now(),
        ]);
        if ($rep->wasRecentlyCreated && $answer->endsTheDay()) {
            $this->alarm->raise($rep, $by->name);
        }

        return ['result' => $rep->wasRecentlyCreated ? 'kept' : 'known'];
    }

    /**
     * A slip of the thumb. What went wrong stays on record: whoever trains was told, and takes it out.
     *
     * @return array{result: string, why?: string, message?: string}
     */
    private function undo(Dog $dog, string $of): array
    {
        $rep = HomeRep::query()->where('dog_id', $dog->id)->where('uuid', strtolower($of))->first();
        if ($rep === null || $rep->answer->endsTheDay()) {
            return self::refused('undo');
        }
        $isNew = $rep->taken_out_at === null;
        $rep->update(['taken_out_at' => $rep->taken_out_at ?? $this->clock->now()]);

        return ['result' => $isNew ? 'kept' : 'known'];
    }

    /** @return array{result: string, why?: string, message?: string} */
    private function dayOff(Dog $dog, Speaker $by, string $kind, \DateTimeImmutable $at): array
    {
        if (! in_array($kind, self::DAYS_OFF, true)) {
            return self::refused('day');
        }
        $day = $at->setTimezone($dog->practice->zone())->format('Y-m-d');
        $off = HomeDayOff::query()->firstOrCreate(
            ['dog_id' => $dog->id, 'on_day' => $day], ['practice_id' => $dog->practice_id, 'kind' => $kind, ...$by->columns()],
        );

        return ['result' => $off->wasRecentlyCreated ? 'kept' : 'known'];
    }

    /** @return array{result: string, why?: string, message?: string} */
    private function scare(Dog $dog, Speaker $by, Fields $told, string $uuid, \DateTimeImmutable $at): array
    {
        $severity = $told->intOrNull('severity') ?? 0;
        if ($severity < 1 || $severity > 4) {
            return self::refused('severity');
        }
        $event = Event::query()->firstOrCreate(['practice_id' => $dog->practice_id, 'uuid' => $uuid], [
            'dog_id' => $dog->id, ...$by->columns(), 'kind' => EventKind::Upset, 'severity' => $severity, 'occurred_at' => $at,
            'note' => mb_substr($told->text('note'), 0, self::LONGEST_NOTE),
        ]);

        return ['result' => $event->wasRecentlyCreated ? 'kept' : 'known'];
    }

    /** @return array{result: string, why?: string, message?: string} */
    private function message(Dog $dog, Speaker $by, string $text, string $uuid, \DateTimeImmutable $at): array
    {
        $text = trim($text);
        if ($text === '' || mb_strlen($text) > self::LONGEST_MESSAGE) {
            return self::refused('message');
        }
        $message = Message::query()->firstOrCreate(['practice_id' => $dog->practice_id, 'uuid' => $uuid], [
            'dog_id' => $dog->id, ...$by->columns(), 'is_from_home' => true, 'body' => $text, 'sent_at' => $at,
        ]);

        return ['result' => $message->wasRecentlyCreated ? 'kept' : 'known'];
    }

    /** @return array{result: string, why: string, message: string} */
    private static function refused(string $why): array
    {
        return ['result' => 'refused', 'why' => $why, 'message' => say("home.refused.{$why}")];
    }
}
