<?php

declare(strict_types=1);

namespace Core\Fit;

use Core\Exception\InvalidMeasure;

/** A harness against chest and elbow: two fingers everywhere, and the legs free. Common practice. */
final readonly class HarnessFit
{
    private const LEAST_BEHIND_ELBOW = 3.0;

    private const TWO_FINGERS = [2.0, 6.0];

    /**
     * @param  float  $chestGirth  cm behind the elbows at the deepest
     * @param  float  $wornGirth  cm of the strap there, closed
     * @param  float  $behindElbow  cm from the elbow to the strap, standing
     * @param  bool  $isLegFree  whether both forelegs swing forward without touching a strap
     * @return list<Finding>
     *
     * @throws InvalidMeasure if a measurement is not 0.5 to 150 cm
     */
    public static function check(float $chestGirth, float $wornGirth, float $behindElbow, bool $isLegFree): array
    {
        Measured::check(['The chest' => $chestGirth, 'The strap' => $wornGirth, 'The distance behind the elbow' => $behindElbow]);
        $slack = $wornGirth - $chestGirth;
        [$least, $most] = self::TWO_FINGERS;

        return [
            match (true) {
                $slack < 0.0 => new Finding(Verdict::Ask, sprintf('The strap (%s cm) is shorter than the chest (%s cm). Was it measured on the dog, breathing in?', round($wornGirth, 1), round($chestGirth, 1))),
                $slack < $least => new Finding(Verdict::Change, sprintf('%s cm of slack: two fingers do not go under it.', round($slack, 1))),
                $slack > $most => new Finding(Verdict::Look, sprintf('%s cm of slack: it can turn, and a foreleg can step through.', round($slack, 1))),
                default => new Finding(Verdict::Good, sprintf('Two fingers go under it: %s cm of slack.', round($slack, 1))),
            },
            $behindElbow < self::LEAST_BEHIND_ELBOW
                ? new Finding(Verdict::Change, sprintf('%s cm behind the elbow: it rubs. Three is the least.', round($behindElbow, 1)))
                : new Finding(Verdict::Good, sprintf('%s cm behind the elbow.', round($behindElbow, 1))),
            $isLegFree
                ? new Finding(Verdict::Good, 'Both forelegs are free.')
                : new Finding(Verdict::Change, 'A strap crosses a shoulder: the stride gets shorter. Another cut of harness.'),
        ];
    }
}
