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

    public function isWorn(): bool
    {
        return $this !== self::Tool;
    }
}
