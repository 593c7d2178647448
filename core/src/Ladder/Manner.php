<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * How a step is done, beyond what makes it hard: what to do in words, when the food comes, who does it and with how many hands and eyes.
 */
final readonly class Manner
{
    public const MAX_WORDS = 300;

    /**
     * @param  string  $instruction  what to do, in the words of whoever wrote it; may be empty
     * @param  bool  $isOnTheWay  whether the instruction is that of a later step: this one was put between
     * @param  list<Strand>  $strands  what it is about; none where the ladder is of one piece
     */
    private function __construct(
        public string $instruction,
        public FoodTiming $food,
        public DogPosture $posture,
        public HandledBy $who,
        public int $hands,
        public int $eyes,
        public bool $isOnTheWay = false,
        public array $strands = [],
    ) {
    }

    /**
     * @param  int  $hands  0 to 4 that the step needs: over two means a helper, paste on the item, or food on a stool
     * @param  int  $eyes  1 to 3 pairs: who watches the dog while the hands work
     * @param  list<Strand>  $strands
     *
     * @throws InvalidMeasure if a number is out of its range or the instruction is too long
     */
    public static function of(
        string $instruction, FoodTiming $food, DogPosture $posture, HandledBy $who, int $hands, int $eyes, bool $isOnTheWay = false,
        array $strands = [],
    ): self {
        if (mb_strlen($instruction) > self::MAX_WORDS) {
            throw InvalidMeasure::outOfRange(Quantity::InstructionLength, mb_strlen($instruction), 0, self::MAX_WORDS);
        }
        if ($hands < 0 || $hands > 4) {
            throw InvalidMeasure::outOfRange(Quantity::Hands, $hands, 0, 4);
        }

        return $eyes >= 1 && $eyes <= 3
            ? new self($instruction, $food, $posture, $who, $hands, $eyes, $isOnTheWay, $strands)
            : throw InvalidMeasure::outOfRange(Quantity::Eyes, $eyes, 1, 3);
    }

    /** Nothing special: the handler, one hand for the leash and one for food, marked and then fed. */
    public static function plain(): self
    {
        return new self('', FoodTiming::AfterMark, DogPosture::Free, HandledBy::Handler, 2, 1);
    }

    public function equals(self $other): bool
    {
        return get_object_vars($this) === get_object_vars($other);
    }

    public function by(HandledBy $who): self
    {
        return new self(
            $this->instruction, $this->food, $this->posture, $who, $this->hands, $this->eyes, $this->isOnTheWay, $this->strands,
        );
    }

    /** Of a step on the way to one that is done like this. */
    public function toward(): self
    {
        return new self(
            $this->instruction, $this->food, $this->posture, $this->who, $this->hands, $this->eyes, $this->instruction !== '',
            $this->strands,
        );
    }

    /** Whether only the instruction differs. */
    public function isDoneLike(?self $other): bool
    {
        return $other !== null && $this->food === $other->food && $this->posture === $other->posture && $this->who === $other->who
            && $this->hands === $other->hands && $this->eyes === $other->eyes;
    }

    /** One person has two hands and one pair of eyes. */
    public function needsHelp(): bool
    {
        return $this->hands > 2 || $this->eyes > 1;
    }
}
