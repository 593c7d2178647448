<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Event;
use App\Models\EventKind;
use App\Models\Import;
use App\Support\Fields;

/** Frights and scares. */
final readonly class UpsetRows implements RowWriter
{
    public function write(Import $import, \Closure $tell): int
    {
        $written = 0;
        foreach ($import->goodRows()->lazyById(1000) as $row) {
            $data = Fields::of($row->data);
            (new Event)->forceFill([
                'practice_id' => $import->practice_id, 'dog_id' => $data->int('dog'), 'user_id' => $import->user_id,
                'kind' => EventKind::Upset, 'severity' => $data->int('severity'), 'occurred_at' => $row->occurs_at,
                'note' => $data->text('note') === '' ? null : $data->text('note'), 'uuid' => $row->uuid, 'import_id' => $import->id,
            ])->save();
            $tell(++$written);
        }

        return $written;
    }
}
