<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Decision\RuleSettings;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Measure\Distance;

/** A plan as the core knows it. */
final readonly class PlanInCore
{
    /**
     * @param  list<int>  $stepIds by position
     * @param  DimensionCatalog  $catalog  of its kind, in this dog's own order
     * @param  ?Exposure  $reactsTo  where no distance tells it
     */
    public function __construct(
        public Ladder $ladder,
        public RuleSettings $settings,
        public array $stepIds,
        public Distance $reference,
        public bool $referenceStated,
        public ?Exposure $fineAt,
        public DimensionCatalog $catalog,
        public ?Exposure $reactsTo,
    ) {
    }

    /** @return list<string> dimensions that the steps fix */
    public function dimensions(): array
    {
        $keys = [];
        foreach ($this->ladder->steps as $step) {
            $keys += $step->exposure->values;
        }

        return array_keys($keys);
    }
}
