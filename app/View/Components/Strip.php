<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\AdviceGiven;
use App\Models\Session;
use Carbon\CarbonImmutable;
use Core\Chart\LinearScale;
use Core\Chart\PathData;
use Core\Chart\Ticks;
use Core\Decision\LoggedTrial;
use Core\Exposure\PlanKind;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A session as a strip: each trial a band glyph over time and distance, or step where no distance leads, breaks between sets. */
final class Strip extends Component
{
    private const WIDTH = 900;

    private const HEIGHT = 300;

    /** Halvings of distance above and below. */
    private const MARGIN = 0.2;

    private const STEP_MARGIN = 0.6;

    /**
     * @param  non-empty-list<array{id: int, trial: LoggedTrial, words: string, secondsFromStart: float, advice: ?AdviceGiven,
     *    adviceWords: ?string, followed: ?bool}> $rows
     */
    public function __construct(private readonly Session $session, private readonly array $rows)
    {
    }

    public function render(): View
    {
        $minutes = max(array_map(static fn (array $row): float => $row['secondsFromStart'] / 60.0, $this->rows));
        $x = new LinearScale(0.0, max($minutes, 0.5), 64.0, self::WIDTH - 16.0);
        $isPresence = $this->session->plan->responseModel->kind === PlanKind::Presence;
        $heights = array_map(
            static fn (array $row): float => $isPresence
                ? log($row['trial']->exposure->distance()->meters ?? 1.0, 2.0)
                : $row['trial']->level->step + 1.0,
            $this->rows,
        );
        $margin = $isPresence ? self::MARGIN : self::STEP_MARGIN;
        [$low, $high] = [min($heights) - $margin, max($heights) + $margin];
        $y = new LinearScale($high, $low, 14.0, self::HEIGHT - 40.0);
        $points = $targets = [];
        foreach ($this->rows as $i => $row) {
            $points[] = [
                'x' => $x->map($row['secondsFromStart'] / 60.0),
                'y' => $y->map($heights[$i]),
                'band' => $row['trial']->band,
                'title' => say('charts.strip.trial', [
                    'number' => $i + 1, 'setup' => $row['words'], 'outcome' => words()->label($row['trial']->outcome),
                    'band' => words()->label($row['trial']->band),
                ]),
                'departed' => $i > 0 && $this->rows[$i - 1]['followed'] === false,
            ];
        }

        return view('charts.strip', [
            'points' => $points,
            'path' => PathData::line(array_map(static fn (array $point): array => [$point['x'], $point['y']], $points)),
            'heights' => $isPresence ? $this->distances($y, $low, $high) : array_map(
                static fn (int $step): array => ['y' => $y->map((float) $step), 'label' => say('charts.strip.step', ['number' => $step])],
                self::stepTicks((int) min($heights), (int) max($heights)),
            ),
            'isPresence' => $isPresence,
            'times' => MinutesAxis::ticks($x, max($minutes, 0.5)),
            'breaks' => $this->breaks($x, $minutes),
            'width' => self::WIDTH,
            'height' => self::HEIGHT,
        ]);
    }

    /**
     * @param  float  $low  binary logarithm of the least distance, in meters
     * @return list<array{y: float, label: string}>
     */
    private function distances(LinearScale $y, float $low, float $high): array
    {
        $perUnit = words()->reader->units->distance->meters();
        [$near, $far] = [2.0 ** $low / $perUnit, 2.0 ** $high / $perUnit];
        $ticks = Ticks::logarithmic($near, $far);

        return array_map(
            fn (float $tick): array => ['y' => $y->map(log($tick * $perUnit, 2.0)), 'label' => words()->formats->meters($tick * $perUnit)],
            count($ticks) >= 3 ? $ticks : Ticks::linear($near, $far, 4),
        );
    }

    /** @return list<int> at most seven steps, the lowest and the highest among them */
    private static function stepTicks(int $from, int $to): array
    {
        $every = max(1, (int) ceil(($to - $from) / 6));

        return array_values(array_unique([...range($from, $to, $every), $to]));
    }

    /** @return list<array{from: float, to: float}> from the end of one set to the start of the next */
    private function breaks(LinearScale $x, float $minutes): array
    {
        $breaks = [];
        $end = null;
        foreach ($this->session->sets as $set) {
            if ($end !== null) {
                $breaks[] = ['from' => $x->map(min($minutes, $this->minutesTo($end))), 'to' => $x->map(min($minutes, $this->minutesTo(
                    $set->started_at,
                )))];
            }
            $end = $set->ended_at ?? $set->started_at;
        }

        return $breaks;
    }

    private function minutesTo(CarbonImmutable $time): float
    {
        return max(0.0, ((float) $time->format('U.u') - (float) $this->session->started_at->format('U.u')) / 60.0);
    }
}
