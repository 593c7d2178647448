<?php

declare(strict_types=1);

namespace App\Watch\Http;

use App\Watch\Counters;
use App\Watch\Spent;
use Illuminate\Http\Request;
use Psr\Log\LoggerInterface;
use Symfony\Component\HttpFoundation\Response;

/** After each answer is sent: it is counted, and where it took long, what it was is logged. Nobody waits for it. */
final readonly class WatchRequest
{
    public const SLOW_MS = 1000.0;

    public function __construct(private Counters $counters, private Spent $spent, private LoggerInterface $log)
    {
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        return $next($request);
    }

    public function terminate(Request $request, Response $response): void
    {
        $since = $request->server('REQUEST_TIME_FLOAT');
        $took = is_numeric($since) ? 1000.0 * (microtime(true) - (float) $since) : 0.0;
        $route = $request->route()?->getName() ?? $request->route()?->uri() ?? 'none';
        $isSlow = $took >= self::SLOW_MS;
        $this->counters->answered($route, $response->getStatusCode(), $took, $this->spent, $isSlow);
        if ($isSlow || $this->spent->slow !== []) {
            $this->log->warning($isSlow ? 'slow request' : 'slow query', [
                'route' => $route, 'status' => $response->getStatusCode(), 'ms' => round($took), 'queries' => $this->spent->queries,
                'database_ms' => round($this->spent->milliseconds), 'slow' => $this->spent->slow,
                'memory_mb' => round(memory_get_peak_usage() / 1048576),
            ]);
        }
    }
}
