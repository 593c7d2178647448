<?php

declare(strict_types=1);

namespace Core\Handling;

/** Ways of touching a part of the body, from least to most. Keys of the catalog's dimension of contact. */
enum Touch: string
{
    case Hover = 'hover';
    case Touch = 'touch';
    case Stroke = 'stroke';
    case Hold = 'hold';
    case Lift = 'lift';

    /** @return list<string> */
    public static function keys(): array
    {
        return array_column(self::cases(), 'value');
    }

    /** 1 for the least. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true) + 1;
    }
}
