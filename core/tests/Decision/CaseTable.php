<?php

declare(strict_types=1);

namespace Core\Tests\Decision;

use Core\Decision\Action;
use Core\Decision\CarryOver;
use Core\Decision\Choices;
use Core\Decision\Condition;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\Mark;
use Core\Decision\MarkKind;
use Core\Decision\RestReason;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Decision\StepSize;
use Core\Decision\Tested;
use Core\Decision\Told;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\LoadScale;
use Core\Ladder\Criterion;
use Core\Ladder\DogPosture;
use Core\Ladder\FoodTiming;
use Core\Ladder\HandledBy;
use Core\Ladder\Ladder;
use Core\Ladder\Manner;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\Calibration;
use Core\Response\DogModel;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Core\Sign\TurnLatency;
use Core\Tests\Fixture;

/**
 * Rows of cases/*.json as situations. A row holds a world, what differs from its usual history and settings, today's trials, and
 * the answer:
 *
 *     {"id": "…", "world": "field", "trials": ["4x 1 returned easy", "1 reacted over bite"], "action": "stop", "codes": ["bite"]}
 *
 * A trial reads "[n×] step outcome band [signs and flags]": step by index, 1.5 for half way to the next one; real=PLACE where it was
 * somewhere else than asked; flags are refused, hard, unfed (how food was taken), no-food (run out), slip, interrupted, under=ACTION,
 * turns=LATENCY, at=MINUTES before now; anything else is a sign. Worlds: "field" is a ladder of 64, 54, 45, 38, 32 m and a dog that is
 * well known and easy at 12 m; "hands" is the nail ladder and a dog known up to its twelfth step;
 * "worn" is that of the basket muzzle and a dog known up to its last, "visit" that of the scale, whose last steps are at the clinic;
 * "skill" is the look-up ladder, "sound" that of sounds, of a dog of which no model was made.
 */
final class CaseTable
{
    private const NOW = '2026-10-20 10:00 UTC';

    private const METERS = [64.0, 54.0, 45.0, 38.0, 32.0];

    private const BANDS = ['easy' => 0, 'aware' => 1, 'effort' => 2, 'strain' => 3, 'over' => 4];

    private const FLAGS = ['refused', 'hard', 'unfed', 'no-food', 'slip', 'interrupted'];

    /** @var array<string, Ladder> by template */
    private static array $laid = [];

    /** @return array<string, array{array<string, mixed>}> rows by file and name */
    public static function rows(): array
    {
        $rows = [];
        $files = glob(__DIR__.'/cases/*.json');
        foreach (is_array($files) ? $files : [] as $file) {
            $table = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            foreach (is_array($table) ? $table : [] as $row) {
                $id = is_array($row) && is_string($row['id'] ?? null)
                    ? $row['id']
                    : throw new \LogicException("A row of {$file} has no id.");
                $key = basename($file, '.json').': '.$id;
                $rows[$key] = isset($rows[$key]) ? throw new \LogicException("Two rows are \"{$key}\".") : [self::named($row)];
            }
        }

        return $rows;
    }

    /** @param  array<string, mixed>  $row */
    public static function situation(array $row): Situation
    {
        $world = self::text($row, 'world', 'field');
        $ladder = self::ladder($world, $row);
        $kinds = ['hands' => 'contact', 'worn' => 'contact', 'visit' => 'contact', 'skill' => 'duration', 'sound' => 'sound'];
        $catalog = Fixture::catalogs()[$kinds[$world] ?? 'presence'];
        $now = new \DateTimeImmutable(self::NOW);
        $start = self::minutesBefore($now, self::number($row, 'minutes', 1.0));
        $trials = [];
        foreach (self::list($row, 'trials') as $line) {
            array_push($trials, ...self::trials(is_string($line) ? $line : '', $ladder, $catalog, $now));
        }
        $log = new SessionLog(
            $start, self::minutesBefore($now, self::number($row, 'setMinutes', 1.0)), $trials, self::number($row, 'upset', 0.0),
            self::condition(is_string($row['condition'] ?? null) ? $row['condition'] : ''),
        );

        return new Situation(
            $catalog, Fixture::signs(), $ladder, self::settings(self::named($row['settings'] ?? [])),
            self::history(self::named($row['history'] ?? []), $world, $ladder, $catalog), $log,
            ($row['model'] ?? true) === false || in_array($world, ['skill', 'sound'], true)
                ? null
                : self::model($world, $ladder, $catalog, $log, ($row['known'] ?? true) === true),
            $now,
            self::told(self::named($row['told'] ?? [])),
        );
    }

