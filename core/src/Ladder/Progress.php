<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Sign\Asked;

/** How far the trials at a step have come toward its criterion. */
final readonly class Progress
{
    /**
     * @param  non-negative-int  $done  successes that count now
     * @param  positive-int  $asked
     * @param  ?positive-int  $window  null for in a row
     * @param  ?non-negative-int  $tried  trials that the window holds so far; null for in a row
     * @param  ?Asked  $of  what was asked of the dog, where the kind of plan does not tell
     */
    public function __construct(
        public int $done, public int $asked, public ?int $window, public bool $isMet, public ?int $tried = null,
        public ?Asked $of = null,
    ) {
    }

    public function of(?Asked $asked): self
    {
        return new self($this->done, $this->asked, $this->window, $this->isMet, $this->tried, $asked);
    }
}
