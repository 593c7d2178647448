<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Exposure\DimensionCatalog;

/** A whole ladder as data: a list of steps that all say the same dimensions. */
final readonly class LadderData
{
    public const MAX_STEPS = 200;

    /**
     * @param  array<mixed>  $rows
     *
     * @throws InvalidLadder with a pointer to the field at fault
     */
    public static function read(array $rows, DimensionCatalog $catalog): Ladder
    {
        if ($rows === [] || count($rows) > self::MAX_STEPS) {
            throw InvalidLadder::at('', ErrorCode::StepCount, most: self::MAX_STEPS, given: count($rows));
        }
        $steps = [];
        foreach (array_values($rows) as $i => $row) {
            $steps[] = StepData::read(is_array($row) ? $row : [], $catalog, "/{$i}");
        }
        self::checkSameDimensions(array_map(static fn (Step $step): array => $step->exposure->values, $steps));

        return Ladder::of($steps);
    }

    /**
     * @return list<array{do: string, at: array<string, float|string>, criterion: array<string, int|true>, food: string, posture: string,
     *    who: string, hands: int, eyes: int, onTheWay?: true}>
     */
    public static function write(Ladder $ladder): array
    {
        return array_map(StepData::write(...), $ladder->steps);
    }

    /**
     * @param  array<int, array<string, float|string>>  $values  of the steps, by their place in the document
     * @param  string  $at  JSON pointer of the list
     *
     * @throws InvalidLadder
     */
    public static function checkSameDimensions(array $values, string $at = ''): void
    {
        $all = array_merge(...array_values($values), ...[[]]);
        foreach ($values as $i => $said) {
            $missing = array_keys(array_diff_key($all, $said));
            if ($missing !== []) {
                throw InvalidLadder::at("{$at}/{$i}/at", ErrorCode::DimensionLeftOpen, dimensions: array_map(strval(...), $missing));
            }
        }
    }
}
