<?php

declare(strict_types=1);

namespace App\Engine;

use Core\Decision\SessionSummary;
use Core\Response\Calibration;

/** A session's summary as stored beside it. */
final readonly class SummaryJson
{
    public static function encode(SessionSummary $summary): string
    {
        return json_encode(get_object_vars($summary), JSON_THROW_ON_ERROR);
    }

    public static function decode(string $json): SessionSummary
    {
        /**
         * @var array{trials: int, marks: list<array{step: int, held: bool}>, reacted: bool, endedWithEffort: bool, calm: bool,
         *    succeeded: bool, calibration: array{expectedStrain: float, strain: non-negative-int, expectedReaction: float,
         *    reactions: non-negative-int, forecasts: non-negative-int}} $stored
         */
        $stored = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return new SessionSummary(...[...$stored, 'calibration' => new Calibration(...$stored['calibration'])]);
    }
}
