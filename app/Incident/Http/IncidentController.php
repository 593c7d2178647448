<?php

declare(strict_types=1);

namespace App\Incident\Http;

use App\Incident\IncidentFacts;
use App\Incident\RecordIncident;
use App\Models\Dog;
use App\Models\Incident;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Psr\Clock\ClockInterface;

/** A bite or an injury, as facts. The dog's plans rest until a named person has reviewed them. */
final readonly class IncidentController
{
    public function create(Dog $dog, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $dog);

        return view('pages.incidents.create', ['dog' => $dog, 'uuid' => (string) Str::uuid7(), 'zone' => $user->practice->time_zone]);
    }

    public function store(
        Request $request, Dog $dog, RecordIncident $writer, ClockInterface $clock, #[CurrentUser] User $user,
    ): RedirectResponse {
        Gate::authorize('view', $dog);
        $facts = [];
        foreach (IncidentFacts::ASKED as $field => $answers) {
            $facts[$field] = ['required', Rule::in($answers)];
        }
        $told = Fields::of($request->validate([
            'uuid' => ['required', 'uuid'], 'occurred_at' => ['bail', 'required', 'string', 'date_format:Y-m-d\TH:i', 'after:2000-01-01'],
            'where' => ['required', 'string', 'max:120'], ...$facts,
            'before' => ['required', 'string', 'max:1000'], 'treatment' => ['nullable', 'string', 'max:500'],
            'told' => ['required', 'array', 'min:1'], 'told.*' => [Rule::in(IncidentFacts::TOLD)],
            'told_note' => ['nullable', 'string', 'max:300'],
        ], [
            'uuid.*' => say('messages.incident.this_entry_has_no_identifier_reload'),
            'occurred_at.*' => say('messages.incident.say_when_it_was_day_and'), 'where.*' => say('messages.incident.say_where_it_was'),
            'before.*' => say('messages.incident.say_what_came_before_in_at'),
            'told.required' => say('messages.incident.say_who_was_told'), 'told.*' => say('messages.incident.choose_from_the_list'),
            ...array_combine(
                array_map(static fn (string $field): string => "{$field}.*", array_keys($facts)),
                array_fill(0, count($facts), say('messages.incident.choose_one_of_the_answers_not')),
            ),
        ]));
        $at = new \DateTimeImmutable($told->text('occurred_at'), $user->practice->zone());
        if ($at > $clock->now()) {
            throw ValidationException::withMessages(['occurred_at' => say('messages.incident.this_time_has_not_come_yet')]);
        }
        [$incident, $isNew] = $writer->write($dog, $user, [
            'uuid' => strtolower($told->text('uuid')), 'occurred_at' => $at->setTimezone(new \DateTimeZone('UTC')),
            'place' => $told->text('where'), 'facts' => array_map($told->text(...), array_combine(array_keys($facts), array_keys($facts))),
            'before' => $told->text('before'), 'treatment' => $told->textOrNull('treatment'), 'told' => $told->texts('told'),
            'told_note' => $told->textOrNull('told_note'),
        ]);

        return redirect()->route('incidents.show', $incident)->with(
            'status',
            $isNew
                ? say('messages.incident.kept_s_plans_rest_until_a', ['dog' => $dog->name])
                : say('messages.incident.that_is_on_record_already'),
        );
    }

    public function show(Incident $incident, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $incident->dog);

        return view('pages.incidents.show', [
            'incident' => $incident, 'words' => IncidentFacts::inWords($incident->facts), 'zone' => $user->practice->time_zone,
        ]);
    }
}
