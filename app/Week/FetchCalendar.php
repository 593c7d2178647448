<?php

declare(strict_types=1);

namespace App\Week;

use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Factory;

/**
 * Gets a calendar from an address. Only from hosts that the machine's keeper has named (WHEATEAR_CALENDAR_HOSTS): an address that
 * anybody may type must not reach what else listens inside a network.
 */
final readonly class FetchCalendar
{
    private const SECONDS = 5;

    public function __construct(private Factory $http, private Repository $config)
    {
    }

    /** @throws BadCalendar */
    public function get(string $address): string
    {
        $parts = parse_url($address);
        $host = is_array($parts) ? ($parts['host'] ?? '').(isset($parts['port']) ? ":{$parts['port']}" : '') : '';
        $allowed = $this->config->get('calendar.hosts');
        if (! is_array($parts) || ! in_array($parts['scheme'] ?? '', ['http', 'https'], true) || isset($parts['user'])
            || ! in_array(strtolower($host), is_array($allowed) ? $allowed : [], true)) {
            throw new BadCalendar('not_allowed');
        }
        try {
            $answer = $this->http->timeout(self::SECONDS)->connectTimeout(self::SECONDS)->withOptions([
                'allow_redirects' => false, 'progress' => static function (mixed $all, mixed $got): void {
                    if (is_numeric($got) && $got > BusyTimesReader::MOST_BYTES) {
                        throw new BadCalendar('too_big');
                    }
                },
            ])->get($address);
        } catch (ConnectionException) {
            throw new BadCalendar('unreachable');
        }
        if (! $answer->ok()) {
            throw new BadCalendar('unreachable');
        }

        return $answer->body();
    }
}
