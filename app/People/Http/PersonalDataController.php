<?php

declare(strict_types=1);

namespace App\People\Http;

use App\Account\LastOwner;
use App\Models\Client;
use App\Models\Person;
use App\Models\User;
use App\People\ErasePerson;
use App\People\PersonFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What is kept about a person: handed to them as a file, and taken out where they ask for it. */
final readonly class PersonalDataController
{
    public function __construct(private ErasePerson $erasures)
    {
    }

    public function show(Person $person, PersonFile $file): JsonResponse
    {
        Gate::authorize('manage', $person);

        return response()->json($file->of($person), 200, [
            'Content-Disposition' => "attachment; filename=\"person-{$person->id}.json\"",
        ], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function destroy(Request $request, Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('manage', $person);
        $this->confirmed($request, $person->name);
        try {
            $this->erasures->erase($user, $person);
        } catch (LastOwner) {
            throw ValidationException::withMessages(['confirm_name' => say('people.problems.last_owner')]);
        }

        return redirect()->route('people.index')->with('status', say('people.erased_now'));
    }

    public function destroyClient(Request $request, Client $client, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('erase', $client);
        $this->confirmed($request, $client->name);
        $this->erasures->eraseClient($user, $client);

        return redirect()->route('clients.index')->with('status', say('people.erased_now'));
    }

    /** Cannot be taken back: the name is typed. */
    private function confirmed(Request $request, string $name): void
    {
        $request->validate(['confirm_name' => ['required', 'string', Rule::in([$name])]], [
            'confirm_name.*' => say('people.problems.confirm', ['name' => $name]),
        ]);
    }
}
