<?php

declare(strict_types=1);

namespace Core\Fit;

use Core\Exception\InvalidMeasure;

/** A collar against neck and head: two fingers under it, and no slipping off backward. Common practice. */
final readonly class CollarFit
{
    /** Margin under which a collar may come off over the ears. */
    private const LEAST_MARGIN = 2.0;

    /** What two fingers add to the neck, about. */
    private const TWO_FINGERS = [1.5, 4.0];

    /**
     * @param  float  $neckGirth  cm where the collar sits
     * @param  float  $headGirth  cm around the widest part, over the ears
     * @param  float  $wornLength  cm of the collar as worn, closed
     * @param  ?float  $openLength  cm of a limited-slip collar fully open; null for a plain one
     * @return list<Finding>
     *
     * @throws InvalidMeasure if a measurement is not 0.5 to 150 cm
     */
    public static function check(float $neckGirth, float $headGirth, float $wornLength, ?float $openLength = null): array
    {
        Measured::check(['The neck' => $neckGirth, 'The head' => $headGirth, 'The collar' => $wornLength, 'The open collar' => $openLength]);
        $findings = [];
        if ($neckGirth > $headGirth) {
            $findings[] = new Finding(Verdict::Ask, sprintf('The neck (%s cm) is wider than the head (%s cm). If that is so, no collar stays on by itself: a harness. Else measure again.', round($neckGirth, 1), round($headGirth, 1)));
        }
        if ($openLength !== null) {
            return [...$findings, ...self::limitedSlip($neckGirth, $headGirth, $wornLength, $openLength)];
        }
        $slack = $wornLength - $neckGirth;
        [$least, $most] = self::TWO_FINGERS;
        $findings[] = match (true) {
            $slack < $least => new Finding(Verdict::Change, sprintf('%s cm of slack: two fingers do not go under it.', round($slack, 1))),
            $slack > $most => new Finding(Verdict::Look, sprintf('%s cm of slack: more than two fingers. Check that it cannot catch a jaw or a foot.', round($slack, 1))),
            default => new Finding(Verdict::Good, sprintf('Two fingers go under it: %s cm of slack.', round($slack, 1))),
        };
        $margin = $headGirth - $wornLength;
        $findings[] = $margin < self::LEAST_MARGIN
            ? new Finding(Verdict::Change, sprintf('It may slip off backward: %s cm less than the head. Two is the least; then a gentle backward test by hand.', round($margin, 1)))
            : new Finding(Verdict::Good, sprintf('%s cm less than the head. Now a gentle backward test by hand.', round($margin, 1)));

        return $findings;
    }

    /** @return list<Finding> */
    private static function limitedSlip(float $neck, float $head, float $tight, float $open): array
    {
        return [
            abs($tight - $neck) > 1.0
                ? new Finding(Verdict::Change, sprintf('Pulled tight it is %s cm, the neck %s: tight must be the neck, no more and no less.', round($tight, 1), round($neck, 1)))
                : new Finding(Verdict::Good, 'Pulled tight it is the neck.'),
            $open < $head
                ? new Finding(Verdict::Change, sprintf('Open it is %s cm, the head %s: it does not go over without force.', round($open, 1), round($head, 1)))
                : new Finding(Verdict::Good, 'Open it goes over the head.'),
        ];
    }
}
