<?php

declare(strict_types=1);

namespace Core\Homework;

use Core\Sign\Band;

/** How one repetition at home went: one of three buttons, or what ends the task for the day. */
enum Answer: string
{
    case Good = 'good';
    case NotYet = 'not_yet';
    case No = 'no';
    case TooMuch = 'too_much';
    case Growl = 'growl';
    case Stiff = 'stiff';
    case Bite = 'bite';

    /**
     * What the answer is worth as a trial, for the model of whoever practices there: three buttons tell less than an eye for signs, so
     * what went well counts as noticed, not as easy. Common practice.
     */
    public function band(): Band
    {
        return match ($this) {
            self::Good => Band::Aware,
            self::NotYet => Band::Effort,
            self::No, self::TooMuch => Band::Strain,
            self::Growl, self::Stiff, self::Bite => Band::Over,
        };
    }

    /** Hands off, farther away, and no more of it today. */
    public function endsTheDay(): bool
    {
        return ! in_array($this, [self::Good, self::NotYet, self::No], true);
    }

    /** @return list<self> */
    public static function alarms(): array
    {
        return array_values(array_filter(self::cases(), static fn (self $one): bool => $one->endsTheDay()));
    }
}
