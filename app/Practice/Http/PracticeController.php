<?php

declare(strict_types=1);

namespace App\Practice\Http;

use App\Models\User;
use App\Practice\ChangePractice;
use App\Practice\OwnPriors;
use App\Support\Fields;
use App\Support\MinuteOfDay;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Name, town, time zone and phone of the practice: for its owners. */
final readonly class PracticeController
{
    public function edit(OwnPriors $priors, #[CurrentUser] User $user): View
    {
        Gate::authorize('update', $user->practice);

        return view('pages.practice.edit', [
            'practice' => $user->practice, 'zones' => \DateTimeZone::listIdentifiers(), 'known' => $priors->told($user->practice),
            'dogs' => max([0, ...$priors->dogs($user->practice)]),
        ]);
    }

    public function update(Request $request, ChangePractice $practices, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $user->practice);
        $given = Fields::of($request->validate([
            'name' => ['required', 'string', 'max:120'], 'town' => ['nullable', 'string', 'max:120'],
            'time_zone' => ['required', 'string', Rule::in(\DateTimeZone::listIdentifiers())],
            'phone' => ['nullable', 'string', 'max:40'],
            'quiet_from' => ['required', 'string', 'date_format:H:i'], 'quiet_until' => ['required', 'string', 'date_format:H:i'],
        ], [
            'name.*' => say('account.problems.practice'), 'town.*' => say('practice.problems.town'),
            'time_zone.*' => say('account.problems.zone'), 'phone.*' => say('people.problems.phone'),
            'quiet_from.*' => say('practice.problems.quiet'), 'quiet_until.*' => say('practice.problems.quiet'),
        ]));
        $practices->change(
            $user, $given->text('name'), $given->text('town'), $given->text('time_zone'), $given->text('phone'),
            MinuteOfDay::of($given->text('quiet_from')), MinuteOfDay::of($given->text('quiet_until')),
        );

        return redirect()->route('practice')->with('status', say('account.saved'));
    }
}
