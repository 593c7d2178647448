<?php

declare(strict_types=1);

namespace App\Session;

use App\Engine\Corrections;
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
    private const MAX = 2000;

    /** @return list<string> nothing for other kinds of plan */
    public function of(Session $session): array
    {
        if (! in_array($session->plan->responseModel->kind, [PlanKind::Contact, PlanKind::Duration], true)) {
            return [];
        }
        $rows = Corrections::standing(Trial::query()
            ->toBase()->where('session_id', $session->id)->orderBy('sequence')->orderBy('occurred_at')->orderBy('id')->limit(self::MAX)
            ->selectRaw(
                'outcome, stay_ms, hold_ms, return_ms, (SELECT number FROM trial_exposures WHERE trial_id = trials.id AND part = '
                    .'\'target\' AND dimension = \'duration\') AS target, '
                    .Corrections::COLUMN,
            )->get());
        if ($rows === []) {
            return [];
        }

        return [self::offers($rows), ...self::stays($rows), ...self::holds($rows), ...self::returns($rows)];
    }

    /** @param  non-empty-list<array<mixed>>  $rows */
    private static function offers(array $rows): string
    {
        $count = static fn (OutcomeEffect $effect): int => count(array_filter(
            $rows, static fn (array $row): bool => Outcome::from(is_string($row['outcome']) ? $row['outcome'] : '')->effect() === $effect,
        ));

        return say('messages.contact_summary.offers', [
            'offered' => count($rows), 'accepted' => $count(OutcomeEffect::Success), 'declined' => $count(OutcomeEffect::OptOut),
        ]);
    }

    /**
     * @param  list<array<mixed>>  $rows
     * @return list<string>
     */
    private static function stays(array $rows): array
    {
        $stays = self::seconds($rows, 'stay_ms');

        return $stays === [] ? [] : [say('messages.contact_summary.stays', ['half' => words()->formats->seconds(Median::of($stays))])];
    }

    /**
     * Against the time asked for last.
     *
     * @param  list<array<mixed>>  $rows
     * @return list<string>
     */
    private static function holds(array $rows): array
    {
        $held = array_values(array_filter(
            $rows, static fn (array $row): bool => is_numeric($row['hold_ms']) && is_numeric($row['target']),
        ));
        if ($held === []) {
            return [];
        }
        $last = $held[count($held) - 1]['target'];
        $target = is_numeric($last) ? (float) $last : 0.0;
        $same = array_values(array_filter(
            $held, static fn (array $row): bool => is_numeric($row['target']) && abs((float) $row['target'] - $target) < 0.05,
        ));
        $seconds = self::seconds($same, 'hold_ms');
        $record = HoldRecord::of($seconds, $target);

        return [say('messages.contact_summary.holds', [
            'target' => words()->formats->seconds($target), 'best' => words()->formats->seconds($record->best),
            'half' => words()->formats->seconds($record->median),
            'reached' => count(array_filter($seconds, static fn (float $value): bool => $value >= $target)), 'of' => count($seconds),
        ])];
    }

    /**
     * @param  list<array<mixed>>  $rows
     * @return list<string>
     */
    private static function returns(array $rows): array
    {
        $back = self::seconds($rows, 'return_ms');

        return $back === [] ? [] : [say('messages.contact_summary.returns', [
            'first' => words()->formats->seconds($back[0]), 'last' => words()->formats->seconds($back[count($back) - 1]),
            'isSlower' => count($back) > 1 && $back[count($back) - 1] > 2.0 * $back[0],
        ])];
    }

    /**
     * @param  list<array<mixed>>  $rows
     * @return list<float> in the order of the session
     */
    private static function seconds(array $rows, string $field): array
    {
        return array_values(array_map(
            static fn (array $row): float => is_numeric($row[$field]) ? (float) $row[$field] / 1000.0 : 0.0,
            array_filter($rows, static fn (array $row): bool => is_numeric($row[$field])),
        ));
    }
}
