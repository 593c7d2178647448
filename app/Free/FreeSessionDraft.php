<?php

declare(strict_types=1);

namespace App\Free;

use Core\Observation\Activity;

/** What is told before a session without a ladder: almost nothing. */
final readonly class FreeSessionDraft
{
    public function __construct(
        public string $uuid, public Activity $activity, public ?int $personId, public string $place, public ?string $skill,
        public bool $isWoken,
    ) {
    }
}
