<?php

declare(strict_types=1);

namespace App\Plan;

use App\Models\Plan;
use Core\Response\RiskCaps;
use Illuminate\Database\Connection;

/** Changes the rules of a plan while it runs: they hold from the next trial on. */
final readonly class ChangeRules
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * @param  array<string, mixed>  $columns  of the plan, besides its limits
     * @param  ?int  $trialsAnOuting  at the plan's place; null leaves it as it is
     */
    public function change(Plan $plan, RiskCaps $caps, array $columns, ?int $trialsAnOuting): void
    {
        $this->database->transaction(static function () use ($plan, $caps, $columns, $trialsAnOuting): void {
            $plan->update(['strain_cap' => $caps->strain->value, 'reaction_cap' => $caps->reaction->value, ...$columns]);
            if ($trialsAnOuting !== null) {
                $plan->place?->update(['trials_an_outing' => $trialsAnOuting]);
            }
        });
    }
}
