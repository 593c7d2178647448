<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\HandlerLimit;
use Core\Method\Clearance;

/** Something keeps a session from beginning. */
final class NotCleared extends \DomainException
{
    /**
     * @param  non-empty-list<Clearance>  $inTheWay
     * @param  ?HandlerLimit  $limit  why this person may not handle this dog, where that is so
     */
    public function __construct(public readonly array $inTheWay, public readonly ?HandlerLimit $limit)
    {
        parent::__construct('The session may not begin: '.implode(', ', array_column($inTheWay, 'value')));
    }
}
