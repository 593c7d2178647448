<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\DimensionOrder;
use App\Models\Dog;
use Core\Exposure\PlanKind;

/** Keeps a dog's own order of what is easy and what is hard, or goes back to the usual one. */
final readonly class SaveOrder
{
    /** @param  list<string>  $order  values, the easiest first */
    public function keep(Dog $dog, PlanKind $kind, string $dimension, array $order): void
    {
        DimensionOrder::query()->updateOrCreate(
            ['dog_id' => $dog->id, 'kind' => $kind->value, 'dimension' => $dimension],
            ['practice_id' => $dog->practice_id, 'order' => $order],
        );
    }

    public function backToUsual(Dog $dog, PlanKind $kind, string $dimension): void
    {
        DimensionOrder::query()->where('dog_id', $dog->id)->where('kind', $kind->value)->where('dimension', $dimension)->delete();
    }
}
