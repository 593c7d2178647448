<?php

declare(strict_types=1);

namespace Core\Method;

/** A foundation that must hold before exposure work, with a short plan of its own. Common practice. */
final readonly class Skill
{
    /**
     * @param  positive-int  $freshDays  after which it should be shown again
     * @param  ?string  $template  key of the ladder that teaches it
     */
    public function __construct(public string $key, public int $freshDays, public ?string $template)
    {
    }
}