    /** @param  array<string, mixed>  $row */
    private static function ladder(string $world, array $row): Ladder
    {
        if ($world === 'hands') {
            $nails = self::laid('nails');
            $posture = self::text($row, 'posture', 'kneeling');

            return $posture === 'kneeling' ? $nails : Ladder::of(array_map(
                static fn (Step $step): Step => new Step($step->exposure->with('posture', $posture), $step->criterion, $step->manner),
                $nails->steps,
            ));
        }
        if ($world === 'skill') {
            return self::laid('look-up');
        }
        $template = ['sound' => 'sounds', 'worn' => 'basket-muzzle', 'visit' => 'scale'][$world] ?? null;
        if ($template !== null) {
            return self::laid($template);
        }
        $criterion = self::named($row['criterion'] ?? []);
        $rule = isset($criterion['window'])
            ? Criterion::share((int) self::number($criterion, 'run', 5), (int) self::number($criterion, 'window', 5))
            : Criterion::run((int) self::number($criterion, 'run', 5), ($criterion['new'] ?? false) === true);
        $rule = $rule->over((int) self::number($criterion, 'sessions', 1), (int) self::number($criterion, 'days', 0));
        $meters = array_map(static fn (mixed $of): float => is_numeric($of) ? (float) $of : 0.0, self::list($row, 'meters', self::METERS));

        $manner = ($row['held'] ?? false) === true
            ? Manner::of('', FoodTiming::DrawnOut, DogPosture::Held, HandledBy::Handler, 2, 1)
            : Manner::plain();

        return Ladder::of(array_map(static fn (float $of): Step => new Step(Fixture::at($of), $rule, $manner), $meters));
    }

    private static function laid(string $template): Ladder
    {
        return self::$laid[$template] ??= Fixture::laid($template)[0];
    }

    /** @return list<LoggedTrial> */
    private static function trials(string $line, Ladder $ladder, DimensionCatalog $catalog, \DateTimeImmutable $now): array
    {
        $words = explode(' ', $line);
        $times = preg_match('/^(\d+)x$/', $words[0], $found) === 1 ? (int) $found[1] : 1;
        [$place, $outcome, $band] = array_slice($words, preg_match('/^\d+x$/', $words[0]) === 1 ? 1 : 0, 3);
        $flags = array_slice($words, (preg_match('/^\d+x$/', $words[0]) === 1 ? 1 : 0) + 3);
        $set = [];
        foreach ($flags as $flag) {
            if (str_contains($flag, '=')) {
                [$key, $value] = explode('=', $flag, 2);
                $set[$key] = $value;
            }
        }
        $has = static fn (string $flag): bool => in_array($flag, $flags, true);
        $target = self::level((float) $place, $ladder, $catalog);
        $real = isset($set['real']) ? self::level((float) $set['real'], $ladder, $catalog)->exposure : $target->exposure;

        return array_fill(0, $times, new LoggedTrial(
            $target, Action::tryFrom($set['under'] ?? ''), $real, Outcome::from($outcome),
            Band::from(self::BANDS[$band]),
            array_values(array_filter(
                $flags, static fn (string $flag): bool => ! in_array($flag, self::FLAGS, true) && ! str_contains($flag, '='),
            )),
            match (true) {
                $has('refused') => FoodTaken::Refused,
                $has('hard') => FoodTaken::Hard,
                $has('unfed') => FoodTaken::NotOffered,
                default => FoodTaken::Gently,
            }, ! $has('no-food'), TurnLatency::tryFrom($set['turns'] ?? ''),
            $has('interrupted'), $has('slip'),
            self::minutesBefore($now, (float) ($set['at'] ?? 0)), isset($set['foretold']) ? self::forecast((float) $set['foretold']) : null,
        ));
    }

    private static function minutesBefore(\DateTimeImmutable $now, float $minutes): \DateTimeImmutable
    {
        return $now->modify('-'.(int) round(60 * $minutes).' seconds');
    }

    private static function forecast(float $risk): \Core\Response\Risk
    {
        return Fixture::risk($risk, $risk, $risk / 5.0, $risk / 5.0);
    }

