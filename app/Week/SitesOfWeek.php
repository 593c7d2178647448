<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use App\Models\ClosedDays;
use App\Models\Place;
use App\Models\Plan;
use App\Models\Practice;
use Core\Scheduling\DayGrid;
use Core\Scheduling\Site;
use Core\Scheduling\Travel;
use Illuminate\Support\Collection;

/**
 * Where a week's sessions may be, and how far it is from one to the next. A place goes by its number, a home by the negative number of
 * its household, and 0 is a place that nobody has named.
 */
final readonly class SitesOfWeek
{
    /** Where paws walk on what the sun heats. */
    private const HOT_GROUND = ['street', 'parking', 'path'];

    /** Dogs without a household have homes of their own, beyond all households. */
    private const NO_HOUSEHOLD = 1_000_000;

    /** @param  array<int, Site>  $sites */
    private function __construct(public array $sites, public Travel $travel)
    {
    }

    public static function home(Plan $plan): int
    {
        $dog = $plan->responseModel->dog;

        return -($dog->client_id ?? self::NO_HOUSEHOLD + $dog->id);
    }

    public static function siteOf(Appointment $appointment): int
    {
        return $appointment->place_id ?? ($appointment->plan?->routine()->isAtHome === true ? self::home($appointment->plan) : 0);
    }

    /**
     * @param  Collection<int, Plan>  $plans
     * @param  Collection<int, Appointment>  $appointments
     */
    public static function of(Practice $practice, WeekDays $days, Collection $plans, Hours $hours, Collection $appointments): self
    {
        $places = [0 => null];
        foreach ($plans as $plan) {
            foreach ([$plan->place, ...$plan->otherPlaces] as $place) {
                $places[$place->id ?? 0] = $place;
            }
            $places[self::home($plan)] = null;
        }
        foreach ($appointments as $appointment) {
            $places[self::siteOf($appointment)] ??= $appointment->place;
        }
        $closed = self::closed($practice, $days);
        $sites = [];
        foreach ($places as $id => $place) {
            $sites[$id] = new Site(
                $id, self::open($place, $hours, $closed), $place === null ? self::daily(0) : $hours->busy('place_id', $place->id),
                self::hot($practice, $place, $days),
            );
        }

        return new self($sites, self::travel($practice, $places));
    }

    /**
     * @param  array<int, bool>  $closed
     * @return non-empty-list<int>
     */
    private static function open(?Place $place, Hours $hours, array $closed): array
    {
        $open = $place !== null && $hours->knows('place_id', $place->id) ? $hours->free('place_id', $place->id) : self::daily(DayGrid::ALL);

        return array_map(static fn (int $mask, int $day): int => $closed[$day] ? 0 : $mask, $open, range(0, DayGrid::DAYS - 1));
    }

    /** @return non-empty-list<int> */
    private static function hot(Practice $practice, ?Place $place, WeekDays $days): array
    {
        $hot = DayGrid::touching([[$practice->hot_from, $practice->hot_until]]);
        $onHotGround = $place !== null && in_array($place->kind, self::HOT_GROUND, true);

        return array_map(
            static fn (int $day): int => $onHotGround && self::isHotMonth($practice, (int) $days->day($day)->format('n')) ? $hot : 0,
            range(0, DayGrid::DAYS - 1),
        );
    }

    private static function isHotMonth(Practice $practice, int $month): bool
    {
        return $practice->hot_from_month <= $practice->hot_until_month
            ? $month >= $practice->hot_from_month && $month <= $practice->hot_until_month
            : $month >= $practice->hot_from_month || $month <= $practice->hot_until_month;
    }

    /** @return non-empty-list<int> */
    private static function daily(int $mask): array
    {
        return array_fill(0, DayGrid::DAYS, $mask);
    }

    /** @return array<int, bool> by day of the week */
    private static function closed(Practice $practice, WeekDays $days): array
    {
        $closed = array_fill(0, DayGrid::DAYS, false);
        foreach (ClosedDays::query()->where('practice_id', $practice->id)->where('from_on', '<=', $days->day(6)->format('Y-m-d'))
            ->where('until_on', '>=', $days->monday->format('Y-m-d'))->limit(50)->get() as $row) {
            foreach ($days->days() as $n => $day) {
                $closed[$n] = $closed[$n] || ($row->from_on->format('Y-m-d') <= $day->format('Y-m-d')
                    && $row->until_on->format('Y-m-d') >= $day->format('Y-m-d'));
            }
        }

        return $closed;
    }

    /** On the road from one appointment to the next of the same person; nothing where nobody has said where one of them is. */
    public static function between(Practice $practice, Appointment $one, Appointment $next): int
    {
        $from = self::siteOf($one);
        $to = self::siteOf($next);

        return $from === $to || $from === 0 || $to === 0
            ? 0 : self::minutes($practice, $from, $one->place) + self::minutes($practice, $to, $next->place);
    }

    /** From the practice. */
    private static function minutes(Practice $practice, int $site, ?Place $place): int
    {
        return $site === 0 ? 0 : $place->travel_minutes ?? $practice->travel_minutes;
    }

    /**
     * From the practice to both and on: an upper bound, for nobody types a table of ways.
     *
     * @param  array<int, ?Place>  $places
     */
    private static function travel(Practice $practice, array $places): Travel
    {
        $from = $minutes = [];
        foreach ($places as $id => $place) {
            $from[$id] = self::minutes($practice, $id, $place);
        }
        foreach ($from as $one => $there) {
            foreach ($from as $other => $back) {
                $minutes[$one][$other] = $one === $other ? 0 : $there + $back;
            }
        }

        return new Travel($minutes);
    }
}
