<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A record by somebody signed in, or by the person whose link it came by. */
trait SaidFromHome
{
    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Person, $this> */
    public function person(): BelongsTo
    {
        return $this->belongsTo(Person::class);
    }

    /** Name of who it was by; null where nobody is known. */
    public function by(): ?string
    {
        return $this->user->name ?? $this->person?->name;
    }
}
