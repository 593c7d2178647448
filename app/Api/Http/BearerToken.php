<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\ApiTokens;
use App\Models\ApiScope;
use Illuminate\Cache\RateLimiter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets a program in by its token, as far as that goes, and so many times a minute. It always answers in JSON. */
final readonly class BearerToken
{
    public const A_MINUTE = 240;

    public function __construct(private ApiTokens $tokens, private RateLimiter $limiter)
    {
    }

    /** @param  \Closure(Request): Response  $next */
    public function handle(Request $request, \Closure $next, string $scope): Response
    {
        $request->headers->set('Accept', 'application/json');
        $token = $this->tokens->find($request->bearerToken() ?? '');
        if ($token === null) {
            return new JsonResponse(['message' => say('api.answers.no_token')], 401, ['WWW-Authenticate' => 'Bearer']);
        }
        $key = "api {$token->id}";
        if ($this->limiter->tooManyAttempts($key, self::A_MINUTE)) {
            return new JsonResponse(['message' => say('api.answers.too_many', ['most' => self::A_MINUTE])], 429, [
                'Retry-After' => (string) $this->limiter->availableIn($key),
            ]);
        }
        $this->limiter->hit($key, 60);
        if (! $token->may(ApiScope::from($scope))) {
            return new JsonResponse(['message' => say('api.answers.not_given', ['scope' => $scope])], 403);
        }
        $this->tokens->used($token);
        Auth::setUser($token->user);
        $answer = $next($request);
        $answer->headers->set('X-RateLimit-Remaining', (string) $this->limiter->remaining($key, self::A_MINUTE));
        $answer->headers->set('Cache-Control', 'private, no-store');

        return $answer;
    }
}
