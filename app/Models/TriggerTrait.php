<?php

declare(strict_types=1);

namespace App\Models;

/**
 * One trait that may matter: size, beard or hat, wheels, speed.
 *
 * @property int $trigger_id
 * @property string $name
 * @property string $value
 */
final class TriggerTrait extends Entity
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'trigger_id';

    protected $fillable = ['trigger_id', 'name', 'value'];
}
