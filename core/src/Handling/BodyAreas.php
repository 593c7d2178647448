<?php

declare(strict_types=1);

namespace Core\Handling;

/** Which parts of a body there are two of, and which ladder fits each. */
final readonly class BodyAreas
{
    public const PAIRED = ['shoulder', 'flank', 'upper_leg', 'lower_leg', 'front_paw', 'hind_paw', 'ear', 'eye'];

    /** The ladder that fits a part best; the whole body for the rest. */
    private const TEMPLATES = [
        'front_paw' => 'nails', 'hind_paw' => 'nails', 'ear' => 'ear-care', 'eye' => 'eye-care', 'lips' => 'teeth',
        'neck' => 'collar-hold', 'muzzle' => 'basket-muzzle',
        'back' => 'brushing',
    ];

    public static function template(string $area): string
    {
        return self::TEMPLATES[$area] ?? 'whole-body';
    }

    /** @return list<string> left and right, or both where there is one */
    public static function sides(string $area): array
    {
        return in_array($area, self::PAIRED, true) ? ['left', 'right'] : ['both'];
    }
}
