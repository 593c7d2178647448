<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** When a dog is to be had. */
final readonly class DogTimes
{
    /**
     * @param  non-empty-list<int>  $free  slots of each of the seven days, without the time after waking
     * @param  int  $pause  slots between two of its sessions, 0 or more
     * @param  list<int>  $newSites  where it has never been
     */
    public function __construct(public int $id, public array $free, public int $pause = 4, public array $newSites = [])
    {
    }
}
