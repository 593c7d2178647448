<?php

declare(strict_types=1);

namespace App\Library\Http;

use App\Library\HelpPage;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

final readonly class HelpController
{
    private const MAX_LETTERS = 100;

    public function __invoke(Request $request, HelpPage $page, #[CurrentUser] User $user): View
    {
        $words = mb_substr($request->string('q')->value(), 0, self::MAX_LETTERS);
        $found = ['entries' => $page->search($words), 'words' => $words];

        return $request->header('HX-Request') === 'true'
            ? view('partials.help-entries', $found)
            : view('pages.help', [...$found, 'lines' => $page->forGuardians(), 'isGuardian' => $user->role === Role::Guardian]);
    }
}
