<?php

declare(strict_types=1);

/* Draws which room of app/ names which: as it is (docs/pictures/rooms.svg) and as it was (rooms-before.svg). php docs/pictures/rooms.php */

require dirname(__DIR__, 2).'/vendor/autoload.php';

use Tests\Architecture\Code;

const WIDTH = 1000;
const ROW = 78;
const BOX = [104, 34];
const INK = '#26323c';
const CIRCLE = '#8a2f12';

/** So many on one level are drawn as a circle. */
const KNOT = 8;

/** Folders of app/ as they named each other before they became rooms. */
const BEFORE = [
    'Http' => [
        'Advice', 'Assessments', 'Field', 'Foundations', 'Handling', 'Help', 'Items', 'Kit', 'Limits', 'Models', 'Plans', 'Sound',
        'Templates', 'Trials',
        'Upsets', 'Words',
    ],
    'Trials' => ['Advice', 'Http', 'Models', 'Sound', 'Upsets', 'Words'],
    'Advice' => ['Models', 'Trials'],
    'Assessments' => ['Advice', 'Models', 'Plans'],
    'Plans' => ['Advice', 'Handling', 'Items', 'Models', 'Templates'],
    'Field' => ['Advice', 'Models', 'Trials'],
    'Foundations' => ['Advice', 'Models', 'Templates'],
    'Handling' => ['Advice', 'Models', 'Trials'],
    'Help' => ['Advice'],
    'Items' => ['Advice', 'Models'],
    'Kit' => ['Advice', 'Models'],
    'Limits' => ['Advice', 'Models'],
    'Models' => ['Items', 'Trials', 'Upsets'],
    'Policies' => ['Models'],
    'Sound' => ['Models'],
    'Templates' => ['Advice', 'Models'],
    'Upsets' => ['Models'],
    'Words' => ['Models'],
];

/** Left out of the picture: they only wire things up or write the demo. */
const ASIDE = ['Providers', 'Console', 'Demo', 'View', 'Http', 'Support'];

/**
 * @param  array<string, list<string>>  $arrows
 * @return array<string, array<string, true>> all that each can be led to
 */
function reach(array $arrows): array
{
    $found = [];
    foreach (array_keys($arrows) as $from) {
        for ($seen = [], $next = $arrows[$from]; $next !== [];) {
            $one = array_pop($next);
            if (! isset($seen[$one])) {
                $seen[$one] = true;
                $next = [...$next, ...$arrows[$one] ?? []];
            }
        }
        $found[$from] = $seen;
    }

    return $found;
}

/** @param  array<string, list<string>>  $arrows */
function picture(string $title, string $description, array $arrows): string
{
    $names = array_values(array_unique([...array_keys($arrows), ...array_merge(...array_values($arrows))]));
    $reach = reach($arrows) + array_fill_keys($names, []);
    $isCircle = static fn (string $a, string $b): bool => isset($reach[$b][$a]);
    // a room stands over all that it names; those on one circle stand together
    $level = array_fill_keys($names, 0);
    for ($i = 0; $i < count($names); $i++) {
        foreach ($arrows as $from => $named) {
            foreach ($named as $to) {
                $level[$from] = max($level[$from], $level[$to] + ($isCircle($from, $to) ? 0 : 1));
            }
        }
    }
    $rows = [];
    foreach ($level as $name => $row) {
        $rows[$row][] = $name;
    }
    krsort($rows);
    [$at, $y] = [[], 40];
    foreach ($rows as $row) {
        $isKnot = count($row) > KNOT;
        foreach ($row as $i => $name) {
            $angle = 2 * M_PI * $i / count($row);
            $at[$name] = $isKnot
                ? [WIDTH / 2 * (1 + 0.85 * sin($angle)), $y + 3 * ROW * (1 - cos($angle))]
                : [WIDTH * ($i + 1) / (count($row) + 1), $y];
        }
        $y += $isKnot ? 7 * ROW : ROW;
    }
    $lines = $boxes = '';
    foreach ($arrows as $from => $named) {
        foreach ($named as $to) {
            [[$x1, $y1], [$x2, $y2]] = [$at[$from], $at[$to]];
            $color = $isCircle($from, $to) ? CIRCLE : INK;
            // from edge to edge of the two boxes
            [$dx, $dy] = [$x2 - $x1, $y2 - $y1];
            $part = min(abs($dx) < 1 ? INF : BOX[0] / 2 / abs($dx), abs($dy) < 1 ? INF : BOX[1] / 2 / abs($dy));
            $lines .= sprintf(
                '<path d="M%.0f %.0f L%.0f %.0f" stroke="%s" opacity="%s" marker-end="url(#%s)"/>', $x1 + $part * $dx, $y1 + $part * $dy,
                $x2 - $part * $dx, $y2 - $part * $dy, $color, $color === CIRCLE ? '.8' : '.45', $color === CIRCLE ? 'c' : 'n',
            )."\n";
        }
    }
    foreach ($at as $name => [$x, $y1]) {
        $boxes .= sprintf(
            '<rect x="%.0f" y="%.0f" width="%d" height="%d" rx="6"/><text x="%.0f" y="%.0f">%s</text>', $x - BOX[0] / 2, $y1 - BOX[1] / 2,
            BOX[0], BOX[1], $x, $y1 + 5, $name,
        )."\n";
    }
    $marker = static fn (string $id, string $color): string =>
        "<marker id=\"{$id}\" markerWidth=\"7\" markerHeight=\"7\" refX=\"6\" refY=\"3\" "
        ."orient=\"auto\"><path d=\"M0 0L6 3L0 6z\" fill=\"{$color}\"/></marker>";

    return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 '.WIDTH.' '.$y.'" font-family="sans-serif" font-size="14" role="img" '
        ."aria-labelledby=\"t d\">\n<title id=\"t\">{$title}</title><desc id=\"d\">{$description}</desc>\n"
        .'<rect width="'.WIDTH."\" height=\"{$y}\" fill=\"#f7f4ed\"/>\n<defs>{$marker('n', INK)}{$marker('c', CIRCLE)}</defs>\n"
        ."<g fill=\"none\">\n{$lines}</g>\n<g fill=\"#fff\" stroke=\"".INK."\" text-anchor=\"middle\">\n"
        .str_replace('<text', '<text fill="'.INK.'" stroke="none"', $boxes)."</g>\n</svg>\n";
}

$now = [];
foreach (Code::below(dirname(__DIR__, 2).'/app')->arrows() as $from => $named) {
    $from = substr($from, 4);
    if (! in_array($from, ASIDE, true)) {
        $now[$from] = array_values(array_diff(array_map(static fn (string $to): string => substr($to, 4), array_keys($named)), ASIDE));
    }
}
file_put_contents(__DIR__.'/rooms.svg', picture(
    'Rooms of the application', 'Each room names only rooms below it; no way leads back.', $now,
));
file_put_contents(__DIR__.'/rooms-before.svg', picture('Folders before they became rooms', 'Bold arrows lie on a circle.', BEFORE));
