<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\CareCard;
use App\Models\Dog;
use App\Models\DogArea;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A page to print for a vet or groomer, with chosen fields only. Nothing is stored or sent. */
final readonly class CareCardController
{
    private const MAX_CHARACTERS = 300;

    public function show(Request $request, Dog $dog, CareCard $card, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);
        $asked = $request->has('parts') ? Fields::of($request->query())->texts('parts') : null;
        $parts = $asked !== null
            ? array_values(array_intersect(CareCard::PARTS, $asked))
            : ['accepted', 'not_yet', 'areas', 'signals', 'avoid'];
        $typed = static fn (string $field): string => mb_substr($request->string($field)->trim()->value(), 0, self::MAX_CHARACTERS);

        return view('pages.dogs.card', [
            'dog' => $dog, 'parts' => $parts, 'care' => $card->accepted($dog), 'signals' => $card->signals($dog),
            // a part with neither word nor caution says nothing to anybody
            'areas' => $dog->areas()->orderBy(
                'id',
            )->limit(60)->get()->filter(static fn (DogArea $area): bool => $area->word !== null || $area->state->keepsHandsOff()),
            'items' => $dog->items()->limit(60)->get(),
            'words' => $typed('words'), 'kit' => $typed('kit'), 'to' => $typed('to'), 'most' => self::MAX_CHARACTERS,
        ]);
    }
}
