<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidMeasure;

/** How a step is done, beyond what makes it hard: what to do in words, when the food comes, who does it and with how many hands and eyes. */
final readonly class Manner
{
    public const MOST_WORDS = 300;

    private const TOWARD = 'On the way to: ';

    /** @param  string  $instruction  what to do, in words; may be empty */
    private function __construct(
        public string $instruction,
        public FoodTiming $food,
        public DogPosture $posture,
        public HandledBy $who,
        public int $hands,
        public int $eyes,
    ) {
    }

    /**
     * @param  int  $hands  0 to 4 that the step needs: over two means a helper, paste on the item, or food on a stool
     * @param  int  $eyes  1 to 3 pairs: who watches the dog while the hands work
     *
     * @throws InvalidMeasure if a number is out of its range or the instruction is too long
     */
    public static function of(string $instruction, FoodTiming $food, DogPosture $posture, HandledBy $who, int $hands, int $eyes): self
    {
        if (mb_strlen($instruction) > self::MOST_WORDS) {
            throw InvalidMeasure::outOfRange('The instruction', mb_strlen($instruction), 0, self::MOST_WORDS, 'characters');
        }
        if ($hands < 0 || $hands > 4) {
            throw InvalidMeasure::outOfRange('Hands', $hands, 0, 4, '');
        }

        return $eyes >= 1 && $eyes <= 3
            ? new self($instruction, $food, $posture, $who, $hands, $eyes)
            : throw InvalidMeasure::outOfRange('Eyes', $eyes, 1, 3, 'pairs');
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
        return new self($this->instruction, $this->food, $this->posture, $who, $this->hands, $this->eyes);
    }

    /** Of a step on the way to one that is done like this. */
    public function toward(): self
    {
        $words = $this->instruction === '' || str_starts_with($this->instruction, self::TOWARD) ? $this->instruction : mb_substr(self::TOWARD.$this->instruction, 0, self::MOST_WORDS);

        return new self($words, $this->food, $this->posture, $this->who, $this->hands, $this->eyes);
    }

    /** Whether its instruction names a later step: it was put between. */
    public function isOnTheWay(): bool
    {
        return str_starts_with($this->instruction, self::TOWARD);
    }

    /** Whether only the instruction differs. */
    public function isDoneLike(?self $other): bool
    {
        return $other !== null && $this->inWords() === $other->inWords();
    }

    /** "food after the mark, dog free to move, the handler, 3 hands, 1 pair of eyes". */
    public function inWords(): string
    {
        return implode(', ', [
            $this->food->label(), $this->posture->label(), $this->who->label(),
            $this->hands.($this->hands === 1 ? ' hand' : ' hands'), $this->eyes.($this->eyes === 1 ? ' pair' : ' pairs').' of eyes',
        ]);
    }

    /** While it is done, only what the hands must know: "food after the mark; 3 hands: a helper, paste on the item, or food on a stool". */
    public function atHand(): string
    {
        return $this->food->label().match (true) {
            $this->hands > 2 => "; {$this->hands} hands: a helper, paste on the item, or food on a stool",
            $this->eyes > 1 => "; {$this->eyes} pairs of eyes: somebody else watches the dog",
            default => '',
        };
    }

    /** One person has two hands and one pair of eyes. */
    public function needsHelp(): bool
    {
        return $this->hands > 2 || $this->eyes > 1;
    }
}
