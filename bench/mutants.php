<?php

declare(strict_types=1);

/*
 * Changes the code in small ways, one at a time, and tells which changes the tests that run the place let pass. Works on a copy; the
 * tree is not touched. Called by bench/mutants, which sets up pcov and a database of its own.
 *
 *     bench/mutants [--each=N] [--seed=N] [--only=core/src/Decision] [--list=FILE]
 */

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/mutation/Mutants.php';

use Bench\Mutation\Mutants;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

$options = getopt('', ['each:', 'seed:', 'only:', 'list:', 'copy:', 'maps:']);
$text = static fn (string $name, string $else): string => is_string($options[$name] ?? null) ? $options[$name] : $else;
[$each, $only, $copy] = [(int) $text('each', '12'), $text('only', ''), $text('copy', '')];
$random = new Randomizer(new Xoshiro256StarStar((int) $text('seed', '1')));

/** Longer than any test that passes; then the change has made something endless, and is caught. */
const PATIENCE = 300;

/** Tests that a change has to get past: those of the application take their time. */
const MAX_TESTS = ['core' => 150, 'app' => 90];

// which tests run which line of the copy, and how much of what a test runs is in one file
$tests = $inFile = $inAll = [];
foreach (explode(',', $text('maps', '')) as $map) {
    foreach (new SplFileObject($map) as $line) {
        $row = json_decode((string) $line, true);
        if (is_array($row)) {
            // of a test with data all sets are run
            $row['test'] = strtok($row['test'], '#');
            foreach ($row['ran'] as $file => $lines) {
                $file = substr($file, strlen($copy) + 1);
                $inFile[$file][$row['test']] = ($inFile[$file][$row['test']] ?? 0) + count($lines);
                $inAll[$row['test']] = ($inAll[$row['test']] ?? 0) + count($lines);
                foreach ($lines as $number) {
                    $tests[$file][$number][] = $row['test'];
                }
            }
        }
    }
}

/** Runs some tests of the copy: whether all of them passed. */
$passes = static function (array $named) use ($copy): bool {
    $filter = '/^('.implode('|', array_map(static fn (string $test): string => preg_quote($test, '/'), $named)).')( with data set .*)?$/s';
    $suite = str_starts_with($named[0], 'Tests\\Feature') ? 'application' : 'core';
    $command = [
        'timeout', (string) PATIENCE, 'vendor/bin/phpunit', '--testsuite', $suite, '--bootstrap', 'bench/mutation/bootstrap.php',
        '--stop-on-defect', '--no-output', '--filter', $filter,
    ];
    $process = proc_open($command, [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes, $copy);

    return is_resource($process) && proc_close($process) === 0;
};

$folders = [];
foreach (['core/src', 'app'] as $root) {
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$copy}/{$root}")), '/\.php$/') as $file) {
        $name = substr((string) $file, strlen($copy) + 1);
        $folder = implode('/', array_slice(explode('/', $name), 0, $root === 'app' ? 2 : 3));
        // the demo is data; what only wires things up has nothing to be wrong in
        if (($only === '' || str_starts_with($name, $only)) && ! in_array(
            $folder, ['app/Demo', 'app/Console', 'app/Providers', 'app/Support'], true,
        )) {
            $code = (string) file_get_contents((string) $file);
            foreach (Mutants::of($code) as $mutant) {
                $folders[$folder][] = ['file' => $name, ...$mutant];
            }
        }
    }
}
ksort($folders);
$survivors = [];
$all = [];
foreach ($folders as $folder => $mutants) {
    $chosen = array_slice($random->shuffleArray($mutants), 0, $each);
    $killed = 0;
    foreach ($chosen as $mutant) {
        $named = array_values(array_unique(array_merge(...array_map(
            static fn (int $line): array => $tests[$mutant['file']][$line] ?? [], range(...$mutant['lines']),
        ))));
        // a rule of the core must be held by the core's own tests
        if (str_starts_with($mutant['file'], 'core/')) {
            $named = array_values(array_filter($named, static fn (string $test): bool => ! str_starts_with($test, 'Tests\\Feature')));
        }
        // those that are most about the file, and enough of them to be fair: what runs under every request is run by every test
        $about = static fn (string $test): float => $inFile[$mutant['file']][$test] / $inAll[$test];
        usort($named, static fn (string $a, string $b): int => $about($b) <=> $about($a));
        $named = array_slice($named, 0, MAX_TESTS[strtok($mutant['file'], '/')]);
        $code = (string) file_get_contents("{$copy}/{$mutant['file']}");
        file_put_contents("{$copy}/{$mutant['file']}", substr_replace($code, $mutant['by'], $mutant['from'], $mutant['length']));
        $isCaught = false;
        foreach (array_chunk($named, 30) as $chunk) {
            foreach (['Tests\\Feature', ''] as $kind) {
                $some = array_values(array_filter(
                    $chunk, static fn (string $test): bool => str_starts_with($test, 'Tests\\Feature') === ($kind !== ''),
                ));
                if (! $isCaught && $some !== [] && ! $passes($some)) {
                    $isCaught = true;
                }
            }
        }
        file_put_contents("{$copy}/{$mutant['file']}", $code);
        $killed += $isCaught ? 1 : 0;
        $all[$mutant['kind']][] = $isCaught;
        if (! $isCaught) {
            $was = substr($code, $mutant['from'], min(60, $mutant['length']));
            $survivors[] = "{$mutant['file']}:{$mutant['line']} {$mutant['kind']}: "
                .trim(strtok($was, "\n") ?: '')." → {$mutant['by']}".($named === [] ? ' (no test runs this line)' : '');
        }
    }
    printf(
        "%-24s %3d of %3d killed (%3.0f %%), of %d possible\n", $folder, $killed, count($chosen), 100 * $killed / max(1, count($chosen)),
        count($mutants),
    );
    // folder by folder, so that a run which is broken off has said what it knows
    $text('list', '') === '' || file_put_contents($text('list', ''), implode("\n", $survivors)."\n");
}
echo "\n";
foreach ($all as $kind => $caught) {
    printf("%-12s %3d of %3d\n", $kind, count(array_filter($caught)), count($caught));
}
$text('list', '') === '' && print "\n".implode("\n", $survivors)."\n";
