<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;

/**
 * A statement outside of a transaction that lost against somebody else's, as between two nodes of a cluster, is done again: none of it was.
 * Within a transaction all of it would have to be, which only its own code can do.
 */
final class SteadyConnection extends MariaDbConnection
{
    private const TRIES = 3;

    private int $tried = 0;

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     */
    protected function handleQueryException(QueryException $e, $query, $bindings, \Closure $callback): mixed
    {
        if ($this->transactions > 0 || ! $this->causedByConcurrencyError($e) || $this->tried >= self::TRIES) {
            return parent::handleQueryException($e, $query, $bindings, $callback);
        }
        $this->tried++;
        try {
            return $this->run($query, $bindings, $callback);
        } finally {
            $this->tried = 0;
        }
    }
}
