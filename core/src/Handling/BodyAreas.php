<?php

declare(strict_types=1);

namespace Core\Handling;

/** Which parts of a body there are two of. */
final readonly class BodyAreas
{
    public const PAIRED = ['shoulder', 'flank', 'upper_leg', 'lower_leg', 'front_paw', 'hind_paw', 'ear', 'eye'];

    /** @return list<string> left and right, or both where there is one */
    public static function sides(string $area): array
    {
        return in_array($area, self::PAIRED, true) ? ['left', 'right'] : ['both'];
    }
}
