<?php

declare(strict_types=1);

namespace App\Report;

/** Writes one kind of report. */
interface Composer
{
    /**
     * @param  list<string>  $parts  chosen, in the order they stand in
     * @return list<Section> without empty ones
     */
    public function sections(DogRecord $record, array $parts): array;
}
