<?php

declare(strict_types=1);

namespace App\Live;

/**
 * Whether a session that somebody looks on at still stands as they saw it last. Asked before the framework is there, so it stands alone:
 * the environment tells the key that addresses are signed with, and the database.
 */
final class Unchanged
{
    /** Seconds that a watcher's database may take to be reached. */
    private const PATIENCE = 2;

    /**
     * @param  array<mixed>  $server
     * @param  array<mixed>  $query
     * @param  int  $now  in seconds
     * @param  \Closure(int): ?string  $version  of a session that goes on; it asks the database
     * @return bool true for an address of ours, not yet over, whose session has the version that is asked about and goes on
     */
    public static function tell(array $server, array $query, int $now, \Closure $version): bool
    {
        $uri = is_string($server['REQUEST_URI'] ?? null) ? $server['REQUEST_URI'] : '';
        $key = getenv('APP_KEY');
        $since = $query['since'] ?? null;
        if (! is_string($key) || $key === '' || ! is_string($since) || ! ctype_digit($since) || ! self::isSigned($uri, $query, $key, $now)
            || preg_match('#^/live/(\d{1,18})\?#', $uri, $found) !== 1) {
            return false;
        }
        try {
            return $version((int) $found[1]) === $since;
        } catch (\PDOException) {
            // the application says what is wrong
            return false;
        }
    }

    /**
     * As the framework signs an address of this application, without what the watcher adds.
     *
     * @param  array<mixed>  $query
     */
    private static function isSigned(string $uri, array $query, string $key, int $now): bool
    {
        [$path, $rest] = [...explode('?', $uri, 2), ''];
        $signed = implode('&', array_filter(
            explode('&', $rest),
            static fn (string $part): bool => ! str_starts_with($part, 'signature=') && ! str_starts_with($part, 'since='),
        ));
        $expires = $query['expires'] ?? null;

        return is_string($query['signature'] ?? null) && is_string($expires) && ctype_digit($expires) && (int) $expires > $now
            && hash_equals(hash_hmac('sha256', "{$path}?{$signed}", $key), $query['signature']);
    }

    /** The version of a session that goes on, as the environment tells where it is. */
    public static function version(int $session): ?string
    {
        $socket = (string) getenv('DB_SOCKET');
        $where = $socket === '' ? 'host='.getenv('DB_HOST').';port='.getenv('DB_PORT') : "unix_socket={$socket}";
        // kept open by this worker: nothing but this one row is ever asked for
        $database = new \PDO(
            "mysql:{$where};dbname=".getenv('DB_DATABASE'), (string) getenv('DB_USERNAME'), (string) getenv('DB_PASSWORD'),
            [\PDO::ATTR_PERSISTENT => true, \PDO::ATTR_TIMEOUT => self::PATIENCE, \PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
        );
        $row = $database->query("SELECT JSON_VALUE(state, '$.version') FROM sessions WHERE id = {$session} AND ended_at IS NULL");
        $found = $row === false ? false : $row->fetchColumn();

        return is_int($found) || is_string($found) ? (string) $found : null;
    }
}
