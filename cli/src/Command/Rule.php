<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Core\Worth\AdvanceChance;
use Core\Worth\Effort;
use Core\Worth\HoldRecord;
use Core\Worth\RunChance;
use Core\Worth\SessionsChance;
use Core\Worth\ShareChance;

/** What a criterion is worth, for each true success rate; what a ladder costs under it; how holds went. */
final readonly class Rule implements Command
{
    public function name(): string
    {
        return 'rule';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);
        $rule = self::rule($read);
        $rows = [];
        foreach ($read->at('rates')->items() as $rate) {
            $rows[] = [
                'rate' => $rate->number(),
                'within' => $rate->build(static fn (Document $p): float => $rule->within($read->at('trials')->integer(), $p->number())),
                'expectedTrials' => $rule->expectedTrials($rate->number()),
                ...($read->has('effort') ? ['effort' => self::effort($rule, $rate->number(), $read->at('effort'))] : []),
            ];
        }

        return [
            'run' => $read->at('run')->integer(), 'trials' => $read->at('trials')->integer(), 'curve' => $rows,
            ...($read->has('holds') ? ['holds' => self::holds($read->at('holds'))] : []),
        ];
    }

    private static function rule(Document $read): AdvanceChance
    {
        $run = $read->at('run')->integer();
        $inOne = $read->has('window')
            ? $read->at('window')->build(static fn (Document $window): ShareChance => ShareChance::of($run, $window->integer()))
            : $read->at('run')->build(static fn (): RunChance => RunChance::ofLength($run));

        return $read->has('sessions')
            ? $read->at('sessions')->build(static fn (Document $sessions): SessionsChance => SessionsChance::of(
                $inOne, $sessions->integer(), $read->at('trialsASession')->integer(20),
            ))
            : $inOne;
    }

    /** @return ?array{trials: float, outings: int, weeks: float} */
    private static function effort(AdvanceChance $rule, float $rate, Document $read): ?array
    {
        $effort = $read->build(static fn (Document $of): ?Effort => Effort::of(
            $rule, $rate, $of->at('steps')->integer(), $of->at('trialsAnOuting')->integer(10), $of->at('mostAdvances')->integer(4),
            $of->at('outingsAWeek')->number(3.0),
        ));

        return $effort === null ? null : ['trials' => $effort->trials, 'outings' => $effort->outings, 'weeks' => $effort->weeks];
    }

    /** @return array{best: float, median: float, reached: float, reachedLow: float, reachedHigh: float} */
    private static function holds(Document $read): array
    {
        $seconds = array_map(static fn (Document $second): float => $second->number(), $read->at('seconds')->items());
        $record = $read->build(static fn (Document $of): HoldRecord => HoldRecord::of($seconds, $of->at('target')->number()));

        return [
            'best' => $record->best, 'median' => $record->median, 'reached' => $record->reached->successes / $record->reached->trials,
            'reachedLow' => $record->reached->lower, 'reachedHigh' => $record->reached->upper,
        ];
    }
}
