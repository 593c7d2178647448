<?php

declare(strict_types=1);

namespace Core\Gear;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/** A harness against chest and elbow: two fingers everywhere, and the legs free. Common practice. */
final readonly class HarnessCheck
{
    private const MIN_BEHIND_ELBOW = 3.0;

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
        Measurement::check([[Quantity::Chest, $chestGirth], [Quantity::Strap, $wornGirth], [Quantity::BehindElbow, $behindElbow]]);
        $slack = $wornGirth - $chestGirth;
        [$least, $most] = self::TWO_FINGERS;

        return [
            match (true) {
                $slack < 0.0 => new Finding(GearCode::StrapShort, ['strap' => $wornGirth, 'chest' => $chestGirth]),
                $slack < $least => new Finding(GearCode::TooTight, ['slack' => $slack]),
                $slack > $most => new Finding(GearCode::HarnessLoose, ['slack' => $slack]),
                default => new Finding(GearCode::TwoFingers, ['slack' => $slack]),
            },
            $behindElbow < self::MIN_BEHIND_ELBOW
                ? new Finding(GearCode::ElbowRubs, ['behind' => $behindElbow, 'least' => self::MIN_BEHIND_ELBOW])
                : new Finding(GearCode::ElbowFree, ['behind' => $behindElbow]),
            $isLegFree
                ? new Finding(GearCode::LegsFree)
                : new Finding(GearCode::ShoulderCrossed),
        ];
    }
}
