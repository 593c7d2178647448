<?php

declare(strict_types=1);

namespace Core\Tests\Sign;

use Core\Exposure\PlanKind;
use Core\Sign\Sign;
use Core\Sign\SignCatalog;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\TestCase;

#[CoversClass(SignCatalog::class)]
final class SignsByPartTest extends TestCase
{
    public function test_every_sign_is_within_reach_under_one_part_mildest_first(): void
    {
        $data = json_decode((string) file_get_contents(__DIR__.'/../../data/signs.json'), true, flags: JSON_THROW_ON_ERROR);
        $catalog = SignCatalog::fromArray(\is_array($data) ? $data : []);
        $codes = static fn (PlanKind $kind): array => array_merge(...array_values(array_map(
            static fn (array $signs): array => array_map(static fn (Sign $sign): string => $sign->code, $signs), $catalog->byPart($kind),
        )));

        self::assertEqualsCanonicalizing(array_keys($catalog->signs), $codes(PlanKind::Contact));
        self::assertSame(['pull.away', 'offer', 'look.hand', 'paw.item', 'item.bite'], array_values(array_intersect(
            ['pull.away', 'offer', 'look.hand', 'paw.item', 'item.bite'], array_diff($codes(PlanKind::Contact), $codes(PlanKind::Presence)),
        )), 'only under the hand');
        $face = array_map(static fn (Sign $sign): string => $sign->code, $catalog->byPart(PlanKind::Presence)['face']);
        self::assertSame(['face.soft', 'whale.eye'], [$face[0], $face[count($face) - 1]]);
    }
}
