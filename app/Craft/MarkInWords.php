<?php

declare(strict_types=1);

namespace App\Craft;

use Core\Marking\Act;
use Core\Marking\Drill;
use Core\Marking\FoodAfter;
use Core\Marking\JudgedMark;
use Core\Marking\MarkClass;

/** A mark in a sentence, at once: what it fell on, and how late. */
final readonly class MarkInWords
{
    public static function of(JudgedMark $mark, Drill $drill): string
    {
        if ($mark->isDouble) {
            return say('timing.said.double');
        }
        $late = $mark->class === MarkClass::Before ? -($mark->fromStart ?? 0) : max(0, $mark->fromEnd ?? 0);
        $said = [say("timing.said.{$mark->class->value}", [
            'seconds' => words()->formats->number($late / 1000.0, 1), 'meant' => self::act($mark->meant?->act),
            'on' => self::act($mark->fellOn), 'isOn' => $mark->fellOn !== null,
        ])];
        if ($drill->isFed() && $mark->foodAfter !== null && FoodAfter::of($mark->foodAfter) !== FoodAfter::InTime) {
            $said[] = say('timing.said.food_'.FoodAfter::of($mark->foodAfter)->value, [
                'seconds' => words()->formats->number(abs($mark->foodAfter) / 1000.0, 1),
            ]);
        }

        return implode(' ', $said);
    }

    private static function act(?Act $act): string
    {
        return $act === null ? '' : say("timing.acts.{$act->value}");
    }
}
