<?php

declare(strict_types=1);

namespace Words;

use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\ToldExposure;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\DimensionChange;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Progress;
use Core\Measure\Probability;
use Core\Sign\Asked;

/** The facts of a reason as JSON and back: what is stored and sent is codes and facts, said in words only where somebody reads. */
final readonly class Facts
{
    /**
     * @param  array<string, int|float|string|bool|list<string>|Probability|ToldExposure|DimensionChange|Progress|null>  $facts
     * @return array<string, mixed>
     */
    public static function toArray(array $facts): array
    {
        return array_map(static fn (mixed $fact): mixed => match (true) {
            $fact instanceof Probability => ['chance' => $fact->value],
            $fact instanceof ToldExposure => ['exposure' => $fact->exposure->values, 'unsaid' => $fact->unsaid],
            $fact instanceof DimensionChange => ['plan' => $fact->plan->value, 'dimension' => $fact->dimension, 'choice' => $fact->choice],
            $fact instanceof Progress => ['done' => $fact->done, 'asked' => $fact->asked, 'window' => $fact->window, 'met' => $fact
                ->isMet, 'tried' => $fact->tried, 'of' => $fact->of?->value],
            default => $fact,
        }, $facts);
    }

    /**
     * As it is stored; reason() reads it back.
     *
     * @return array{code: string, facts: array<string, mixed>}
     */
    public static function ofReason(Reason $reason): array
    {
        return ['code' => $reason->code->value, 'facts' => self::toArray($reason->facts)];
    }

    /**
     * @param  array<mixed>  $stored  {code, facts}
     * @return ?Reason null where the code is not known, or its facts are others: an older version said it
     */
    public static function reason(array $stored, DimensionCatalog $catalog): ?Reason
    {
        $code = ReasonCode::tryFrom(is_string($stored['code'] ?? null) ? $stored['code'] : '');
        $facts = [];
        foreach (is_array($stored['facts'] ?? null) ? $stored['facts'] : [] as $name => $fact) {
            $facts[(string) $name] = self::fact($fact, $catalog);
        }

        return $code === null || array_diff($code->facts(), array_keys($facts)) !== [] || count($facts) !== count($code->facts())
            ? null
            : Reason::of($code, ...$facts);
    }

    /** @return int|float|string|bool|list<string>|Probability|ToldExposure|DimensionChange|Progress|null */
    private static function fact(mixed $fact, DimensionCatalog $catalog): int
    |float|string|bool|array|Probability|ToldExposure|DimensionChange|Progress|null
    {
        if (! is_array($fact)) {
            return is_scalar($fact) ? $fact : null;
        }
        $text = static fn (string $key): string => is_string($fact[$key] ?? null) ? $fact[$key] : '';
        $number = static fn (string $key): int => is_int($fact[$key] ?? null) ? $fact[$key] : 0;

        return match (true) {
            isset($fact['chance']) => Probability::of(is_numeric($fact['chance']) ? (float) $fact['chance'] : 0.0),
            isset($fact['exposure']) => new ToldExposure(
                Exposure::of(self::values($fact['exposure']), $catalog),
                array_values(array_filter(is_array($fact['unsaid'] ?? null) ? $fact['unsaid'] : [], is_string(...))),
            ),
            isset($fact['choice']) => new DimensionChange(PlanKind::from($text('plan')), $text('dimension'), $text('choice')),
            isset($fact['asked']) => new Progress(
                max(0, $number('done')), max(1, $number('asked')),
                is_int($fact['window'] ?? null) && $fact['window'] > 0 ? $fact['window'] : null, ($fact['met'] ?? false) === true,
                is_int($fact['tried'] ?? null) ? max(0, $fact['tried']) : null, Asked::tryFrom($text('of')),
            ),
            default => array_values(array_filter($fact, is_string(...))),
        };
    }

    /** @return array<string, float|int|string> */
    private static function values(mixed $stored): array
    {
        $values = [];
        foreach (is_array($stored) ? $stored : [] as $key => $value) {
            if (is_int($value) || is_float($value) || is_string($value)) {
                $values[(string) $key] = $value;
            }
        }

        return $values;
    }
}
