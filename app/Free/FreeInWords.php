<?php

declare(strict_types=1);

namespace App\Free;

use App\Handling\AreaView;
use Core\Observation\Kind;
use Core\Observation\Observation;
use Core\Observation\SegmentKind;
use Core\Observation\Stretch;

/** Sessions without a ladder in the reader's words. */
final readonly class FreeInWords
{
    /** Without food there is nothing else to look at. */
    private const LOOKS_AT_HAND = 'look.hand';

    public static function observation(Observation $one): string
    {
        return match ($one->kind) {
            Kind::Segment => words()->label(SegmentKind::tryFrom($one->what) ?? SegmentKind::Spot),
            Kind::Stare => say('free.stared', [
                'seconds' => $one->seconds === null ? '–' : words()->formats->number($one->seconds), 'isTold' => $one->what !== '',
                'what' => $one->what,
            ]),
            Kind::Part => implode('; ', [
                say('free.banded', ['what' => AreaView::name($one->what, $one->side), 'band' => self::band($one)]),
                ...array_map(
                    static fn (string $dimension, string $choice): string => say("dimensions.contact.{$dimension}.values.{$choice}"),
                    array_keys($one->setup), $one->setup,
                ),
                ...array_map(words()->sign(...), $one->isFoodGone ? array_diff($one->signs, [self::LOOKS_AT_HAND]) : $one->signs),
                ...$one->isFoodGone ? [say('free.food_was_gone')] : [],
            ]),
            Kind::Shown => say('free.banded', ['what' => $one->what, 'band' => self::band($one)]),
            Kind::AtOnce, Kind::Late, Kind::Not => say('free.asked', [
                'skill' => say("methods.skills.{$one->what}.label"), 'how' => words()->label($one->kind),
            ]),
            Kind::Mistake => say('free.mistake', ['what' => say("labels.slip.{$one->what}")]),
            default => words()->label($one->kind).($one->what === '' ? '' : ": {$one->what}"),
        };
    }

    /** "4 looks a minute", or that it was too short to tell. */
    public static function rate(Stretch $stretch): string
    {
        $rate = $stretch->looksAMinute();

        return $rate === null ? say('free.too_short') : say('free.rate', ['rate' => round($rate, 1)]);
    }

    /** @return list<string> "jogger 7 s" */
    public static function stares(Stretch $stretch): array
    {
        return array_map(
            static fn (string $what, float $seconds): string => say('free.longest', [
                'what' => $what === '' ? say('free.something') : $what, 'seconds' => words()->formats->number($seconds),
            ]),
            array_map(strval(...), array_keys($stretch->stares)), array_values($stretch->stares),
        );
    }

    private static function band(Observation $one): string
    {
        return $one->band === null ? '' : words()->label($one->band);
    }
}
