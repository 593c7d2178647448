<?php

declare(strict_types=1);

namespace Core\Wearing;

/** What a dog wears, or is cared for with. */
enum ItemKind: string
{
    case Muzzle = 'muzzle';
    case Harness = 'harness';
    case Collar = 'collar';
    case Halter = 'halter';
    case Coat = 'coat';
    case Tool = 'tool';

    public function label(): string
    {
        return match ($this) {
            self::Muzzle => 'basket muzzle',
            self::Harness => 'harness',
            self::Collar => 'collar',
            self::Halter => 'head halter',
            self::Coat => 'coat, boots or bandage',
            self::Tool => 'a tool for care',
        };
    }

    public function isWorn(): bool
    {
        return $this !== self::Tool;
    }

    /** What a look at the fit must show before it counts. */
    public function fitAsks(): string
    {
        return match ($this) {
            self::Muzzle => 'pants, drinks and takes food in it; nothing touches the eyes',
            self::Harness => 'elbows and shoulders free, nothing rubs after a walk',
            self::Collar => 'two fingers flat, does not slip over the head',
            self::Halter => 'a second clip on the harness, no pressure at the eyes',
            self::Coat => 'shoulders free, no seam rubs',
            self::Tool => 'clean, and known by its sound',
        };
    }
}
