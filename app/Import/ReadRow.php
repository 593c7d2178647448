<?php

declare(strict_types=1);

namespace App\Import;

/** One row as it was understood: what is written of it, or what is wrong with it. */
final readonly class ReadRow
{
    /**
     * @param  list<array{field: string, problem: string, text: string}>  $problems
     * @param  array<string, mixed>  $data
     * @param  string  $session  what belongs to one session; empty where there are none
     */
    public function __construct(
        public array $problems, public array $data = [], public ?\DateTimeImmutable $at = null, public string $session = '',
    ) {
    }
}
