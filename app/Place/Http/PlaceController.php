<?php

declare(strict_types=1);

namespace App\Place\Http;

use App\Access\InSight;
use App\Models\Place;
use App\Models\User;
use App\Photo\KeepPhoto;
use App\Place\KeepPlace;
use App\Support\SearchWord;
use App\Trail\Archive;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Where is trained: room, kind, way there, quiet hours. */
final readonly class PlaceController
{
    private const A_PAGE = 40;

    public function __construct(private KeepPlace $places)
    {
    }

    public function index(Request $request, #[CurrentUser] User $user): View
    {
        $search = new SearchWord($request->string('q')->value());
        $isArchived = $request->boolean('archived');

        return view('pages.places.index', [
            'places' => $search->in(InSight::allPlaces($user), ['name'])
                ->when($isArchived, static fn ($places) => $places->whereNotNull('archived_at'))
                ->when(! $isArchived, static fn ($places) => $places->whereNull('archived_at'))
                ->orderBy('name')->orderBy('id')->paginate(self::A_PAGE)->withQueryString(),
            'search' => $search->typed, 'isArchived' => $isArchived,
        ]);
    }

    public function create(): View
    {
        Gate::authorize('create', Place::class);

        return view('pages.places.create');
    }

    public function store(PlaceRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $place = $this->places->add($user, $request->columns());

        return redirect()->route('places.show', $place)->with('status', say('people.added', ['name' => $place->name]));
    }

    public function show(Place $place): View
    {
        Gate::authorize('view', $place);

        return view('pages.places.show', ['place' => $place, 'photo' => KeepPhoto::of($place)]);
    }

    public function update(PlaceRequest $request, Place $place, #[CurrentUser] User $user): RedirectResponse
    {
        $this->places->change($user, $place, $request->columns());

        return redirect()->route('places.show', $place)->with('status', say('account.saved'));
    }

    public function archive(Place $place, Archive $archive, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $place);
        $archive->archive($user, $place);

        return redirect()->route('places.show', $place)->with('status', say('people.archived', ['name' => $place->name]));
    }

    public function restore(Place $place, Archive $archive, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $place);
        $archive->restore($user, $place);

        return redirect()->route('places.show', $place)->with('status', say('people.restored', ['name' => $place->name]));
    }
}
