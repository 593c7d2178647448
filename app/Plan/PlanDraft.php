<?php

declare(strict_types=1);

namespace App\Plan;

use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Measure\Distance;
use Core\Response\RiskCaps;
use Core\Wearing\Phase;

/** A new plan as its form describes it, checked. */
final readonly class PlanDraft
{
    /**
     * @param  ?int  $triggerId  an existing trigger of the dog, or null to make one of the name given
     * @param  array<string, string>  $traits  of a new trigger, by name
     * @param  ?Distance  $reaction  stated reaction distance; null if none was stated
     * @param  ?Distance  $fineAt  where the dog is known to be fine
     * @param  ?Distance  $quietAt  nearer than it reacts, and yet nothing seen: of a dog that may hide its signs
     * @param  ?float  $start  value of the leading measure, in meters, cm, dB or s
     * @param  ?float  $goal  the same, harder
     * @param  array<string, string>  $play  other dimensions in play with the value that every step has, by key
     * @param  ?array<string, float|string>  $startsAt  of a template: the exposure that an assessment proposed to start with
     * @param  array<string, string>  $choices  where practitioners differ
     * @param  int  $easyAfter  good repetitions before an easy one between; 0 for never
     * @param  ?SoundDraft  $sound  of a sound plan
     */
    public function __construct(
        public string $name,
        public PlanKind $kind,
        public ?int $triggerId,
        public string $triggerName,
        public int $personId,
        public string $method,
        public LadderPlan $ladder,
        public Criterion $criterion,
        public RiskCaps $caps,
        public array $traits = [],
        public ?int $placeId = null,
        public ?string $placeName = null,
        public ?Distance $room = null,
        public ?Distance $reaction = null,
        public ?Distance $fineAt = null,
        public ?Distance $quietAt = null,
        public ?float $start = null,
        public ?float $goal = null,
        public array $play = [],
        public ?string $template = null,
        public ?array $startsAt = null,
        public ?string $goalWords = null,
        public array $choices = [],
        public float $outingsAWeek = 3.0,
        public int $mostAdvances = 4,
        public int $setMinutes = 4,
        public int $sessionMinutes = 30,
        public int $mostTrials = 60,
        public int $easyAfter = 0,
        public ?int $itemId = null,
        public ?Phase $phase = null,
        public ?SoundDraft $sound = null,
    ) {
    }
}
