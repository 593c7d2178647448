<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\DimensionOrder;
use App\Models\ResponseModel;
use App\Models\SoundSetUp;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\PlanKind;
use Core\Measure\LevelScale;

/** The dimensions of a dog's plans, in that dog's own order where it has one, its sounds told as its player allows. */
final readonly class DogCatalogs
{
    public function __construct(private CoreCatalogs $catalogs)
    {
    }

    public function of(ResponseModel $model): DimensionCatalog
    {
        $catalog = $this->ofDog($model->dog_id, $model->kind);
        $sound = SoundSetUp::of($model);

        return $sound === null ? $catalog : $catalog->withLevels($sound->scale());
    }

    public function ofDog(int $dogId, PlanKind $kind): DimensionCatalog
    {
        $orders = [];
        foreach (DimensionOrder::query()->where('dog_id', $dogId)->where('kind', $kind->value)->limit(50)->get() as $own) {
            $orders[$own->dimension] = $own->order;
        }

        // until somebody has measured, only the player's own share can be told
        return $this->catalogs->dimensions($kind)->withOrders($orders)->withLevels(LevelScale::ofPlayer());
    }
}
