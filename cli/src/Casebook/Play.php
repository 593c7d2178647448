<?php

declare(strict_types=1);

namespace Cli\Casebook;

use Cli\Document;
use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Level;
use Core\Decision\LoggedTrial;
use Core\Decision\RuleBook;
use Core\Decision\SessionLog;
use Core\Exposure\PlanKind;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;
use Words\Phrases;

/** A scripted dog, and a trainer who does exactly what is said. */
final class Play
{
    private const BREAK_MINUTES = 5;

    /** @var array<string, int> trials by band */
    private array $bands = ['over' => 0, 'strain' => 0];

    private int $trials = 0;

    private int $calm = 0;

    private int $easesAfterCalm = 0;

    private int $belowSolid = 0;

    private int $mostPlaces = 0;

    private float $farthest = 0.0;

    private bool $hasAskedForIt = false;

    /** @var ?array{int, int} session and trial at which it was reached */
    private ?array $reached = null;

    private ?Reply $last = null;

    /** @var list<string> what was done, for whoever looks */
    public array $course = [];

    private function __construct(private readonly Document $case, private readonly World $world, private readonly Phrases $phrases)
    {
    }

    public static function through(Document $case, World $world, Phrases $phrases): self
    {
        $play = new self($case, $world, $phrases);
        $logs = $world->earlier();
        $script = $case->at('play');
        for ($i = 0; $i < $script->at('sessions')->integer(1); $i++) {
            $at = $world->now->modify('+'.($i * max(1, $script->at('days_between')->integer(1))).' days');
            $logs[] = $play->session($i + 1, $logs, $at);
        }

        return $play;
    }

    /** @return list<string> */
    public function failures(): array
    {
        $expect = $this->case->at('expect');
        $reaches = $expect->at('reaches');
        $checks = [
            'reaches' => fn (): bool => $this->reached !== null
                && $this->reached[0] <= $reaches->at('within_sessions')->integer(PHP_INT_MAX)
                && $this->reached[1] <= $reaches->at('within_trials')->integer(PHP_INT_MAX),
            'most_over' => fn (): bool => $this->bands['over'] <= $expect->at('most_over')->integer(),
            'most_strain' => fn (): bool => $this->bands['strain'] <= $expect->at('most_strain')->integer(),
            'eases_after_calm' => fn (): bool => $this->easesAfterCalm <= $expect->at('eases_after_calm')->integer(),
            'never_farther_than_m' => fn (): bool => $this->farthest <= $expect->at('never_farther_than_m')->number() + 1e-6,
            'places_a_set' => fn (): bool => $this->mostPlaces <= $expect->at('places_a_set')->integer(),
            'share_below_held' => fn (): bool => $this->belowSolid <= $expect->at('share_below_held')->number() * max(1, $this->trials),
            'never_asks' => fn (): bool => ! $this->hasAskedForIt,
            'ends_in' => fn (): bool => in_array($this->last?->action(), $expect->at('ends_in')->strings(), true),
        ];
        $failures = [];
        foreach ($checks as $key => $holds) {
            if ($expect->has($key) && ! $holds()) {
                $failures[] = $key;
            }
        }

        return $failures;
    }

    public function line(): string
    {
        return sprintf(
            '%d trials, %d over, %d struggling, %d eased after calm, %d below solid, reached %s', $this->trials, $this->bands['over'],
            $this->bands['strain'], $this->easesAfterCalm, $this->belowSolid,
            $this->reached === null ? 'never' : implode('/', $this->reached),
        );
    }

    /** @param  list<SessionLog>  $earlier */
    private function session(int $number, array $earlier, \DateTimeImmutable $at): SessionLog
    {
        $log = $this->world->log(Document::of([]), $at);
        $situation = $this->world->situation($earlier, $log, $at);
        $advice = RuleBook::standard()->decide($situation);
        $this->hear($advice);
        for ($i = 0; $i < $this->case->at('play')->at('trials')->integer(30) && $advice->next !== null; $i++) {
            if ($advice->action === Action::Break) {
                $at = $at->modify('+'.self::BREAK_MINUTES.' minutes');
                $log = $log->with($log->trials, $at);
            }
            $asked = $advice->next;
            $at = $at->modify('+'.World::seconds($asked->exposure, $this->world->catalog).' seconds');
            $trial = $this->meet($asked, $advice, $at);
            $solid = $situation->history->solid;
            $this->belowSolid += $solid !== null && $solid->isHarderThan($asked) && ! $this->isPlannedEasy($advice) ? 1 : 0;
            $log = $log->with([...$log->trials, $trial], $log->setStartedAt);
            $situation = $this->world->situation($earlier, $log, $at);
            $advice = RuleBook::standard()->decide($situation);
            $this->count($number, $trial, $advice, count($situation->log->placesOfSet()));
            $this->hear($advice);
        }
        $this->course[] = "-- session {$number} ends: ".($this->last?->line() ?? '');

        return $log;
    }

