<?php

declare(strict_types=1);

namespace App\Plans;

use Core\Measure\Distance;
use Core\Response\RiskLimits;

/** A new presence plan as its form describes it, checked. */
final readonly class PlanDraft
{
    /**
     * @param  ?int  $triggerId  an existing trigger of the dog, or null to make one of the name given
     * @param  array<string, string>  $traits  of a new trigger, by name
     * @param  ?Distance  $reaction  stated reaction distance; null if none was stated
     * @param  ?Distance  $fineAt  where the dog is known to be fine
     * @param  ?string  $motion  what the trigger does on every step
     */
    public function __construct(
        public string $name,
        public ?int $triggerId,
        public string $triggerName,
        public array $traits,
        public int $personId,
        public ?int $placeId,
        public ?string $placeName,
        public ?Distance $room,
        public ?Distance $reaction,
        public ?Distance $fineAt,
        public Distance $start,
        public Distance $goal,
        public ?string $motion,
        public int $runLength,
        public RiskLimits $limits,
        public int $mostAdvances,
        public int $setMinutes,
        public int $sessionMinutes,
        public int $mostTrials,
    ) {
    }
}
