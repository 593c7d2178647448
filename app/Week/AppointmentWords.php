<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use Words\Phrases;

/** An appointment in few words. */
final readonly class AppointmentWords
{
    /** @param  bool  $saysPlan  what is trained; else the dog alone, for calendars of people who only come along */
    public static function title(Appointment $appointment, bool $saysPlan, ?Phrases $words = null): string
    {
        $words ??= words();
        $dog = $appointment->dog();

        return match (true) {
            $appointment->plan === null || $dog === null => $appointment->title,
            $saysPlan => $words->say('week.title_of', ['dog' => $dog->name, 'plan' => $appointment->plan->name]),
            default => $words->say('week.with', ['dog' => $dog->name]),
        };
    }

    public static function where(Appointment $appointment, ?Phrases $words = null): string
    {
        if ($appointment->place !== null) {
            return $appointment->place->address === ''
                ? $appointment->place->name : "{$appointment->place->name}, {$appointment->place->address}";
        }

        return $appointment->plan?->routine()->isAtHome === true ? ($words ?? words())->say('week.at_home') : '';
    }
}
