<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EntriesRequest;
use App\Models\Session;
use App\Models\User;
use App\Trials\EntryDesk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** Takes a device's queue and answers with receipts and the session as it now stands. */
final readonly class EntryController
{
    public function __construct(private EntryDesk $desk)
    {
    }

    public function store(EntriesRequest $request, Session $session, #[CurrentUser] User $user): JsonResponse
    {
        // entries belong to who made them: another user who signed in on the same device never sends them
        if ($request->integer('user') !== $user->id) {
            throw new ConflictHttpException('These entries were made by another user of this device. They wait until that user signs in again.');
        }
        $device = strtolower($request->string('device')->value());
        $receipts = [];
        /** @var array<string, mixed> $entry */
        foreach ($request->array('entries') as $entry) {
            $receipts[] = $this->desk->take($session, $user, $entry, $device);
        }

        return new JsonResponse(['receipts' => $receipts, 'state' => $session->state]);
    }
}
