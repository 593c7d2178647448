<?php

declare(strict_types=1);

namespace Core\Template;

use Core\Ladder\HandledBy;

/** Steps taken over from another template, counted from 1, with what differs here. */
final readonly class Inclusion
{
    /**
     * @param  array<string, float|string>  $with  values that replace theirs, by dimension key
     * @param  ?HandledBy  $who  who does them here; null for as there
     */
    public function __construct(
        public string $template, public int $from, public int $to, public array $with = [], public ?HandledBy $who = null,
    ) {
    }

    public function changed(TemplateStep $step): TemplateStep
    {
        return new TemplateStep(
            [...$step->values, ...$this->with], $step->way, $step->criterion,
            $this->who === null ? $step->manner : $step->manner->by($this->who),
        );
    }
}
