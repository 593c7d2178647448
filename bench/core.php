<?php

declare(strict_types=1);

use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Planning\FoundPath;
use Core\Planning\NoPath;
use Core\Planning\PathSearch;
use Core\Response\DogModel;
use Core\Response\Fitter;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\ObservedRow;
use Core\Response\Parameters;
use Core\Response\Prior;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\SignCatalog;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

require dirname(__DIR__).'/vendor/autoload.php';

/**
 * The core's speed in one run: a plain fit of 1,000 trials × 8 covariates against MASS::polr on the same data inside a
 * running R; one advice with 1,000 earlier trials; growth of the fit with the number of distinct rows.
 */
$random = new Randomizer(new Xoshiro256StarStar(8));
$uniform = static fn (): float => ($random->getInt(0, 0xFFFFFFFF) + 0.5) / 4294967296.0;
$median = static function (callable $work, int $times): float {
    $taken = [];
    for ($i = 0; $i < $times; $i++) {
        $started = hrtime(true);
        $work();
        $taken[] = (hrtime(true) - $started) / 1e6;
    }
    sort($taken);

    return $taken[intdiv($times, 2)];
};
/** @return array{list<ObservedRow>, list<string>} rows and lines for R */
$draw = static function (int $trials, int $covariates) use ($uniform): array {
    $rows = $lines = [];
    for ($i = 0; $i < $trials; $i++) {
        $x = [];
        $eta = 0.0;
        for ($j = 0; $j < $covariates; $j++) {
            $x[] = round(4 * $uniform()) / 4;
            $eta += (0.4 + 0.1 * $j) * $x[$j];
        }
        $latent = $eta + log($uniform() / $uniform());
        $band = (int) ($latent > 0.5) + (int) ($latent > 2.0) + (int) ($latent > 3.3) + (int) ($latent > 4.4);
        $counts = [0.0, 0.0, 0.0, 0.0, 0.0];
        $counts[$band] = 1.0;
        $rows[] = new ObservedRow(null, $x, $counts);
        $lines[] = implode(',', [...$x, $band]);
    }

    return [$rows, $lines];
};

[$rows, $lines] = $draw(1000, 8);
$fit = static fn (): mixed => (new Fitter)->fit(Prior::flat(4, 8), $rows, []);
$median($fit, 20); // warm: the JIT traces loops it has seen
$ours = $median($fit, 41);
printf("fit, 1,000 trials x 8        %8.2f ms\n", $ours);
$csv = (string) tempnam(sys_get_temp_dir(), 'polr');
file_put_contents($csv, implode("\n", $lines));
$script = 'library(MASS); d <- read.csv(commandArgs(TRUE)[1], header = FALSE); d$V9 <- factor(d$V9, ordered = TRUE); f <- function() '
    .'polr(V9 ~ ., data = d, Hess = TRUE); for (i in 1:3) f(); t <- sapply(1:15, function(i) '
    .'{ s <- Sys.time(); f(); as.numeric(Sys.time() - s, units = "secs") * 1000 }); cat(median(t), -2 * as.numeric(logLik(f())))';
$theirs = shell_exec('command -v Rscript >/dev/null && Rscript -e '.escapeshellarg($script).' '.escapeshellarg($csv).' 2>/dev/null');
unlink($csv);
if (is_string($theirs) && trim($theirs) !== '') {
    [$milliseconds, $deviance] = array_map(floatval(...), explode(' ', trim($theirs)));
    printf(
        "MASS::polr, the same data    %8.2f ms   ratio ours/polr %.2f   (-2 ln L %.6f, ours %.6f)\n", $milliseconds, $ours / $milliseconds,
        $deviance, -2 * ($fit()->logLikelihood ?? NAN),
    );
} else {
    echo "MASS::polr                   not measured: Rscript is not here\n";
}

