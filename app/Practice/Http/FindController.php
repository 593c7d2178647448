<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Models\User;
use App\Practice\Finder;
use App\Support\SearchWord;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** One word, looked for in dogs, clients, people, places, plans and notes. */
final readonly class FindController
{
    private const SHORTEST = 2;

    public function __invoke(Request $request, Finder $finder, #[CurrentUser] User $user): View
    {
        $word = new SearchWord($request->string('q')->value());
        $found = mb_strlen($word->typed) < self::SHORTEST ? [] : $finder->find($user, $word);

        return view('pages.find', [
            'word' => $word->typed, 'isTooShort' => ! $word->isEmpty() && $found === [], 'most' => Finder::MOST, 'found' => array_filter(
                $found, static fn ($of): bool => $of->isNotEmpty(),
            ),
        ]);
    }
}
