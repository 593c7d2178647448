<?php

declare(strict_types=1);

namespace Core\Fit;

use Core\Exception\InvalidMeasure;

/**
 * A basket muzzle against a dog's head: room to pant comes first. Common practice; the maker's own chart and a fitter go first.
 */
final readonly class BasketFit
{
    private const LEAST_AHEAD = 0.5;

    private const MOST_AHEAD = 1.5;

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
    public static function check(float $noseLength, float $closedGirth, float $openGirth, float $openHeight, float $insideLength, float $insideGirth, float $insideHeight, bool $isShortNosed = false): array
    {
        Measured::check(['The nose length' => $noseLength, 'The girth, mouth closed' => $closedGirth, 'The girth, mouth open' => $openGirth, 'The height, mouth open' => $openHeight, 'The inside length' => $insideLength, 'The inside girth' => $insideGirth, 'The inside height' => $insideHeight]);
        $findings = [];
        if ($isShortNosed) {
            $findings[] = new Finding(Verdict::Change, 'A short-nosed dog needs a fitter: baskets by length do not sit on it.');
        }
        if ($openGirth < $closedGirth) {
            $findings[] = new Finding(Verdict::Ask, sprintf('The girth with the mouth open (%s cm) is less than closed (%s cm). Which of the two was measured otherwise?', self::cm($openGirth), self::cm($closedGirth)));
        }
        if ($openHeight > $openGirth / 2.0) {
            $findings[] = new Finding(Verdict::Ask, sprintf('The height with the mouth open (%s cm) does not fit into a girth of %s cm. Measure both again.', self::cm($openHeight), self::cm($openGirth)));
        }
        $ahead = $insideLength - $noseLength;
        $findings[] = match (true) {
            $ahead < self::LEAST_AHEAD => new Finding(Verdict::Change, sprintf('%s cm ahead of the nose: it touches the front. It needs %s to %s.', self::cm($ahead), self::cm(self::LEAST_AHEAD), self::cm(self::MOST_AHEAD))),
            $ahead > self::MOST_AHEAD => new Finding(Verdict::Look, sprintf('%s cm ahead of the nose: long. It may knock against things and reach the eyes; %s to %s is usual.', self::cm($ahead), self::cm(self::LEAST_AHEAD), self::cm(self::MOST_AHEAD))),
            default => new Finding(Verdict::Good, sprintf('%s cm ahead of the nose.', self::cm($ahead))),
        };
        $findings[] = $insideGirth < $openGirth
            ? new Finding(Verdict::Change, sprintf('No room to pant: %s cm around inside, %s with the mouth fully open.', self::cm($insideGirth), self::cm($openGirth)))
            : new Finding(Verdict::Good, sprintf('Room to pant around: %s cm more than the open mouth.', self::cm($insideGirth - $openGirth)));
        $findings[] = $insideHeight < $openHeight
            ? new Finding(Verdict::Change, sprintf('No room to pant: %s cm high inside, %s with the mouth fully open.', self::cm($insideHeight), self::cm($openHeight)))
            : new Finding(Verdict::Good, sprintf('Room to open the mouth: %s cm more than it needs.', self::cm($insideHeight - $openHeight)));

        return $findings;
    }

    private static function cm(float $value): string
    {
        return (string) round($value, 1);
    }
}
