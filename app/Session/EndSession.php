<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Session;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** Ends a session with what is told at its end. Ending twice is harmless: the first end stands. */
final readonly class EndSession
{
    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    public function end(Session $session, ?string $went, ?string $loved, ?string $note): void
    {
        $report = array_filter(['went' => $went, 'loved' => $loved], static fn (?string $told): bool => $told !== null);
        $now = $this->clock->now()->format('Y-m-d H:i:s.v');
        $this->database->transaction(static function () use ($session, $report, $note, $now): void {
            $ended = [
                'ended_at' => $now, 'end_note' => $note, 'report' => $report === [] ? null : json_encode($report, JSON_THROW_ON_ERROR),
            ];
            if (Session::query()->whereKey($session->id)->whereNull('ended_at')->update($ended) === 1) {
                $session->sets()->whereNull('ended_at')->update(['ended_at' => $now]);
            }
        });
    }
}
