<?php

declare(strict_types=1);

namespace App\Home\Http;

use App\Access\InSight;
use App\Home\AnswerHome;
use App\Home\HomeLinks;
use App\Models\Dog;
use App\Models\HomeLink;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** Links to a home page, and words to a home. */
final readonly class HomeLinkController
{
    public function __construct(private HomeLinks $links)
    {
    }

    public function store(Request $request, Dog $dog, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $given = Fields::of($request->validate([
            'person_id' => ['required', 'integer', Rule::exists('people', 'id')->where(
                'practice_id', $user->practice_id,
            )->whereNull('archived_at')],
            'link_days' => ['required', 'integer', Rule::in(HomeLinks::DAYS)], 'language' => ['required', Rule::in(HomeLinks::LANGUAGES)],
        ], [
            'person_id.*' => say('homework.problems.person_id'), 'link_days.*' => say('homework.problems.days'),
            'language.*' => say('homework.problems.language'),
        ]));
        $person = InSight::people($user)->findOrFail($given->int('person_id'));
        $token = $this->links->make($user, $dog, $person, $given->int('link_days'), $given->text('language'));

        return redirect()->to(route('homework.index', $dog).'#links')->with('home-link', route('home-page', $token))
            ->with('status', say('homework.links.made', ['name' => $person->name]));
    }

    public function destroy(HomeLink $link): RedirectResponse
    {
        Gate::authorize('plan', $link->dog);
        $this->links->close($link);

        return redirect()->to(route('homework.index', $link->dog).'#links')->with('status', say('homework.links.closed', [
            'name' => $link->person->name,
        ]));
    }

    public function say(Request $request, Dog $dog, AnswerHome $answers, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('plan', $dog);
        $given = Fields::of($request->validate(
            ['message' => ['required', 'string', 'max:1000']], ['message.*' => say('homework.problems.message')],
        ));
        $answers->say($user, $dog, $given->text('message'));

        return redirect()->to(route('homework.index', $dog).'#messages');
    }
}
