<?php

declare(strict_types=1);

namespace Cli\Casebook;

use Cli\Catalogs;
use Cli\Document;
use Core\Decision\Action;
use Core\Decision\CarryOver;
use Core\Decision\Choices;
use Core\Decision\Condition;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\Situation;
use Core\Decision\SituationAssembly;
use Core\Decision\Tested;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Measure\Distance;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;

/** What a case tells of a dog, a plan and its days, as the application would hold it. */
final readonly class World
{
    private const BANDS = [
        'easy' => Band::Easy, 'aware' => Band::Aware, 'effort' => Band::Effort, 'strain' => Band::Strain, 'over' => Band::Over,
    ];

    /** Points of upset by kind of event, as the application keeps them. */
    private const UPSETS = ['fright' => 1.0, 'reaction_off_plan' => 2.0, 'fight' => 4.0, 'met_calmly' => 0.0];

    public DimensionCatalog $catalog;

    public Ladder $ladder;

    public Credit $credit;

    private WorkingPlan $plan;

    private SituationAssembly $assembly;

    public function __construct(private Document $case, private Catalogs $catalogs, Ladders $ladders, public \DateTimeImmutable $now)
    {
        $this->catalog = $catalogs->dimensions($ladders->kind($case)->value);
        $plan = $case->at('plan');
        $dog = $case->at('dog');
        $at = fn (string $key): ?float => $plan->at($key)->number() > 0.0 ? $plan->at($key)->number() : null;
        $told = new Told(
            $at('reacts_at_m') === null ? null : Distance::fromMeters($at('reacts_at_m')),
            $at('fine_at_m') === null ? null : Exposure::of(['distance' => $at('fine_at_m')], $this->catalog),
            $dog->at('bite')->flag(), $dog->at('hides_signs')->flag(), $dog->at('bold')->flag(),
            $dog->has('days_in_home') ? $dog->at('days_in_home')->integer() : null, $dog->at('motive')->text() === 'none',
            $dog->at('motive')->text() === 'fear',
        );
        $this->ladder = $ladders->lay($case, $this->catalog, $told, Ladders::room($case));
        $this->credit = new Credit($this->ladder, $this->catalog);
        $place = $plan->at('place');
        $settings = $plan->at('settings');
        $this->plan = new WorkingPlan(
            $this->ladder,
            RuleSettings::of(
                RiskCaps::for($told->forbidsTrying()), $plan->at('steps_a_session')->integer(3),
                room: $place->has('room_m') ? Distance::fromMeters($place->at('room_m')->number()) : null,
                isByStrangers: $plan->at('trigger')->at('control')->text() === 'strangers',
                choices: Choices::of(
                    static fn (string $key): string => $settings->at($key)->text(), $plan->at('method')->text() === 'earned_ration',
                ),
            ),
            $told->reactsAt ?? Distance::fromMeters($catalogs->priors->assumedReferenceMeters),
            $this->catalog->plan !== PlanKind::Contact, $told->fineAt, $this->catalog,
            $this->catalog->plan === PlanKind::Presence ? null : $this->ladder->step($this->ladder->top())->exposure, $told,
        );
        $this->assembly = new SituationAssembly(new ModelBuilder($catalogs->priors), $catalogs->signs);
    }

    /**
     * @param  list<SessionLog>  $earlier  oldest first
     */
    public function situation(array $earlier, SessionLog $today, \DateTimeImmutable $now): Situation
    {
        return $this->assembly->situation($this->plan, $this->history($earlier, $today), $today, [
            ...$this->assessed(), ...array_map(static fn (SessionLog $log): SessionEvidence => $log->evidence(), $this->known($earlier)),
        ], $now);
    }

    /** @return list<SessionLog> earlier sessions of the case, oldest first; those without a ladder teach it nothing */
    public function earlier(): array
    {
        $logs = [];
        foreach ($this->case->at('sessions')->items() as $session) {
            if ($session->at('kind')->text('ladder') === 'ladder') {
                $logs[] = $this->log($session->at('trials'), $this->now->modify("-{$session->at('days_ago')->integer()} days"));
            }
        }
        usort($logs, static fn (SessionLog $a, SessionLog $b): int => $a->startedAt <=> $b->startedAt);

        return $logs;
    }

    public function log(Document $trials, \DateTimeImmutable $startedAt): SessionLog
    {
        $logged = [];
        $at = $startedAt;
        foreach ($trials->items() as $trial) {
            for ($i = 0; $i < max(1, $trial->at('times')->integer(1)); $i++) {
                $at = $at->modify('+'.self::seconds($this->real($trial), $this->catalog).' seconds');
                $logged[] = $this->trial($trial, $at);
            }
        }

        return new SessionLog($startedAt, $startedAt, $logged, $this->upset($startedAt)->upset, $this->condition());
    }

    /** Seconds that a trial takes: what it asks to be held, and the way there and back. */
    public static function seconds(Exposure $exposure, DimensionCatalog $catalog): int
    {
        $held = max(array_map(static fn (string $key): float => (float) ($exposure->values[$key] ?? 0.0), ['duration', 'length']));

        return (int) ceil($held) + ($catalog->plan === PlanKind::Presence ? 20 : 5);
    }

    public static function band(string $name): Band
    {
        return self::BANDS[$name] ?? Band::Easy;
    }

    private function trial(Document $trial, \DateTimeImmutable $at): LoggedTrial
    {
        $real = $this->real($trial);
        $asked = match (true) {
            $trial->has('advised_m') => $this->credit->of($real->with('distance', $trial->at('advised_m')->number())),
            $trial->has('advised_step') => $this->step($trial->at('advised_step')->text()),
            $trial->has('step') => $this->step($trial->at('step')->text()),
            default => $this->credit->of($real),
        };
        $food = $trial->at('food')->text('gently');

        return new LoggedTrial(
            $asked, Action::Repeat, $real, Outcome::tryFrom($trial->at('outcome')->text()) ?? Outcome::Returned,
            self::band($trial->at('band')->text()), [...$trial->at('signs')->strings(), ...($food === 'refused' ? ['eat.refuse'] : [])],
            $food === 'refused' ? FoodTaken::Refused : (FoodTaken::tryFrom($food) ?? FoodTaken::Gently), true, null,
            $trial->at('interrupted')->flag(), $trial->at('slip')->flag() || $trial->at('slip')->text() !== '', $at,
        );
    }

    private function real(Document $trial): Exposure
    {
        $base = $trial->has('step') ? $this->step($trial->at('step')->text())->exposure : $this->ladder->step(0)->exposure;
        $values = [
            ...$base->values,
            ...($trial->has('m') ? ['distance' => $trial->at('m')->number()] : []),
            ...($trial->has('db') ? ['level' => $trial->at('db')->number()] : []),
            ...($trial->has('seconds') ? ['duration' => $trial->at('seconds')->number()] : []),
            ...$trial->at('other')->map(),
        ];

        return Exposure::of($values, $this->catalog);
    }

    private function step(string $words): Level
    {
        return Level::ofStep($this->ladder, Ladders::find($this->ladder, $words));
    }

    /** @param  list<SessionLog>  $earlier */
    private function history(array $earlier, SessionLog $today): History
    {
        $last = $earlier === [] ? null : $earlier[count($earlier) - 1]->startedAt;
        $summaries = array_map($this->plan->summary(...), $earlier);
        $days = $last === null ? null : max(0.0, ($today->startedAt->getTimestamp() - $last->getTimestamp()) / 86400.0);
        $own = History::ofSessions(
            $summaries, $days, null, $this->upset($today->startedAt), false, -1, $this->reactionsElsewhere($last), $this->tested(),
        );

        return $this->isSecondPerson()
            ? History::ofSessions([], null, null, $this->upset($today->startedAt), false, $own->solidStep)
            : $own;
    }

    /**
     * @param  list<SessionLog>  $earlier
     * @return list<SessionLog>
     */
    private function known(array $earlier): array
    {
        return $this->isSecondPerson() ? [] : $earlier;
    }

    private function isSecondPerson(): bool
    {
        return $this->case->at('handler')->text() === 'second';
    }

    private function condition(): Condition
    {
        $answers = $this->case->at('checklist');

        return Condition::told(
            $answers->at('state')->text(), $answers->at('noise')->text(), ! $answers->at('ground_ok')->flag(true),
            ! $answers->at('kit_ok')->flag(true),
        );
    }

    private function upset(\DateTimeImmutable $at): CarryOver
    {
        return CarryOver::of(array_map(fn (Document $event): array => [
            'severity' => self::UPSETS[$event->at('kind')->text()] ?? 1.0, 'at' => $this->at($event),
        ], $this->case->at('events')->items()), $at);
    }

    /** @return non-negative-int */
    private function reactionsElsewhere(?\DateTimeImmutable $since): int
    {
        return count(array_filter(
            $this->case->at('events')->items(),
            fn (Document $event): bool => $event->at('kind')->text() === 'reaction_off_plan'
                && ($since === null || $this->at($event) > $since),
        ));
    }

    private function at(Document $event): \DateTimeImmutable
    {
        return $this->now->modify('-'.(int) round(60.0 * $event->at('hours_ago')->number()).' minutes');
    }

    private function tested(): ?Tested
    {
        return Tested::of(array_map(fn (Document $test): array => [
            'level' => $test->has('step') ? $this->step($test->at('step')->text()) : $this->credit->of($this->real($test)),
            'passed' => self::band($test->at('band')->text())->isBelowThreshold() && $test->at('cue_first')->flag(true)
                && $test->at('food')->text('gently') === 'gently',
        ], $this->case->at('assessment')->items()));
    }

    /** @return list<SessionEvidence> what the tests tell the model */
    private function assessed(): array
    {
        $tests = $this->case->at('assessment')->items();

        return $tests === [] ? [] : [SessionEvidence::ofTrials($this->now->modify('-1 hour'), array_map(
            fn (Document $test): array =>
                ['exposure' => $this->real($test), 'band' => self::band($test->at('band')->text()), 'afterReaction' => false],
            $tests,
        ))];
    }
}
