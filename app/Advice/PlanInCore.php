<?php

declare(strict_types=1);

namespace App\Advice;

use App\Models\Plan;
use App\Models\ResponseModel;
use Core\Decision\RuleSettings;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Response\RiskLimits;

/** A plan as the core knows it. */
final readonly class PlanInCore
{
    /** @param  list<int>  $stepIds by position */
    public function __construct(
        public Ladder $ladder,
        public RuleSettings $settings,
        public array $stepIds,
        public Distance $reference,
        public bool $referenceStated,
        public ?Exposure $fineAt,
    ) {
    }

    public static function limits(Plan $plan): RiskLimits
    {
        return RiskLimits::of($plan->strain_limit, $plan->reaction_limit);
    }

    public static function fineAt(ResponseModel $model, DimensionCatalog $catalog): ?Exposure
    {
        return $model->fine_at_meters === null ? null : Exposure::of(['distance' => $model->fine_at_meters], $catalog);
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
