<?php

declare(strict_types=1);

namespace App\Week;

use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\FreeBusyGenerator;
use Sabre\VObject\Property;
use Sabre\VObject\Reader;

/**
 * Busy times out of an iCalendar (RFC 5545), with what comes back again and again, for the months that are planned. What somebody does
 * in them is not kept.
 */
final readonly class BusyTimesReader
{
    public const MOST_BYTES = 1_000_000;

    private const MOST_TIMES = 2000;

    private const FROM = '-7 days';

    private const UNTIL = '+120 days';

    /**
     * @param  \DateTimeZone  $zone  of times that name none
     * @return list<array{\DateTimeImmutable, \DateTimeImmutable}>
     *
     * @throws BadCalendar
     */
    public static function read(string $text, \DateTimeZone $zone, \DateTimeImmutable $now): array
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw new BadCalendar('too_big');
        }
        try {
            $calendar = Reader::read($text);
            $found = $calendar instanceof VCalendar
                ? (new FreeBusyGenerator($now->modify(self::FROM), $now->modify(self::UNTIL), $calendar, $zone))->getResult() : null;
            $times = self::times($found?->select('VFREEBUSY')[0] ?? null);
        } catch (\Exception|\TypeError|\ValueError) {
            // whatever a file that is none makes the library stumble over is said in one way
            throw new BadCalendar('unreadable');
        }
        if (! $calendar instanceof VCalendar) {
            throw new BadCalendar('unreadable');
        }
        if (count($times) > self::MOST_TIMES) {
            throw new BadCalendar('too_many');
        }

        return $times;
    }

    /** @return list<array{\DateTimeImmutable, \DateTimeImmutable}> */
    private static function times(mixed $report): array
    {
        $times = [];
        foreach ($report instanceof Component ? $report->select('FREEBUSY') : [] as $property) {
            [$from, $until] = [...explode('/', $property instanceof Property ? (string) $property->getValue() : ''), ''];
            if ($from !== '' && $until !== '') {
                $times[] = [new \DateTimeImmutable($from), new \DateTimeImmutable($until)];
            }
        }

        return array_values(array_filter($times, static fn (array $time): bool => $time[1] > $time[0]));
    }
}
