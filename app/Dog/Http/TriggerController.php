<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\AddTrigger;
use App\Input\TypedTraits;
use App\Models\Dog;
use Core\Exposure\PlanKind;
use Illuminate\Http\RedirectResponse;

final readonly class TriggerController
{
    public function store(TriggerRequest $request, Dog $dog, AddTrigger $triggers): RedirectResponse
    {
        $given = $request->given();
        $trigger = $triggers->add(
            $dog, $given->text('trigger'), PlanKind::from($given->text('trigger_kind')), $given->textOrNull('motive'),
            $given->text('named_by'),
            TypedTraits::read($given->text('trigger_traits')),
        );

        return redirect()->to(route('dogs.show', $dog).'#triggers')->with('status', say('messages.saved.kept', ['what' => $trigger->name]));
    }
}
