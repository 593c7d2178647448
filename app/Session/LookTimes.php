<?php

declare(strict_types=1);

namespace App\Session;

use App\Support\Fields;

/** What was timed of a look, in milliseconds: null where it was not. */
final readonly class LookTimes
{
    public const MOST_LETTERS = 60;

    /**
     * @param  ?int  $stare  how long it held
     * @param  string  $at  what it stared at, by word; empty where nobody said
     * @param  ?int  $paid  from the mark to the food
     */
    public function __construct(public ?int $stare = null, public string $at = '', public ?int $paid = null)
    {
    }

    public static function from(Fields $given): self
    {
        return new self($given->intOrNull('stare_ms'), trim($given->text('stare_at')), $given->intOrNull('paid_ms'));
    }

    /** @return array{stare_ms: ?int, stare_at: string, paid_ms: ?int} */
    public function columns(): array
    {
        return ['stare_ms' => $this->stare, 'stare_at' => $this->at, 'paid_ms' => $this->paid];
    }
}
