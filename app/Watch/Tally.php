<?php

declare(strict_types=1);

namespace App\Watch;

/** Whole numbers that only grow, counted by all workers of one server together, from its start. */
interface Tally
{
    public function add(string $key, int $by = 1): void;

    /** @return array<string, int> by key, in the order of the keys */
    public function all(): array;
}
