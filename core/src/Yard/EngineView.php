<?php

declare(strict_types=1);

namespace Core\Yard;

use Core\Decision\Action;
use Core\Decision\Advice;
use Core\Decision\Credit;
use Core\Decision\History;
use Core\Decision\LoggedTrial;
use Core\Decision\RuleBook;
use Core\Decision\RuleSettings;
use Core\Decision\SessionLog;
use Core\Decision\SituationAssembly;
use Core\Decision\Told;
use Core\Decision\WorkingPlan;
use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Ladder\Criterion;
use Core\Ladder\EqualRatioLadder;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\RiskCaps;
use Core\Sign\Band;
use Core\Sign\FoodTaken;
use Core\Sign\Outcome;

/** What the product would have said after each pass, had it been logged as it truly was. */
final readonly class EngineView
{
    private const FARTHEST = 48.0;

    private const GOAL = 6.0;

    private const STATED = 8.0;

    private const LOADS_A_HALVING = 1.6;

    public function __construct(private SituationAssembly $assembly, private DimensionCatalog $catalog)
    {
    }

    /**
     * @param  list<Frame>  $frames
     * @return list<array{pass: int, meters: float, band: Band, advice: Advice}> of passes that were seen
     */
    public function of(array $frames): array
    {
        $stated = Distance::fromMeters(self::STATED);
        $ladder = Ladder::of(array_map(
            fn (Distance $at): Step => new Step(Exposure::of(['distance' => $at->meters], $this->catalog), Criterion::run(3)),
            (new EqualRatioLadder(self::LOADS_A_HALVING))->between(Distance::fromMeters(self::FARTHEST), Distance::fromMeters(self::GOAL)),
        ));
        $plan = new WorkingPlan(
            $ladder, RuleSettings::of(RiskCaps::usual(), room: Distance::fromMeters(60.0)), $stated, true, null, $this->catalog, null,
            new Told($stated),
        );
        $start = new \DateTimeImmutable('2026-01-05 09:00 UTC');
        $log = new SessionLog($start, $start, []);
        $credit = new Credit($ladder, $this->catalog);
        $told = [];
        foreach (self::passes($frames) as $pass => $seen) {
            $nearest = min(array_map(static fn (Frame $one): float => $one->meters(), $seen));
            $band = Band::from(max(array_map(static fn (Frame $one): int => $one->band()->value, $seen)));
            $exposure = Exposure::of(['distance' => round($nearest, 1)], $this->catalog);
            $at = $start->modify('+'.intdiv($seen[count($seen) - 1]->at, 1000).' seconds');
            $log = new SessionLog($start, $start, [...$log->trials, new LoggedTrial(
                $credit->of($exposure), Action::Repeat, $exposure, match ($band) {
                    Band::Over => Outcome::Reacted,
                    Band::Strain => Outcome::NotPassed,
                    Band::Effort => Outcome::NeededHelp,
                    Band::Aware => Outcome::LookedCarriedOn,
                    Band::Easy => Outcome::CarriedOn,
                }, $band, [], FoodTaken::Gently, true, null, false, false, $at,
            )]);
            $situation = $this->assembly->situation($plan, new History, $log, [], $at);
            $told[] = ['pass' => $pass, 'meters' => $nearest, 'band' => $band, 'advice' => RuleBook::standard()->decide($situation)];
        }

        return $told;
    }

    /**
     * @param  list<Frame>  $frames
     * @return array<int, non-empty-list<Frame>> in sight, by pass
     */
    private static function passes(array $frames): array
    {
        $passes = [];
        foreach ($frames as $frame) {
            if (! $frame->isAway && $frame->pass < YardRun::PASSES) {
                $passes[$frame->pass][] = $frame;
            }
        }

        return $passes;
    }
}
