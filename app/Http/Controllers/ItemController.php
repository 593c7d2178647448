<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Items\ItemBoard;
use App\Models\Dog;
use App\Models\Item;
use App\Models\User;
use Core\Wearing\ItemKind;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** What a dog wears or is cared for with: its ladders, its wearing log, what is missing before it is used for real. */
final readonly class ItemController
{
    public function store(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $told = $request->validate([
            'item_name' => ['required', 'string', 'max:60', Rule::unique(Item::class, 'name')->where('dog_id', $dog->id)], 'item_kind' => ['required', Rule::enum(ItemKind::class)],
        ], ['item_name.required' => 'Give the item a name.', 'item_name.max' => 'Keep the name under 60 characters.', 'item_name.unique' => 'This dog has an item of that name.', 'item_kind.*' => 'Choose what it is.']);
        $item = Item::query()->create(['practice_id' => $dog->practice_id, 'dog_id' => $dog->id, 'user_id' => $user->id, 'kind' => $told['item_kind'], 'name' => $told['item_name']]);

        return redirect()->route('items.show', $item)->with('said', "{$item->name} is in. Next: a ladder for putting it on.");
    }

    public function show(Item $item, ItemBoard $board, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $item->dog);

        return view('pages.items.show', ['item' => $item, 'zone' => $user->practice->time_zone, ...$board->of($item, $user)]);
    }

    /** A look at the fit. */
    public function update(Request $request, Item $item): RedirectResponse
    {
        Gate::authorize('train', $item->dog);
        $told = $request->validate([
            'fit_checked_on' => ['required', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:today'], 'fit_note' => ['nullable', 'string', 'max:300'],
        ], ['fit_checked_on.*' => 'Give the day as year-month-day, not in the future.', 'fit_note.max' => 'Keep the note under 300 characters.']);
        $item->update(['fit_checked_on' => $told['fit_checked_on'], 'fit_note' => $told['fit_note'] ?? null]);

        return redirect()->route('items.show', $item)->with('said', 'The look at the fit is kept.');
    }
}
