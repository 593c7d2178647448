<?php

declare(strict_types=1);

namespace Cli\Command;

use Cli\Command;
use Cli\Document;
use Core\Field\GapView;
use Core\Field\StepAside;
use Core\Field\TurnAway;

/** The geometry of passing: a gap view, turning away, stepping aside. Whatever the document asks for is answered. */
final readonly class Pass implements Command
{
    public function name(): string
    {
        return 'pass';
    }

    public function answer(array $document): array
    {
        $read = Document::of($document);

        return array_filter([
            'gap' => $read->has('gap') ? $read->at('gap')->build(self::gap(...)) : null,
            'turnAway' => $read->has('turnAway') ? $read->at('turnAway')->build(self::turnAway(...)) : null,
            'stepAside' => $read->has('stepAside') ? $read->at('stepAside')->build(self::stepAside(...)) : null,
        ]);
    }

    /** @return array{visibleMeters: float, seconds: float, shareWithin?: float, widestForHold?: ?float} */
    private static function gap(Document $of): array
    {
        $length = $of->at('triggerLength')->number(GapView::USUAL_LENGTH);
        $view = $of->has('angle')
            ? GapView::byAngle($of->at('angle')->number(), $of->at('distance')->number(), $of->at('speed')->number(), $length)
            : GapView::through(
                $of->at('width')->number(), $of->at('depth')->number(), $of->at('distance')->number(), $of->at('speed')->number(), $length,
            );

        return [
            'visibleMeters' => $view->visible, 'seconds' => $view->seconds,
            ...($of->has('limit') ? ['shareWithin' => $view->shareWithin($of->at('limit')->number())->value] : []),
            ...($of->has('hold') ? ['widestForHold' => $view->widestFor($of->at('hold')->number())] : []),
        ];
    }

    /** @return array{decideAt: float} */
    private static function turnAway(Document $of): array
    {
        return ['decideAt' => TurnAway::decideAt(
            $of->at('limit')->number(), $of->at('handlerSpeed')->number(), $of->at('triggerSpeed')->number(),
            $of->at('reaction')->number(1.0), $of->at('turning')->number(1.5), $of->at('cover')->number(),
            $of->at('retreatSpeed')->number($of->at('handlerSpeed')->number()),
        )];
    }

    /** @return array{bestAngle: float, startAt: float, nearest?: float} */
    private static function stepAside(Document $of): array
    {
        $aside = new StepAside($of->at('handlerSpeed')->number(), $of->at('triggerSpeed')->number());
        $angle = $of->has('angle') ? $of->at('angle')->number() : min(179.0, $aside->bestAngle());
        $start = $aside->startAt($of->at('limit')->number(), $angle, $of->at('reaction')->number());

        return [
            'bestAngle' => $aside->bestAngle(), 'startAt' => $start,
            ...($of->has('room') ? ['nearest' => $aside->nearest($of->at('from')->number($start), $angle, $of->at('room')->number())] : []),
        ];
    }
}
