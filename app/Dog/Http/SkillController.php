<?php

declare(strict_types=1);

namespace App\Dog\Http;

use App\Dog\RecordSkill;
use App\Engine\CoreCatalogs;
use App\Input\PastDay;
use App\Models\Dog;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;

/** A foundation as it was shown: when, where, how far. */
final readonly class SkillController
{
    public const STATES = ['ready', 'learning', 'lost'];

    public function store(
        Request $request, Dog $dog, CoreCatalogs $catalogs, RecordSkill $skills, #[CurrentUser] User $user,
    ): RedirectResponse {
        Gate::authorize('train', $dog);
        $shown = Fields::of($request->validate([
            'skill' => ['required', Rule::in(array_keys($catalogs->methods()->skills))],
            'state' => ['required', Rule::in(self::STATES)],
            'shown_in' => ['required', 'string', 'max:120'],
            'shown_on' => PastDay::rules('required', '2000-01-01'),
            'skill_note' => ['nullable', 'string', 'max:300'],
        ], [
            'skill.*' => say('messages.skill.choose_one_of_the_foundations'),
            'state.*' => say('messages.skill.choose_ready_learning_or_lost_again'),
            'shown_in.required' => say('messages.skill.say_where_it_was_shown_a'),
            'shown_on.*' => say('messages.skill.give_the_day_as_year_month'),
        ]));
        $showing = $skills->record(
            $dog, $user, $shown->text('skill'), $shown->text('state'), $shown->text('shown_in'), $shown->text('shown_on'),
            $shown->textOrNull('skill_note'),
        );

        return redirect()->to(route('dogs.show', $dog).'#foundations')->with(
            'status', say('messages.saved.kept', ['what' => say("methods.skills.{$showing->skill}.label")]),
        );
    }
}
