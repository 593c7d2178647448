<?php

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Phones that log while machines go and come back, for as long as a file is there; then what each of three databases has of it. */
require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/devices.php';
[, $base, $go, $sessions] = $argv;
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$phones = new Devices($base, new Randomizer(new Xoshiro256StarStar(19)));
$phones->settle((int) $sessions);
$phones->signIn();
$isDone = $phones->work(
    0.6,
    static function (float $seconds) use ($go): bool {
        clearstatcache();
        file_put_contents(dirname($go).'/seconds.new', (string) (int) $seconds);
        rename(dirname($go).'/seconds.new', dirname($go).'/seconds');

        return is_file($go);
    },
    static fn (): array => ['reachable' => true, 'lossy' => false],
);
// the last writes reach the others within a moment
sleep(2);
$same = [];
$isGood = $isDone;
printf("%-12s %8s %8s %8s %8s %10s %8s\n", '', 'tapped', 'stored', 'lost', 'doubled', 'disordered', 'unfiled');
foreach ([1, 2, 3] as $n) {
    Config::set("database.connections.node{$n}", [
        ...Config::array('database.connections.mariadb'), 'port' => getenv("DB_PORT_{$n}"), 'unix_socket' => '',
    ]);
    $found = $phones->compare("node{$n}");
    printf("%-12s %8d %8d %8d %8d %10d %8d\n", "database {$n}", ...array_values($found));
    $isGood = $isGood && $found['tapped'] === $found['stored'] && $found['lost'] + $found['doubled'] + $found['disordered'] === 0;
    foreach (DB::connection("node{$n}")->select('CHECKSUM TABLE trials, trial_exposures, advice, sessions, sets, events') as $row) {
        $same[$row->Table][] = $row->Checksum;
    }
}
foreach ($same as $table => $sums) {
    if (count(array_unique($sums)) > 1) {
        $isGood = false;
        printf("%s is not the same on all three\n", $table);
    }
}
ksort($phones->answers);
printf("Answers by status (0: none): %s. Longest time in which no trial was acknowledged: %.1f s. Still waiting: %d.\n",
    implode(', ', array_map(
        static fn (int $status, int $times): string => "{$status}: {$times}", array_keys($phones->answers), $phones->answers,
    )),
    $phones->longestSilence, $phones->waiting());
echo $isGood ? "All three databases hold every acknowledged trial once, in order, and are the same.\n" : "Not all is as it should be.\n";
exit($isGood ? 0 : 1);
