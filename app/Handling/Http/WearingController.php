<?php

declare(strict_types=1);

namespace App\Handling\Http;

use App\Access\InSight;
use App\Handling\LogWearing;
use App\Input\MayHandle;
use App\Models\Item;
use App\Models\Person;
use App\Models\User;
use App\Support\Fields;
use Core\Wearing\Movement;
use Core\Wearing\WearingSituation;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** An item worn once, logged after it. The same entry sent twice is one. */
final readonly class WearingController
{
    private const MAX_MINUTES = 240;

    public function store(Request $request, Item $item, LogWearing $wearings, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('train', $item->dog);
        abort_unless($item->kind->isWorn(), 404);
        $told = Fields::of($request->validate([
            'uuid' => ['required', 'uuid'],
            'minutes' => ['required', 'numeric', 'between:0.05,'.self::MAX_MINUTES],
            'person_id' => [
                'required', 'integer', Rule::exists(Person::class, 'id')->where('practice_id', $item->practice_id),
                Rule::in(InSight::people($user)->pluck('id')), new MayHandle($item->dog_id),
            ],
            'situation' => ['required', Rule::enum(WearingSituation::class)],
            'movement' => ['required', Rule::enum(Movement::class)],
            'wearing_note' => ['nullable', 'string', 'max:300'],
        ], [
            'uuid.*' => say('messages.wearing.this_entry_has_no_identifier_reload'),
            'minutes.*' => say('messages.wearing.minutes', ['most' => self::MAX_MINUTES]),
            'person_id.exists' => say('messages.wearing.choose_one_of_the_people_in'),
            'person_id.in' => say('messages.wearing.choose_one_of_the_people_in'),
            'situation.*' => say('messages.wearing.choose_what_went_on'), 'movement.*' => say('messages.wearing.choose_how_it_moved'),
            'wearing_note.max' => say('messages.wearing.keep_the_note_under_300_characters'),
        ]));
        $isNew = $wearings->log(
            $item, $user, $told->text('uuid'), $told->int('person_id'), (int) round(60.0 * $told->number('minutes')),
            WearingSituation::from($told->text('situation')), Movement::from($told->text('movement')), $told->textOrNull('wearing_note'),
        );

        return redirect()->route('items.show', $item)->with(
            'status', $isNew ? say('messages.saved.logged') : say('messages.wearing.that_was_logged_already_it_counts'),
        );
    }
}
