<?php

declare(strict_types=1);

namespace Core\Food;

use Core\Exception\InvalidCatalog;
use Core\Measure\Share;

/** Life stages and the share of treats, as data (core/data/food.json). */
final readonly class FoodCatalog
{
    /** @param  non-empty-array<string, LifeStage>  $stages  by key */
    private function __construct(public string $version, public Share $treatShare, public array $stages)
    {
    }

    /**
     * @param  array<mixed>  $data
     *
     * @throws InvalidCatalog naming the field at fault
     */
    public static function fromArray(array $data): self
    {
        $stages = [];
        foreach (is_array($data['stages'] ?? null) ? $data['stages'] : [] as $row) {
            $factor = is_array($row) ? $row['factor'] ?? null : null;
            if (! is_array($row) || ! is_string($row['key'] ?? null) || ! (is_int($factor) || is_float($factor)) || $factor <= 0) {
                throw InvalidCatalog::missing('food', 'stages');
            }
            $stages[$row['key']] = new LifeStage($row['key'], (float) $factor);
        }
        $share = $data['treatShare'] ?? null;

        return new self(
            is_string($data['version'] ?? null) ? $data['version'] : throw InvalidCatalog::missing('food', 'version'),
            is_float($share) && $share > 0.0 && $share < 1.0 ? Share::of($share) : throw InvalidCatalog::missing('food', 'treatShare'),
            $stages === [] ? throw InvalidCatalog::missing('food', 'stages') : $stages,
        );
    }
}
