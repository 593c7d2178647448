<?php

declare(strict_types=1);

namespace App\Place;

use App\Access\InSight;
use App\Engine\LimitReader;
use App\Models\Place;
use App\Models\Plan;
use App\Models\Session;
use App\Models\SessionEventKind;
use App\Models\User;
use App\Support\Fields;
use Core\Exposure\PlanKind;
use Core\Response\ThresholdDistance;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** A place's sketch with its numbers, for the dog of one plan. */
final readonly class SketchPage
{
    public const TIMES = ['early', 'morning', 'noon', 'after_work', 'evening'];

    /** Hour from which each time of day runs. */
    private const FROM = ['early' => 0, 'morning' => 8, 'noon' => 12, 'after_work' => 16, 'evening' => 19];

    private const MAX_PLANS = 50;

    public function __construct(private LimitReader $limits)
    {
    }

    /** @return Collection<int, Plan> plans for something at a distance, in sight of the user, this place's first */
    public function plans(Place $place, User $user): Collection
    {
        return Plan::query()->with(['responseModel.dog', 'place'])->whereHas('responseModel', static fn ($models) => $models->where(
            'kind', PlanKind::Presence->value,
        )->whereIn('dog_id', InSight::dogs($user)->pluck('dogs.id')->all()))
            ->orderByRaw('place_id = ? DESC', [$place->id])->orderBy('name')->limit(self::MAX_PLANS)->get();
    }

    public function limit(?Plan $plan): ?ThresholdDistance
    {
        return $plan === null ? null : $this->limits->now($plan)['limit'];
    }

    /** @return array<string, array{sessions: int, anHour: float}> passes counted in sessions here, by time of day */
    public function counted(Place $place, \DateTimeZone $zone): array
    {
        $sessions = Session::query()->where('place_id', $place->id)->whereNotNull('ended_at')->withCount(
            ['events as seen' => static fn (Builder $events): Builder => $events->where('kind', SessionEventKind::TriggerSeen)],
        )->orderByDesc('started_at')->limit(200)->get();
        $totals = [];
        foreach ($sessions as $session) {
            $seen = Fields::of($session->getAttributes())->int('seen');
            if ($seen === 0 || $session->ended_at === null) {
                continue;
            }
            $time = self::timeOf((int) $session->started_at->setTimezone($zone)->format('G'));
            $hours = max(60, $session->ended_at->getTimestamp() - $session->started_at->getTimestamp()) / 3600;
            $totals[$time] = [
                'sessions' => ($totals[$time]['sessions'] ?? 0) + 1, 'seen' => ($totals[$time]['seen'] ?? 0) + $seen,
                'hours' => ($totals[$time]['hours'] ?? 0.0) + $hours,
            ];
        }

        return array_map(
            static fn (array $total): array => ['sessions' => $total['sessions'], 'anHour' => $total['seen'] / $total['hours']], $totals,
        );
    }

    private static function timeOf(int $hour): string
    {
        $found = 'early';
        foreach (self::FROM as $time => $from) {
            $found = $hour >= $from ? $time : $found;
        }

        return $found;
    }
}
