<?php

declare(strict_types=1);

namespace App\Engine;

use App\Engine\State\AdviceState;
use App\Engine\State\ChangeState;
use App\Engine\State\PlaceState;
use App\Engine\State\RangeState;
use App\Engine\State\RhythmState;
use App\Engine\State\RiskState;
use App\Engine\State\RunState;
use App\Engine\State\SessionState;
use App\Engine\State\TrialState;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\SoundSetUp;
use App\Models\Trial;
use App\Support\Fields;
use Core\Decision\AskedNext;
use Core\Decision\LoggedTrial;
use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Exposure\Picture;
use Core\Ladder\Manner;
use Core\Sign\Asked;
use Core\Sign\Band;
use Core\Sign\OutcomeEffect;
use Core\Sound\Player;

/** Works out a session's state: advice, counts, clocks, and easier steps beforehand for a device without the server. */
final readonly class SessionStates
{
    private const LATEST = 14;

    /** More repetitions than a hand makes in one. */
    private const IN_A_MINUTE = 40;

    private const MOST_EASIER = 3;

    /** @param  ?int  $step  of the advice's next exposure */
    public function of(Session $session, Situation $situation, AdviceGiven $advice, SessionTrials $all, ?int $step): SessionState
    {
        $last = $situation->log->last();
        $level = $last?->level;
        $player = SoundSetUp::of($session->plan->responseModel)?->player();
        $progress = match (true) {
            $level === null => null,
            $situation->asked() === Asked::MarkedLook => $situation->markedProgress($level),
            default => $situation->progress($level),
        };
        $latest = [];
        foreach (array_slice($all->trials, -self::LATEST, null, true) as $id => $trial) {
            $latest[] = new TrialState(
                $all->marks[$id]['uuid'], $trial->band, $trial->outcome, Band::from($all->marks[$id]['proposed']), $trial->signs,
            );
        }

        return new SessionState(
            $session->id, $advice->id, $session->device, $session->ended_at !== null,
            $all->marks === [] ? 0 : max(array_column($all->marks, 'sequence')), count($all->trials),
            $session->started_at->getTimestampMs(),
            $situation->log->setStartedAt === null ? null : (int) $situation->log->setStartedAt->format('Uv'),
            $situation->settings->setMinutes, $situation->settings->mostTrials, $this->asked($session, $situation)->value,
            $progress === null ? null : new RunState(min($progress->done, $progress->asked), $progress->asked),
            self::advice($advice, $situation, $player), $latest, self::rhythm(array_values($all->trials)), $situation->unsaid,
            $last === null ? null : self::place($last->exposure, $situation, $player),
            self::easier($situation, $step ?? $level->step ?? 0, $player),
        );
    }

    private static function advice(AdviceGiven $advice, Situation $situation, ?Player $player): AdviceState
    {
        $risk = in_array('risk', array_column($advice->reasons, 'code'), true) ? $advice->forecast() : null;
        $risk = $risk === null ? null : $situation->calibration->told($risk);
        $caps = $situation->settings->caps;
        $changes = [];
        foreach ($advice->alternatives as $i => $other) {
            $told = Fields::of($other);
            $changes[] = new ChangeState("alt:{$advice->id}:{$i}", $told->text('dimension'), $told->text('choice'), $told->int('helped'));
        }

        return new AdviceState(
            $advice->id, "advice:{$advice->id}", $advice->action, $advice->is_closing,
            $advice->exposure === null ? null : self::place(Exposure::of($advice->exposure, $situation->catalog), $situation, $player),
            $advice->reasons, $changes, $risk === null ? null : new RiskState(
                new RangeState($risk->strainMean->value, $risk->strain()->value, $caps->strain->value),
                new RangeState($risk->reactionMean->value, $risk->reaction()->value, $caps->reaction->value),
            ),
        );
    }

    private function asked(Session $session, Situation $situation): Asked
    {
        // only before the first trial what was asked last time is looked up
        $before = $situation->log->trials !== [] ? null : Trial::query()->whereIn('session_id', Session::query()->toBase()
            ->where('plan_id', $session->plan_id)->where('id', '<', $session->id)->select('id'))->latest('id')->first(['outcome']);

        return AskedNext::of(
            $situation, Asked::in($situation->catalog->plan, $session->plan->method), $before?->outcome,
        );
    }

    /** @param  list<LoggedTrial>  $trials */
    private static function rhythm(array $trials): RhythmState
    {
        $count = static fn (OutcomeEffect $effect): int =>
            count(array_filter($trials, static fn (LoggedTrial $trial): bool => $trial->outcome->effect() === $effect));

        return new RhythmState(
            array_map(static fn (LoggedTrial $trial): int => (int) $trial->at->format('Uv'), array_slice($trials, -self::IN_A_MINUTE)),
            $count(OutcomeEffect::Success), $count(OutcomeEffect::OptOut),
        );
    }

    private static function place(Exposure $exposure, Situation $situation, ?Player $player, ?string $aim = null): PlaceState
    {
        return PlaceState::of($exposure, self::manner($exposure, $situation), $player, $aim);
    }

    /** How the step that has this exposure, whatever the picture around it, is done; null for an exposure between steps. */
    private static function manner(Exposure $exposure, Situation $situation): ?Manner
    {
        foreach ($situation->ladder->steps as $step) {
            if ($step->manner->instruction !== '' && self::isAskedBy($step->exposure, $exposure, $situation)) {
                return $step->manner;
            }
        }

        return null;
    }

    private static function isAskedBy(Exposure $step, Exposure $exposure, Situation $situation): bool
    {
        foreach (array_keys(array_diff_assoc($exposure->values, $step->values)) as $changed) {
            if ($situation->catalog->dimension($changed)->picture === Picture::No) {
                return false;
            }
        }

        return array_diff_key($step->values, $exposure->values) === [];
    }

    /** @return list<PlaceState> steps of the ladder below where the session stands, on its way, the hardest first */
    private static function easier(Situation $situation, int $step, ?Player $player): array
    {
        $found = [];
        while (count($found) < self::MOST_EASIER && ($step = $situation->ladder->below($step)) !== null) {
            $found[] = self::place($situation->ladder->step($step)->exposure, $situation, $player, "step:{$step}");
        }

        return $found;
    }
}
