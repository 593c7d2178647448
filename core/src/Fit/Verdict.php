<?php

declare(strict_types=1);

namespace Core\Fit;

/** What a measurement says about an item. */
enum Verdict: string
{
    case Good = 'good';
    /** Two measurements do not go together: measure again. */
    case Ask = 'ask';
    case Look = 'look';
    case Change = 'change';

    public function label(): string
    {
        return match ($this) {
            self::Good => 'good',
            self::Ask => 'measure again',
            self::Look => 'look closely',
            self::Change => 'another size',
        };
    }
}
