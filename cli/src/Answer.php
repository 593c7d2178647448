<?php

declare(strict_types=1);

namespace Cli;

use Core\Decision\Advice;
use Core\Decision\Alternative;
use Core\Decision\Level;
use Core\Decision\Reason;
use Core\Exposure\DimensionCatalog;
use Core\Response\Risk;
use Core\Response\RiskCaps;
use Words\Facts;
use Words\Phrases;

/** Core values as documents. */
final readonly class Answer
{
    public function __construct(private Phrases $phrases)
    {
    }

    /** @return array<string, mixed> */
    public function advice(Advice $advice, DimensionCatalog $catalog): array
    {
        return [
            'action' => $advice->action->value,
            'next' => $advice->next === null ? null : self::level($advice->next),
            'reasons' => array_map(fn (Reason $reason): array => [
                'code' => $reason->code->value, 'facts' => Facts::toArray($reason->facts),
                'sentence' => $this->phrases->reason($reason, $catalog),
            ], $advice->reasons),
            'risk' => $advice->risk === null ? null : self::risk($advice->risk),
            'alternatives' => array_map(fn (Alternative $other): array => [
                'dimension' => $other->change->dimension, 'choice' => $other->change->choice,
                'change' => $this->phrases->change($other->change, $catalog), 'logitsOff' => $other->logitsOff, 'helped' => $other->helped,
                'level' => self::level($other->level)], $advice->alternatives),
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
        return [
            'strainMean' => $risk->strainMean->value, 'strainBound' => $risk->strainBound->value,
            'reactionMean' => $risk->reactionMean->value, 'reactionBound' => $risk->reactionBound->value,
        ];
    }

    /** @return array{strain: float, reaction: float} */
    public static function caps(RiskCaps $caps): array
    {
        return ['strain' => $caps->strain->value, 'reaction' => $caps->reaction->value];
    }
}
