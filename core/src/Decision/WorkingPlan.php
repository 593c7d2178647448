<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\DimensionCatalog;
use Core\Exposure\Exposure;
use Core\Exposure\LoadScale;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Ladder\Step;
use Core\Measure\Distance;
use Core\Response\Inherited;
use Core\Response\ModelBuilder;
use Core\Response\SessionEvidence;

/** A plan as decisions know it: its ladder and rules, and what was told of the dog before the first trial. */
final readonly class WorkingPlan
{
    /**
     * @param  Distance  $reference  where the dog reacts, as told or as assumed
     * @param  bool  $isReferenceStated  whether anybody told it
     * @param  ?Exposure  $fineAt  where the dog is said to be fine
     * @param  DimensionCatalog  $catalog  of its kind, in this dog's own order
     * @param  ?Exposure  $reactsTo  what the dog reacts to, where no distance tells it
     * @param  Told  $told  the same as people told it, for where to start
     * @param  ?Inherited  $inherited  from another person's work on the same
     */
    public function __construct(
        public Ladder $ladder,
        public RuleSettings $settings,
        public Distance $reference,
        public bool $isReferenceStated,
        public ?Exposure $fineAt,
        public DimensionCatalog $catalog,
        public ?Exposure $reactsTo,
        public Told $told = new Told,
        public ?Inherited $inherited = null,
    ) {
    }

    /** The same, in a place with other room. */
    public function withRoom(?Distance $room): self
    {
        return new self(
            $this->ladder, $this->settings->withRoom($room), $this->reference, $this->isReferenceStated, $this->fineAt, $this->catalog,
            $this->reactsTo, $this->told, $this->inherited,
        );
    }

    /** Fits this plan's model. */
    public function builder(ModelBuilder $usual): ModelBuilder
    {
        return $usual->inheriting($this->inherited);
    }

    /**
     * Loads over all dimensions that the steps fix or that were met.
     *
     * @param  list<SessionEvidence>  $sessions
     */
    public function scale(array $sessions): LoadScale
    {
        return self::scaleOf(
            $this->catalog, $this->reference, $this->ladder, $sessions, $this->reactsTo, $this->isReferenceStated,
        );
    }

    /** A session of it, read as a situation reads it. */
    public function log(SessionLog $log): SessionLog
    {
        return (new Credit($this->ladder, $this->catalog))->log($log->seenWith($this->told));
    }

    /** What it leaves behind. */
    public function summary(SessionLog $log): SessionSummary
    {
        return SessionSummary::of($this->log($log), $this->ladder);
    }

    /**
     * The same for a ladder that is not, or not yet, that of a plan.
     *
     * @param  bool  $isStated  whether anybody told what the dog reacts to; else it is taken to be calm at the first step under the hand
     * @param  list<SessionEvidence>  $sessions
     */
    public static function scaleOf(
        DimensionCatalog $catalog, Distance $reference, Ladder $ladder, array $sessions, ?Exposure $reactsTo, bool $isStated,
    ): LoadScale {
        $values = [];
        foreach ($ladder->steps as $step) {
            $values += $step->exposure->values;
        }
        foreach ($sessions as $session) {
            foreach ($session->rows as $row) {
                $values += $row->exposure->values;
            }
        }

        $isContact = $catalog->plan === PlanKind::Contact;
        $scale = LoadScale::of(
            $catalog, $reference, array_keys($values), $reactsTo, $isContact && ! $isStated ? $ladder->step(0)->exposure : null,
        );

        return $isContact
            ? $scale->climbing(array_map(static fn (Step $step): Exposure => $step->exposure, $ladder->steps), $ladder->ways())
            : $scale;
    }
}
