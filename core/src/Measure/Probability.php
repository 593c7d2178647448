<?php

declare(strict_types=1);

namespace Core\Measure;

/** The logistic link and its inverse, safe for large arguments. Log-odds are called logits throughout. */
final readonly class Probability
{
    /** σ(x) = 1 / (1 + e^−x). */
    public static function fromLogit(float $logit): float
    {
        return $logit >= 0.0 ? 1.0 / (1.0 + exp(-$logit)) : exp($logit) / (1.0 + exp($logit));
    }

    /** ln(p / (1 − p)), for 0 < p < 1. */
    public static function toLogit(float $probability): float
    {
        return log($probability / (1.0 - $probability));
    }

    /**
     * In words a person can weigh: "3 %", "0.4 %", "under 0.1 %"; the space does not break.
     */
    public static function inWords(float $probability): string
    {
        $percent = 100.0 * $probability;

        return match (true) {
            $percent < 0.1 => "under 0.1\u{00A0}%",
            $percent < 9.95 => round($percent, 1)."\u{00A0}%",
            default => round($percent)."\u{00A0}%",
        };
    }
}
