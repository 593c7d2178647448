<?php

declare(strict_types=1);

namespace Core\Sign;

/** Something to be seen in the dog. */
final readonly class Sign
{
    /**
     * @param  bool  $interest  orients to the trigger without stress: at least "aware"
     * @param  bool  $overEager  asks for calmer food and shorter sets rather than distance
     * @param  list<string>  $plans  kinds of plan in which it is offered
     * @param  list<string>  $unless  circumstances under which it says nothing of stress
     */
    public function __construct(
        public string $code,
        public SignWeight $weight,
        public SignPart $part,
        public bool $interest,
        public bool $overEager,
        public array $plans,
        public array $unless = [],
    ) {
    }
}
