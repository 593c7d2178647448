<?php

declare(strict_types=1);

namespace App\Session\Http;

use App\Input\DeviceQueue;
use App\Input\OfTraining;
use App\Session\ReceiveEntry;
use Illuminate\Foundation\Http\FormRequest;

/** What a device sends: its identifier and some entries, oldest first. What an entry holds is looked at one by one. */
final class EntriesRequest extends FormRequest
{
    use DeviceQueue, OfTraining;

    /** @return list<string> */
    private function kinds(): array
    {
        return ReceiveEntry::KINDS;
    }
}
