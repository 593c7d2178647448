<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\InvalidCatalog;
use Core\Exception\InvalidMeasure;

/** A criterion as data: {run, window?, sessions?, days?, newBehavior?}. */
final readonly class CriterionData
{
    /**
     * @throws InvalidCatalog naming the field that is missing
     * @throws InvalidMeasure if a number is out of its range
     */
    public static function read(mixed $data, string $where): Criterion
    {
        if (! is_array($data) || ! is_int($data['run'] ?? null)) {
            throw InvalidCatalog::missing($where, 'criterion.run');
        }
        $number = static fn (string $field, int $else): int => match (true) {
            ! isset($data[$field]) => $else,
            is_int($data[$field]) => $data[$field],
            default => throw InvalidCatalog::missing($where, "criterion.{$field}"),
        };
        $isNew = ($data['newBehavior'] ?? false) === true;
        $criterion = isset($data['window'])
            ? Criterion::share($data['run'], $number('window', 0), $isNew)
            : Criterion::run($data['run'], $isNew);

        return $criterion->over($number('sessions', 1), $number('days', 0));
    }

    /** @return array{run: int, window?: int, sessions?: int, days?: int, newBehavior?: true} */
    public static function write(Criterion $criterion): array
    {
        return ['run' => $criterion->successes]
            + ($criterion->window === null ? [] : ['window' => $criterion->window])
            + ($criterion->sessions === 1 ? [] : ['sessions' => $criterion->sessions])
            + ($criterion->days === 0 ? [] : ['days' => $criterion->days])
            + ($criterion->isNewBehavior ? ['newBehavior' => true] : []);
    }
}
