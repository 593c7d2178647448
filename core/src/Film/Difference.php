<?php

declare(strict_types=1);

namespace Core\Film;

/** Where two graders of a film told different things. */
final readonly class Difference
{
    /**
     * @param  string  $key  the same whenever these two records are set side by side
     * @param  Part|Happening|null  $of  null for a trial
     * @param  int  $from  milliseconds of the film
     * @param  ?string  $first  state or band as the first grader told it; null where there was nothing
     * @param  float  $size  to sort by: seconds told differently, for trials times the bands between
     */
    public function __construct(
        public string $key, public Part|Happening|null $of, public int $from, public int $until, public ?string $first,
        public ?string $second, public float $size,
    ) {
    }
}
