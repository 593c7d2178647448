<?php

declare(strict_types=1);

namespace App\Trials;

use App\Models\Session;
use App\Models\Trial;
use Core\Exposure\PlanKind;
use Core\Measure\Median;
use Core\Sign\Outcome;
use Core\Sign\OutcomeEffect;
use Core\Worth\HoldRecord;

/** How willing the dog was under the hand, in a few sentences: offers, stays, holds, the way back from a treat. */
final readonly class ContactSummary
{
    private const MOST = 2000;

    /** @return list<string> nothing for other kinds of plan */
    public function of(Session $session): array
    {
        if (! in_array($session->plan->responseModel->kind, [PlanKind::Contact, PlanKind::Duration], true)) {
            return [];
        }
        $rows = [];
        foreach (Trial::query()->toBase()->where('session_id', $session->id)->orderBy('sequence')->orderBy('id')->limit(self::MOST)
            ->selectRaw('outcome, stay_ms, hold_ms, return_ms, (SELECT number FROM trial_exposures WHERE trial_id = trials.id AND part = \'target\' AND dimension = \'duration\') AS target, '.Corrections::COLUMN)->get() as $row) {
            $fields = Corrections::applied((array) $row);
            if ($fields !== null) {
                $rows[] = $fields;
            }
        }
        if ($rows === []) {
            return [];
        }

        return [self::offers($rows), ...self::stays($rows), ...self::holds($rows), ...self::returns($rows)];
    }

    /** @param  non-empty-list<array<string, mixed>>  $rows */
    private static function offers(array $rows): string
    {
        $count = static fn (OutcomeEffect $effect): int => count(array_filter($rows, static fn (array $row): bool => Outcome::from(is_string($row['outcome']) ? $row['outcome'] : '')->effect() === $effect));

        return sprintf('Offered %d, accepted %d, declined %d.', count($rows), $count(OutcomeEffect::Success), $count(OutcomeEffect::OptOut));
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<string>
     */
    private static function stays(array $rows): array
    {
        $stays = self::seconds($rows, 'stay_ms');

        return $stays === [] ? [] : [sprintf('Half stayed %.1f s or longer from the offer.', Median::of($stays))];
    }

    /**
     * Against the time asked for last.
     *
     * @param  list<array<string, mixed>>  $rows
     * @return list<string>
     */
    private static function holds(array $rows): array
    {
        $held = array_values(array_filter($rows, static fn (array $row): bool => is_numeric($row['hold_ms']) && is_numeric($row['target'])));
        if ($held === []) {
            return [];
        }
        $last = $held[count($held) - 1]['target'];
        $target = is_numeric($last) ? (float) $last : 0.0;
        $same = array_values(array_filter($held, static fn (array $row): bool => is_numeric($row['target']) && abs((float) $row['target'] - $target) < 0.05));
        $seconds = self::seconds($same, 'hold_ms');
        $record = HoldRecord::of($seconds, $target);

        return [sprintf('Holds of %s s: best %.1f s, half %.1f s or longer, reached in %d of %d.', rtrim(rtrim(number_format($target, 1), '0'), '.'), $record->best, $record->median, count(array_filter($seconds, static fn (float $value): bool => $value >= $target)), count($seconds))];
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<string>
     */
    private static function returns(array $rows): array
    {
        $back = self::seconds($rows, 'return_ms');

        return $back === [] ? [] : [sprintf('Away and back by itself in %.1f s at first and %.1f s at last%s.', $back[0], $back[count($back) - 1], count($back) > 1 && $back[count($back) - 1] > 2.0 * $back[0] ? ': slower means less willing' : '')];
    }

    /**
     * @param  list<array<string, mixed>>  $rows
     * @return list<float> in the order of the session
     */
    private static function seconds(array $rows, string $field): array
    {
        return array_values(array_map(static fn (array $row): float => is_numeric($row[$field]) ? (float) $row[$field] / 1000.0 : 0.0, array_filter($rows, static fn (array $row): bool => is_numeric($row[$field]))));
    }
}
