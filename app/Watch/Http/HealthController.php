<?php

declare(strict_types=1);

namespace App\Watch\Http;

use App\Watch\ServerHealth;
use Illuminate\Contracts\View\View;
use Illuminate\Database\QueryException;
use Illuminate\Http\Response;

/** For whatever watches the server, and for whoever runs it. */
final readonly class HealthController
{
    public function __construct(private ServerHealth $health)
    {
    }

    /** Whether the database answers, too, and whether the worker keeps up. */
    public function __invoke(): Response
    {
        try {
            $waiting = $this->health->waitingLong();
        } catch (QueryException|\PDOException) {
            return response("the database does not answer\n", 503, ['Content-Type' => 'text/plain']);
        }

        // pages are served all the same: nobody is to be sent to another machine for it
        $told = $waiting === 0
            ? 'ok'
            : "ok, but {$waiting} letters have waited for over ".ServerHealth::WAITING_MINUTES.' minutes: does the worker run?';

        return response("{$told}\n", 200, ['Content-Type' => 'text/plain']);
    }

    public function show(): View
    {
        return view('pages.server', ['numbers' => $this->health->numbers(), 'problems' => $this->health->problems()]);
    }
}
