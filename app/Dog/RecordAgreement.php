<?php

declare(strict_types=1);

namespace App\Dog;

use App\Models\Dog;
use App\Models\ManagementAgreement;
use App\Models\User;
use Psr\Clock\ClockInterface;

/** Records what the dog's people agreed to do until training works. */
final readonly class RecordAgreement
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param  list<string>  $items */
    public function record(Dog $dog, User $user, string $with, array $items, ?string $note): ManagementAgreement
    {
        return ManagementAgreement::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'agreed_with' => $with,
            'items' => $items, 'note' => $note, 'agreed_on' => $this->clock->now()->format('Y-m-d'),
        ]);
    }
}
