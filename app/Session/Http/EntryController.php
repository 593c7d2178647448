<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\SessionContexts;
use App\Engine\State\SessionState;
use App\Input\DeviceQueue;
use App\Models\Session;
use App\Models\User;
use App\Session\ReceiveEntry;
use App\Session\StateInWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Takes a device's queue and answers with receipts and the session as it now stands. */
final readonly class EntryController
{
    public function __construct(private ReceiveEntry $entries, private SessionContexts $contexts)
    {
    }

    public function store(Request $request, Session $session, #[CurrentUser] User $user): JsonResponse
    {
        // what this session's plan is, and whose dog, comes with it
        $context = $this->contexts->of($session);
        Gate::authorize('view', $session);
        $user->setRelation('practice', $context->plan->responseModel->dog->practice);
        $queue = DeviceQueue::of($request, ReceiveEntry::KINDS, $user);
        $receipts = [];
        foreach ($queue->entries as $entry) {
            $receipts[] = $this->entries->take($session, $user, $entry, $queue->device);
        }

        $state = SessionState::read($session->state);

        return new JsonResponse([
            'receipts' => $receipts,
            'state' => $state === null ? null : (new StateInWords(words(), $context->inCore->catalog))->of($state),
        ]);
    }
}
