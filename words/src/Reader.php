<?php

declare(strict_types=1);

namespace Words;

use Core\Measure\DistanceUnit;

/** Whoever reads: language, units, clock, zone, and how they are spoken to. Short enough to travel in an address. */
final readonly class Reader
{
    public function __construct(
        public string $language = Lexicon::FALLBACK,
        public Units $units = new Units,
        public string $zone = 'UTC',
        public Audience $audience = Audience::Trainer,
    ) {
    }

    /** For the page and the internationalization library: the pseudo-language is told as English. */
    public function locale(): string
    {
        return $this->language === Lexicon::PSEUDO ? Lexicon::FALLBACK : $this->language;
    }

    /** "en,yd,i,24,trainer,America/New_York" */
    public function toText(): string
    {
        return implode(',', [
            $this->language, $this->units->distance->value, $this->units->isImperial ? 'i' : 's', $this->units->isClock24 ? '24' : '12',
            $this->audience->value, $this->zone,
        ]);
    }

    /** Whatever cannot be read is as usual. */
    public static function fromText(string $text): self
    {
        [$language, $distance, $system, $clock, $audience, $zone] = [...explode(',', $text, 6), '', '', '', '', '', ''];

        return new self(
            preg_match('/^[a-z]{2,3}$/', $language) === 1 ? $language : Lexicon::FALLBACK,
            new Units(DistanceUnit::tryFrom($distance) ?? DistanceUnit::Meter, $system === 'i', $clock === '24'),
            in_array($zone, \DateTimeZone::listIdentifiers(), true) ? $zone : 'UTC',
            Audience::tryFrom($audience) ?? Audience::Trainer,
        );
    }
}
