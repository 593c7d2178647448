<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Handling\HandlingBoard;
use App\Models\Dog;
use App\Models\InSight;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;

/** Where the dog may be touched, how, and by whom. */
final readonly class HandlingController
{
    private const MOST_PEOPLE = 200;

    public function show(Request $request, Dog $dog, HandlingBoard $board, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);
        $people = InSight::people($user)->orderBy('name')->limit(self::MOST_PEOPLE)->pluck('name', 'id')->all();
        $person = array_key_exists($request->integer('person'), $people) ? $request->integer('person') : null;

        return view('pages.dogs.handling', [
            'dog' => $dog, 'people' => $people, 'person' => $person, 'areas' => $board->of($dog, $person, $people),
            'limits' => $dog->handlerLimits()->with('person')->limit(self::MOST_PEOPLE)->get(),
        ]);
    }
}
