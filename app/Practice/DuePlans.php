<?php

declare(strict_types=1);

namespace App\Practice;

use App\Access\DogFilter;
use App\Access\InSight;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\User;
use App\Support\Fields;
use Core\Measure\CalendarDay;
use Core\Planning\Pace;
use Illuminate\Database\Eloquent\Builder;

/** Which plans are due today by their own pace, and which later: all of them, in the order in which somebody would take them. */
final readonly class DuePlans
{
    /**
     * @param  list<int>  $due  plans: one's own first, then what has waited longest for its pace; what was never begun comes last
     * @param  array<int, int>  $later  days until it is due, by plan, the next first
     * @param  array<int, int>  $daysSince  since the last session, by plan that had one
     */
    private function __construct(public array $due, public array $later, public array $daysSince)
    {
    }

    /** @param  ?DogFilter  $filter  null: of all dogs in training */
    public static function of(User $user, \DateTimeImmutable $now, ?DogFilter $filter = null): self
    {
        $inTraining = InSight::dogsInTraining($user);
        $dogs = ($filter?->narrow($inTraining) ?? $inTraining)->toBase()->select('dogs.id');
        $rows = Plan::query()->whereIn('response_model_id', ResponseModel::query()->toBase()->whereIn('dog_id', $dogs)->select('id'))
            ->whereNot(self::isGoneOnWith(...))
            ->withMax('sessions as last_session_at', 'started_at')->addSelect(['is_mine' => ResponseModel::query()->toBase()
            ->join('people as handlers', 'handlers.id', '=', 'response_models.person_id')
            ->whereColumn('response_models.id', 'plans.response_model_id')
            ->where('handlers.user_id', $user->id)->selectRaw('1')->limit(1)])
            ->toBase()->get(['plans.id', 'plans.outings_a_week']);
        $zone = $user->practice->zone();
        $due = $later = $daysSince = [];
        foreach ($rows as $row) {
            $row = Fields::of($row);
            $lastAt = $row->textOrNull('last_session_at');
            if ($lastAt !== null) {
                $daysSince[$row->int('id')] = CalendarDay::between(
                    (new \DateTimeImmutable($lastAt, new \DateTimeZone('UTC')))->setTimezone($zone), $now->setTimezone($zone),
                );
            }
            $since = $daysSince[$row->int('id')] ?? null;
            $dueIn = $since === null ? 0 : (new Pace($row->number('outings_a_week')))->dueIn($since);
            if ($dueIn > 0) {
                $later[$row->int('id')] = $dueIn;
            } else {
                $due[$row->int('id')] = [
                    $row->intOrNull('is_mine') === null, $since === null, -($since ?? 0) * $row->number('outings_a_week'), $row->int('id'),
                ];
            }
        }
        asort($due);
        asort($later);

        return new self(array_keys($due), $later, $daysSince);
    }

    /**
     * Of a person who handles no dogs here any more, and somebody else's by now.
     *
     * @param  Builder<Plan>  $plans
     */
    private static function isGoneOnWith(Builder $plans): void
    {
        $plans->whereHas('responseModel.person', static fn (Builder $people) => $people->whereNotNull('archived_at'))
            ->whereExists(Plan::query()->toBase()->from('plans as copies')->whereColumn('copies.handed_over_from', 'plans.id')
                ->whereNull('copies.deleted_at')->select('copies.id'));
    }
}
