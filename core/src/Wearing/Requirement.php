<?php

declare(strict_types=1);

namespace Core\Wearing;

/** One thing that should hold before gear is used for real. Said in words at the edge (lang/en/wearing.php). */
final readonly class Requirement
{
    /**
     * @param  string  $key  on, worn, off, long, fun, situations, movement or fit
     * @param  int|float|null  $asked  so much, where it is counted: seconds, times, situations, days
     * @param  int|float|null  $standing  how it stands now; null where nothing is known yet
     */
    public function __construct(public string $key, public bool $isMet, public int|float|null $asked, public int|float|null $standing)
    {
    }
}
