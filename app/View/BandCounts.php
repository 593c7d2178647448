<?php

declare(strict_types=1);

namespace App\View;

use Core\Sign\Band;

/** How often each band came, in words: "3 easy, 1 stretched". */
final readonly class BandCounts
{
    /** @param  list<Band>  $bands */
    public static function inWords(array $bands): string
    {
        $counts = [];
        foreach (Band::cases() as $band) {
            $count = count(array_filter($bands, static fn (Band $one): bool => $one === $band));
            if ($count > 0) {
                $counts[] = say('charts.dog_timeline.count', ['count' => $count, 'band' => words()->label($band)]);
            }
        }

        return implode(', ', $counts);
    }
}
