<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Response\EvidenceRow;
use Core\Response\SessionEvidence;

/** A session's evidence as stored beside it: [{exposure, afterReaction, counts}]. */
final readonly class EvidenceJson
{
    public static function encode(SessionEvidence $evidence): string
    {
        return json_encode(array_map(static fn (EvidenceRow $row): array => [
            'exposure' => $row->exposure->values, 'afterReaction' => $row->afterReaction, 'counts' => $row->counts,
        ], $evidence->rows), JSON_THROW_ON_ERROR);
    }

    /** @param  float  $stricter  bands by which whoever graded it is known to grade harder */
    public static function decode(
        \DateTimeImmutable $startedAt, string $json, float $upset, DimensionCatalog $catalog, float $stricter = 0.0,
    ): SessionEvidence {
        $rows = [];
        /**
         * @var list<array{exposure: array<string, float|int|string>, afterReaction: bool, counts: array{int, int, int, int, int}}> $stored
         */
        $stored = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        foreach ($stored as $row) {
            $rows[] = new EvidenceRow(Exposure::of($row['exposure'], $catalog), $row['afterReaction'], $row['counts']);
        }

        return new SessionEvidence($startedAt, $rows, $upset, $stricter);
    }
}
