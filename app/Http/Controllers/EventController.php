<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Dog;
use App\Models\Event;
use App\Models\InSight;
use App\Models\User;
use App\Upsets\Upsets;
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
    public const KINDS = ['upset' => 'a fright or an upset', 'off_plan' => 'an exposure off plan', 'calm' => 'met it off plan and stayed calm'];

    public const SEVERITY = ['1' => '1: small, over in a minute', '2' => '2: a bad scare', '3' => '3: a reaction', '4' => '4: a fight, or held in it'];

    public const AGO = ['0' => 'just now', '3' => 'a few hours ago', '12' => 'this morning or last night', '24' => 'yesterday', '48' => 'two days ago', '72' => 'three days ago'];

    public function create(Request $request, #[CurrentUser] User $user): View
    {
        return view('pages.events.create', ['dogs' => InSight::dogs($user)->orderBy('name')->limit(500)->pluck('name', 'id'), 'chosen' => $request->integer('dog'), 'uuid' => (string) Str::uuid7()]);
    }

    public function store(Request $request, Upsets $upsets, ClockInterface $clock, #[CurrentUser] User $user): RedirectResponse
    {
        $told = $request->validate([
            'uuid' => ['required', 'uuid'], 'dog_id' => ['required', 'integer'], 'event_kind' => ['required', Rule::in(array_keys(self::KINDS))],
            'severity' => ['required_unless:event_kind,calm', 'nullable', Rule::in(array_map(strval(...), array_keys(self::SEVERITY)))], 'ago' => ['required', Rule::in(array_map(strval(...), array_keys(self::AGO)))], 'event_note' => ['nullable', 'string', 'max:500'],
        ], [
            'uuid.*' => 'This entry has no identifier. Reload the page and log it again.', 'dog_id.*' => 'Choose the dog.', 'event_kind.*' => 'Choose what it was.', 'severity.*' => 'Choose how bad it was.', 'ago.*' => 'Choose when it was.', 'event_note.max' => 'Keep the note under 500 characters.',
        ]);
        $dog = Dog::query()->findOrFail((int) $told['dog_id']);
        Gate::authorize('view', $dog);
        $event = Event::query()->firstOrCreate(['practice_id' => $dog->practice_id, 'uuid' => strtolower((string) $told['uuid'])], [
            'dog_id' => $dog->id, 'user_id' => $user->id, 'kind' => $told['event_kind'], 'severity' => $told['event_kind'] === 'calm' ? 0 : (int) $told['severity'],
            'occurred_at' => $clock->now()->modify("-{$told['ago']} hours"), 'note' => $told['event_note'] ?? null,
        ]);
        $carried = Upsets::inWords($upsets->on($dog->id, $clock->now()));

        return redirect()->route('dogs.show', $dog)->with('said', ($event->wasRecentlyCreated ? 'Logged. ' : 'That was logged already; it counts once. ').($carried ?? 'Nothing is carried over into today.'));
    }
}
