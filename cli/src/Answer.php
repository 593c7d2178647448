<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\Advice;
use Core\Decision\Alternative;
use Core\Decision\Level;
use Core\Decision\Reason;
use Core\Response\Risk;
use Core\Response\RiskLimits;

/** Core values as documents. */
final readonly class Answer
{
    /** @return array<string, mixed> */
    public static function advice(Advice $advice): array
    {
        return [
            'action' => $advice->action->value,
            'next' => $advice->next === null ? null : self::level($advice->next),
            'reasons' => array_map(static fn (Reason $reason): array => ['code' => $reason->code, 'sentence' => $reason->sentence], $advice->reasons),
            'risk' => $advice->risk === null ? null : self::risk($advice->risk),
            'alternatives' => array_map(static fn (Alternative $other): array => ['change' => $other->change, 'logitsOff' => $other->logitsOff, 'helped' => $other->helped, 'level' => self::level($other->level)], $advice->alternatives),
            'closing' => $advice->isClosing,
        ];
    }

    /** @return array{step: int, exposure: array<string, float|string>} */
    public static function level(Level $level): array
    {
        return ['step' => $level->step, 'exposure' => $level->exposure->values];
    }

    /** @return array{strainMean: float, strainBound: float, reactionMean: float, reactionBound: float} */
    public static function risk(Risk $risk): array
    {
        return ['strainMean' => $risk->strainMean, 'strainBound' => $risk->strainBound, 'reactionMean' => $risk->reactionMean, 'reactionBound' => $risk->reactionBound];
    }

    /** @return array{strain: float, reaction: float} */
    public static function limits(RiskLimits $limits): array
    {
        return ['strain' => $limits->strain, 'reaction' => $limits->reaction];
    }
}
