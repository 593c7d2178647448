<?php

declare(strict_types=1);

namespace App\Table;

/** A file of rows, read from the front, one row at a time. */
interface Table
{
    /** More is refused with words: no list of a practice is as wide. */
    public const MOST_COLUMNS = 200;

    public const MOST_ROWS = 200_000;

    /** Letters of a cell; the rest is cut. */
    public const MOST_LETTERS = 4000;

    /**
     * Rows with anything in them, by their number in the file from 1. Dates come as 2025-03-08, with a time as 2025-03-08T10:30:00.
     *
     * @return \Generator<int, list<string>>
     *
     * @throws UnreadableTable
     */
    public function rows(): \Generator;
}
