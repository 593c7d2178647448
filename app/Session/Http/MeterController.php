<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Models\SoundSetUp;
use App\Session\Meter;
use Illuminate\Http\JsonResponse;

/** The readings of one session's sound level meter: fed by whoever has its token, read by the session's screen. */
final readonly class MeterController
{
    public function __construct(private Meter $meter)
    {
    }

    public function store(MeterRequest $request): JsonResponse
    {
        $session = $request->training();
        if ($session->ended_at !== null) {
            return new JsonResponse(['message' => say('messages.meter.this_session_has_ended_connect_the')], 410);
        }
        if ($this->meter->isFull($session->id)) {
            return new JsonResponse(['message' => say('messages.meter.full', ['most' => Meter::MAX_READINGS])], 429);
        }
        $ceiling = SoundSetUp::of($session->plan->responseModel)->ceiling ?? null;
        $loudest = max(array_column($request->readings(), 'level'));

        return new JsonResponse([
            'kept' => $this->meter->keep($session->id, $request->readings()), 'ceiling' => $ceiling,
            'over' => $ceiling !== null && $loudest > $ceiling,
        ]);
    }

    /** By a signed address without cookies, as the session itself: asked for twice a second. */
    public function show(int $session): JsonResponse
    {
        return new JsonResponse(['level' => $this->meter->now($session)]);
    }
}
