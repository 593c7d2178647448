<?php

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Phones that log, and every few seconds another fault, by a seed; then what the database has of it. */
require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/devices.php';
[, $base, $seconds, $seed] = $argv;
const PHONES = 16;
const EVERY = 1.0;
const PAUSE = [6, 14];
const OF_THE_MACHINE = [
    'kill_php', 'kill_one_php', 'kill_web', 'kill_database', 'kill_worker', 'disk_full', 'database_disk_full', 'no_cache', 'slow_database',
];
const OF_THE_FIELD = ['network_off', 'answers_lost', 'handed_over'];
const LASTS = 5.0;

$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$random = new Randomizer(new Xoshiro256StarStar((int) $seed));
$phones = new Devices($base, $random);
$phones->settle(PHONES);
$phones->signIn();
printf("Seed %d: %d phones, a trial every %.0f s each, for %d s.\n", $seed, PHONES, EVERY, $seconds);
$next = 5.0;
/** @var array<string, float> $until when what is on ends, and the time now */
$until = ['network_off' => 0.0, 'answers_lost' => 0.0];
$happened = [];
$isDone = $phones->work(
    EVERY,
    static function (float $now) use (&$next, &$until, &$happened, $phones, $random, $seconds): bool {
        if ($now >= $next && $now < (int) $seconds - 15) {
            $all = [...OF_THE_MACHINE, ...OF_THE_FIELD];
            $fault = $all[$random->getInt(0, count($all) - 1)];
            $next = $now + $random->getInt(...PAUSE);
            $happened[$fault] = ($happened[$fault] ?? 0) + 1;
            printf("%5d s  %-20s %d waiting\n", $now, str_replace('_', ' ', $fault), $phones->waiting());
            match (true) {
                $fault === 'handed_over' => $phones->handOver(),
                isset($until[$fault]) => $until[$fault] = $now + LASTS,
                default => exec(escapeshellarg(__DIR__.'/faults')." {$fault} >/dev/null 2>&1 &"),
            };
        }
        $until['now'] = $now;

        return $now < (int) $seconds;
    },
    static function () use (&$until): array {
        /** @var array<string, float> $until */
        return [
            'reachable' => ($until['now'] ?? 0.0) >= $until['network_off'], 'lossy' => ($until['now'] ?? 0.0) < $until['answers_lost'],
        ];
    },
);
app('db')->purge();
$found = $phones->compare('mariadb');
ksort($happened);
ksort($phones->answers);
$list = static fn (array $counts): string => implode(', ', array_map(
    static fn (string|int $what, int $times): string => str_replace('_', ' ', (string) $what)." {$times}", array_keys($counts), $counts,
));
printf("Happened: %s.\nAnswers by status (0: none): %s. Longest time in which no trial was acknowledged: %.1f s.\n",
    $list($happened), $list($phones->answers), $phones->longestSilence);
printf("%d tapped, %d stored, %d lost, %d doubled, %d out of order, %d unfiled, %d waiting.\n",
    ...[...array_values($found), $phones->waiting()]);
$isGood = $isDone && $found['tapped'] === $found['stored'] && $found['lost'] + $found['doubled'] + $found['disordered'] === 0;
echo $isGood ? "Every trial is there once and in order.\n" : "Not all is as it should be.\n";
exit($isGood ? 0 : 1);
