<?php

declare(strict_types=1);

namespace Core\Gear;

use Core\Exception\InvalidMeasure;
use Core\Exception\Quantity;

/**
 * A basket muzzle against a dog's head: room to pant comes first. Common practice; the maker's own chart and a fitter go first.
 */
final readonly class BasketCheck
{
    private const MIN_AHEAD = 0.5;

    private const MAX_AHEAD = 1.5;

    /**
     * @param  float  $noseLength  cm from the tip of the nose to just under the eyes
     * @param  float  $closedGirth  cm around the muzzle, mouth closed, at its widest
     * @param  float  $openGirth  cm around it with the mouth fully open, as when panting
     * @param  float  $openHeight  cm from the top of the nose to the chin, mouth fully open
     * @param  float  $insideLength  cm inside the basket
     * @param  float  $insideGirth  cm around inside
     * @param  float  $insideHeight  cm from top to bottom inside
     * @param  bool  $isShortNosed  a short-nosed dog
     * @return list<Finding>
     *
     * @throws InvalidMeasure if a measurement is not 0.5 to 150 cm
     */
    public static function check(
        float $noseLength, float $closedGirth, float $openGirth, float $openHeight, float $insideLength, float $insideGirth,
        float $insideHeight, bool $isShortNosed = false,
    ): array {
        Measurement::check([
            [Quantity::NoseLength, $noseLength], [Quantity::GirthClosed, $closedGirth], [Quantity::GirthOpen, $openGirth],
            [Quantity::HeightOpen, $openHeight],
            [Quantity::InsideLength, $insideLength], [Quantity::InsideGirth, $insideGirth], [Quantity::InsideHeight, $insideHeight],
        ]);
        $findings = [];
        if ($isShortNosed) {
            $findings[] = new Finding(GearCode::ShortNosed);
        }
        if ($openGirth < $closedGirth) {
            $findings[] = new Finding(GearCode::OpenLessThanClosed, ['open' => $openGirth, 'closed' => $closedGirth]);
        }
        if ($openHeight > $openGirth / 2.0) {
            $findings[] = new Finding(GearCode::HeightNotInGirth, ['height' => $openHeight, 'girth' => $openGirth]);
        }
        $ahead = $insideLength - $noseLength;
        $findings[] = match (true) {
            $ahead < self::MIN_AHEAD => new Finding(GearCode::NoseTouches, [
                'ahead' => $ahead, 'least' => self::MIN_AHEAD, 'most' => self::MAX_AHEAD,
            ]),
            $ahead > self::MAX_AHEAD => new Finding(GearCode::NoseFarBack, [
                'ahead' => $ahead, 'least' => self::MIN_AHEAD, 'most' => self::MAX_AHEAD,
            ]),
            default => new Finding(GearCode::NoseFree, ['ahead' => $ahead]),
        };
        $findings[] = $insideGirth < $openGirth
            ? new Finding(GearCode::NoRoomAround, ['inside' => $insideGirth, 'open' => $openGirth])
            : new Finding(GearCode::RoomAround, ['more' => $insideGirth - $openGirth]);
        $findings[] = $insideHeight < $openHeight
            ? new Finding(GearCode::NoRoomHigh, ['inside' => $insideHeight, 'open' => $openHeight])
            : new Finding(GearCode::RoomHigh, ['more' => $insideHeight - $openHeight]);

        return $findings;
    }
}
