<?php

declare(strict_types=1);

namespace App\Session;

use App\Models\Place;
use App\Models\SessionKind;

/** What was looked at before a session. */
final readonly class SessionChecklist
{
    /**
     * @param  ?Place  $place  where it is; null for a place that nobody named
     * @param  ?array{severity: float, hours: int}  $upset  told just now, not on record yet
     * @param  array<string, mixed>  $answers  as they are stored
     * @param  list<string>  $read  cautions ticked as read, by key
     * @param  string  $withoutReason  why it begins without a foundation
     * @param  int  $personId  who handles the dog
     */
    public function __construct(
        public SessionKind $kind, public ?Place $place, public ?array $upset, public array $answers, public array $read,
        public string $withoutReason, public int $personId,
    ) {
    }
}
