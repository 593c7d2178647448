<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;

/**
 * What a device needs to show a session and to go on without the server, in codes and facts: kept with the session as JSON after every
 * trial, and said by StateInWords to whoever looks. What a device is told has its schema in resources/contract.
 */
final readonly class SessionState
{
    /** Counted up with every change that an older device could not read. */
    public const FORMAT = 1;

    public int $format;

    /**
     * @param  int  $version  id of the advice it holds: it grows with every change
     * @param  ?string  $device  that logs; null for whoever comes first
     * @param  int  $sequence  highest one of the trials so far, also of those that were undone
     * @param  int  $startedAt  milliseconds since 1970
     * @param  string  $asked  of the dog in the next trial
     * @param  list<TrialState>  $trials  the latest, oldest first
     * @param  list<string>  $unsaid  dimensions that all steps share, and nobody needs to be told
     * @param  ?PlaceState  $here  where the last trial was
     * @param  list<PlaceState>  $easier  steps below, the hardest first: all that a device may fall back to by itself
     */
    public function __construct(
        public int $session, public int $version, public ?string $device, public bool $ended, public int $sequence, public int $count,
        public int $startedAt, public ?int $setStartedAt, public int $setMinutes, public int $mostTrials, public string $asked,
        public ?RunState $run, public AdviceState $advice, public array $trials, public RhythmState $rhythm, public array $unsaid,
        public ?PlaceState $here, public array $easier,
    ) {
        $this->format = self::FORMAT;
    }

    /** As it was kept; null for nothing, and for what an older version kept: it is worked out anew then. */
    public static function read(mixed $kept): ?self
    {
        $state = Fields::of($kept);
        if ($state->int('format') !== self::FORMAT) {
            return null;
        }
        $part = static fn (string $name): ?Fields => $state->list($name) === [] ? null : $state->below($name);
        $run = $part('run');
        $here = $part('here');

        return new self(
            $state->int('session'), $state->int('version'), $state->textOrNull('device'), $state->isOn('ended'), $state->int('sequence'),
            $state->int('count'), $state->int('startedAt'), $state->intOrNull('setStartedAt'), $state->int('setMinutes'),
            $state->int('mostTrials'), $state->text('asked'), $run === null ? null : RunState::read($run),
            AdviceState::read($state->below('advice')),
            array_map(static fn (mixed $one): TrialState => TrialState::read(Fields::of($one)), array_values($state->list('trials'))),
            RhythmState::read($state->below('rhythm')), $state->texts('unsaid'), $here === null ? null : PlaceState::read($here),
            array_map(static fn (mixed $one): PlaceState => PlaceState::read(Fields::of($one)), array_values($state->list('easier'))),
        );
    }
}
