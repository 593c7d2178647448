<?php

declare(strict_types=1);

namespace App\Handling\Http;

use App\Access\InSight;
use App\Handling\HandlingPage;
use App\Models\Dog;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Where the dog may be touched, how, and by whom. */
final readonly class HandlingController
{
    private const MAX_PEOPLE = 200;

    public function show(Request $request, Dog $dog, HandlingPage $page, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);
        $people = [];
        foreach (InSight::people($user)->orderBy('name')->limit(self::MAX_PEOPLE)->get(['id', 'name']) as $one) {
            $people[$one->id] = $one->name;
        }
        $person = array_key_exists($request->integer('person'), $people) ? $request->integer('person') : null;

        return view('pages.dogs.handling', [
            'dog' => $dog, 'people' => $people, 'person' => $person, 'areas' => $page->of($dog, $person, $people),
            'limits' => $dog->handlerLimits()->with('person')->limit(self::MAX_PEOPLE)->get(),
        ]);
    }
}
