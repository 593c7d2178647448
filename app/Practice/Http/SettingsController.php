<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Models\Role;
use App\Models\User;
use App\Practice\ChangeSettings;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Words\Lexicon;

/** Language, units and clock: each user's own, and what the practice has where a user left it open. */
final readonly class SettingsController
{
    public function edit(Lexicon $lexicon, #[CurrentUser] User $user): View
    {
        return view('pages.settings', [
            'user' => $user, 'practice' => $user->practice, 'isOwner' => $user->role === Role::Owner,
            'languages' => labels('settings.languages', $lexicon->languages()),
        ]);
    }

    public function update(ReaderRequest $request, ChangeSettings $settings, #[CurrentUser] User $user): RedirectResponse
    {
        $settings->change($user, $request->columns());

        return redirect()->route('settings')->with('status', say('settings.saved'));
    }

    public function practice(ReaderRequest $request, ChangeSettings $settings, #[CurrentUser] User $user): RedirectResponse
    {
        $settings->change($user->practice, $request->columns());

        return redirect()->route('settings')->with('status', say('settings.saved_practice'));
    }
}
