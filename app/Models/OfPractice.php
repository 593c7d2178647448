<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\Auth;

/** A record of one practice: bound in a route, it is only found for users of that practice. Others get 404. */
trait OfPractice
{
    public function resolveRouteBinding($value, $field = null): static
    {
        $user = Auth::user();
        // a stranger's record and a missing one answer alike
        $found = $user instanceof User && is_numeric($value)
            ? static::query()->where('practice_id', $user->practice_id)->whereKey((int) $value)->first()
            : null;

        return $found ?? throw (new ModelNotFoundException)->setModel(static::class);
    }
}
