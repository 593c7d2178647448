<?php

declare(strict_types=1);

namespace Core\Ladder;

use Core\Exception\CoreException;
use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;

/** A step as data: {do, onTheWay?, at, criterion, food, posture, who, hands, eyes, strands?}. Nothing else may be left open. */
final readonly class StepData
{
    /**
     * @param  array<mixed>  $row
     * @param  string  $at  JSON pointer of the row
     *
     * @throws InvalidLadder with a pointer to the field at fault
     */
    public static function read(array $row, DimensionCatalog $catalog, string $at): Step
    {
        $values = is_array($row['at'] ?? null)
            ? self::values($row['at'], $catalog, "{$at}/at")
            : throw InvalidLadder::at("{$at}/at", ErrorCode::ValuesMissing);
        try {
            return new Step(Exposure::of($values, $catalog), CriterionData::read($row['criterion'] ?? null, 'criterion'), Manner::of(
                self::text($row, 'do'),
                FoodTiming::tryFrom(self::text($row, 'food')) ?? throw InvalidLadder::at("{$at}/food", ErrorCode::FoodTimingMissing),
                DogPosture::tryFrom(self::text($row, 'posture')) ?? throw InvalidLadder::at("{$at}/posture", ErrorCode::PostureMissing),
                HandledBy::tryFrom(self::text($row, 'who')) ?? throw InvalidLadder::at("{$at}/who", ErrorCode::WhoMissing),
                self::integer($row, 'hands', $at),
                self::integer($row, 'eyes', $at),
                ($row['onTheWay'] ?? false) === true,
                self::strands($row['strands'] ?? [], "{$at}/strands"),
            ));
        } catch (InvalidLadder $problem) {
            throw $problem;
        } catch (CoreException $problem) {
            throw InvalidLadder::within($at, $problem);
        }
    }

    /**
     * @return array{do: string, at: array<string, float|string>, criterion: array<string, int|true>, food: string, posture: string,
     *    who: string, hands: int, eyes: int, onTheWay?: true, strands?: non-empty-list<string>}
     */
    public static function write(Step $step): array
    {
        return [
            'do' => $step->manner->instruction, 'at' => $step->exposure->values, 'criterion' => CriterionData::write($step->criterion),
            'food' => $step->manner->food->value,
            'posture' => $step->manner->posture->value, 'who' => $step->manner->who->value, 'hands' => $step->manner->hands,
            'eyes' => $step->manner->eyes,
            ...($step->manner->isOnTheWay ? ['onTheWay' => true] : []),
            ...($step->manner->strands === [] ? [] : ['strands' => array_column($step->manner->strands, 'value')]),
        ];
    }

    /**
     * @param  array<mixed>  $values
     * @return array<string, float|string>
     *
     * @throws InvalidLadder
     */
    public static function values(array $values, DimensionCatalog $catalog, string $at): array
    {
        $checked = [];
        foreach ($values as $key => $value) {
            try {
                $checked += Exposure::of(
                    [(string) $key => is_int($value) || is_float($value) || is_string($value) ? $value : ''], $catalog,
                )->values;
            } catch (CoreException $problem) {
                throw InvalidLadder::within("{$at}/{$key}", $problem);
            }
            $range = $catalog->dimension((string) $key)->range();
            if ($range !== null && ($checked[$key] < min($range) || $checked[$key] > max($range))) {
                [$one, $other] = $catalog->dimension((string) $key)->typedRange() ?? [0.0, 1.0];
                throw InvalidLadder::at(
                    "{$at}/{$key}", ErrorCode::ValueOutOfRange, plan: $catalog->plan->value, dimension: (string) $key,
                    least: min($one, $other), most: max($one, $other),
                );
            }
        }
        foreach (array_keys($checked) as $key) {
            $says = array_intersect($catalog->dimension($key)->overlaps, array_keys($checked));
            if ($says !== []) {
                throw InvalidLadder::at(
                    "{$at}/{$key}", ErrorCode::SaysTheSame, plan: $catalog->plan->value, dimensions: [$key, ...array_values($says)],
                );
            }
        }

        foreach ($checked as $key => $value) {
            $dimension = $catalog->dimension($key);
            if (! $dimension->isPossible($value, $checked)) {
                throw InvalidLadder::at(
                    "{$at}/{$key}", ErrorCode::Impossible, plan: $catalog->plan->value, dimension: $key, choice: (string) $value,
                    dimensions: array_keys(is_string($value) ? $dimension->choice($value)->needs : $dimension->needs),
                );
            }
        }

        return $checked;
    }

    /**
     * @return list<Strand> each once, in their own order
     *
     * @throws InvalidLadder
     */
    private static function strands(mixed $told, string $at): array
    {
        $told = is_array($told) ? $told : [$told];
        $strands = array_values(array_filter(Strand::cases(), static fn (Strand $strand): bool => in_array($strand->value, $told, true)));

        return count($strands) === count($told) ? $strands : throw InvalidLadder::at($at, ErrorCode::StrandUnknown);
    }

    /** @param  array<mixed>  $of */
    private static function text(array $of, string $field): string
    {
        return is_string($of[$field] ?? null) ? trim($of[$field]) : '';
    }

    /** @param  array<mixed>  $of */
    private static function integer(array $of, string $field, string $at): int
    {
        return is_int($of[$field] ?? null) ? $of[$field] : throw InvalidLadder::at("{$at}/{$field}", ErrorCode::WholeNumber);
    }
}
