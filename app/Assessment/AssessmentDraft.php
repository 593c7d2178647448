<?php

declare(strict_types=1);

namespace App\Assessment;

use App\Models\Place;
use Core\Exposure\PlanKind;
use Core\Measure\Distance;

/** An assessment as its form describes it, checked. */
final readonly class AssessmentDraft
{
    /**
     * @param  ?int  $triggerId  an existing trigger of the dog, or null to make one of the name given
     * @param  ?Distance  $reaction  where it has reacted, if that was told
     * @param  ?string  $template  whose steps were tried; null for distances
     * @param  list<Tried>  $tried
     */
    public function __construct(
        public PlanKind $kind,
        public ?int $triggerId,
        public string $triggerName,
        public int $personId,
        public ?Place $place,
        public ?Distance $reaction,
        public ?string $template,
        public array $tried,
        public ?string $note = null,
    ) {
    }
}
