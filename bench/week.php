<?php

declare(strict_types=1);

use Core\Scheduling\WeekProblem;
use Core\Scheduling\WeekSolver;
use Core\Tests\Scheduling\Weeks;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * Ten weeks of forty plans, three people and eight places, each proposed as it is and by first laying alone, in turn: what looking for
 * better costs and brings. And small weeks against the best of all that are possible.
 */
$timed = static function (WeekSolver $solver, WeekProblem $problem): array {
    $started = hrtime(true);
    $week = $solver->solve($problem);

    return [(hrtime(true) - $started) / 1e6, $week->worth];
};
$full = $first = $met = $metFirst = $wished = [];
for ($seed = 1; $seed <= 10; $seed++) {
    $problem = Weeks::big($seed);
    [$full[], $worth] = $timed(new WeekSolver(), $problem);
    [$first[], $laid] = $timed(new WeekSolver(0), $problem);
    $met[] = $worth->met;
    $metFirst[] = $laid->met;
    $wished[] = array_sum(array_column($problem->demands, 'wished'));
}
sort($full);
sort($first);
printf("big weeks     median %.0f ms, slowest %.0f ms (aim: 2,000); first laying %.0f ms, ratio %.1f\n", $full[5], $full[9], $first[5],
    $full[5] / $first[5]);
printf("              sessions laid %d of %d wished; first laying %d\n", array_sum($met), array_sum($wished), array_sum($metFirst));
$same = $asGood = 0;
$most = 200;
for ($seed = 1; $seed <= $most; $seed++) {
    $problem = Weeks::small($seed);
    $found = (new WeekSolver())->solve($problem)->worth;
    $best = Weeks::best($problem);
    $same += $found->compare($best) === 0 ? 1 : 0;
    $asGood += [$found->reached, $found->met, $found->spread] === [$best->reached, $best->met, $best->spread] ? 1 : 0;
}
printf("small weeks   as many sessions on as many days as the best possible: %d of %d; the best itself: %d\n", $asGood, $most, $same);