    /** As it is heard: nobody asks what the first reason is about. */
    private function reply(Advice $advice): Reply
    {
        return new Reply($advice, null, $this->world->ladder, $this->world->catalog, $this->phrases);
    }

    private function hear(Advice $advice): void
    {
        $this->last = $this->reply($advice);
        $this->hasAskedForIt = $this->hasAskedForIt
            || Expectation::says($this->last->shown(), $this->case->at('expect')->at('never_asks')->strings());
    }

    private function count(int $session, LoggedTrial $trial, Advice $advice, int $places): void
    {
        $this->trials++;
        $this->bands['over'] += $trial->band === Band::Over ? 1 : 0;
        $this->bands['strain'] += $trial->band === Band::Strain ? 1 : 0;
        $this->mostPlaces = max($this->mostPlaces, $places);
        $this->farthest = max($this->farthest, $trial->exposure->distance()->meters ?? 0.0);
        $this->easesAfterCalm += $trial->isCalm() && $advice->next !== null && $trial->level->isHarderThan($advice->next)
            && ! $this->isPlannedEasy($advice) && $trial->under !== Action::EasyBetween ? 1 : 0;
        $reaches = $this->case->at('expect')->at('reaches');
        $isThere = match (true) {
            $reaches->has('m') => ($trial->exposure->distance()->meters ?? INF) <= $reaches->at('m')->number() + 1e-6,
            $reaches->has('step') => $trial->level->step >= Ladders::find($this->world->ladder, $reaches->at('step')->text()),
            default => false,
        };
        if ($isThere && $trial->isCalm() && $this->reached === null) {
            $this->reached = [$session, $this->trials];
        }
        $this->course[] = sprintf(
            '%d.%d %s %s -> %s', $session, $this->trials, $trial->exposure->distance() === null ? $trial->level->step + 1
                : round($trial->exposure->distance()->meters, 1), $trial->band->name,
            $this->reply($advice)->line(),
        );
    }

    private function isPlannedEasy(Advice $advice): bool
    {
        return $advice->action === Action::EasyBetween || $advice->isClosing;
    }

    private function meet(Level $asked, Advice $advice, \DateTimeImmutable $at): LoggedTrial
    {
        $band = $this->band($asked);
        if ($band->isBelowThreshold()) {
            $this->calm++;
            $every = $this->case->at('play')->at('aware_every')->integer();
            $band = $every > 0 && $this->calm % $every === 0 && $band === Band::Easy ? Band::Aware : $band;
        }
        $isDistance = in_array($this->world->catalog->plan, [PlanKind::Presence, PlanKind::Sound], true);
        $outcome = match ($band) {
            Band::Easy, Band::Aware => Outcome::tryFrom($this->case->at('play')->at('returns')->text()) ?? Outcome::Returned,
            Band::Effort => $isDistance ? Outcome::Prompted : Outcome::LeftCameBack,
            Band::Strain => $isDistance ? Outcome::NotReturned : Outcome::LeftEarly,
            Band::Over => Outcome::Reacted,
        };

        return new LoggedTrial(
            $asked, $advice->action, $asked->exposure, $outcome, $band, [], FoodTaken::Gently, true, null, false, false, $at, $advice->risk,
        );
    }

    private function band(Level $asked): Band
    {
        $values = $asked->exposure->values;
        foreach ($this->case->at('play')->at('bands')->items() as $line) {
            $fits = match (true) {
                $line->has('nearer_than_m') => (float) ($values['distance'] ?? INF) < $line->at('nearer_than_m')->number(),
                $line->has('step_from') => $asked->step >= Ladders::find($this->world->ladder, $line->at('step_from')->text()),
                $line->has('sound_from_db') => (float) ($values['level'] ?? 0.0) >= $line->at('sound_from_db')->number(),
                $line->has('hold_longer_than_s') => (float) ($values['duration'] ?? 0.0) > $line->at('hold_longer_than_s')->number(),
                default => true,
            };
            if ($fits) {
                return World::band($line->at('band')->text());
            }
        }

        return Band::Easy;
    }
}
