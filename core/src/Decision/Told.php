<?php

declare(strict_types=1);

namespace Core\Decision;

use Core\Exposure\Exposure;
use Core\Measure\Distance;

/** What people told of a dog before its first trial. Only what trials and tests have not shown yet rests on it. */
final readonly class Told
{
    /** Three weeks. Common practice. */
    private const NEW_DAYS = 21;

    /**
     * @param  ?Distance  $reactsAt  where it reacts; null where nobody said
     * @param  ?Exposure  $fineAt  where it is fine, as seen over weeks with this trigger, on a loose leash, eating
     * @param  bool  $hasBitten  teeth on skin or cloth, ever, with this trigger, part, item or person
     * @param  bool  $hidesSigns  quiet is not the same as fine: it was corrected for its signs, or shows hardly any
     * @param  bool  $isBold  the intake's word; it only shortens what the dog has to show
     * @param  ?int  $daysInHome  null where nobody said
     * @param  bool  $hasNeverReacted  no fear, no frustration: it only has to learn what to do
     * @param  bool  $isFearful  as far as it can be told
     * @param  bool  $hasChangedSuddenly  and no vet has looked at it since
     */
    public function __construct(
        public ?Distance $reactsAt = null,
        public ?Exposure $fineAt = null,
        public bool $hasBitten = false,
        public bool $hidesSigns = false,
        public bool $isBold = false,
        public ?int $daysInHome = null,
        public bool $hasNeverReacted = false,
        public bool $isFearful = false,
        public bool $hasChangedSuddenly = false,
    ) {
    }

    /** Still finding out where it has come to: shorter, easier, nothing bold. */
    public function isNewHere(): bool
    {
        return $this->daysInHome !== null && $this->daysInHome < self::NEW_DAYS;
    }

    /** Whether the usual leaps of faith are out of the question: peeks, moving on against the model, several steps a day. */
    public function forbidsTrying(): bool
    {
        return $this->hasBitten || $this->hidesSigns;
    }
}
