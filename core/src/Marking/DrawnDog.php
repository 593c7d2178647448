<?php

declare(strict_types=1);

namespace Core\Marking;

/**
 * The drawn dog learns what was marked, not what was meant: what a mark fell on comes more often, and late marks breed head bobs. Rates are
 * working values of our own.
 */
final readonly class DrawnDog
{
    private const GAIN = 0.25;

    private const FADE = 0.03;

    private const MOST = 0.85;

    /** How often each comes before anything was marked. */
    private const FIRST = ['bob' => 0.2, 'half_touch' => 0.35, 'false_start' => 0.2, 'distractor' => 0.45, 'wrong_guess' => 0.3];

    /** @param  array<string, float>  $shares  0 to 1, by what is not meant */
    public function __construct(private array $shares = self::FIRST)
    {
    }

    public function share(string $of): float
    {
        return $this->shares[$of] ?? 0.0;
    }

    /** @return array<string, float> */
    public function shares(): array
    {
        return $this->shares;
    }

    /** After a mark: what it fell on is done more, everything else a little less. */
    public function marked(?Act $on): self
    {
        $key = match ($on) {
            Act::Bob => 'bob',
            Act::HalfTouch => 'half_touch',
            Act::FalseStart => 'false_start',
            Act::Yawn, Act::Sniff, Act::MouthOpen => 'distractor',
            Act::WrongGuess => 'wrong_guess',
            default => '',
        };
        $shares = [];
        foreach ($this->shares as $name => $share) {
            $shares[$name] = $name === $key
                ? min(self::MOST, $share + self::GAIN * (1.0 - $share)) : max(0.05, $share * (1.0 - self::FADE));
        }

        return new self($shares);
    }
}
