<?php

declare(strict_types=1);

namespace Core\Homework;

use Core\Measure\CalendarDay;

/** When nobody is written to, but for a bite. */
final readonly class QuietHours
{
    /**
     * @param  int  $from  minute of the day they begin, 0 to 1439
     * @param  int  $until  minute of the day they end; the same as from: there are none
     */
    public function __construct(public int $from, public int $until)
    {
        foreach ([$from, $until] as $minute) {
            if ($minute < 0 || $minute >= 1440) {
                throw new \LogicException('A minute of the day is 0 to 1439.');
            }
        }
    }

    /**
     * At once, or when they end. From 21:00 to 7:00, 23:30 waits until 7:00 of the next day and 6:59 until 7:00 of the same.
     *
     * @param  \DateTimeImmutable  $at  in the zone of the practice
     */
    public function after(\DateTimeImmutable $at): \DateTimeImmutable
    {
        $minute = CalendarDay::minute($at);
        $isWithin = $this->from <= $this->until
            ? $minute >= $this->from && $minute < $this->until
            : $minute >= $this->from || $minute < $this->until;
        if (! $isWithin) {
            return $at;
        }
        $ends = $at->setTime(intdiv($this->until, 60), $this->until % 60);

        return $ends > $at ? $ends : $at->modify('+1 day')->setTime(intdiv($this->until, 60), $this->until % 60);
    }
}
