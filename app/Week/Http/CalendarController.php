<?php

declare(strict_types=1);

namespace App\Week\Http;

use App\Models\CalendarFeed;
use App\Models\CalendarLink;
use App\Models\Person;
use App\Models\User;
use App\Support\Fields;
use App\Week\BadCalendar;
use App\Week\CalendarFile;
use App\Week\KeepCalendars;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Words\Reader;

/** One person's calendar: out by a secret address, busy times in by a file or an address. */
final readonly class CalendarController
{
    private const MOST_KILOBYTES = 1000;

    public function __construct(private KeepCalendars $calendars)
    {
    }

    public function show(Person $person): View
    {
        Gate::authorize('calendar', $person);

        return view('pages.week.calendar', [
            'person' => $person,
            'link' => CalendarLink::query()->where('person_id', $person->id)->whereNull('closed_at')->latest('id')->first(),
            'feeds' => CalendarFeed::query()->where('person_id', $person->id)->withCount('busyTimes')->orderBy('name')->limit(50)->get(),
        ]);
    }

    public function subscribe(Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('calendar', $person);
        $token = $this->calendars->subscribe($user, $person);

        return redirect()->route('person-calendar', $person)->with('calendar-link', route('calendar', $token));
    }

    public function close(Person $person): RedirectResponse
    {
        Gate::authorize('calendar', $person);
        $this->calendars->close($person);

        return redirect()->route('person-calendar', $person)->with('status', say('week.calendar.closed'));
    }

    /** Letters the evening before, or none. */
    public function remind(Request $request, Person $person): RedirectResponse
    {
        Gate::authorize('calendar', $person);
        $this->calendars->remind($person, $request->boolean('is_reminded'));

        return redirect()->route('person-calendar', $person)->with('status', say('account.saved'));
    }

    /** What a calendar program asks for; whoever has the address sees one person's appointments. */
    public function feed(string $token): Response
    {
        $link = $this->calendars->find($token);
        if ($link === null) {
            return new Response(say('week.calendar.gone'), 410, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        $user = $link->person->user;
        app()->instance(Reader::class, $user?->reader() ?? $link->person->practice->reader());

        return new Response(CalendarFile::of(
            $this->calendars->appointmentsOf($link->person), say('week.calendar.name', ['person' => $link->person->name]),
            $link->person->practice->zone(), $user?->role->managesPlans() === true,
        ), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, max-age=300']);
    }

    public function take(Request $request, Person $person, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('calendar', $person);
        $given = Fields::of($request->validate([
            'name' => ['required', 'string', 'max:80'], 'address' => ['nullable', 'required_without:file', 'string', 'max:300', 'url'],
            'file' => ['nullable', 'file', 'max:'.self::MOST_KILOBYTES],
        ], [
            'name.*' => say('week.calendar.problems.name'), 'address.*' => say('week.calendar.problems.address'),
            'file.*' => say('week.calendar.problems.too_big'),
        ]));
        $file = $request->file('file');
        try {
            $feed = $file instanceof UploadedFile
                ? $this->calendars->takeFile($user, $person, $given->text('name'), (string) $file->get())
                : $this->calendars->follow($user, $person, $given->text('name'), $given->text('address'));
        } catch (BadCalendar $bad) {
            throw ValidationException::withMessages([
                $file instanceof UploadedFile ? 'file' : 'address' => say("week.calendar.problems.{$bad->problem}"),
            ]);
        }

        return redirect()->route('person-calendar', $person)
            ->with('status', say('week.calendar.read', ['count' => $feed->busyTimes()->count()]));
    }

    public function readAgain(CalendarFeed $feed): RedirectResponse
    {
        Gate::authorize('calendar', $feed->person);
        if ($feed->address !== '') {
            $this->calendars->readAgain($feed);
        }

        return redirect()->route('person-calendar', $feed->person);
    }

    public function drop(CalendarFeed $feed, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('calendar', $feed->person);
        $this->calendars->drop($user, $feed);

        return redirect()->route('person-calendar', $feed->person)->with('status', say('week.calendar.dropped'));
    }
}
