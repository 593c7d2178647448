<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\SaveOrder;
use App\Engine\CoreCatalogs;
use App\Engine\DogCatalogs;
use App\Models\Dog;
use App\Support\Fields;
use Core\Exception\InvalidExposure;
use Core\Exposure\DimensionKind;
use Core\Exposure\DimensionValue;
use Core\Exposure\PlanKind;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** A dog's own order of what is easy and what is hard. */
final readonly class OrderController
{
    public function __construct(private CoreCatalogs $catalogs, private DogCatalogs $dogs, private SaveOrder $orders)
    {
    }

    public function edit(Dog $dog, PlanKind $kind, string $dimension): View
    {
        Gate::authorize('plan', $dog);
        $own = $this->dogs->ofDog($dog->id, $kind);
        abort_unless($own->has($dimension) && $own->dimension($dimension)->kind === DimensionKind::Ordered, 404);

        return view('pages.dogs.order', [
            'dog' => $dog, 'kind' => $kind, 'dimension' => $own->dimension($dimension), 'catalog' => $own,
            'usualCatalog' => $this->catalogs->dimensions($kind),
        ]);
    }

    /** A place for each value, 1 the easiest: works with a keyboard, a thumb and without scripts. */
    public function update(Request $request, Dog $dog, PlanKind $kind, string $dimension): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $usual = $this->catalogs->dimensions($kind);
        abort_unless($usual->has($dimension) && $usual->dimension($dimension)->kind === DimensionKind::Ordered, 404);
        if ($request->boolean('usual')) {
            $this->orders->backToUsual($dog, $kind, $dimension);

            return redirect()->route('dogs.show', $dog)->with('status', say('messages.order.back_to_the_usual_order'));
        }
        $keys = array_map(static fn (DimensionValue $value): string => $value->key, $usual->dimension($dimension)->values);
        $places = Fields::of($request->validate(
            ['place' => ['required', 'array:'.implode(',', $keys)], 'place.*' => ['required', 'integer', 'between:1,'.count($keys)]],
            ['place.*' => say('messages.order.places', ['count' => count($keys)])],
        ))->list('place');
        asort($places);
        try {
            $order = array_map(strval(...), array_keys($places));
            $usual->dimension($dimension)->ordered($order);
        } catch (InvalidExposure $problem) {
            throw ValidationException::withMessages(['place' => words()->error($problem, $usual)]);
        }
        if (count(array_unique($places, SORT_REGULAR)) !== count($keys)) {
            throw ValidationException::withMessages(['place' => say('messages.order.two_values_have_the_same_place')]);
        }
        $this->orders->keep($dog, $kind, $dimension, $order);

        return redirect()->route('dogs.show', $dog)->with('status', say(
            'messages.order.s_own_order_of_is_used', ['dog' => $dog->name, 'dimension' => words()->dimension($usual, $dimension)],
        ));
    }
}
