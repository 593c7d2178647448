<?php

declare(strict_types=1);

namespace App\Api;

use App\Models\ApiScope;
use App\Models\ApiToken;
use App\Models\TrailAction;
use App\Models\User;
use App\Support\Secret;
use App\Trail\Trail;
use Psr\Clock\ClockInterface;

/** Tokens for programs: each until a day, closed by one tap, told once and kept as a hash. */
final readonly class ApiTokens
{
    public const DAYS = [30, 90, 365];

    /** Seconds between two times that it is written down when a token was used. */
    private const TELL_EVERY = 60;

    public function __construct(private ClockInterface $clock, private Trail $trail)
    {
    }

    /**
     * @param  non-empty-list<ApiScope>  $scopes
     * @return string told once
     */
    public function make(User $by, string $name, array $scopes, int $days): string
    {
        $secret = Secret::make();
        $token = ApiToken::query()->create([
            'practice_id' => $by->practice_id, 'user_id' => $by->id, 'name' => $name, 'token' => Secret::hash($secret),
            'scopes' => array_map(static fn (ApiScope $scope): string => $scope->value, $scopes),
            'ends_at' => $this->clock->now()->modify("+{$days} days"),
        ]);
        $this->trail->note($by, TrailAction::Added, $token);

        return $secret;
    }

    /** Null where it has ended, was closed or never was, and where its user may not sign in. */
    public function find(string $secret): ?ApiToken
    {
        return ApiToken::query()->with('user.practice')->where('token', Secret::hash($secret))->whereNull('closed_at')
            ->where('ends_at', '>', $this->clock->now())
            ->whereHas('user', static fn ($users) => $users->whereNull('disabled_at'))->first();
    }

    public function used(ApiToken $token): void
    {
        $now = $this->clock->now();
        if ($token->used_at === null || $token->used_at->getTimestamp() < $now->getTimestamp() - self::TELL_EVERY) {
            $token->update(['used_at' => $now]);
        }
    }

    public function close(User $by, ApiToken $token): void
    {
        $token->update(['closed_at' => $this->clock->now()]);
        $this->trail->note($by, TrailAction::Archived, $token);
    }
}
