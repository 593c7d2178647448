<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Response\Risk;

/** What to do next, where, why, and what it risks. */
final readonly class Advice
{
    /**
     * @param  ?Level  $next  null where no further trial is asked for
     * @param  non-empty-list<Reason>  $reasons
     * @param  ?Risk  $risk  of the next exposure today; null without a model or a next trial
     * @param  list<Alternative>  $alternatives  largest relief first
     * @param  bool  $isClosing  the last repetition of the session
     */
    public function __construct(
        public Action $action,
        public ?Level $next,
        public array $reasons,
        public ?Risk $risk = null,
        public array $alternatives = [],
        public bool $isClosing = false,
    ) {
    }

    /** With one more thing to say. */
    public function with(Reason $reason): self
    {
        return new self($this->action, $this->next, [...$this->reasons, $reason], $this->risk, $this->alternatives, $this->isClosing);
    }
}
