<?php

declare(strict_types=1);

namespace Core\Field;

use Core\Exception\InvalidMeasure;
use Core\Measure\Share;

/** What a layout means for one kind of passer-by, one handler and one dog. */
final readonly class SetUp
{
    /**
     * @param  GapView  $view  how long it is seen
     * @param  ?Share  $share  of the visible pass inside the limit; null without one
     * @param  ?float  $widest  gap for the dog's hold, in meters
     * @param  ?float  $decideAt  meters, head-on; null without a limit
     * @param  ?float  $asideAt  meters at which to step aside square to the path; null without a limit
     * @param  ?float  $asideNearest  how near it comes with the room there is, started there
     */
    private function __construct(
        public GapView $view, public ?Share $share, public ?float $widest, public ?float $decideAt, public ?float $asideAt,
        public ?float $asideNearest,
    ) {
    }

    /**
     * @param  float  $trigger  m/s
     * @param  float  $length  of the trigger, in meters
     * @param  float  $handler  m/s
     * @param  float  $hold  seconds that the dog keeps looking up
     * @param  ?float  $limit  of the dog, in meters
     *
     * @throws InvalidMeasure if a measure is out of its range
     */
    public static function of(
        Layout $layout, float $trigger, float $length, float $handler, float $hold, ?float $limit, float $reaction = 1.0,
        float $turning = 1.5,
    ): self {
        $view = GapView::through($layout->right - $layout->left, $layout->depth, $layout->path, $trigger, $length);
        if ($limit === null) {
            return new self($view, null, $view->widestFor($hold), null, null, null);
        }
        $aside = new StepAside($handler, $trigger);
        $start = $aside->startAt($limit, 90.0, $reaction);

        return new self(
            $view, $view->shareWithin($limit), $view->widestFor($hold),
            TurnAway::decideAt($limit, $handler, $trigger, $reaction, $turning, $layout->cover, $handler), $start,
            $aside->nearest($start - ($handler + $trigger) * $reaction, 90.0, $layout->exit),
        );
    }

    /** Whether a dog that holds so long never sees more. */
    public function isWithinHold(float $hold): bool
    {
        return $this->view->seconds <= $hold + 1e-9;
    }
}
