<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use Sabre\VObject\Component;
use Sabre\VObject\Component\VCalendar;

/** Appointments as an iCalendar (RFC 5545): the same identity whatever changes, a number that grows with each change. */
final readonly class CalendarFile
{
    private const REMIND = '-PT30M';

    /** A calendar program asks again after this long (RFC 7986). */
    private const REFRESH = 'PT1H';

    /**
     * @param  iterable<Appointment>  $appointments  cancelled ones with them
     * @param  bool  $saysPlan  what is trained; else the dog alone
     */
    public static function of(iterable $appointments, string $name, \DateTimeZone $zone, bool $saysPlan): string
    {
        $calendar = new VCalendar([
            'VERSION' => '2.0', 'PRODID' => '-//Wheatear//Week//EN', 'CALSCALE' => 'GREGORIAN', 'METHOD' => 'PUBLISH',
            'X-WR-CALNAME' => $name,
        ], false);
        $calendar->add('NAME', $name);
        $calendar->add('REFRESH-INTERVAL', self::REFRESH, ['VALUE' => 'DURATION']);
        $from = $until = null;
        $events = [];
        foreach ($appointments as $appointment) {
            $from = min($from ?? $appointment->starts_at, $appointment->starts_at);
            $until = max($until ?? $appointment->ends_at, $appointment->ends_at);
            $events[] = self::event($calendar, $appointment, $zone, $saysPlan);
        }
        if ($from !== null && $until !== null) {
            $calendar->add(self::zone($calendar, $zone, $from->toDateTimeImmutable(), $until->toDateTimeImmutable()));
        }
        foreach ($events as $event) {
            $calendar->add($event);
        }

        return $calendar->serialize();
    }

    private static function event(VCalendar $calendar, Appointment $appointment, \DateTimeZone $zone, bool $saysPlan): Component
    {
        $utc = new \DateTimeZone('UTC');
        $changed = ($appointment->updated_at ?? $appointment->starts_at)->toDateTimeImmutable()->setTimezone($utc);
        $event = $calendar->createComponent('VEVENT', [
            'UID' => $appointment->uuid, 'SEQUENCE' => $appointment->sequence, 'DTSTAMP' => $changed, 'LAST-MODIFIED' => $changed,
            'DTSTART' => $appointment->starts_at->toDateTimeImmutable()->setTimezone($zone),
            'DTEND' => $appointment->ends_at->toDateTimeImmutable()->setTimezone($zone),
            'SUMMARY' => AppointmentWords::title($appointment, $saysPlan),
            'STATUS' => match (true) {
                $appointment->cancelled_at !== null => 'CANCELLED',
                $appointment->is_pinned => 'CONFIRMED',
                default => 'TENTATIVE',
            },
        ], false);
        $where = AppointmentWords::where($appointment);
        if ($where !== '') {
            $event->add('LOCATION', $where);
        }
        if ($appointment->cancelled_at === null) {
            $alarm = $calendar->createComponent('VALARM', [
                'ACTION' => 'DISPLAY', 'DESCRIPTION' => AppointmentWords::title($appointment, $saysPlan), 'TRIGGER' => self::REMIND,
            ], false);
            $event->add($alarm);
        }

        return $event;
    }

    /** A zone with each change of its clock from a year before the first appointment on, so that no program has to know it. */
    private static function zone(VCalendar $calendar, \DateTimeZone $zone, \DateTimeImmutable $from, \DateTimeImmutable $until): Component
    {
        $component = $calendar->createComponent('VTIMEZONE', ['TZID' => $zone->getName()], false);
        $changes = $zone->getTransitions($from->getTimestamp() - 366 * 86400, $until->getTimestamp() + 366 * 86400);
        // the first is no change but what held before; it stands for everything until then
        $before = $changes[0]['offset'] ?? 0;
        foreach ($changes as $n => $change) {
            $since = $n === 0 ? '19700101T000000' : gmdate('Ymd\THis', $change['ts'] + $before);
            $component->add($calendar->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => $since, 'TZOFFSETFROM' => self::offset($before), 'TZOFFSETTO' => self::offset($change['offset']),
                'TZNAME' => $change['abbr'],
            ], false));
            $before = $change['offset'];
        }

        return $component;
    }

    /** "+0530" */
    private static function offset(int $seconds): string
    {
        $minutes = intdiv(abs($seconds), 60);

        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv($minutes, 60), $minutes % 60);
    }
}
