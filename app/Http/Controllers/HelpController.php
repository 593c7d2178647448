<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Help\HelpBook;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class HelpController
{
    private const MOST_LETTERS = 100;

    public function __invoke(Request $request, HelpBook $book, #[CurrentUser] User $user): View
    {
        $words = mb_substr($request->string('q')->value(), 0, self::MOST_LETTERS);
        $found = ['entries' => $book->search($words), 'words' => $words];

        return $request->header('HX-Request') === 'true' ? view('partials.help-entries', $found) : view('pages.help', [...$found, 'lines' => $book->forGuardians(), 'isGuardian' => $user->role === Role::Guardian]);
    }
}
