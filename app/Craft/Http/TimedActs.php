<?php

declare(strict_types=1);

namespace App\Craft\Http;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/**
 * What somebody did at which moments, as a page sends all of it with every question. Read by plain code: the rules of a form take longer
 * for some hundred of these than the run they are of.
 */
final readonly class TimedActs
{
    private const MOST = 600;

    /**
     * @param  list<array{act: string, at: int}>  $acts
     * @param  int  $until  milliseconds that were played
     */
    private function __construct(public array $acts, public int $until)
    {
    }

    /**
     * @param  list<\BackedEnum>  $known
     * @param  int  $longest  milliseconds
     * @param  string  $problem  what is said where it cannot be read
     *
     * @throws ValidationException
     */
    public static function of(Request $request, array $known, int $longest, string $problem): self
    {
        $names = array_map(static fn (\BackedEnum $one): string => (string) $one->value, $known);
        [$rows, $until] = [$request->input('acts'), self::moment($request->input('until'), $longest)];
        $acts = [];
        foreach (is_array($rows) && count($rows) <= self::MOST ? $rows : [null] as $row) {
            $act = is_array($row) ? $row['act'] ?? null : null;
            $at = is_array($row) ? self::moment($row['at'] ?? null, $longest) : null;
            if (! is_string($act) || ! in_array($act, $names, true) || $at === null || $until === null) {
                throw ValidationException::withMessages(['acts' => $problem]);
            }
            $acts[] = ['act' => $act, 'at' => $at];
        }

        return $until === null ? throw ValidationException::withMessages(['until' => $problem]) : new self($acts, $until);
    }

    private static function moment(mixed $given, int $longest): ?int
    {
        return is_int($given) && $given >= 0 && $given <= $longest ? $given : null;
    }
}
