<?php

declare(strict_types=1);

namespace App\Session;

use App\Support\Fields;

/** What was timed in one repetition under the hand, in milliseconds; null where it was not. */
final readonly class ContactTimes
{
    public const FIELDS = ['stay_ms', 'hold_ms', 'return_ms'];

    /**
     * @param  ?int  $stay  from the offer until the dog left, or until the repetition was over
     * @param  ?int  $return  away and back by itself, after leaving or a tossed treat, before this repetition
     */
    public function __construct(public ?int $stay = null, public ?int $hold = null, public ?int $return = null)
    {
    }

    public static function from(Fields $given): self
    {
        return new self($given->intOrNull('stay_ms'), $given->intOrNull('hold_ms'), $given->intOrNull('return_ms'));
    }

    /** @return array<string, ?int> */
    public function columns(): array
    {
        return array_combine(self::FIELDS, [$this->stay, $this->hold, $this->return]);
    }
}
