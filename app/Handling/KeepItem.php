<?php

declare(strict_types=1);

namespace App\Handling;

use App\Models\Dog;
use App\Models\Item;
use App\Models\User;
use Core\Wearing\ItemKind;

/** Keeps what a dog wears or is cared for with, and when its fit was last looked at. */
final readonly class KeepItem
{
    public function add(Dog $dog, User $user, ItemKind $kind, string $name): Item
    {
        return Item::query()
            ->create(['practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'kind' => $kind, 'name' => $name]);
    }

    public function checkFit(Item $item, string $on, ?string $note): void
    {
        $item->update(['fit_checked_on' => $on, 'fit_note' => $note]);
    }
}
