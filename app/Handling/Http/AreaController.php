<?php

declare(strict_types=1);

namespace App\Handling\Http;

use App\Engine\CoreCatalogs;
use App\Handling\SaveArea;
use App\Models\Dog;
use App\Models\User;
use App\Support\Fields;
use Core\Exposure\DimensionKey;
use Core\Exposure\PlanKind;
use Core\Handling\AreaState;
use Core\Handling\BodyAreas;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What is known of one part of a dog: its word, and whether hands keep off. */
final readonly class AreaController
{
    public function update(
        Request $request, Dog $dog, string $area, string $side, CoreCatalogs $catalogs, SaveArea $areas, #[CurrentUser] User $user,
    ): RedirectResponse {
        Gate::authorize('plan', $dog);
        $known = words()->choices($catalogs->dimensions(PlanKind::Contact), DimensionKey::BodyArea->value);
        abort_unless(isset($known[$area]) && in_array($side, BodyAreas::sides($area), true), 404);
        $told = Fields::of($request->validate([
            'state' => ['required', Rule::enum(AreaState::class)], 'word' => ['nullable', 'string', 'max:40'],
            'note' => ['nullable', 'string', 'max:300'],
        ],
            [
                'state.*' => say('messages.area.choose_how_it_is_nothing_special'),
                'word.max' => say('messages.area.keep_the_word_under_40_characters'),
                'note.max' => say('messages.area.keep_the_note_under_300_characters'),
            ]));
        $areas->keep(
            $dog, $user, $area, $side, AreaState::from($told->text('state')), $told->textOrNull('word'), $told->textOrNull('note'),
        );

        return redirect()->to(route('handling.show', $dog)."#area-{$area}-{$side}")->with(
            'status', say('messages.saved.kept', ['what' => $known[$area]]),
        );
    }
}