    private static function level(float $place, Ladder $ladder, DimensionCatalog $catalog): Level
    {
        $step = max(0, (int) floor($place));
        $exposure = $ladder->step($step)->exposure;
        if ($place === (float) $step) {
            return new Level($step, $exposure);
        }
        $from = $exposure->distance() ?? throw new \LogicException('Part of a step is asked for at a distance only.');
        $to = $ladder->step($step + 1)->exposure->distance()->meters ?? 1.0;

        return (new Credit($ladder, $catalog))->of(
            $exposure->withDistance(Distance::fromMeters($from->meters * ($to / $from->meters) ** ($place - $step))),
        );
    }

    /** @param  array<string, mixed>  $of */
    private static function settings(array $of): RuleSettings
    {
        $whole = static fn (string $key, int $else): int => (int) self::number($of, $key, $else);

        return RuleSettings::of(
            RiskCaps::of(self::number($of, 'strain', 0.05), self::number($of, 'reaction', 0.01)), $whole('advances', 3), $whole('set', 4),
            $whole('session', 30),
            $whole('trials', 60), Distance::fromMeters(self::number($of, 'room', 150.0)), $whole('easyAfter', 0),
            isByStrangers: ($of['strangers'] ?? false) === true,
            choices: new Choices(
                StepSize::tryFrom(self::text($of, 'stepSize', '')) ?? StepSize::Ratio, ($of['whereEnded'] ?? false) === true,
                ($of['pause'] ?? true) === true, ($of['feed'] ?? false) === true,
                ($of['rationEarned'] ?? false) === true,
            ),
        );
    }

    /** @param  array<string, mixed>  $of */
    private static function history(array $of, string $world, Ladder $ladder, DimensionCatalog $catalog): History
    {
        $whole = static fn (string $key, int $else): int => (int) self::number($of, $key, $else);
        $days = array_key_exists('days', $of) ? $of['days'] : 1.0;
        $at = static fn (string $key, float $else = -1.0): ?Level =>
            self::number($of, $key, $else) < 0.0 ? null : self::level(self::number($of, $key, $else), $ladder, $catalog);
        $levels = static function (string $key, string $count) use ($of, $ladder, $catalog): array {
            $levels = [];
            foreach (self::named($of[$key] ?? []) as $place => $times) {
                $levels[] = [
                    'level' => self::level((float) $place, $ladder, $catalog), $count => is_numeric($times) ? max(1, (int) $times) : 1,
                ];
            }

            return $levels;
        };
        $helped = $met = [];
        foreach (self::named($of['helped'] ?? []) as $key => $times) {
            $helped[$key] = is_numeric($times) ? (int) $times : 1;
        }
        foreach (self::named($of['met'] ?? []) as $step => $on) {
            $met[(int) $step] = array_map(
                static fn (mixed $day): int => is_numeric($day) ? (int) $day : 0, is_array($on) ? array_values($on) : [],
            );
        }
        $longHolds = [];
        foreach (self::named($of['longHolds'] ?? []) as $step => $successes) {
            $longHolds[self::level((float) $step, $ladder, $catalog)->key()] = array_map(
                static fn (mixed $is): bool => $is === true, is_array($successes) ? array_values($successes) : [],
            );
        }
        $foretold = self::named($of['calibration'] ?? []);
        $tests = [];
        foreach (self::named($of['tested'] ?? []) as $place => $passed) {
            $tests[] = ['level' => self::level((float) $place, $ladder, $catalog), 'passed' => $passed === true];
        }

        /** @var list<array{level: Level, sessions: positive-int}> $struggles */
        $struggles = $levels('struggles', 'sessions');
        /** @var list<array{level: Level, times: positive-int}> $overs */
        $overs = $levels('overs', 'times');

        return new History(
            solid: $at('solid', $world === 'hands' ? 4.0 : -1.0), struggles: $struggles, overs: $overs,
            reactionStreak: max(0, $whole('reactions', 0)), hardLately: max(0, $whole('hardLately', 0)),
            daysSinceLast: is_numeric($days) ? (float) $days : null, trialsEver: max(0, $whole('trials', 80)),
            resting: RestReason::tryFrom(self::text($of, 'resting', '')),
            endedWithEffort: ($of['endedWithEffort'] ?? false) === true, lastOver: $at('lastOver') === null ? null : new Mark(
                ($of['outside'] ?? false) === true ? MarkKind::OverFromOutside : MarkKind::Over, $at('lastOver'),
            ), lastCalm: $at('lastCalm'),
            hasSucceeded: ($of['succeeded'] ?? true) === true,
            calibration: $foretold === [] ? new Calibration : new Calibration(
                self::number($foretold, 'expectedStrain', 0.0), max(0, (int) self::number($foretold, 'strain', 0)),
                self::number($foretold, 'expectedReaction', 0.0),
                max(0, (int) self::number($foretold, 'reactions', 0)), max(0, (int) self::number($foretold, 'forecasts', 0)),
            ),
            daysMet: $met, helped: $helped,
            carryOver: isset($of['upset']) ? CarryOver::points(self::number($of, 'upset', 0.0)) : null,
            isNewPlace: ($of['newPlace'] ?? false) === true, givenHeld: $whole('givenHeld', -1),
            sessionsWithoutGain: max(0, $whole('withoutGain', 0)), reactionsElsewhere: max(0, $whole('elsewhere', 0)),
            tested: Tested::of($tests), longHolds: $longHolds,
        );
    }

