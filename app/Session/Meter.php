<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Session;
use App\Support\Fields;
use App\Support\Secret;
use Core\Sound\Metering;
use Illuminate\Database\Connection;
use Psr\Clock\ClockInterface;

/** What a sound level meter sends for one session. Its own clock is never asked: a reading says how long ago it was made. */
final readonly class Meter
{
    /** Some three hours at four a second. */
    public const MAX_READINGS = 50_000;

    /** An older reading says nothing of now. */
    private const FRESH_MILLISECONDS = 5_000;

    private const TIME = 'Y-m-d H:i:s.v';

    /** A meter reads as a sound fades. */
    private const AFTER_SECONDS = 0.5;

    /** When a sound began is told from when its trial arrived: the way through the network makes that late. */
    private const BEFORE_SECONDS = 2.0;

    public function __construct(private Connection $database, private ClockInterface $clock)
    {
    }

    /** A token for one session, shown once; only its hash is kept. An earlier one no longer counts. */
    public function connect(Session $session): string
    {
        $token = rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
        Session::query()->toBase()->where('id', $session->id)->update(['meter_token' => Secret::hash($token)]);

        return $token;
    }

    public static function isToken(?string $hash, string $token): bool
    {
        return $hash !== null && $token !== '' && hash_equals($hash, Secret::hash($token));
    }

    public function isFull(int $sessionId): bool
    {
        return $this->database->table('meter_readings')->where('session_id', $sessionId)->count() >= self::MAX_READINGS;
    }

    /**
     * @param  list<array{number: int, level: float, age_ms: int}>  $readings
     * @return int readings that were new; those known by their number change nothing
     */
    public function keep(int $sessionId, array $readings): int
    {
        $now = $this->clock->now();

        return $this->database->table('meter_readings')->insertOrIgnore(array_map(static fn (array $reading): array => [
            'session_id' => $sessionId, 'number' => $reading['number'], 'level' => $reading['level'],
            'read_at' => $now->modify("-{$reading['age_ms']} milliseconds")->format(self::TIME),
        ], $readings));
    }

    /** The newest level in dB(A), if it is fresh. */
    public function now(int $sessionId): ?float
    {
        $since = $this->clock->now()->modify('-'.self::FRESH_MILLISECONDS.' milliseconds')->format(self::TIME);
        $level = $this->database->table('meter_readings')
            ->where('session_id', $sessionId)->where('read_at', '>=', $since)->orderByDesc('read_at')->value('level');

        return is_numeric($level) ? (float) $level : null;
    }

    /** The level at the dog of a sound that began then and lasted so many seconds, in dB(A); null if no meter can tell. */
    public function levelOf(Session $session, \DateTimeImmutable $from, float $seconds): ?float
    {
        if ($session->meter_token === null) {
            return null;
        }
        $start = $from->modify(sprintf('-%d milliseconds', (int) (1000 * (Metering::BACKGROUND_SECONDS + self::BEFORE_SECONDS))));
        $end = $from->modify(sprintf('+%d milliseconds', (int) (1000 * ($seconds + self::AFTER_SECONDS))));
        $rows = $this->database->table('meter_readings')->where('session_id', $session->id)->whereBetween(
            'read_at', [$start->format(self::TIME), $end->format(self::TIME)],
        )->orderBy('read_at')->limit(2_000)->get(['read_at', 'level']);
        $readings = [];
        foreach ($rows as $values) {
            $row = Fields::of($values);
            $readings[] = [
                (float) (new \DateTimeImmutable($row->text('read_at'), new \DateTimeZone('UTC')))->format('U.u'), $row->number('level'),
            ];
        }
        $at = (float) $from->format('U.u');

        return Metering::levelDuring($readings, $at - self::BEFORE_SECONDS, $at + $seconds + self::AFTER_SECONDS);
    }
}
