<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** Where is trained, a home as well as a street. */
final readonly class Site
{
    /**
     * @param  non-empty-list<int>  $open  slots of each of the seven days
     * @param  non-empty-list<int>  $busy  slots in which many come by
     * @param  non-empty-list<int>  $hot  slots in which the ground burns paws
     */
    public function __construct(public int $id, public array $open, public array $busy, public array $hot)
    {
    }
}