    /** @param  array<string, mixed>  $of */
    private static function told(array $of): Told
    {
        return new Told(
            isset($of['reactsAt']) ? Distance::fromMeters(self::number($of, 'reactsAt', 0.0)) : null,
            isset($of['fineAt']) ? Fixture::at(self::number($of, 'fineAt', 0.0)) : null,
            ($of['bitten'] ?? false) === true, ($of['hides'] ?? false) === true, ($of['bold'] ?? false) === true,
            isset($of['days']) ? (int) self::number($of, 'days', 0) : null, ($of['neverReacted'] ?? false) === true,
            ($of['fearful'] ?? false) === true, ($of['suddenChange'] ?? false) === true,
        );
    }

    private static function condition(string $is): Condition
    {
        return new Condition($is === 'unwell', $is === 'tired', $is === 'wired', $is === 'hot', $is === 'gear', $is === 'noisy');
    }

    private static function model(string $world, Ladder $ladder, DimensionCatalog $catalog, SessionLog $log, bool $isKnown): ?DogModel
    {
        if (! in_array($world, ['hands', 'worn', 'visit'], true)) {
            $known = $isKnown ? [
                Fixture::session('2026-10-18', [...array_fill(0, 40, [12.0, 0]), ...array_fill(0, 12, [8.0, 1])]),
                Fixture::session('2026-10-19', [...array_fill(0, 40, [10.0, 0]), ...array_fill(0, 12, [8.0, 1])]),
            ] : [];

            return (new ModelBuilder(Fixture::priors()))->build(Fixture::scale(), true, null, $known, $log->evidence());
        }
        $seen = [];
        // harder ground showed that this dog warns before it reacts
        $top = $ladder->top();
        foreach ($isKnown ? [
            ...array_map(static fn (int $step): array => [$step, Band::Easy, 40], range(0, $top)),
            [$top, Band::Aware, 20], [$top, Band::Effort, 10],
        ] : [] as [$step, $band, $times]) {
            array_push($seen, ...array_fill(
                0, $times, ['exposure' => $ladder->step($step)->exposure, 'band' => $band, 'afterReaction' => false],
            ));
        }
        $keys = array_keys(array_merge(...array_map(static fn (Step $step): array => $step->exposure->values, $ladder->steps)));
        $scale = LoadScale::of($catalog, Distance::fromMeters(8.0), $keys, $ladder->step($isKnown ? $ladder->top() : 0)->exposure);

        return (new ModelBuilder(Fixture::priors()))->build(
            $scale, true, null, [SessionEvidence::ofTrials(new \DateTimeImmutable('2026-10-19 10:00 UTC'), $seen)], $log->evidence(),
        );
    }

    /** @return array<string, mixed> */
    private static function named(mixed $of): array
    {
        $named = [];
        foreach (is_array($of) ? $of : [] as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }

    /** @param  array<string, mixed>  $of */
    private static function number(array $of, string $key, float $else): float
    {
        return is_numeric($of[$key] ?? null) ? (float) $of[$key] : $else;
    }

    /** @param  array<string, mixed>  $of */
    private static function text(array $of, string $key, string $else): string
    {
        return is_string($of[$key] ?? null) ? $of[$key] : $else;
    }

    /**
     * @param  array<string, mixed>  $of
     * @param  list<mixed>  $else
     * @return list<mixed>
     */
    private static function list(array $of, string $key, array $else = []): array
    {
        return is_array($of[$key] ?? null) ? array_values($of[$key]) : $else;
    }
}
