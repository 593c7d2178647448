<?php

declare(strict_types=1);

namespace App\Practice\Http;

use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** For whatever watches the server: whether the database answers, too, and whether the worker keeps up. */
final readonly class HealthController
{
    private const WAITING_MINUTES = 10;

    public function __invoke(Connection $database, ClockInterface $clock): Response
    {
        try {
            $waiting = $database->table('jobs')->whereNull('reserved_at')
                ->where('available_at', '<', $clock->now()->getTimestamp() - 60 * self::WAITING_MINUTES)->count();
        } catch (QueryException|\PDOException) {
            return response("the database does not answer\n", 503, ['Content-Type' => 'text/plain']);
        }

        // pages are served all the same: nobody is to be sent to another machine for it
        $told = $waiting === 0
            ? 'ok'
            : "ok, but {$waiting} letters have waited for over ".self::WAITING_MINUTES.' minutes: does the worker run?';

        return response("{$told}\n", 200, ['Content-Type' => 'text/plain']);
    }
}
