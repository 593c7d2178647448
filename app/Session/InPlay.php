<?php

declare(strict_types=1);

namespace App\Session;

use Core\Exposure\Dimension;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionKey;
use Core\Exposure\PlanKind;
use Core\Ladder\Step;

/** What may be otherwise from one trial to the next: what this plan changes most, first; then all that its kind of work knows. */
final readonly class InPlay
{
    /** What a trigger does by itself, in every plan at a distance. */
    private const OF_A_TRIGGER = ['trigger_motion', 'trigger_heading', 'trigger_energy', 'trigger_attention'];

    /**
     * @param  list<Dimension>  $first  of this plan
     * @param  list<Dimension>  $others  of its kind of work
     */
    private function __construct(public array $first, public array $others)
    {
    }

    /** @param  list<Step>  $steps */
    public static function of(DimensionCatalog $catalog, PlanKind $kind, array $steps): self
    {
        $seen = $kind === PlanKind::Presence ? array_fill_keys(self::OF_A_TRIGGER, []) : [];
        foreach ($steps as $step) {
            foreach ($step->exposure->values as $key => $value) {
                $seen[$key][(string) $value] = true;
            }
        }
        unset($seen[DimensionKey::Distance->value]);
        uasort($seen, static fn (array $one, array $other): int => count($other) <=> count($one));
        $others = array_filter(
            $catalog->dimensions,
            static fn (Dimension $dimension): bool => ! $dimension->kind->isMeasured() && ! isset($seen[$dimension->key]),
        );

        return new self(
            array_map(static fn (string $key): Dimension => $catalog->dimension($key), array_keys($seen)), array_values($others),
        );
    }

    /**
     * With whatever is noted in a trial among the first.
     *
     * @param  array<string, float|string>  $values
     */
    public function noting(array $values): self
    {
        $isNoted = static fn (Dimension $dimension): bool => isset($values[$dimension->key]);

        return new self(
            [...$this->first, ...array_values(array_filter($this->others, $isNoted))],
            array_values(array_filter($this->others, static fn (Dimension $dimension): bool => ! $isNoted($dimension))),
        );
    }
}
