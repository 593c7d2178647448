<?php

declare(strict_types=1);

namespace App\Watch\Http;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Config;
use Symfony\Component\HttpFoundation\Response;

/**
 * For whoever runs the server: asked on the machine itself, not through its proxy, or with the token that the settings name. To everybody
 * else there is no such page.
 */
final class OperatorOnly
{
    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $token = Config::string('app.operator_token');
        $given = (string) ($request->bearerToken() ?? $request->getPassword());
        $isHere = in_array($request->server('REMOTE_ADDR'), ['127.0.0.1', '::1'], true) && ! $request->headers->has('X-Forwarded-For');
        abort_unless($isHere || ($token !== '' && hash_equals($token, $given)), 404);

        return $next($request);
    }
}
