<?php

declare(strict_types=1);

namespace Core\Sign;

use Core\Exception\InvalidSign;

/**
 * Proposes a band from the signs that were seen; the observer confirms or overrules it.
 *
 * The weights and cut points are the product's own working scale, not a validated instrument.
 */
final readonly class Grading
{
    /**
     * @param  bool  $hidesSigns  a dog recorded as having learned to hide its signs: every small sign counts as medium
     * @param  ?Reading  $reading  null for the catalog's own weights
     * @param  list<string>  $normal  signs that are this dog's own normal (an old dog's slow walk): they say nothing
     */
    public function __construct(
        private SignCatalog $catalog, private bool $hidesSigns = false, private ?Reading $reading = null, private array $normal = [],
    ) {
    }

    /**
     * Every sign of a trial: those ticked, and what food and turning told. A slow return that nobody asked for is no sign:
     * waiting was asked for.
     *
     * @param  list<string>  $ticked
     * @param  bool  $foodLeft  false where the food had run out: refusing it then says nothing
     * @return list<string>
     */
    public static function shown(array $ticked, FoodTaken $food, bool $foodLeft, ?TurnLatency $latency, Outcome $outcome): array
    {
        $waited = in_array($outcome, [Outcome::Returned, Outcome::Watched, Outcome::Unnoticed], true);

        return array_values(array_unique(array_filter(
            [...$ticked, $foodLeft ? $food->asSign()?->value : null, $waited ? null : $latency?->asSign()?->value], is_string(...),
        )));
    }

    /**
     * @param  list<string>  $codes  signs seen, and circumstances that were ticked with them; a code given twice counts once
     * @param  list<string>  $confounds  circumstances that explain some signs away: food just given, food run out
     *
     * @throws InvalidSign if a code is not in the catalog
     */
    public function propose(array $codes, ?Outcome $outcome = null, array $confounds = []): Band
    {
        $points = $smallPoints = $comfort = 0;
        $strong = $medium = $interest = false;
        foreach (array_unique($codes) as $code) {
            $sign = $this->catalog->sign($code);
            $weight = $this->weight($sign, [...$confounds, ...$codes]);
            if ($weight === SignWeight::Reaction) {
                return Band::Over;
            }
            $strong = $strong || $weight === SignWeight::Strong;
            $medium = $medium || $weight === SignWeight::Medium;
            $interest = $interest || $sign->interest;
            $comfort += $weight === SignWeight::Comfort ? 1 : 0;
            if ($weight === SignWeight::Small) {
                $smallPoints += $weight->points();
            } else {
                $points += $weight->points();
            }
        }
        $sum = $points + max(0, $smallPoints - $comfort);
        $fromOutcome = $outcome?->leastBand() ?? Band::Easy;

        $fromSigns = match (true) {
            $strong || $sum >= $this->catalog->strainFrom => Band::Strain,
            $medium || $sum >= $this->catalog->effortFrom => Band::Effort,
            $sum >= 1 || $interest => Band::Aware,
            default => Band::Easy,
        };

        return $fromSigns->atLeast($fromOutcome) ? $fromSigns : $fromOutcome;
    }

    /** @param  list<string>  $confounds */
    private function weight(Sign $sign, array $confounds): SignWeight
    {
        $weight = $this->catalog->weight($sign->code, $this->reading?->value);
        if ($weight === SignWeight::Reaction) {
            return $weight; // nothing explains a bite away
        }
        if (in_array($sign->code, $this->normal, true) || array_intersect($sign->unless, $confounds) !== []) {
            return SignWeight::Neutral;
        }

        return $this->hidesSigns && $weight === SignWeight::Small ? SignWeight::Medium : $weight;
    }
}
