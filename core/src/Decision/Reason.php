<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionChange;
use Core\Ladder\Progress;
use Core\Measure\Probability;

/**
 * Why, as a code with its facts. It is said in words at the edge, for whoever reads it.
 *
 * Reason::of(ReasonCode::Strain, at: $situation->told($exposure)) is "Struggling at 14 m, slow walk: too hard, make it easier now."
 */
final readonly class Reason
{
    /** @param  array<string, int|float|string|bool|list<string>|Probability|ToldExposure|DimensionChange|Progress|null>  $facts  by name */
    private function __construct(public ReasonCode $code, public array $facts)
    {
    }

    /**
     * @param  int|float|string|bool|list<string>|Probability|ToldExposure|DimensionChange|Progress|null  ...$facts  those the code names,
     *    in any order
     *
     * @throws \LogicException if they are others
     */
    public static function of(
        ReasonCode $code, int|float|string|bool|array|Probability|ToldExposure|DimensionChange|Progress|null ...$facts,
    ): self {
        $named = [];
        foreach ($facts as $name => $fact) {
            $named[(string) $name] = $fact;
        }
        if (array_diff($code->facts(), array_keys($named)) !== [] || count($named) !== count($code->facts())) {
            throw new \LogicException("A reason \"{$code->value}\" has the facts ".implode(
                ', ', $code->facts(),
            ).', not '.implode(', ', array_keys($named)).'.');
        }

        return new self($code, $named);
    }
}
