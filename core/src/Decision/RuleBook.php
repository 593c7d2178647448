<?php

declare(strict_types=1);

namespace Core\Decision;

/** Decides what to do after a trial: the first rule that speaks up, in the order of precedence. */
final readonly class RuleBook
{
    /** @param  list<Rule>  $rules highest precedence first */
    private function __construct(private array $rules)
    {
    }

    public static function standard(): self
    {
        return new self([
            new Rule\RestAfterBite,
            new Rule\LeaveAfterReaction,
            new Rule\CloseAfterReaction,
            new Rule\HandsOffWhenFrozen,
            new Rule\StopEarnedRation,
            new Rule\EaseAfterStrain,
            new Rule\EaseWhenFoodOrCueFails,
            new Rule\TurnWhenLoading,
            new Rule\BreakWhenTipping,
            new Rule\CalmTheOverEager,
            new Rule\EndTheTired,
            new Rule\EaseAfterEffort,
            new Rule\KeepTheClock,
            new Rule\HonorOptOut,
            new Rule\ChangeThePicture,
            new Rule\EasyWinAfterMisses,
            new Rule\EaseFailingRound,
            new Rule\NearerWhenUnnoticed,
            new Rule\CelebrateBreakthrough,
            new Rule\AlternateHardAndEasy,
            new Rule\MoveOnAtCriterion,
            new Rule\StayHere,
        ]);
    }

    /** What to do after the last trial; where to start, if there is none yet. */
    public function decide(Situation $situation): Advice
    {
        $last = $situation->log->last();
        if ($last === null) {
            return self::withTightened($situation, (new WarmUp)->suggest($situation));
        }
        foreach ($this->rules as $rule) {
            $advice = $rule->apply($situation, $last);
            if ($advice !== null) {
                return self::withTightened($situation, CueNaming::mentioned($situation, self::fed($situation, $last, $advice)));
            }
        }
        throw new \LogicException('The last rule of the book always speaks up.');
    }

    /** Whatever speaks up, nobody is sent into a trial without food; hands come off first. */
    private static function fed(Situation $situation, LoggedTrial $last, Advice $advice): Advice
    {
        return $last->foodLeft || $advice->next === null || $advice->action === Action::HandsOff
            ? $advice
            : $situation->advise(Action::EndWell, null, [Reason::of(ReasonCode::FoodUsedUp), Reason::of(ReasonCode::NothingUnfed)]);
    }

    /** Where a risk is told, also why its caps are tighter than the plan's. */
    private static function withTightened(Situation $situation, Advice $advice): Advice
    {
        $tellsRisk = array_filter($advice->reasons, static fn (Reason $reason): bool => $reason->code === ReasonCode::Risk) !== [];
        foreach ($tellsRisk ? $situation->tightened() : [] as $reason) {
            $advice = $advice->with($reason);
        }

        return $advice;
    }
}
