<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;

/** What an observer would have written down for a band: an outcome, signs, food and latency that agree with it. */
final readonly class SimulatedResponse
{
    /** @param  list<string>  $signs */
    private function __construct(
        public Band $band,
        public Outcome $outcome,
        public array $signs,
        public FoodTaken $food,
        public TurnLatency $latency,
    ) {
    }

    /**
     * @param  float  $first  uniform in (0, 1)
     * @param  float  $second  uniform in (0, 1)
     */
    public static function to(Band $band, float $first, float $second): self
    {
        $pick = static fn (string ...$signs): string => $signs[(int) ($second * count($signs))];

        return match ($band) {
            Band::Easy => new self(
                $band, $first < 0.93 ? Outcome::Returned : Outcome::Prompted,
                $second < 0.4 ? [$pick('body.loose', 'face.soft', 'body.curve')] : [], FoodTaken::Gently,
                $second < 0.7 ? TurnLatency::UnderOne : TurnLatency::OneToTwo,
            ),
            Band::Aware => new self($band, match (true) {
                $first < 0.74 => Outcome::Returned,
                $first < 0.88 => Outcome::Watched,
                default => Outcome::Prompted,
            }, [$pick('watch.soft', 'ears.up', 'lick.lip', 'sniff.displace')], FoodTaken::Gently,
                $second < 0.6 ? TurnLatency::OneToTwo : TurnLatency::UnderOne),
            Band::Effort => new self($band, match (true) {
                $first < 0.3 => Outcome::Returned,
                $first < 0.7 => Outcome::Prompted,
                default => Outcome::PromptedStiff,
            }, [$pick('mouth.closed', 'head.low', 'weight.forward', 'slow.mark'), ...($first > 0.7 ? ['stiff'] : ['lick.lip'])],
                $second < 0.5 ? FoodTaken::Hard : FoodTaken::Gently, TurnLatency::TwoToFive),
            Band::Strain => new self(
                $band, $first < 0.6 ? Outcome::PromptedStiff : Outcome::NotReturned,
                ['stare', 'stiff', $pick('whine', 'weight.forward', 'hackles')], $second < 0.4 ? FoodTaken::Refused : FoodTaken::Hard,
                TurnLatency::OverFive,
            ),
            Band::Over => new self(
                $band, $first < 0.6 ? Outcome::ReactedCame : Outcome::Reacted, [$pick('bark', 'lunge')], FoodTaken::Refused,
                TurnLatency::Never,
            ),
        };
    }

    /**
     * The same under the hand.
     *
     * @param  float  $first  uniform in (0, 1)
     * @param  float  $second  uniform in (0, 1)
     */
    public static function underTheHand(Band $band, float $first, float $second): self
    {
        $pick = static fn (string ...$signs): string => $signs[(int) ($second * count($signs))];

        return match ($band) {
            Band::Easy => new self($band, match (true) {
                $first < 0.92 => Outcome::Reached,
                $first < 0.96 => Outcome::OfferedMore,
                default => Outcome::OfferedElse,
            }, $second < 0.3 ? [$pick('body.loose', 'face.soft', 'offer')] : [], FoodTaken::Gently, TurnLatency::UnderOne),
            Band::Aware => new self(
                $band, $first < 0.88 ? Outcome::Reached : Outcome::LeftCameBack, [$pick('lick.lip', 'blink.turn', 'mouth.closed')],
                FoodTaken::Gently, TurnLatency::OneToTwo,
            ),
            Band::Effort => new self($band, match (true) {
                $first < 0.3 => Outcome::Reached,
                $first < 0.6 => Outcome::LeftCameBack,
                default => Outcome::LeftEarly,
            }, [$pick('look.hand', 'pull.away', 'weight.back')], $second < 0.5 ? FoodTaken::Hard : FoodTaken::Gently,
                TurnLatency::TwoToFive),
            Band::Strain => new self(
                $band, $first < 0.5 ? Outcome::LeftEarly : Outcome::RefusedStart, [$pick('freeze', 'whale.eye', 'tremble')],
                FoodTaken::Refused, TurnLatency::OverFive,
            ),
            Band::Over => new self(
                $band, $first < 0.6 ? Outcome::ReactedCame : Outcome::Reacted, [$pick('lip.lift', 'growl', 'snap')], FoodTaken::Refused,
                TurnLatency::Never,
            ),
        };
    }
}
