<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Free\FreeInWords;
use Core\Chart\LinearScale;
use Core\Observation\Kind;
use Core\Observation\Observation;
use Core\Observation\SegmentKind;
use Core\Observation\Stretch;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A look around or a walk over its minutes: what it offered, marks not answered, stares as long as they were, scares; breaks shaded. */
final class Outing extends Component
{
    private const WIDTH = 900;

    private const LEFT = 150.0;

    private const LANE = 34;

    /** Lanes from the top, each with what stands in it. */
    private const LANES = [
        'offered' => [Kind::Looked, Kind::LookedBack], 'unanswered' => [Kind::Unanswered], 'stares' => [Kind::Stare],
        'scares' => [Kind::Startled, Kind::Reacted],
    ];

    /**
     * @param  list<Observation>  $seen
     * @param  non-empty-list<Stretch>  $stretches
     */
    public function __construct(private readonly array $seen, private readonly array $stretches)
    {
    }

    public function render(): View
    {
        $minutes = max(0.5, $this->stretches[count($this->stretches) - 1]->to / 60.0);
        $x = new LinearScale(0.0, $minutes, self::LEFT, self::WIDTH - 16.0);
        $lanes = [];
        foreach (self::LANES as $name => $kinds) {
            $y = 24.0 + self::LANE * count($lanes);
            $lanes[] = ['label' => say("charts.outing.{$name}"), 'y' => $y, 'marks' => array_map(
                static fn (Observation $one): array => [
                    'kind' => $one->kind, 'x' => $x->map($one->at / 60.0), 'title' => FreeInWords::observation($one),
                    // a stare is logged when it ends
                    'from' => $x->map(max(0.0, $one->at - ($one->seconds ?? 0.0)) / 60.0),
                ],
                array_values(array_filter($this->seen, static fn (Observation $one): bool => in_array($one->kind, $kinds, true))),
            )];
        }
        $breaks = array_filter($this->stretches, static fn (Stretch $one): bool => $one->kind === SegmentKind::Break);

        return view('charts.outing', [
            'lanes' => $lanes, 'width' => self::WIDTH, 'height' => 24 + self::LANE * count($lanes) + 24,
            'breaks' => array_map(
                static fn (Stretch $one): array => ['from' => $x->map($one->from / 60.0), 'to' => $x->map($one->to / 60.0)], $breaks,
            ),
            'times' => MinutesAxis::ticks($x, $minutes),
        ]);
    }
}
