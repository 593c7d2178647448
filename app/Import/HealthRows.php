<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\HealthEntry;
use App\Models\HealthKind;
use App\Models\Import;
use App\Support\Fields;

/** Weights on days. */
final readonly class HealthRows implements RowWriter
{
    public function write(Import $import, \Closure $tell): int
    {
        $written = 0;
        foreach ($import->goodRows()->lazyById(1000) as $row) {
            $data = Fields::of($row->data);
            (new HealthEntry)->forceFill([
                'practice_id' => $import->practice_id, 'dog_id' => $data->int('dog'), 'user_id' => $import->user_id,
                'kind' => HealthKind::Weight, 'name' => '', 'kilograms' => $data->number('kilograms'),
                'from_on' => $row->occurs_at?->setTimezone($import->practice->zone())->format('Y-m-d'), 'uuid' => $row->uuid,
                'import_id' => $import->id,
            ])->save();
            $tell(++$written);
        }

        return $written;
    }
}
