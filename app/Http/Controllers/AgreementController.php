<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
    public const ITEMS = [
        'quiet' => 'walk at quiet hours and in quiet places', 'turn' => 'turn away or cross the road in time', 'window' => 'cover the window, close the gate',
        'handling' => 'no handling outside training by the person whose plan is running', 'muzzle' => 'muzzle on where the dog may meet people', 'two' => 'two points of contact on the leash',
        'guests' => 'dog behind a door when guests come', 'told' => 'tell us of every upset, the same day',
    ];

    public function store(Request $request, Dog $dog, ClockInterface $clock, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $agreed = $request->validate([
            'agreed_with' => ['required', 'string', 'max:120'],
            'items' => ['required', 'array', 'min:1'],
            'items.*' => [Rule::in(array_keys(self::ITEMS))],
            'agreement_note' => ['nullable', 'string', 'max:500'],
        ], ['agreed_with.required' => 'Say with whom it was agreed.', 'items.required' => 'Choose at least one thing that will be done until training works.', 'items.*' => 'Choose from the list.']);
        ManagementAgreement::query()->create([
            'practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'agreed_with' => $agreed['agreed_with'],
            'items' => array_values($agreed['items']), 'note' => $agreed['agreement_note'] ?? null, 'agreed_on' => $clock->now()->format('Y-m-d'),
        ]);

        return redirect()->to(route('dogs.show', $dog).'#management')->with('said', "Agreed with {$agreed['agreed_with']}.");
    }
}
