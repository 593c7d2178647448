<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\RecordAgreement;
use App\Models\Dog;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What the dog's people do until training works. */
final readonly class AgreementController
{
    public const ITEMS = ['quiet', 'turn', 'window', 'handling', 'muzzle', 'two', 'guests', 'told'];

    public function store(Request $request, Dog $dog, RecordAgreement $agreements, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $agreed = Fields::of($request->validate([
            'agreed_with' => ['required', 'string', 'max:120'],
            'items' => ['required', 'array', 'min:1'],
            'items.*' => [Rule::in(self::ITEMS)],
            'agreement_note' => ['nullable', 'string', 'max:500'],
        ],
            [
                'agreed_with.required' => say('messages.agreement.say_with_whom_it_was_agreed'),
                'items.required' => say('messages.agreement.choose_at_least_one_thing_that'),
                'items.*' => say('messages.agreement.choose_from_the_list'),
            ]));
        $agreement = $agreements->record(
            $dog, $user, $agreed->text('agreed_with'), $agreed->texts('items'), $agreed->textOrNull('agreement_note'),
        );

        return redirect()->to(route('dogs.show', $dog).'#management')->with(
            'status', say('messages.agreement.agreed_with', ['agreed_with' => $agreement->agreed_with]),
        );
    }
}
