<?php

declare(strict_types=1);

namespace App\Advice;

use App\Models\DimensionOrder;
use App\Models\ResponseModel;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\PlanKind;

/** The dimensions of a dog's plans, in that dog's own order where it has one. */
final readonly class DogCatalogs
{
    public function __construct(private CoreCatalogs $catalogs)
    {
    }

    public function of(ResponseModel $model): DimensionCatalog
    {
        return $this->ofDog($model->dog_id, $model->kind);
    }

    public function ofDog(int $dogId, PlanKind $kind): DimensionCatalog
    {
        $orders = [];
        foreach (DimensionOrder::query()->where('dog_id', $dogId)->where('kind', $kind->value)->limit(50)->get() as $own) {
            $orders[$own->dimension] = $own->order;
        }

        return $this->catalogs->dimensions($kind)->withOrders($orders);
    }
}
