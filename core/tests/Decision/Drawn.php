<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Alternative;
use Core\Decision\Level;
use Core\Decision\Reason;
use Core\Decision\RuleBook;
use Core\Decision\ToldExposure;
use Core\Exposure\Exposure;
use Core\Ladder\Ladder;
use Core\Ladder\Progress;
use Core\Measure\Probability;
use Core\Simulation\Chance;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Whole sessions drawn by chance, in the language of the case table, with every answer that was given: cases/drawn.txt. Nobody has judged
 * them one by one; they are there so that no answer changes unseen. After a change that is meant to change answers
 *
 *     php core/tests/Decision/Drawn.php
 *
 * writes them anew, and the difference is read line by line before it is kept.
 */
final class Drawn
{
    private const FILE = __DIR__.'/cases/drawn.txt';

    public const SESSIONS = 144;

    private const MOST_TRIALS = 16;

    /** What may come of a trial, by world: outcome, band, signs and flags, and how often. */
    private const COMES = [
        'field' => [
            ['returned easy', 52], ['returned aware', 16], ['watched aware', 5], ['prompted effort', 7], ['prompted_stiff strain', 5],
            ['not_returned strain', 2], ['mark_unanswered effort', 2], ['reacted over', 2], ['reacted_came over', 1], ['unnoticed easy', 4],
            ['refused_food effort refused', 2], ['taken_away effort', 1], ['returned easy hard', 4], ['returned aware mouthy', 2],
            ['returned easy slip', 1], ['returned easy interrupted', 1], ['returned easy no-food', 1], ['reacted over bite', 0.3],
            ['returned aware freeze', 0.6], ['returned easy body.yawn', 1],
        ],
        'hands' => [
            ['returned easy', 56], ['returned aware', 12], ['prompted effort', 6], ['left aware leave', 5], ['prompted_stiff strain', 4],
            ['returned effort', 4], ['returned easy hard', 3], ['returned aware freeze', 1.5], ['returned strain growl', 1],
            ['reacted over snap', 0.7], ['reacted over bite', 0.3], ['refused_food effort refused', 1], ['offered_else aware', 2],
            ['refused_start aware', 2], ['left_early aware', 2],
        ],
        'sound' => [
            ['ate_on easy', 60], ['listened_ate aware', 14], ['stopped_eating effort', 7], ['startled strain', 4], ['reacted over', 2],
            ['unnoticed easy', 4], ['refused_food effort refused', 2], ['ate_on easy slip', 1], ['ate_on easy hard', 2],
            ['listened_ate effort', 4],
        ],
        'skill' => [
            ['returned easy', 62], ['not_returned effort', 14], ['prompted aware', 8], ['offered_more easy', 2], ['offered_else aware', 4],
            ['returned easy mouthy', 2], ['returned easy interrupted', 2], ['returned easy hard', 2], ['returned easy no-food', 1],
            ['needed_help aware', 3],
        ],
    ];

