<?php

declare(strict_types=1);

namespace App\Engine\State;

use App\Support\Fields;
use Core\Decision\Action;

/** The advice that stands. */
final readonly class AdviceState
{
    /**
     * @param  string  $aim  what a trial is told to be that follows it
     * @param  list<array<string, mixed>>  $reasons  codes and facts
     * @param  list<ChangeState>  $alternatives  one other change each that would do as well
     * @param  ?RiskState  $risk  null where it is none of the reasons
     */
    public function __construct(
        public int $id, public string $aim, public Action $action, public bool $isClosing, public ?PlaceState $next, public array $reasons,
        public array $alternatives, public ?RiskState $risk,
    ) {
    }

    public static function read(Fields $kept): self
    {
        $next = $kept->list('next');
        $risk = $kept->list('risk');

        return new self(
            $kept->int('id'), $kept->text('aim'), Action::from($kept->text('action')), $kept->isOn('isClosing'),
            $next === [] ? null : PlaceState::read(Fields::of($next)),
            array_map(
                static fn (mixed $one): array => Fields::of(['reason' => $one])->named('reason'), array_values($kept->list('reasons')),
            ),
            array_map(
                static fn (mixed $one): ChangeState => ChangeState::read(Fields::of($one)), array_values($kept->list('alternatives')),
            ),
            $risk === [] ? null : RiskState::read(Fields::of($risk)),
        );
    }
}
