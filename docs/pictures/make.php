<?php

declare(strict_types=1);

use Core\Chart\LinearScale;
use Core\Chart\PathData;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Insight\ResponseCurve;
use Core\Ladder\EqualRatioLadder;
use Core\Measure\Distance;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\ModelPriors;
use Core\Response\SessionEvidence;
use Core\Sign\Band;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/** Draws the pictures of docs/model.md from the model itself: php docs/pictures/make.php */
const WIDTH = 640;
const HEIGHT = 300;
const LEFT = 56;
const BOTTOM = 44;

$data = static fn (string $name): array =>
    json_decode((string) file_get_contents(dirname(__DIR__, 2)."/core/data/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
$catalog = DimensionCatalog::fromArray($data('dimensions.presence'));
$scale = LoadScale::of($catalog, Distance::fromMeters(10), []);
$at = static fn (float $meters): Exposure => Exposure::of(['distance' => $meters], $catalog);
/** @param  list<array{float, int, int}>  $trials meters, band, how many */
$session = static fn (array $trials): SessionEvidence => SessionEvidence::ofTrials(new DateTimeImmutable('2026-05-01'),
    array_merge(...array_map(
        static fn (array $trial): array =>
            array_fill(0, $trial[2], ['exposure' => $at($trial[0]), 'band' => Band::from($trial[1]), 'afterReaction' => false]),
        $trials,
    )));
$model = static fn (array $trials): DogModel => (new ModelBuilder(ModelPriors::fromArray($data('priors'))))
    ->build($scale, true, null, $trials === [] ? [] : [$session($trials)], new SessionEvidence(new DateTimeImmutable('2026-05-02'), []))
        ?? throw new LogicException('No fit.');

$x = new LinearScale(log(100, 2), log(5, 2), LEFT, WIDTH - 16);
$meters = static fn (float $value): float => $x->map(log($value, 2));
$frame = static function (
    string $title, string $description, string $body, LinearScale $y, array $yTicks, string $yLabel, string $xAxis,
): string {
    $lines = '';
    foreach ($yTicks as $value => $label) {
        $at = number_format($y->map((float) $value), 1, '.', '');
        $lines .= '<path class="grid" d="M'
            .LEFT.",{$at}H".(WIDTH - 16).'"/><text x="'.(LEFT - 6)."\" y=\"{$at}\" class=\"y\">{$label}</text>";
    }

    return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '
        .WIDTH.' '.HEIGHT.'" role="img" aria-labelledby="t d"><title id="t">'.$title.'</title><desc id="d">'.$description.'</desc>'
        .'<style>text{font:12px sans-serif;fill:#222}.y{text-anchor:end;dominant-baseline:middle}.x{text-anchor:middle}path,'
            .'rect{fill:none}.grid{stroke:#ddd}.a{stroke:#123a5a;stroke-width:2}.b{stroke:#123a5a;stroke-width:2;stroke-dasharray:7 4}'
            .'.c{stroke:#123a5a;stroke-width:2;stroke-dasharray:2 3}.limit{stroke:#8a4b08;stroke-width:1.5}'
            .'.area{fill:#123a5a;fill-opacity:.15}.bar{fill:#123a5a}</style>'
        .'<rect width="'
            .WIDTH.'" height="'.HEIGHT.'" style="fill:#fff"/>'.$lines.$xAxis.$body.'<text x="6" y="14">'.$yLabel.'</text></svg>'
            ."\n";
};
$distances = '';
foreach ([100, 50, 25, 10, 5] as $tick) {
    $distances .= '<text class="x" x="'.round($meters($tick), 1).'" y="'.(HEIGHT - 24)."\">{$tick} m</text>";
}
$distances .= '<text class="x" x="'.(WIDTH / 2).'" y="'.(HEIGHT - 6).'">distance; every halving takes the same room</text>';
$percent = new LinearScale(0.0, 1.0, HEIGHT - BOTTOM, 24);
$ticks = ['0' => '0 %', '0.25' => '25 %', '0.5' => '50 %', '0.75' => '75 %', '1' => '100 %'];
$save = static fn (string $name, string $svg): int|false => file_put_contents(__DIR__."/{$name}.svg", $svg);

// 1. four curves: small signs tell where a reaction would be
$known = $model([[60.0, 0, 20], [40.0, 0, 12], [40.0, 1, 8], [28.0, 1, 12], [28.0, 2, 3]]);
$points = ResponseCurve::of($known, $at(20.0), 'distance', 100.0, 5.0, Day::Typical, 61)->points;
$body = '';
foreach ([[0, 'a', 'aware'], [1, 'b', 'effort'], [2, 'c', 'strain'], [3, 'a', 'over']] as [$k, $class, $word]) {
    $line = array_map(static fn (array $point): array => [$meters($point['value']), $percent->map($point['atLeast'][$k])], $points);
    $half = array_values(array_filter($points, static fn (array $point): bool => $point['atLeast'][$k] >= 0.5))[0] ?? $points[60];
    $body .= "<path class=\"{$class}\" d=\""
        .PathData::line($line).'"/><text x="'.round($meters($half['value']) - 6, 1).'" y="'.round($percent->map(0.53), 1)
        ."\" style=\"text-anchor:end\">{$word}</text>";
}
$save('bands', $frame(
    'Chance of each band or worse by distance',
    'Four S-shaped curves side by side, aware first and over last, rising as the distance shrinks.', $body, $percent, $ticks,
    'chance of this band or worse', $distances,
));

// 2. the range narrows with trials, and with it the distance that may be used
$y = new LinearScale(0.0, 0.3, HEIGHT - BOTTOM, 24);
$body = '<path class="limit" d="M'
    .LEFT.','.$y->map(0.07).'H'.(WIDTH - 16).'"/><text x="'.(WIDTH - 20).'" y="'.($y->map(0.07) - 5)
    .'" style="text-anchor:end">limit: strain 7 %</text>';
foreach ([['c', 'before any trial', []], ['b', 'after 20 calm trials', [[70.0, 0, 10], [50.0, 0, 10]]], [
    'a', 'after 80', [[70.0, 0, 20], [50.0, 0, 24], [35.0, 0, 16], [35.0, 1, 10], [25.0, 1, 8], [25.0, 2, 2]],
]] as $i => [$class, $word, $trials]) {
    $one = $model($trials);
    $line = [];
    for ($m = 100.0; $m >= 5.0; $m /= 1.05) {
        $risk = $one->risk($at($m), Day::Today)->strain();
        if ($risk <= 0.3) {
            $line[] = [$meters($m), $y->map($risk)];
        }
    }
    $body .= "<path class=\"{$class}\" d=\""
        .PathData::line($line).'"/><text x="'.round($line[count($line) - 1][0] - 6, 1).'" y="'.(34 + 16 * $i)
        ."\" style=\"text-anchor:end\">{$word}</text>";
}
$save('narrowing', $frame(
    'The most that strain is likely to be, as trials come in',
    'Three curves of the upper bound; with more calm trials the curve reaches the limit at a nearer distance.', $body, $y,
    ['0' => '0 %', '0.1' => '10 %', '0.2' => '20 %', '0.3' => '30 %'], 'upper bound of strain or worse, today', $distances,
));

// 3. a dog that warns and one that does not
$y = new LinearScale(0.0, 0.1, HEIGHT - BOTTOM, 24);
$body = '<path class="limit" d="M'
    .LEFT.','.$y->map(0.014).'H'.(WIDTH - 16).'"/><text x="'.(WIDTH - 20).'" y="'.($y->map(0.014) - 5)
    .'" style="text-anchor:end">limit: reaction 1.4 %</text>';
foreach ([['a', 'warns: 14 aware, 4 effort', [[40.0, 0, 42], [40.0, 1, 14], [40.0, 2, 4]]], [
    'b', 'hardly warns: 1 aware, 1 over', [[40.0, 0, 58], [40.0, 1, 1], [40.0, 4, 1]],
]] as $i => [$class, $word, $trials]) {
    $one = $model($trials);
    $line = [];
    for ($m = 100.0; $m >= 5.0; $m /= 1.04) {
        $risk = $one->risk($at($m), Day::Today)->reaction();
        if ($risk <= 0.1) {
            $line[] = [$meters($m), $y->map($risk)];
        }
    }
    $body .= "<path class=\"{$class}\" d=\""
        .PathData::line($line).'"/><text x="'.round($line[count($line) - 1][0] - 6, 1).'" y="'.(40 + 18 * $i)
        .'" style="text-anchor:end">'.$word.'</text>';
}
$save('sudden', $frame(
    'Two dogs, sixty trials each at 40 m',
    'The bound of a reaction by distance: the dog that hardly warns reaches the limit much farther away.', $body, $y,
    ['0' => '0 %', '0.05' => '5 %', '0.1' => '10 %'], 'upper bound of a reaction, today', $distances,
));

// 4. equal yards and equal ratios
$steps = [];
$yards = [];
for ($i = 0; $i < 9; $i++) {
    $yards[] = log((50 - 5 * $i) / (45 - 5 * $i), 2);
}
$ratio = (new EqualRatioLadder(2.2))->between(Distance::fromMeters(50), Distance::fromMeters(5));
for ($i = 1; $i < count($ratio); $i++) {
    $steps[] = $ratio[$i - 1]->halvingsTo($ratio[$i]);
}
$y = new LinearScale(0.0, 1.1, HEIGHT - BOTTOM, 24);
$body = '';
foreach ([
    [LEFT + 10, 'equal steps of 5: the last is six times the first', $yards], [LEFT + 300, 'equal ratios: every step alike', $steps],
] as [$from, $word, $heights]) {
    $width = 250 / count($heights);
    foreach ($heights as $i => $height) {
        $body .= '<rect class="bar" x="'
            .round($from + $i * $width, 1).'" y="'.round($y->map($height), 1).'" width="'.round($width - 3, 1).'" height="'
            .round($y->map(0.0) - $y->map($height), 1).'"/>';
    }
    $body .= '<text x="'.$from.'" y="'.(HEIGHT - 24)."\">{$word}</text>";
}
$save('ladders', $frame(
    'How hard each step is, from 50 to 5',
    'Two rows of bars: equal steps grow from 0.15 to 1 halving, equal ratios are all the same height.', $body, $y,
    ['0' => '0', '0.5' => '0.5', '1' => '1'], 'halvings of distance in one step', '',
));
