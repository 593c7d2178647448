<?php

declare(strict_types=1);

namespace Core\Insight;

use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Response\Day;
use Core\Response\DogModel;
use Core\Response\EvidenceRow;
use Core\Response\ModelBuilder;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Response\Threshold;
use Core\Response\ThresholdSearch;
use Core\Sign\Band;

/** Looks back over a window of sessions in each of the three ways. */
final readonly class LookingBack
{
    /** Sessions before the first that is foretold. */
    private const MIN_BEFORE = 3;

    /**
     * @param  Exposure  $exposure  all but the dimension whose limit is told
     * @param  string  $key  of a measured dimension in play
     */
    public function __construct(
        private ModelBuilder $builder,
        private LoadScale $scale,
        private bool $referenceStated,
        private ?Exposure $fineAt,
        private Exposure $exposure,
        private string $key,
        private RiskCaps $caps,
    ) {
    }

    /**
     * @param  non-empty-list<SessionEvidence>  $window  oldest first; the last is the session of the step
     */
    public function step(array $window): TrendPart
    {
        $last = $window[count($window) - 1];
        $before = array_slice($window, 0, -1);
        $foretold = $limits = [];
        foreach (TrendMethod::cases() as $method) {
            $model = count($before) < self::MIN_BEFORE ? null : $this->model($method, $before, $last->startedAt);
            if ($model !== null && $last->rows !== []) {
                $foretold[$method->value] = ['log' => self::logChance($model, $last), 'trials' => $last->trials()];
            }
            $model = $method === TrendMethod::Line ? null : $this->model($method, $window, $last->startedAt);
            if ($model !== null) {
                $limits[$method->value] = $this->limit($model);
            }
        }

        return new TrendPart($foretold, $limits);
    }

    /**
     * The limits along one line through all of the sessions, by their index; empty where no line can be drawn.
     *
     * @param  non-empty-list<SessionEvidence>  $sessions  oldest first
     * @return array<int, Threshold>
     */
    public function alongLine(array $sessions): array
    {
        $origin = $sessions[count($sessions) - 1]->startedAt;
        $line = $this->model(TrendMethod::Line, $sessions, $origin);

        return $line === null ? [] : array_map(
            fn (SessionEvidence $session): Threshold => $this->limit($line->at([ModelBuilder::months($origin, $session->startedAt)])),
            $sessions,
        );
    }

    /** Equal for equal ways of looking: what was worked out for a window of sessions can be kept with it and with theirs. */
    public function fingerprint(): string
    {
        return hash('xxh128', serialize([
            $this->scale->keys(), $this->scale->covariates($this->exposure), $this->key, $this->caps->strain->value,
            $this->caps->reaction->value, $this->referenceStated,
            $this->fineAt === null ? null : $this->scale->covariates($this->fineAt),
        ]));
    }

    /** Equal for sessions that say the same. */
    public function fingerprintOf(SessionEvidence $session): string
    {
        return hash('xxh128', serialize([
            $session->startedAt->getTimestamp(), $session->upset, $session->stricter,
            array_map(
                fn (EvidenceRow $row): array => [$this->scale->covariates($row->exposure), $row->afterReaction, $row->counts],
                $session->rows,
            ),
        ]));
    }

    /** @param  non-empty-list<SessionEvidence>  $known */
    private function model(TrendMethod $method, array $known, \DateTimeImmutable $at): ?DogModel
    {
        // the spread of a usual dog for every window: looking back takes hundreds of fits, and the ways are held against each other
        $with = fn (ModelBuilder $builder): ?DogModel => $builder->build(
            $this->scale, $this->referenceStated, $this->fineAt, $known, new SessionEvidence($at, []), spread: $builder->usualSpread(),
        );

        return match ($method) {
            TrendMethod::Fading => $with($this->builder),
            TrendMethod::Even => $with($this->builder->countingAlike()),
            TrendMethod::Line => $this->builder->alongTime($this->scale, $this->referenceStated, $this->fineAt, $known, $at),
        };
    }

    private function limit(DogModel $model): Threshold
    {
        return (new ThresholdSearch($this->caps))->along($model, $this->exposure, $this->key, Day::Typical);
    }

    /** Log probability that a model gives to the bands of a session. */
    private static function logChance(DogModel $model, SessionEvidence $session): float
    {
        $log = 0.0;
        foreach ($session->rows as $row) {
            foreach ($row->counts as $band => $count) {
                $log += $count === 0 ? 0.0 : $count * log(max(1e-9, self::chance($model, $row->exposure, $band)));
            }
        }

        return $log;
    }

    private static function chance(DogModel $model, Exposure $exposure, int $band): float
    {
        $atLeast = static fn (int $k): float => match (true) {
            $k === 0 => 1.0,
            $k > 4 => 0.0,
            default => $model->chanceOf($exposure, Band::from($k), Day::Today)->value,
        };

        return $atLeast($band) - $atLeast($band + 1);
    }
}
