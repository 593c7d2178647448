<?php

declare(strict_types=1);

namespace Words;

use Core\Measure\Distance;
use Core\Measure\DistanceUnit;
use Core\Measure\Probability;

/** Numbers, lengths, weights, times and chances as somebody reads them; all by the internationalization library. */
final readonly class Formats
{
    private const NBSP = "\u{00A0}";

    public function __construct(private Lexicon $lexicon, private Reader $reader)
    {
    }

    /** @param  int  $digits  after the point, at most */
    public function number(float|int $value, int $digits = 1): string
    {
        return $this->pattern($value, '.'.str_repeat('#', $digits));
    }

    /** To the precision a person can judge by eye: "24 m", "4.5 m", "16 ft". */
    public function distance(Distance $distance): string
    {
        $unit = $this->reader->units->distance;
        $amount = $distance->as($unit);

        return $this->pattern($amount, 'unit/'.self::unit(
            $unit,
        ).' unit-width-short .'.($amount < 10.0 && $unit !== DistanceUnit::Foot ? '#' : ''));
    }

    public function distanceOrNull(?Distance $distance): ?string
    {
        return $distance === null ? null : $this->distance($distance);
    }

    public function meters(float $meters): string
    {
        return $meters > 0.0 && $meters <= Distance::MAX_METERS ? $this->distance(Distance::fromMeters($meters)) : $this->pattern(
            $meters / $this->reader->units->distance->meters(), 'unit/'.self::unit($this->reader->units->distance).' unit-width-short .#',
        );
    }

    /** A gap or a measure of the body: "20 cm", "8 in". */
    public function centimeters(float $centimeters, int $digits = 1): string
    {
        return $this->reader->units->isImperial
            ? $this->pattern($centimeters / Units::CENTIMETERS_PER_INCH, 'unit/inch unit-width-short .'.str_repeat('#', $digits))
            : $this->pattern($centimeters, 'unit/centimeter unit-width-short .'.str_repeat('#', $digits));
    }

    public function kilograms(float $kilograms): string
    {
        return $this->reader->units->isImperial
            ? $this->pattern($kilograms / Units::KILOGRAMS_PER_POUND, 'unit/pound unit-width-short .#')
            : $this->pattern($kilograms, 'unit/kilogram unit-width-short .#');
    }

    public function grams(float $grams): string
    {
        return $this->reader->units->isImperial
            ? $this->pattern($grams / Units::GRAMS_PER_OUNCE, 'unit/ounce unit-width-short .##')
            : $this->pattern($grams, 'unit/gram unit-width-short .#');
    }

    public function speed(float $metersPerSecond): string
    {
        return $this->reader->units->isImperial
            ? $this->pattern($metersPerSecond / Units::METERS_PER_SECOND_PER_MPH, 'unit/mile-per-hour unit-width-short .#')
            : $this->pattern($metersPerSecond, 'unit/meter-per-second unit-width-short .#');
    }

    public function seconds(float $seconds): string
    {
        return $this->pattern($seconds, 'unit/second unit-width-short .#');
    }

    /** "10:05 min" of 605 seconds. */
    public function clock(int $seconds): string
    {
        return sprintf('%d:%02d', intdiv($seconds, 60), $seconds % 60)
            .self::NBSP.$this->lexicon->say('phrases.minutes_short', language: $this->reader->language);
    }

    public function percent(float $percent, int $digits = 0): string
    {
        return $this->pattern($percent, 'percent .'.str_repeat('#', $digits));
    }

    /** As a natural frequency: "about 1 in 80". */
    public function chance(Probability $chance): string
    {
        [$key, $count] = match (true) {
            $chance->value < 0.001 => ['none', 0],
            $chance->value < 0.2 => ['one_in', self::twoDigits(1.0 / $chance->value)],
            $chance->value < 0.95 => ['in_ten', (int) round(10.0 * $chance->value)],
            default => ['sure', 0],
        };

        return $this->lexicon->say("phrases.chance.{$key}", ['count' => $count], $this->reader->language);
    }

    /** "November 28, 2026" in the reader's zone. */
    public function date(\DateTimeInterface $at): string
    {
        return $this->skeleton($at, 'yMMMMd', $this->reader->zone);
    }

    /** "2026-11-28" in the reader's zone, as a field for a date holds it. */
    public function iso(\DateTimeInterface $at): string
    {
        return \DateTimeImmutable::createFromInterface($at)->setTimezone(new \DateTimeZone($this->reader->zone))->format('Y-m-d');
    }

    /** "Nov 28, 2026" */
    public function shortDate(\DateTimeInterface $at): string
    {
        return $this->skeleton($at, 'yMMMd', $this->reader->zone);
    }

    /** "Saturday, November 28" */
    public function weekday(\DateTimeInterface $at): string
    {
        return $this->skeleton($at, 'EEEEMMMMd', $this->reader->zone);
    }

    /** "Saturday" */
    public function dayName(\DateTimeInterface $at): string
    {
        return $this->skeleton($at, 'EEEE', $this->reader->zone);
    }

    /** "November 2026" of a calendar day. */
    public function month(\DateTimeInterface $day): string
    {
        return $this->skeleton($day, 'yMMMM', 'UTC');
    }

    /** "Nov 28" */
    public function monthDay(\DateTimeInterface $at): string
    {
        return $this->skeleton($at, 'MMMd', $this->reader->zone);
    }

    /** A calendar day that has no time of its own. */
    public function day(\DateTimeInterface $day): string
    {
        return $this->skeleton($day, 'yMMMd', $day->getTimezone() === false ? 'UTC' : $day->getTimezone()->getName());
    }

    public function time(\DateTimeInterface $at): string
    {
        return $this->skeleton($at, $this->reader->units->isClock24 ? 'Hmm' : 'hmm', $this->reader->zone);
    }

    public function dateTime(\DateTimeInterface $at): string
    {
        return $this->skeleton($at, 'yMMMd'.($this->reader->units->isClock24 ? 'Hmm' : 'hmm'), $this->reader->zone);
    }

    private function skeleton(\DateTimeInterface $at, string $skeleton, string $zone): string
    {
        $said = $this->lexicon->formatters->date($at, $skeleton, $this->reader->locale(), $zone);

        return $this->wrapped(str_replace("\u{202F}", self::NBSP, $said));
    }

    private function pattern(float|int $value, string $skeleton): string
    {
        $said = $this->lexicon->formatters->message("{0, number, ::{$skeleton}}", [$value + 0], $this->reader->locale());

        return $this->wrapped(str_replace(' ', self::NBSP, $said ?? (string) $value));
    }

    /** Under the pseudo-language what comes from the library is told apart from what is hard-coded, too. */
    private function wrapped(string $said): string
    {
        return $this->reader->language === Lexicon::PSEUDO && preg_match('/\pL/u', $said) === 1 ? "⟦{$said}⟧" : $said;
    }

    private static function unit(DistanceUnit $unit): string
    {
        return match ($unit) {
            DistanceUnit::Meter => 'meter',
            DistanceUnit::Yard => 'yard',
            DistanceUnit::Foot => 'foot',
        };
    }

    private static function twoDigits(float $value): int
    {
        $scale = 10 ** max(0, (int) floor(log10($value)) - 1);

        return (int) (round($value / $scale) * $scale);
    }
}
