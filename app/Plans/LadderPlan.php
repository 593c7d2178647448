<?php

declare(strict_types=1);

namespace App\Plans;

/** Where a new plan's ladder comes from. */
enum LadderPlan: string
{
    case EqualRatios = 'ratio';
    case Template = 'template';
    case ByHand = 'hand';

    public function label(): string
    {
        return match ($this) {
            self::EqualRatios => 'equal ratios from start to goal',
            self::Template => 'a template, fitted to this dog',
            self::ByHand => 'by hand, from one first step',
        };
    }
}
