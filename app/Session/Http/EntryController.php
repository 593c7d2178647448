<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Engine\DogCatalogs;
use App\Models\Session;
use App\Models\User;
use App\Session\ReceiveEntry;
use App\Session\StateInWords;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Takes a device's queue and answers with receipts and the session as it now stands. */
final readonly class EntryController
{
    public function __construct(private ReceiveEntry $entries, private DogCatalogs $catalogs)
    {
    }

    public function store(EntriesRequest $request, Session $session, #[CurrentUser] User $user): JsonResponse
    {
        $entries = $request->entriesOf($user);
        $device = strtolower($request->string('device')->value());
        $receipts = [];
        foreach ($entries as $entry) {
            $receipts[] = $this->entries->take($session, $user, $entry, $device);
        }

        return new JsonResponse([
            'receipts' => $receipts,
            'state' => $session->state === null
                ? null
                : (new StateInWords(words(), $this->catalogs->of($session->plan->responseModel)))->of($session->state),
        ]);
    }
}
