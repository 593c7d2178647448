<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Dog\Timeline;
use App\Models\EventKind;
use App\View\BandCounts;
use Core\Chart\LinearScale;
use Core\Chart\PathData;
use Core\Chart\Ticks;
use Core\Sign\Band;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A dog's weeks as one drawing, newest right: scares, health as bars, working distance with its range, sessions as stacks of bands. */
final class DogTimeline extends Component
{
    private const WIDTH = 900;

    private const LEFT = 64.0;

    private const RIGHT = 130.0;

    /** Rows, from above: scares; what is drawn of health; distance; sessions. */
    private const SCARES = 22.0;

    private const HEALTH = 40.0;

    private const HEALTH_ROW = 18.0;

    private const NEAR = [44.0, 144.0];

    private const STACK = [162.0, 228.0];

    private const HEIGHT = 262;

    private const MOST_BARS = 4;

    private const BAR = 9.0;

    /** A scare is still drawn when it no longer matters, but faintly. */
    private const FADED = 0.35;

    public function __construct(private readonly Timeline $timeline)
    {
    }

    public function render(): View
    {
        $from = $this->timeline->from->getTimestamp();
        $to = $this->timeline->to->getTimestamp();
        $first = min([$to - 14 * 86_400, ...array_map(
            static fn (array $one): int =>
                $one['at']->getTimestamp(), [...$this->timeline->sessions, ...$this->timeline->free, ...$this->timeline->events],
        )]);
        $x = new LinearScale((float) max($from, $first - 86_400), (float) $to, self::LEFT, self::WIDTH - self::RIGHT);
        $at = static fn (\DateTimeInterface $time): float => $x->map((float) $time->getTimestamp());
        $age = static fn (\DateTimeInterface $time): float => ($to - $time->getTimestamp()) / 86_400;

        $scares = array_values(array_filter(
            $this->timeline->events, static fn (array $event): bool => $event['kind'] !== EventKind::Calm,
        ));
        $top = $scares === [] ? self::SCARES - self::HEALTH : 0.0;
        $bars = $this->health($at, max($from, $first - 86_400), $top);
        $distances = $this->distances($at);
        // rows are drawn where they would be if all were there, and moved: down for the bars, up for those that are not there
        $down = $top + self::HEALTH_ROW * count($bars);
        $ofStacks = $down - ($distances['lines'] === [] ? self::STACK[0] - self::NEAR[0] : 0.0);

        return view('charts.dog-timeline', [
            'bars' => $bars, 'down' => $down, 'ofStacks' => $ofStacks,
            'moreHealth' => max(0, count($this->timeline->health) - self::MOST_BARS),
            'width' => self::WIDTH, 'height' => self::HEIGHT + (int) $ofStacks, 'left' => self::LEFT, 'right' => self::WIDTH - self::RIGHT,
            'bottom' => self::STACK[1], 'bar' => self::BAR,
            'days' => $this->days(max($from, $first - 86_400), $to, $at),
            ...$distances,
            'sessions' => array_map(fn (array $session): array => [
                'id' => $session['id'], 'x' => $at($session['at']) - self::BAR / 2.0, 'parts' => self::stack($session['bands']),
                'title' => $this->title($session),
            ], $this->timeline->sessions),
            'free' => array_map(static fn (array $free): array => [
                'id' => $free['id'], 'x' => $at($free['at']),
                'title' => words()->formats->dateTime($free['at']).': '.words()->label($free['activity']),
            ], $this->timeline->free),
            'scares' => array_map(static fn (array $event): array => [
                'x' => $at($event['at']), 'y' => self::SCARES, 'size' => 5.0 + 2.0 * min(4, max(1, $event['severity'])),
                'opacity' => max(self::FADED, 1.0 - $age($event['at']) / 21.0),
                'isHard' => in_array($event['kind'], [EventKind::Bite, EventKind::Incident], true),
                'title' => words()->formats->dateTime($event['at']).': '.say("options.event_kind.{$event['kind']->value}"),
            ], $scares),
            'homeDays' => array_map(static fn (string $day, array $of): array => [
                'x' => $at(new \DateTimeImmutable("{$day} 12:00")), 'isWrong' => $of['wrong'],
                'title' => words()->formats->day(new \DateTimeImmutable($day)).': '
                    .say('charts.dog_timeline.home_day', ['done' => $of['done'], 'wrong' => $of['wrong']]),
            ], array_keys($this->timeline->homeDays), array_values($this->timeline->homeDays)),
            'vetAt' => $this->timeline->vetSeenOn === null || $this->timeline->vetSeenOn->getTimestamp() < max($from, $first - 86_400)
                ? null : $at($this->timeline->vetSeenOn),
        ]);
    }

