<?php

declare(strict_types=1);

namespace Core\Scheduling;

/** One session of a week. */
final readonly class Visit
{
    /**
     * @param  int  $demand  its id
     * @param  int  $day  0 to 6
     * @param  int  $slot  in which it begins
     * @param  int  $slots  how long
     * @param  ?int  $helper  a worker's id
     */
    public function __construct(
        public int $demand, public int $day, public int $slot, public int $slots, public int $worker, public int $site,
        public ?int $helper = null, public bool $isPinned = false,
    ) {
    }

    public function end(): int
    {
        return $this->slot + $this->slots;
    }

    public function occupies(int $worker): bool
    {
        return $this->worker === $worker || $this->helper === $worker;
    }

    public function meets(self $other): bool
    {
        return $this->day === $other->day && $this->slot < $other->end() && $other->slot < $this->end();
    }

    /** The same session at the same time with the same people, pinned or not. */
    public function isSameAs(self $other): bool
    {
        return [$this->demand, $this->day, $this->slot, $this->slots, $this->worker, $this->site, $this->helper]
            === [$other->demand, $other->day, $other->slot, $other->slots, $other->worker, $other->site, $other->helper];
    }
}
