<?php

declare(strict_types=1);

namespace App\Incident\Http;

use App\Access\InSight;
use App\Incident\CarryOverReader;
use App\Incident\LogEvent;
use App\Models\Dog;
use App\Models\EventKind;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Psr\Clock\ClockInterface;

/** A fright, an upset, an exposure off plan: two taps from anywhere. */
final readonly class EventController
{
    public const SEVERITY = ['1', '2', '3', '4'];

    public const AGO = ['0', '3', '12', '24', '48', '72'];

    public function create(Request $request, #[CurrentUser] User $user): View
    {
        return view('pages.events.create', [
            'dogs' => InSight::dogsInTraining($user)->orderBy('name')->limit(500)->pluck('name', 'id'),
            'chosen' => $request->integer('dog'),
            'uuid' => (string) Str::uuid7(),
        ]);
    }

    public function store(
        Request $request, LogEvent $events, CarryOverReader $upsets, ClockInterface $clock, #[CurrentUser] User $user,
    ): RedirectResponse {
        $told = Fields::of($request->validate([
            'uuid' => ['required', 'uuid'], 'dog_id' => ['required', 'integer'],
            'event_kind' => ['required', Rule::enum(EventKind::class)->only(EventKind::logged())],
            'severity' => ['required_unless:event_kind,calm', 'nullable', Rule::in(self::SEVERITY)],
            'ago' => ['required', Rule::in(self::AGO)], 'event_note' => ['nullable', 'string', 'max:500'],
        ], [
            'uuid.*' => say('messages.event.this_entry_has_no_identifier_reload'), 'dog_id.*' => say('messages.event.choose_the_dog'),
            'event_kind.*' => say('messages.event.choose_what_it_was'), 'severity.*' => say('messages.event.choose_how_bad_it_was'),
            'ago.*' => say('messages.event.choose_when_it_was'),
            'event_note.max' => say('messages.event.keep_the_note_under_500_characters'),
        ]));
        $dog = Dog::query()->findOrFail($told->int('dog_id'));
        Gate::authorize('view', $dog);
        $isNew = $events->log(
            $dog, $user, $told->text('uuid'), EventKind::from($told->text('event_kind')), $told->int('severity'), $told->int('ago'),
            $told->textOrNull('event_note'),
        );
        $carried = CarryOverReader::inWords($upsets->on($dog->id, $clock->now()));

        return redirect()->route('dogs.show', $dog)->with(
            'status',
            ($isNew ? say('messages.event.logged') : say('messages.event.that_was_logged_already_it_counts'))
                .($carried ?? say('messages.event.nothing_is_carried_over_into_today')),
        );
    }
}
