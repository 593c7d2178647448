<?php

declare(strict_types=1);

namespace App\Practice\Http;

use Illuminate\Database\Connection;
use Illuminate\Database\QueryException;
use Illuminate\Http\Response;

/** For whatever watches the server: whether the database answers, too. */
final readonly class HealthController
{
    public function __invoke(Connection $database): Response
    {
        try {
            $database->select('SELECT 1');
        } catch (QueryException|\PDOException) {
            return response("the database does not answer\n", 503, ['Content-Type' => 'text/plain']);
        }

        return response("ok\n", 200, ['Content-Type' => 'text/plain']);
    }
}
