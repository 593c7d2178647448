<?php

declare(strict_types=1);

namespace Core\Simulation;

use Core\Decision\Action;
use Core\Decision\History;
use Core\Decision\LoggedTrial;
use Core\Decision\Reason;
use Core\Decision\ReasonCode;
use Core\Decision\RuleBook;
use Core\Decision\SessionLog;
use Core\Decision\SessionSummary;
use Core\Decision\SituationAssembly;
use Core\Decision\WarmUp;
use Core\Decision\WorkingPlan;
use Core\Exposure\PlanKind;
use Core\Response\DogModel;
use Core\Response\SessionEvidence;
use Core\Response\Spread;
use Core\Response\WarmStart;
use Core\Sign\Band;

/** One way in which a plan may go on: a dog that could be this one, and the product's own advice, followed. */
final class Future
{
    /** From one trial to the next, and to the first after a break. */
    private const A_TRIAL = '+20 seconds';

    private const A_BREAK = '+5 minutes';

    /** @var list<int> */
    private array $solid = [];

    private ?int $arrived = null;

    private int $reactions = 0;

    private ?DogModel $model = null;

    /**
     * @param  list<SessionEvidence>  $evidence
     * @param  list<SessionSummary>  $summaries
     */
    private function __construct(
        private readonly SimulatedDog $dog, private readonly SituationAssembly $assembly, private readonly WorkingPlan $plan,
        private array $evidence, private array $summaries, private ?\DateTimeImmutable $lastAt, private readonly Spread $spread,
    ) {
    }

    /**
     * @param  list<SessionEvidence>  $evidence  of the sessions until now, oldest first
     * @param  list<SessionSummary>  $summaries  of those of this plan
     * @param  ?\DateTimeImmutable  $lastAt  when the newest of them began
     * @param  float  $daysApart  from one session to the next
     * @param  positive-int  $horizon  sessions that are looked ahead
     */
    public static function of(
        SimulatedDog $dog, SituationAssembly $assembly, WorkingPlan $plan, array $evidence, array $summaries, ?\DateTimeImmutable $lastAt,
        \DateTimeImmutable $from, Spread $spread, float $daysApart, int $horizon,
    ): self {
        $future = new self($dog, $assembly, $plan, $evidence, $summaries, $lastAt, $spread);
        for ($session = 0; $session < $horizon && $future->arrived === null; $session++) {
            $dog->wake($daysApart);
            $future->session($from->modify('+'.(int) round(1440.0 * $daysApart * $session).' minutes'));
        }

        return $future;
    }

    public function outlook(): Outlook
    {
        return new Outlook($this->solid, $this->arrived, $this->reactions);
    }

    /** @return list<SessionEvidence> of all sessions until its end */
    public function evidence(): array
    {
        return $this->evidence;
    }

    /** @return list<SessionSummary> */
    public function summaries(): array
    {
        return $this->summaries;
    }

    public function lastAt(): ?\DateTimeImmutable
    {
        return $this->lastAt;
    }

    private function session(\DateTimeImmutable $at): void
    {
        $days = $this->lastAt === null ? null : ($at->getTimestamp() - $this->lastAt->getTimestamp()) / 86400.0;
        $history = History::ofSessions($this->summaries, $days, null);
        $log = new SessionLog($at, $at, []);
        $isUnderTheHand = $this->plan->catalog->plan === PlanKind::Contact;
        for ($trial = 0; $trial <= $this->plan->settings->mostTrials; $trial++) {
            $situation = $this->assembly->situation($this->plan, $history, $log, $this->evidence, $at, $this->start(), $this->spread);
            $this->model = $situation->model ?? $this->model;
            $advice = $trial === 0 ? (new WarmUp)->suggest($situation) : RuleBook::standard()->decide($situation);
            if (array_filter($advice->reasons, static fn (Reason $reason): bool => $reason->code === ReasonCode::Goal) !== []) {
                $this->arrived = count($this->solid) + 1;
            }
            if ($advice->next === null) {
                break;
            }
            $isBreak = $advice->action === Action::Break;
            $at = $at->modify($isBreak ? self::A_BREAK : self::A_TRIAL);
            $band = $this->dog->meet($advice->next->exposure);
            $this->reactions += $band === Band::Over ? 1 : 0;
            $seen = $this->dog->seen($band);
            $response = $isUnderTheHand
                ? SimulatedResponse::underTheHand($seen, $this->dog->uniform(), $this->dog->uniform())
                : SimulatedResponse::to($seen, $this->dog->uniform(), $this->dog->uniform());
            $log = new SessionLog($log->startedAt, $isBreak ? $at : $log->setStartedAt, [...$log->trials, new LoggedTrial(
                $advice->next, $advice->action, $advice->next->exposure, $response->outcome, $response->band, $response->signs,
                $response->food, true, $response->latency, false, false, $at, $advice->risk,
            )]);
        }
        $this->close($log);
    }

    private function close(SessionLog $log): void
    {
        if ($log->trials !== []) {
            $this->evidence[] = $log->evidence();
            $this->summaries[] = $this->plan->summary($log);
            $this->lastAt = $log->startedAt;
        }
        $this->solid[] = $this->arrived !== null
            ? $this->plan->ladder->top() : History::ofSessions($this->summaries, null, null)->solidStep;
    }

    private function start(): ?WarmStart
    {
        return $this->model === null ? null : new WarmStart($this->model->scale->keys(), array_values($this->model->fit->mode->theta));
    }
}
