<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Database\Events\QueryExecuted;

/** What one request has asked of the database: how often, for how long, and what took long, without its values. */
final class Spent
{
    public const SLOW_QUERY_MS = 250.0;

    private const MOST_SLOW = 5;

    public int $queries = 0;

    public float $milliseconds = 0.0;

    /** @var list<array{sql: string, ms: float}> */
    public array $slow = [];

    public function on(QueryExecuted $query): void
    {
        $this->queries++;
        $this->milliseconds += $query->time;
        if ($query->time >= self::SLOW_QUERY_MS && count($this->slow) < self::MOST_SLOW) {
            $this->slow[] = ['sql' => $query->sql, 'ms' => round($query->time, 1)];
        }
    }
}
