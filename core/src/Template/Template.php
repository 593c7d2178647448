<?php

declare(strict_types=1);

namespace Core\Template;

use Core\Exposure\PlanKind;
use Core\Method\Method;

/** A ladder that fits many dogs: copied, fitted to one dog and person, and changed from there. */
final readonly class Template
{
    public const MAX_STEPS = 200;

    /**
     * @param  list<string>  $prerequisites  keys of foundations beyond those of its method
     * @param  list<string>  $cautions  keys of cautions to be read before it is used
     * @param  ?string  $orderBy  key of the dimension whose values, in the dog's own order, put the steps in order
     * @param  non-empty-list<TemplateStep|Inclusion>  $items  as written
     */
    public function __construct(
        public string $key,
        public string $label,
        public PlanKind $kind,
        public Method $method,
        public string $about,
        public array $prerequisites,
        public array $cautions,
        public ?string $orderBy,
        public array $items,
    ) {
    }
}
