<?php

declare(strict_types=1);

namespace App\Watch;

/**
 * How much was asked of this server and how long it took, as a text in the open format that collectors of such numbers read (OpenMetrics).
 * Routes are named by their patterns: no number of a dog and no address of a person ever stands in it.
 */
final readonly class Counters
{
    /** Upper ends of the classes of durations, in milliseconds. */
    private const CLASSES = [10, 25, 50, 100, 250, 500, 1000, 2500];

    private const HELP = [
        'wheatear_requests' => ['counter', 'Requests answered, by route and status.'],
        'wheatear_request_milliseconds' => ['histogram', 'How long they took.'],
        'wheatear_queries' => ['counter', 'Queries asked of the database, by route.'],
        'wheatear_slow_requests' => ['counter', 'Requests that took longer than they should, by route.'],
        'wheatear_slow_queries' => ['counter', 'Queries that took longer than they should, by route.'],
    ];

    public function __construct(private Tally $tally)
    {
    }

    public function answered(string $route, int $status, float $milliseconds, Spent $spent, bool $isSlow): void
    {
        $this->tally->add("wheatear_requests_total{route=\"{$route}\",status=\"{$status}\"}");
        foreach (self::CLASSES as $end) {
            if ($milliseconds <= $end) {
                $this->tally->add("wheatear_request_milliseconds_bucket{route=\"{$route}\",le=\"{$end}\"}");
            }
        }
        $this->tally->add("wheatear_request_milliseconds_bucket{route=\"{$route}\",le=\"+Inf\"}");
        $this->tally->add("wheatear_request_milliseconds_sum{route=\"{$route}\"}", (int) round($milliseconds));
        $this->tally->add("wheatear_request_milliseconds_count{route=\"{$route}\"}");
        $this->tally->add("wheatear_queries_total{route=\"{$route}\"}", $spent->queries);
        if ($isSlow) {
            $this->tally->add("wheatear_slow_requests_total{route=\"{$route}\"}");
        }
        if ($spent->slow !== []) {
            $this->tally->add("wheatear_slow_queries_total{route=\"{$route}\"}", count($spent->slow));
        }
    }

    /** @param  array<string, array{float|int, string}>  $now  numbers that go up and down, with what they are, by name */
    public function text(array $now): string
    {
        $counted = $this->tally->all();
        $lines = [];
        foreach (self::HELP as $name => [$type, $help]) {
            array_push($lines, "# HELP {$name} {$help}", "# TYPE {$name} {$type}");
            foreach ($counted as $key => $value) {
                if (preg_match("/^{$name}_(total|bucket|sum|count)\\{/", $key) === 1) {
                    $lines[] = "{$key} {$value}";
                }
            }
        }
        foreach ($now as $name => [$value, $help]) {
            array_push($lines, "# HELP {$name} {$help}", "# TYPE {$name} gauge", "{$name} {$value}");
        }

        return implode("\n", [...$lines, '# EOF', '']);
    }
}
