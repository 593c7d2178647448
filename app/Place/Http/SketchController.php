<?php

declare(strict_types=1);

namespace App\Place\Http;

use App\Models\Place;
use App\Models\Sketch;
use App\Models\User;
use App\Place\SaveSketch;
use App\Place\SketchPage;
use Core\Field\Layout;
use Core\Field\SetUp;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** A place seen from above: things are dragged or typed, the numbers follow from here. */
final readonly class SketchController
{
    public function __construct(private SketchPage $page)
    {
    }

    public function edit(Request $request, Place $place, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $place);
        $sketch = Sketch::query()->where('place_id', $place->id)->first();
        $plans = $this->page->plans($place, $user);
        $plan = $plans->firstWhere('id', $request->integer('plan')) ?? $plans->first();
        $limit = $this->page->limit($plan);
        $stored = $sketch->layout ?? [];
        $layout = $stored === []
            ? Layout::usual(max(15.0, 1.2 * ($limit?->point->meters ?? 25.0)))
            : Layout::of(array_map(floatval(...), array_intersect_key($stored, array_flip(SketchRequest::LENGTHS))));
        $how = ['trigger_length' => 2.5, 'trigger_speed' => 1.4, 'handler_speed' => 1.4, 'hold' => 15.0];
        foreach (array_keys($how) as $field) {
            $how[$field] = (float) ($stored[$field] ?? $how[$field]);
        }

        return view('pages.places.sketch', [
            'place' => $place, 'sketch' => $sketch, 'plans' => $plans, 'plan' => $plan, 'limit' => $limit, 'layout' => $layout,
            'how' => $how, 'unit' => $user->units()->distance,
            'setUp' => SetUp::of(
                $layout, $how['trigger_speed'], $how['trigger_length'], $how['handler_speed'], $how['hold'], $limit?->point?->meters,
            ),
            'hold' => $how['hold'],
            'counted' => $this->page->counted($place, $user->practice->zone()),
        ]);
    }

    /** The numbers of a sketch that is being drawn: nothing is stored. */
    public function show(SketchRequest $request, #[CurrentUser] User $user, Place $place): View
    {
        $layout = $request->layout($user->units()->distance);
        $limit = $request->filled('limit') ? $request->number('limit') : null;

        return view('partials.sketch-numbers', [
            'setUp' => $request->setUp($layout, $limit), 'layout' => $layout, 'unit' => $user->units()->distance,
            'hold' => $request->number('hold'),
        ]);
    }

    public function update(SketchRequest $request, Place $place, SaveSketch $sketches, #[CurrentUser] User $user): RedirectResponse
    {
        $sketches->keep($place, $user, $request->stored($user->units()->distance), $request->passes(), $request->note());

        return redirect()->route('sketches.edit', [$place, 'plan' => $request->integer('plan')])->with(
            'status', say('messages.sketch.the_sketch_is_kept_with_the'),
        );
    }
}