    /** What may be otherwise than usual, each with how often: section, key, values. */
    private const OTHERWISE = [
        ['settings', 'advances', 0.2, [1, 2, 5]], ['settings', 'set', 0.2, [2, 6]], ['settings', 'session', 0.15, [5, 12]],
        ['settings', 'trials', 0.15, [6, 10]], ['settings', 'room', 0.2, [40.0, 70.0, 90.0]], ['settings', 'easyAfter', 0.2, [2, 4]],
        ['settings', 'strangers', 0.15, [true]], ['settings', 'stepSize', 0.25, ['yard', 'as_shown']],
        ['settings', 'whereEnded', 0.15, [true]], ['settings', 'pause', 0.15, [false]], ['settings', 'feed', 0.15, [true]],
        ['settings', 'strain', 0.15, [0.03]], ['settings', 'reaction', 0.15, [0.005]],
        ['history', 'solid', 0.5, [0, 1, 2, 3]], ['history', 'days', 0.5, [2.0, 3.0, 4.0, 7.0, 20.0, null]],
        ['history', 'reactions', 0.12, [1, 2, 3]], ['history', 'hardLately', 0.1, [1, 2, 3]], ['history', 'trials', 0.2, [0, 12]],
        ['history', 'struggles', 0.2, [['2' => 3], ['1' => 2], ['3' => 1]]],
        ['history', 'overs', 0.15, [['2' => 1], ['2' => 2], ['3' => 2]]],
        ['history', 'endedWithEffort', 0.15, [true]], ['history', 'lastOver', 0.12, [1, 2, 3]], ['history', 'outside', 0.1, [true]],
        ['history', 'lastCalm', 0.3, [0, 1, 2]], ['history', 'succeeded', 0.2, [false]], ['history', 'upset', 0.15, [0.4, 0.9, 1.6]],
        ['history', 'newPlace', 0.12, [true]], ['history', 'withoutGain', 0.1, [9, 10, 12]], ['history', 'elsewhere', 0.08, [1, 2]],
        ['history', 'givenHeld', 0.1, [1, 2]], ['history', 'helped', 0.2, [['side' => 2], ['hand_path' => 3]]],
        ['history', 'met', 0.2, [['1' => [20739]], ['0' => [20738, 20740]]]],
        ['history', 'tested', 0.15, [['0' => true, '2' => true, '3' => false], ['1' => true, '2' => false]]],
        ['history', 'calibration', 0.15, [
            ['expectedStrain' => 3.0, 'strain' => 8, 'expectedReaction' => 0.5, 'reactions' => 2, 'forecasts' => 90],
            ['expectedStrain' => 6.0, 'strain' => 1, 'expectedReaction' => 1.5, 'reactions' => 0, 'forecasts' => 110],
        ]],
        ['told', 'reactsAt', 0.3, [10.0, 20.0]], ['told', 'fineAt', 0.2, [40.0, 54.0]], ['told', 'bitten', 0.1, [true]],
        ['told', 'hides', 0.12, [true]], ['told', 'bold', 0.25, [true]], ['told', 'days', 0.15, [5, 20, 30]],
        ['told', 'neverReacted', 0.1, [true]], ['told', 'fearful', 0.12, [true]], ['told', 'suddenChange', 0.08, [true]],
        ['', 'condition', 0.15, ['unwell', 'tired', 'wired', 'hot', 'gear', 'noisy']], ['', 'held', 0.1, [true]],
        ['', 'known', 0.3, [false]], ['', 'model', 0.08, [false]], ['', 'upset', 0.1, [0.5]],
        ['', 'criterion', 0.3, [['run' => 3], ['run' => 4, 'window' => 5], ['run' => 5, 'sessions' => 2], ['run' => 3, 'days' => 2]]],
        ['', 'meters', 0.2, [[64, 30, 15], [40, 32, 26, 21], [12, 10, 8, 6.5]]],
    ];

    /** @return iterable<string, array{int, string}> seed and session, as they were kept */
    public static function kept(): iterable
    {
        foreach (explode("\n\n", trim((string) file_get_contents(self::FILE))) as $i => $session) {
            yield 'session '.($i + 1) => [$i + 1, $session];
        }
    }

    /** Draws all of them anew. */
    public static function write(): void
    {
        file_put_contents(self::FILE, implode("\n\n", array_map(self::session(...), range(1, self::SESSIONS)))."\n");
    }

    /** A session, a line for its row and one for each trial with its answer; the same for the same seed. */
    public static function session(int $seed): string
    {
        $chance = new Chance(new Randomizer(new Xoshiro256StarStar(4000 + $seed)));
        $world = ['field', 'field', 'hands', 'field', 'hands', 'skill', 'sound', 'skill'][$seed % ($seed > 96 ? 8 : 6)];
        $row = ['world' => $world];
        foreach (self::OTHERWISE as [$section, $key, $share, $values]) {
            if ($chance->uniform() < $share) {
                $value = $values[(int) ($chance->uniform() * count($values))];
                if ($section === '') {
                    $row[$key] = $value;
                } else {
                    $row[$section][$key] = $value;
                }
            }
        }
        $trials = $at = [];
        $text = '# '.json_encode($row, JSON_THROW_ON_ERROR);
        $minutes = $setAt = 0.0;
        $came = '';
        for ($n = 0; $n <= self::MOST_TRIALS; $n++) {
            $situation = CaseTable::situation([
                ...$row, 'trials' => array_map(
                    static fn (string $trial, float $then): string => $trial.' at='.round($minutes - $then, 2), $trials, $at,
                ),
                'minutes' => $minutes, 'setMinutes' => $minutes - $setAt,
            ]);
            $advice = RuleBook::standard()->decide($situation);
            $text .= "\n".($came === '' ? '' : "{$came} → ").self::answer($advice, $situation->ladder);
            if ($advice->next === null && $advice->action !== Action::Break) {
                break;
            }
            $level = $advice->next ?? $situation->log->last()->level ?? Level::ofStep($situation->ladder, 0);
            $stepMeters = $situation->ladder->step($level->step)->exposure->distance()?->meters;
            $came = self::place($level, $stepMeters).' '.self::comes($world, $chance);
            $trials[] = $came.' under='.$advice->action->value;
            $minutes += 0.2 + 0.9 * $chance->uniform();
            $at[] = $minutes;
            $setAt = $advice->action === Action::Break ? $minutes : $setAt;
        }

        return $text;
    }

