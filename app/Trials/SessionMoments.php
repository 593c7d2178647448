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
        $count = static fn (string $kind): int => $moments->where('kind', $kind)->count();
        $most = static fn (string $kind, string $field): int => (int) $moments->where('kind', $kind)->max(static fn (Moment $moment): int => is_numeric($moment->data[$field] ?? null) ? (int) $moment->data[$field] : 0);
        $said = [];
        if ($count('left') > 0) {
            $said[] = sprintf('Left %s%s.', self::times($count('left')), $count('settled') > 0 ? sprintf('; it ate and did a cue after at most %d s', $most('settled', 'seconds')) : '');
        }
        if ($count('trigger_seen') > 0) {
            $said[] = 'The trigger came '.self::times($count('trigger_seen')).'.';
        }
        if ($count('look_back') > 0) {
            $said[] = 'It looked back '.self::times($count('look_back')).'.';
        }
        if ($count('stare') > 0) {
            $said[] = sprintf('Longest stare %s s.', round($most('stare', 'ms') / 1000, 1));
        }
        if ($count('take') > 0) {
            $said[] = 'Another device took over '.self::times($count('take')).'.';
        }

        return $said;
    }

    private static function times(int $count): string
    {
        return $count === 1 ? 'once' : "{$count} times";
    }
}
