<?php

declare(strict_types=1);

namespace App\Trials;

use App\Models\Moment;
use App\Models\Session;

/** What else happened in a session, in a few sentences. */
final readonly class SessionMoments
{
    private const MOST = 2000;

    /** @return list<string> */
    public function of(Session $session): array
    {
        $moments = $session->moments()->limit(self::MOST)->get();
        $count = static fn (MomentKind $kind): int => $moments->where('kind', $kind)->count();
        $most = static fn (MomentKind $kind, string $field): int => (int) $moments->where('kind', $kind)->max(static fn (Moment $moment): int => is_numeric($moment->data[$field] ?? null) ? (int) $moment->data[$field] : 0);
        $said = [];
        if ($count(MomentKind::Left) > 0) {
            $said[] = say('messages.moments.left', ['count' => $count(MomentKind::Left), 'hasSettled' => $count(MomentKind::Settled) > 0, 'after' => words()->formats->seconds($most(MomentKind::Settled, 'seconds'))]);
        }
        if ($count(MomentKind::TriggerSeen) > 0) {
            $said[] = say('messages.moments.seen', ['count' => $count(MomentKind::TriggerSeen)]);
        }
        if ($count(MomentKind::LookBack) > 0) {
            $said[] = say('messages.moments.looked_back', ['count' => $count(MomentKind::LookBack)]);
        }
        if ($count(MomentKind::Stare) > 0) {
            $said[] = say('messages.moments.stare', ['time' => words()->formats->seconds($most(MomentKind::Stare, 'ms') / 1000)]);
        }
        if ($count(MomentKind::Take) > 0) {
            $said[] = say('messages.moments.taken', ['count' => $count(MomentKind::Take)]);
        }

        return $said;
    }
}