$data = static fn (string $name): array =>
    json_decode((string) file_get_contents(dirname(__DIR__)."/core/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
$catalog = DimensionCatalog::fromArray($data('dimensions.presence'));
$signs = SignCatalog::fromArray($data('signs'));
$builder = new ModelBuilder(ModelPriors::fromArray($data('priors')));
$scale = LoadScale::of($catalog, Distance::fromMeters(10), ['trigger_motion', 'trigger_attention', 'barrier']);
$exposure = static fn (float $meters): Exposure => Exposure::of(
    [
        'distance' => $meters, 'trigger_motion' => 'slow_walk', 'trigger_attention' => $uniform() < 0.2 ? 'glancing' : 'ignoring',
        'barrier' => 'open',
    ],
    $catalog,
);
$history = static function (int $sessions, int $trials) use ($exposure, $uniform): array {
    $found = [];
    for ($s = 0; $s < $sessions; $s++) {
        $rows = [];
        for ($i = 0; $i < $trials; $i++) {
            $rows[] = [
                'exposure' => $exposure(round(60 - 40 * $i / $trials, 1)), 'band' => $uniform() < 0.8 ? Band::Easy : Band::Aware,
                'afterReaction' => false,
            ];
        }
        $found[] = SessionEvidence::ofTrials(new \DateTimeImmutable("2026-01-01 +{$s} days"), $rows);
    }

    return $found;
};
$ladder = Ladder::of(array_map(
    static fn (Distance $distance): Step => new Step($exposure($distance->meters), Criterion::run(5)),
    (new EqualRatioLadder(2.2))->between(Distance::fromMeters(60), Distance::fromMeters(6)),
));
$earlier = $history(25, 40);
$now = new \DateTimeImmutable('2026-02-01 10:00');
$trials = array_fill(0, 12, new LoggedTrial(
    Level::ofStep($ladder, 5), null, $ladder->step(5)->exposure, Outcome::Returned, Band::Easy, [], FoodTaken::Gently, true,
    null, false, false, $now,
));
$log = new SessionLog($now, $now, $trials);
$advise = static fn (?DogModel $model): mixed => RuleBook::standard()->decide(new Situation(
    $catalog, $signs, $ladder, RuleSettings::of(RiskCaps::usual()), new History(Level::ofStep($ladder, 4), trialsEver: 1000), $log, $model,
    $now,
));
// the first advice of a session settles the spread of days and where the fit starts
$first = static fn (): mixed => $advise($builder->build($scale, true, null, $earlier, $log->evidence()));
$settled = $builder->build($scale, true, null, $earlier, $log->evidence()) ?? throw new LogicException('No fit.');
$mode = new Parameters($settled->fit->mode->theta, [], 4);
$after = static fn (): mixed => $advise($builder->build($scale, true, null, $earlier, $log->evidence(), $mode, $settled->spread));
$median($first, 10);
$median($after, 10);
printf("advice after a trial         %8.2f ms   1,000 earlier trials\n", $median($after, 41));
printf(
    "advice, first of a session   %8.2f ms   peak memory %.0f MB   (cold start, %d distinct rows)\n", $median($first, 21),
    memory_get_peak_usage(true) / 1048576,
    array_sum(array_map(static fn (SessionEvidence $session): int => count($session->rows), $earlier)),
);

// a ladder through four dimensions: about 20,000 states
$at = static fn (float $meters, string $motion, string $heading, string $energy): Exposure => Exposure::of(
    ['distance' => $meters, 'trigger_motion' => $motion, 'trigger_heading' => $heading, 'trigger_energy' => $energy], $catalog,
);
$fourWays = $builder->build(
    LoadScale::of($catalog, Distance::fromMeters(8.0), ['trigger_motion', 'trigger_heading', 'trigger_energy']), true, null, [],
    new SessionEvidence($now, []),
) ?? throw new LogicException('The fit did not converge.');
$path = static fn (): FoundPath|NoPath => (new PathSearch($fourWays, 0.25))->find(
    $at(200.0, 'lying', 'away', 'sleepy'), $at(1.5, 'run', 'toward', 'excited'),
    ['distance', 'trigger_motion', 'trigger_heading', 'trigger_energy'],
);
$way = $path();
printf(
    "path search %8.0f ms   %s states, %d steps\n", $median($path, 7),
    $way instanceof FoundPath ? number_format($way->states) : 'no path in its', $way instanceof FoundPath ? count($way->exposures) : 0,
);

// rows as a stream, packed as they come; the best of some runs, as noise only ever adds
$stream = static function (int $trials): Generator {
    $random = new Randomizer(new Xoshiro256StarStar(9));
    $uniform = static fn (): float => ($random->getInt(0, 0xFFFFFFFF) + 0.5) / 4294967296.0;
    for ($i = 0; $i < $trials; $i++) {
        $x = [$uniform(), $uniform(), $uniform(), $uniform()];
        $latent = array_sum($x) + log($uniform() / $uniform());
        $counts = [0.0, 0.0, 0.0, 0.0, 0.0];
        $counts[(int) ($latent > 0.5) + (int) ($latent > 2.0) + (int) ($latent > 3.3) + (int) ($latent > 4.4)] = 1.0;
        yield new ObservedRow(null, $x, $counts);
    }
};
$taken = [];
foreach ([100 => 20, 1000 => 12, 10_000 => 8, 100_000 => 5] as $size => $times) {
    $taken[$size] = INF;
    for ($i = 0; $i < $times; $i++) {
        $started = hrtime(true);
        (new Fitter)->fit(Prior::flat(4, 4), $stream($size), []);
        $taken[$size] = min($taken[$size], (hrtime(true) - $started) / 1e6);
    }
    printf("fit, %7d distinct rows   %8.2f ms   peak memory %.0f MB\n", $size, $taken[$size], memory_get_peak_usage(true) / 1048576);
}
printf("growth from 100 to 100,000 rows: %.0f times the time for 1,000 times the rows\n", $taken[100_000] / $taken[100]);
