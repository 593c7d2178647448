<?php

declare(strict_types=1);

namespace App\Handling;

use App\Access\InSight;
use App\Engine\SituationReader;
use App\Models\Item;
use App\Models\Person;
use App\Models\Plan;
use App\Models\User;
use App\Models\WearingLogged;
use Core\Measure\Share;
use Core\Wearing\ItemReadiness;
use Core\Wearing\Phase;
use Core\Wearing\Requirement;
use Core\Wearing\Wearing;
use Core\Wearing\WearingLog;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/** All that an item's page shows. */
final readonly class ItemPage
{
    private const MAX = 500;

    private const SHOWN = 30;

    public function __construct(private SituationReader $situations, private WornInSessions $worn, private ClockInterface $clock)
    {
    }

    /** @return array<string, mixed> */
    public function of(Item $item, User $user): array
    {
        $ladders = [];
        foreach ($item->plans()->with(['responseModel.person', 'place'])->limit(self::SHOWN)->get() as $plan) {
            $situation = $this->situations->ofPlan($plan, $this->clock->now());
            $ladders[$plan->phase->value ?? Phase::On->value][] = [
                'plan' => $plan, 'held' => $situation->history->solidStep, 'steps' => $situation->ladder->top() + 1,
            ];
        }
        $wearings = $item->wearings()->with('person')->limit(self::MAX)->get();
        $inSessions = $this->worn->of($item);
        $log = WearingLog::of([
            ...array_values($wearings->map(static fn (WearingLogged $one): Wearing => $one->inCore())->all()), ...$inSessions,
        ]);
        $fitDays = $item->fit_checked_on === null
            ? null
            : max(0, (int) floor(($this->clock->now()->getTimestamp() - $item->fit_checked_on->getTimestamp()) / 86400));
        $requirements = ItemReadiness::of(array_map(self::furthest(...), $ladders), $log, $fitDays);

        return [
            'ladders' => $ladders,
            'requirements' => $requirements,
            'missing' => count(array_filter($requirements, static fn (Requirement $one): bool => ! $one->isMet)),
            'minutes' => $log->minutes(),
            'minutesInSessions' => array_sum(array_column($inSessions, 'seconds')) / 60.0,
            'isLessFree' => $log->wearings !== [] && $log->freeRun() === 0,
            'wearings' => $wearings->take(self::SHOWN),
            'people' => InSight::people($user)->orderBy('name')->limit(200)->pluck('name', 'id'),
            'own' => Person::query()->where('user_id', $user->id)->value('id'),
            'uuid' => (string) Str::uuid7(),
        ];
    }

    /**
     * Of several people's ladders the one that is furthest.
     *
     * @param  non-empty-list<array{plan: Plan, held: int, steps: int}>  $rows
     */
    private static function furthest(array $rows): Share
    {
        return Share::clamped(max(array_map(static fn (array $row): float => ($row['held'] + 1) / $row['steps'], $rows)));
    }
}
