<?php

declare(strict_types=1);

namespace Core\Chart;

/** The "d" of an SVG path through points. */
final readonly class PathData
{
    /**
     * @param  list<?array{float, float}>  $points  null breaks the line: nothing was measured there
     * @return ?string null without a point
     */
    public static function line(array $points): ?string
    {
        $data = '';
        $isOpen = false;
        foreach ($points as $point) {
            if ($point === null) {
                $isOpen = false;

                continue;
            }
            $data .= ($isOpen ? 'L' : 'M').Number::format($point[0]).','.Number::format($point[1]);
            $isOpen = true;
        }

        return $data === '' ? null : $data;
    }
}
