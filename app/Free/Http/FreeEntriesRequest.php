<?php

declare(strict_types=1);

namespace App\Free\Http;

use App\Free\ReceiveObservation;
use App\Input\DeviceQueue;
use App\Models\FreeSession;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Facades\Gate;

/** What a device sends of a session without a ladder: some entries, oldest first, looked at one by one. */
final class FreeEntriesRequest extends FormRequest
{
    use DeviceQueue;

    public function authorize(): bool
    {
        $session = $this->route('free');
        Gate::authorize('view', $session instanceof FreeSession ? $session : throw new \LogicException('The route binds a session.'));

        return true;
    }

    /** @return list<string> */
    private function kinds(): array
    {
        return ReceiveObservation::KINDS;
    }
}
