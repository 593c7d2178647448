<?php

declare(strict_types=1);

namespace App\Craft;

use App\Models\TimingRound;
use App\Models\Trial;
use App\Models\User;
use Core\Marking\Drill;
use Illuminate\Support\Collection;
use Psr\Clock\ClockInterface;

/** What somebody practiced, what comes next, and beside it the slips of real sessions. Compared with oneself only. */
final readonly class MyHandling
{
    /** Rounds that a curve shows. */
    public const SHOWN = 20;

    private const MOST_ROUNDS = 400;

    private const DAYS = 30;

    /** Trials below which a share of late marks tells nothing. */
    private const LEAST_TRIALS = 10;

    /** Late marks of so many trials: a round is worth it. */
    private const LATE_OF = 10;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @return array{drills: list<array{drill: Drill, rounds: list<TimingRound>, isLearned: bool, isNext: bool}>,
     *    slips: array<string, int>, trials: int, isLate: bool}
     */
    public function of(User $user): array
    {
        /** @var Collection<string, Collection<int, TimingRound>> $rounds */
        $rounds = TimingRound::query()->where('user_id', $user->id)->whereNotNull('ended_at')->latest('id')->limit(self::MOST_ROUNDS)
            ->get(['id', 'drill', 'mark_by', 'share', 'offset_ms', 'ended_at'])
            ->groupBy(static fn (TimingRound $one): string => $one->drill->value);
        $drills = [];
        $hasNext = false;
        foreach (Drill::cases() as $drill) {
            $of = array_reverse(array_values(($rounds[$drill->value] ?? new Collection)->take(self::SHOWN)->all()));
            $isLearned = array_filter($of, static fn (TimingRound $one): bool => ($one->share ?? 0.0) >= Drill::LEARNED) !== [];
            $drills[] = ['drill' => $drill, 'rounds' => $of, 'isLearned' => $isLearned, 'isNext' => ! $isLearned && ! $hasNext];
            $hasNext = $hasNext || ! $isLearned;
        }

        return ['drills' => $drills, ...$this->slips($user)];
    }

    /** @return array{slips: array<string, int>, trials: int, isLate: bool} */
    private function slips(User $user): array
    {
        $since = $this->clock->now()->modify('-'.self::DAYS.' days');
        $trials = Trial::query()->where('user_id', $user->id)->where('occurred_at', '>=', $since)->count();
        $slips = [];
        foreach (Trial::query()->where('user_id', $user->id)->where('occurred_at', '>=', $since)->whereNotNull('slip')->toBase()
            ->selectRaw('slip, COUNT(*) AS n')->groupBy('slip')->orderByDesc('n')->pluck('n', 'slip') as $slip => $count) {
            $slips[(string) $slip] = is_numeric($count) ? (int) $count : 0;
        }

        return [
            'slips' => $slips, 'trials' => $trials,
            'isLate' => $trials >= self::LEAST_TRIALS && self::LATE_OF * ($slips['late_mark'] ?? 0) > $trials,
        ];
    }
}