    /** As the case table reads it: 1.5 is half way from the second step to the third. */
    private static function place(Level $level, ?float $stepMeters): string
    {
        $meters = $level->exposure->distance()->meters ?? null;

        return $meters === null || $stepMeters === null || abs($meters - $stepMeters) < 1e-6 || $meters > $stepMeters
            ? (string) $level->step
            : "{$level->step}.5";
    }

    private static function comes(string $world, Chance $chance): string
    {
        $all = self::COMES[$world];
        $at = $chance->uniform() * array_sum(array_column($all, 1));
        foreach ($all as [$trial, $often]) {
            $at -= $often;
            if ($at < 0.0) {
                return $trial;
            }
        }

        return $all[0][0];
    }

    private static function answer(Advice $advice, Ladder $ladder): string
    {
        $where = static fn (Level $level): string => self::where($level->step, $level->exposure, $ladder);
        $next = $advice->next;
        $reasons = array_map(static fn (Reason $reason): string => $reason->code->value.self::facts(array_map(
            // what is told of a place is nearly always the one that is asked for
            static fn (mixed $fact): mixed => $fact instanceof ToldExposure
                ? ($next?->exposure->equals($fact->exposure) === true
                    ? 'there'
                    : self::where($next->step ?? 0, $fact->exposure, $ladder))
                    .($fact->unsaid === [] ? '' : ' but for '.implode(', ', $fact->unsaid))
                : $fact, $reason->facts,
        )), $advice->reasons);
        $others = array_map(
            static fn (Alternative $other): string => $where($other->level).' '.self::fact($other->logitsOff).' '.$other->helped,
            $advice->alternatives,
        );

        return $advice->action->value.($advice->isClosing ? ' closing' : '').($next === null ? '' : ' '.$where($next)).': '
            .implode('; ', $reasons).($others === [] ? '' : ' or '.implode(', ', $others));
    }

    /** A step, and what is otherwise than there. */
    private static function where(int $step, Exposure $exposure, Ladder $ladder): string
    {
        $usual = $ladder->step($step)->exposure->values;
        $otherwise = array_filter(
            $exposure->values, static fn (mixed $value, string $key): bool => ($usual[$key] ?? null) !== $value, ARRAY_FILTER_USE_BOTH,
        ) + array_map(static fn (): string => 'unsaid', array_diff_key($usual, $exposure->values));

        return $step.($otherwise === [] ? '' : ' with '.implode(', ', array_map(
            static fn (string $key, mixed $value): string => "{$key} ".self::fact($value), array_keys($otherwise), $otherwise,
        )));
    }

    /** @param  array<mixed>  $facts */
    private static function facts(array $facts): string
    {
        $told = [];
        foreach ($facts as $name => $fact) {
            $told[] = "{$name} ".self::fact($fact);
        }

        return $told === [] ? '' : ' ('.implode(', ', $told).')';
    }

    private static function fact(mixed $fact): string
    {
        return match (true) {
            $fact instanceof \BackedEnum => self::fact($fact->value),
            $fact instanceof Probability => self::fact($fact->value),
            $fact instanceof Progress => "{$fact->done} of {$fact->asked}".self::facts(array_filter(
                get_object_vars($fact), static fn (mixed $value, string $key): bool => ! in_array($key, ['done', 'asked'], true)
                    && $value !== null, ARRAY_FILTER_USE_BOTH,
            )),
            is_object($fact) => trim(self::facts(get_object_vars($fact)), ' ()'),
            is_float($fact) => (string) (float) sprintf('%.3g', $fact),
            is_array($fact) => implode(' ', array_map(self::fact(...), $fact)),
            is_bool($fact) => $fact ? 'yes' : 'no',
            is_int($fact) => (string) $fact,
            is_string($fact) => $fact,
            default => 'none',
        };
    }
}

if (get_included_files()[0] === __FILE__) {
    require dirname(__DIR__, 3).'/vendor/autoload.php';
    Drawn::write();
}
