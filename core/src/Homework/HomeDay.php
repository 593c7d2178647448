<?php

declare(strict_types=1);

namespace Core\Homework;

/** One task on one day at home: what was asked, and what came of it. */
final readonly class HomeDay
{
    /** A day is good when at least this share of what was done went well. Common practice: four of five. */
    public const GOOD_SHARE = 0.8;

    /**
     * @param  int  $planned  repetitions asked for, at least 1
     * @param  list<Answer>  $answers  those that count, in their order
     * @param  bool  $isRest  a day off, which counts as done
     */
    public function __construct(public int $planned, public array $answers, public bool $isRest = false)
    {
        if ($planned < 1) {
            throw new \LogicException('A task asks for at least one repetition.');
        }
    }

    public function done(): int
    {
        return count($this->answers);
    }

    /** Nothing more to do today. `(new HomeDay(3, [Answer::Growl]))->isOver()` is true: what went wrong ends it. */
    public function isOver(): bool
    {
        return $this->isRest || $this->wentWrong() || $this->done() >= $this->planned;
    }

    public function wentWrong(): bool
    {
        return array_filter($this->answers, static fn (Answer $answer): bool => $answer->endsTheDay()) !== [];
    }

    /** At least half of what was asked, four of five well, and nothing wrong. A day off is neither good nor bad. */
    public function isGood(): bool
    {
        $good = count(array_filter($this->answers, static fn (Answer $answer): bool => $answer === Answer::Good));

        return ! $this->wentWrong() && 2 * $this->done() >= $this->planned && $good > 0 && $good >= self::GOOD_SHARE * $this->done();
    }
}
