<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\Session;
use App\Session\Meter;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

/** Connects a sound level meter to a session that runs. */
final readonly class MeterTokenController
{
    /** A new token. It is shown now and never again. */
    public function store(Session $session, Meter $meter): JsonResponse
    {
        Gate::authorize('view', $session);
        if ($session->ended_at !== null) {
            return new JsonResponse(['message' => say('messages.meter_token.this_session_has_ended_a_meter')], 409);
        }

        return new JsonResponse(['address' => route('meter.store', $session->id), 'token' => $meter->connect($session)], 201);
    }
}
