<?php

declare(strict_types=1);

namespace App\Watch\Http;

use App\Watch\Counters;
use App\Watch\ServerHealth;
use Illuminate\Http\Response;

final readonly class MetricsController
{
    public function __invoke(Counters $counters, ServerHealth $health): Response
    {
        return new Response($counters->text($health->numbers()), 200, [
            'Content-Type' => 'application/openmetrics-text; version=1.0.0; charset=utf-8',
        ]);
    }
}
