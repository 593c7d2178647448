<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;

/**
 * One row of a file as it was understood.
 *
 * @property int $id
 * @property int $import_id
 * @property int $number in the file, from 1
 * @property string $state good, known or bad
 * @property ?string $uuid
 * @property string $session what belongs to one session
 * @property ?CarbonImmutable $occurs_at
 * @property array<string, mixed> $data as it is written; of a bad one, what is wrong with it
 */
final class ImportRow extends Entity
{
    public $timestamps = false;

    protected $fillable = ['import_id', 'number', 'state', 'uuid', 'session', 'occurs_at', 'data'];

    protected $casts = ['occurs_at' => 'immutable_datetime', 'data' => 'array'];
}
