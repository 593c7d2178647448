<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Models\Dog;
use Illuminate\Http\RedirectResponse;

final readonly class TriggerController
{
    public function store(TriggerRequest $request, Dog $dog): RedirectResponse
    {
        $trigger = $request->store();

        return redirect()->to(route('dogs.show', $dog).'#triggers')->with('status', "Kept: {$trigger->name}.");
    }
}
