<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Models\Dog;
use App\Models\ManagementAgreement;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** What the dog's people do until training works. */
final readonly class AgreementController
{
    public const ITEMS = ['quiet', 'turn', 'window', 'handling', 'muzzle', 'two', 'guests', 'told'];

    public function store(Request $request, Dog $dog, ClockInterface $clock, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $agreed = $request->validate([
            'agreed_with' => ['required', 'string', 'max:120'],
            'items' => ['required', 'array', 'min:1'],
            'items.*' => [Rule::in(self::ITEMS)],
            'agreement_note' => ['nullable', 'string', 'max:500'],
        ], ['agreed_with.required' => say('messages.agreement.say_with_whom_it_was_agreed'), 'items.required' => say('messages.agreement.choose_at_least_one_thing_that'), 'items.*' => say('messages.agreement.choose_from_the_list')]);
        ManagementAgreement::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'agreed_with' => $agreed['agreed_with'],
            'items' => array_values($agreed['items']), 'note' => $agreed['agreement_note'] ?? null, 'agreed_on' => $clock->now()->format('Y-m-d'),
        ]);

        return redirect()->to(route('dogs.show', $dog).'#management')->with('status', say('messages.agreement.agreed_with', ['agreed_with' => $agreed['agreed_with']]));
    }
}
