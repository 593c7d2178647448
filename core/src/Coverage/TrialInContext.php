<?php

declare(strict_types=1);

namespace Core\Coverage;

use Core\Sign\Band;

/** One trial seen by who, where, how and with what it was done: for asking what has been covered. */
final readonly class TrialInContext
{
    /**
     * @param  array<string, string>  $factors  value by factor; one that the trial does not state is left out
     * @param  bool  $isSuccess  a counting outcome, taken calmly
     */
    public function __construct(public array $factors, public Band $band, public bool $isSuccess, public \DateTimeImmutable $at)
    {
    }

    /**
     * What it does not state taken as usual.
     *
     * @param  array<string, string>  $usual
     */
    public function with(array $usual): self
    {
        return new self([...$usual, ...$this->factors], $this->band, $this->isSuccess, $this->at);
    }

    /** @param  array<string, string>  $values */
    public function matches(array $values): bool
    {
        return array_diff_assoc($values, $this->factors) === [];
    }
}
