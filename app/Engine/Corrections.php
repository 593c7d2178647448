<?php

declare(strict_types=1);

namespace App\Engine;

use App\Models\TrialCorrection;

/** Reads a trial as it stands: corrections are rows beside it, applied in their order. */
final readonly class Corrections
{
    public const COLUMN = "(SELECT JSON_ARRAYAGG(JSON_OBJECT('kind', kind, 'changes', changes) ORDER BY id) FROM trial_corrections WHERE "
        .'trial_id = trials.id) AS corrections';

    /**
     * Rows as they stand, without those that were taken out.
     *
     * @param  iterable<mixed>  $rows  read with the column above
     * @return list<array<mixed>>
     */
    public static function standing(iterable $rows): array
    {
        $standing = [];
        foreach ($rows as $row) {
            $fields = self::applied((array) $row);
            if ($fields !== null) {
                $standing[] = $fields;
            }
        }

        return $standing;
    }

    /**
     * @param  array<mixed>  $fields  of a row read with the column above
     * @return ?array<mixed> null if it was taken out and not put back
     */
    private static function applied(array $fields): ?array
    {
        if (! is_string($fields['corrections'] ?? null)) {
            return $fields;
        }
        /** @var list<array{kind: string, changes: array<string, mixed>|string|null}> $rows */
        $rows = json_decode($fields['corrections'], true, flags: JSON_THROW_ON_ERROR);
        foreach ($rows as $row) {
            // MariaDB keeps JSON as text, so it comes back quoted inside JSON_OBJECT
            $changes = is_string($row['changes']) ? json_decode($row['changes'], true) : $row['changes'];
            $fields = array_merge($fields, is_array($changes) ? $changes : []);
        }

        return TrialCorrection::leaveOut(array_column($rows, 'kind')) ? null : $fields;
    }
}
