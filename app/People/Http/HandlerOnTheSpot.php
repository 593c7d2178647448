<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Models\User;
use App\People\NewHandler;
use Illuminate\Http\Request;

/** Takes a name that was typed in place of a choice, in any form that asks who handles: from then on it is the one chosen. */
final readonly class HandlerOnTheSpot
{
    public function __construct(private NewHandler $people)
    {
    }

    public function take(Request $request, User $user): void
    {
        if ($request->filled(NewHandler::FIELD)) {
            $request->merge(['person_id' => $this->people->named($user, trim($request->string(NewHandler::FIELD)->value()))]);
        }
    }
}
