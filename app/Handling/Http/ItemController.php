<?php

declare(strict_types=1);

namespace App\Handling\Http;

use App\Handling\ItemPage;
use App\Handling\KeepItem;
use App\Input\PastDay;
use App\Models\Dog;
use App\Models\Item;
use App\Models\User;
use App\Support\Fields;
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
    public function __construct(private KeepItem $items)
    {
    }

    public function store(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $told = Fields::of($request->validate([
            'item_name' => ['required', 'string', 'max:60', Rule::unique(Item::class, 'name')->where('dog_id', $dog->id)],
            'item_kind' => ['required', Rule::enum(ItemKind::class)],
        ],
            [
                'item_name.required' => say('messages.item.give_the_item_a_name'),
                'item_name.max' => say('messages.item.keep_the_name_under_60_characters'),
                'item_name.unique' => say('messages.item.this_dog_has_an_item_of'), 'item_kind.*' => say('messages.item.choose_what_it_is'),
            ]));
        $item = $this->items->add($dog, $user, ItemKind::from($told->text('item_kind')), $told->text('item_name'));

        return redirect()
            ->route('items.show', $item)->with('status', say('messages.item.is_in_next_a_ladder_for', ['item' => $item->name]));
    }

    public function show(Item $item, ItemPage $page, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $item->dog);

        return view('pages.items.show', ['item' => $item, 'zone' => $user->practice->time_zone, ...$page->of($item, $user)]);
    }

    /** A look at the fit. */
    public function update(Request $request, Item $item): RedirectResponse
    {
        Gate::authorize('train', $item->dog);
        $told = Fields::of($request->validate([
            'fit_checked_on' => PastDay::rules('required', '2000-01-01'),
            'fit_note' => ['nullable', 'string', 'max:300'],
        ],
            [
                'fit_checked_on.*' => say('messages.item.give_the_day_as_year_month'),
                'fit_note.max' => say('messages.item.keep_the_note_under_300_characters'),
            ]));
        $this->items->checkFit($item, $told->text('fit_checked_on'), $told->textOrNull('fit_note'));

        return redirect()->route('items.show', $item)->with('status', say('messages.item.the_look_at_the_fit_is'));
    }
}
