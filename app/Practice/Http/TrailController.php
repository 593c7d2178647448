<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Models\TrailEntry;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\Gate;

/** Who did what when, the newest first: for owners. */
final readonly class TrailController
{
    private const A_PAGE = 60;

    public function __invoke(#[CurrentUser] User $user): View
    {
        Gate::authorize('update', $user->practice);

        return view('pages.practice.trail', [
            'entries' => TrailEntry::query()->where('practice_id', $user->practice_id)->with('user')
                ->orderByDesc('done_at')->orderByDesc('id')->paginate(self::A_PAGE),
        ]);
    }
}
