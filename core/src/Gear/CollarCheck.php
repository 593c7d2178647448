<?php

declare(strict_types=1);

namespace Core\Gear;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** A collar against neck and head: two fingers under it, and no slipping off backward. Common practice. */
final readonly class CollarCheck
{
    /** Margin under which a collar may come off over the ears. */
    private const MIN_MARGIN = 2.0;

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
        Measurement::check([[Quantity::Neck, $neckGirth], [Quantity::Head, $headGirth], [Quantity::Collar, $wornLength], [
            Quantity::CollarOpen, $openLength,
        ]]);
        $findings = [];
        if ($neckGirth > $headGirth) {
            $findings[] = new Finding(GearCode::NeckWider, ['neck' => $neckGirth, 'head' => $headGirth]);
        }
        if ($openLength !== null) {
            return [...$findings, ...self::limitedSlip($neckGirth, $headGirth, $wornLength, $openLength)];
        }
        $slack = $wornLength - $neckGirth;
        [$least, $most] = self::TWO_FINGERS;
        $findings[] = match (true) {
            $slack < $least => new Finding(GearCode::TooTight, ['slack' => $slack]),
            $slack > $most => new Finding(GearCode::CollarLoose, ['slack' => $slack]),
            default => new Finding(GearCode::TwoFingers, ['slack' => $slack]),
        };
        $margin = $headGirth - $wornLength;
        $findings[] = $margin < self::MIN_MARGIN
            ? new Finding(GearCode::MaySlipOff, ['margin' => $margin, 'least' => self::MIN_MARGIN])
            : new Finding(GearCode::StaysOn, ['margin' => $margin]);

        return $findings;
    }

    /** @return list<Finding> */
    private static function limitedSlip(float $neck, float $head, float $tight, float $open): array
    {
        return [
            abs($tight - $neck) > 1.0
                ? new Finding(GearCode::TightIsNotNeck, ['tight' => $tight, 'neck' => $neck])
                : new Finding(GearCode::TightIsNeck),
            $open < $head
                ? new Finding(GearCode::OpenTooSmall, ['open' => $open, 'head' => $head])
                : new Finding(GearCode::OpenGoesOver),
        ];
    }
}
