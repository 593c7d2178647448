<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\LinkKind;
use App\Models\OneTimeLink;
use App\Support\Secret;
use Illuminate\Contracts\Config\Repository;
use Psr\Clock\ClockInterface;

/** Addresses that open one thing once, and end by themselves. */
final readonly class OneTimeLinks
{
    public const ROUTES = [
        'set_up' => 'set-up/', 'invitation' => 'invitations/', 'password' => 'password/',
    ];

    public function __construct(private ClockInterface $clock, private Repository $config)
    {
    }

    /** The address. An older one of the same kind for the same ends. */
    public function make(LinkKind $kind, ?int $subject = null): string
    {
        $this->end($kind, $subject);
        $token = Secret::make();
        OneTimeLink::query()->create([
            'kind' => $kind, 'subject_id' => $subject, 'token' => Secret::hash($token),
            'ends_at' => $this->clock->now()->modify("+{$kind->hours()} hours"),
        ]);
        $root = $this->config->get('app.url');

        // from the setting and not from the request: whoever asks must not choose where a mail leads
        return rtrim(is_string($root) ? $root : '', '/').'/'.self::ROUTES[$kind->value].$token;
    }

    /** What this still opens. */
    public function find(LinkKind $kind, string $token): ?OneTimeLink
    {
        return OneTimeLink::query()->where('kind', $kind)->where('token', Secret::hash($token))->whereNull('used_at')
            ->where('ends_at', '>', $this->clock->now())->first();
    }

    /** Whether it was still to be used: of two that come at once, one. */
    public function use(OneTimeLink $link): bool
    {
        return OneTimeLink::query()->whereKey($link->id)->whereNull('used_at')->update(['used_at' => $this->clock->now()]) === 1;
    }

    public function end(LinkKind $kind, ?int $subject): void
    {
        OneTimeLink::query()->where('kind', $kind)->where('subject_id', $subject)->whereNull('used_at')
            ->update(['used_at' => $this->clock->now()]);
    }
}