    /**
     * One bar each, the newest first; what began before the drawing begins at its left.
     *
     * @param  \Closure(\DateTimeInterface): float  $at
     * @return list<array{y: float, x: float, width: float, label: string, isOver: bool}>
     */
    private function health(\Closure $at, int $from, float $top): array
    {
        $bars = [];
        foreach (array_slice($this->timeline->health, 0, self::MOST_BARS) as $i => $entry) {
            $left = max(self::LEFT, $at(max($entry['from'], (new \DateTimeImmutable)->setTimestamp($from))));
            $right = min(self::WIDTH - self::RIGHT, $at($entry['to'] ?? $this->timeline->to));
            if ($right >= self::LEFT) {
                $bars[] = [
                    'y' => $top + self::HEALTH + $i * self::HEALTH_ROW, 'x' => $left, 'width' => max(3.0, $right - $left),
                    'label' => $entry['name'], 'isOver' => $entry['to'] !== null,
                ];
            }
        }

        return $bars;
    }

    /**
     * One line a plan, on one axis of distance.
     *
     * @param  \Closure(\DateTimeInterface): float  $at
     * @return array{lines: list<array<string, mixed>>, ticks: list<array{y: float, label: string}>}
     */
    private function distances(\Closure $at): array
    {
        $lines = $this->timeline->limits;
        $meters = array_merge(...array_values(array_map(static fn (array $points): array => array_column($points, 'meters'), $lines)));
        if ($meters === []) {
            return ['lines' => [], 'ticks' => []];
        }
        [$near, $far] = [0.9 * min($meters), 1.1 * max($meters)];
        $y = new LinearScale(log($far, 2.0), log($near, 2.0), self::NEAR[0], self::NEAR[1]);
        $perUnit = words()->reader->units->distance->meters();
        $ticks = Ticks::logarithmic($near / $perUnit, $far / $perUnit);
        $drawn = [];
        foreach ($lines as $plan => $points) {
            $places = array_map(
                static fn (array $point): array => [$at($point['at']), $y->map(log($point['meters'], 2.0))], $points,
            );
            $last = $places[count($places) - 1];
            $inside = static fn (float $meters): float => $y->map(log(min($far, max($near, $meters)), 2.0));
            $drawn[] = [
                'plan' => $plan, 'places' => $places,
                'ranges' => array_map(
                    static fn (array $point): array => [$at($point['at']), $inside($point['from']), $inside($point['to'])], $points,
                ), 'path' => PathData::line($places), 'x' => $last[0], 'y' => $last[1],
                'label' => words()->formats->meters($points[count($points) - 1]['meters']), 'dash' => count($drawn),
            ];
        }

        return ['lines' => $drawn, 'ticks' => array_map(
            static fn (float $tick): array => [
                'y' => $y->map(log($tick * $perUnit, 2.0)), 'label' => words()->formats->meters($tick * $perUnit),
            ],
            count($ticks) >= 2 ? array_slice($ticks, 0, 5) : [$near / $perUnit, $far / $perUnit],
        )];
    }

    /**
     * From below, easy to over, each as high as its share.
     *
     * @param  list<Band>  $bands
     * @return list<array{band: int, y: float, height: float}>
     */
    private static function stack(array $bands): array
    {
        $parts = [];
        $y = self::STACK[1];
        foreach (Band::cases() as $band) {
            $share = count(array_filter($bands, static fn (Band $one): bool => $one === $band)) / max(1, count($bands));
            $height = $share * (self::STACK[1] - self::STACK[0]);
            $y -= $height;
            if ($height > 0.0) {
                $parts[] = ['band' => $band->value, 'y' => $y, 'height' => $height];
            }
        }

        return $parts;
    }

    /** @param  array{at: \DateTimeInterface, plan: string, bands: list<Band>}  $session */
    private function title(array $session): string
    {
        return words()->formats->dateTime($session['at']).": {$session['plan']}. ".BandCounts::inWords($session['bands']);
    }

    /**
     * @param  \Closure(\DateTimeInterface): float  $at
     * @return list<array{x: float, label: string}> a week apart, or two where there are many
     */
    private function days(int $from, int $to, \Closure $at): array
    {
        $every = ($to - $from > 50 * 86_400 ? 14 : 7) * 86_400;
        $days = [];
        for ($time = $to; $time > $from; $time -= $every) {
            $day = (new \DateTimeImmutable)->setTimestamp($time);
            $days[] = ['x' => $at($day), 'label' => words()->formats->monthDay($day)];
        }

        return array_reverse($days);
    }
}
