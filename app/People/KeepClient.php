<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Client;
use App\Models\TrailAction;
use App\Models\User;
use App\Trail\Trail;

/** Adds and changes a household. */
final readonly class KeepClient
{
    public function __construct(private Trail $trail)
    {
    }

    /** @param  array<string, ?string>  $columns */
    public function add(User $by, array $columns): Client
    {
        $client = Client::query()->create(['practice_id' => $by->practice_id, ...$columns]);
        $this->trail->note($by, TrailAction::Added, $client);

        return $client;
    }

    /** @param  array<string, ?string>  $columns */
    public function change(User $by, Client $client, array $columns): void
    {
        $client->update($columns);
        if ($client->wasChanged()) {
            // which, and not what stood there: a trail is no place for numbers and addresses
            $changed = array_diff(array_keys($client->getChanges()), ['updated_at']);
            $this->trail->note($by, TrailAction::Changed, $client, ['fields' => implode(', ', $changed)]);
        }
    }
}
