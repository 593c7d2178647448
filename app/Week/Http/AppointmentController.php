<?php

declare(strict_types=1);

namespace App\Week\Http;

use App\Access\InSight;
use App\Models\Appointment;
use App\Models\User;
use App\Support\Fields;
use App\Week\AppointmentWords;
use App\Week\CalendarFile;
use App\Week\KeepAppointments;
use App\Week\PastOfPlans;
use App\Week\SomebodyIsTaken;
use App\Week\WeekDays;
use App\Week\WeekPage;
use Core\Scheduling\DayGrid;
use Core\Scheduling\Rule;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule as Valid;
use Illuminate\Validation\ValidationException;

/** One appointment: looked at, moved by a drag, a key or a form, pinned, cancelled, taken along as a file. */
final readonly class AppointmentController
{
    private const MINUTES = [5, 480];

    public function __construct(private KeepAppointments $appointments)
    {
    }

    public function show(Appointment $appointment, PastOfPlans $past, #[CurrentUser] User $user): View
    {
        Gate::authorize('view', $appointment);

        return view('pages.week.appointment', [
            'appointment' => $appointment, 'isNewPlace' => $past->isNewPlace($appointment),
            'days' => WeekDays::around($appointment->starts_at, $user->practice->zone()),
            'people' => InSight::people($user)->orderBy('name')->limit(200)->get(),
            'places' => InSight::places($user)->orderBy('name')->limit(200)->get(),
        ]);
    }

    /** Something that is no session of a plan, but takes somebody's time. */
    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('create', Appointment::class);
        $given = Fields::of($request->validate([
            'title' => ['required', 'string', 'max:120'], ...self::when(), 'minutes' => self::minutes(), 'person' => self::person($user),
        ], self::problems()));
        $from = new \DateTimeImmutable("{$given->text('on')} {$given->text('at')}", $user->practice->zone());
        try {
            $this->appointments->add($user, [
                'title' => $given->text('title'), 'person_id' => $given->int('person'), 'helper_id' => null, 'place_id' => null,
                ...self::times($from, $given->int('minutes')),
            ]);
        } catch (SomebodyIsTaken $taken) {
            throw ValidationException::withMessages(['at' => self::taken($taken)]);
        }

        return redirect()->route('week', ['of' => $given->text('on')])->with('status', say('week.added'));
    }

    public function update(
        Request $request, Appointment $appointment, WeekPage $page, #[CurrentUser] User $user,
    ): JsonResponse|RedirectResponse {
        Gate::authorize('update', $appointment);
        $person = self::person($user);
        $given = Fields::of($request->validate([
            ...self::when('sometimes'), 'minutes' => ['sometimes', ...self::minutes()], 'person' => ['sometimes', ...$person],
            'helper' => ['nullable', ...array_slice($person, 1), 'different:person'],
            'place' => ['nullable', 'integer', Valid::exists('places', 'id')->where('practice_id', $user->practice_id)],
            'pinned' => ['sometimes', 'boolean'],
        ], self::problems()));
        try {
            $broken = $this->appointments->change($user, $appointment, $this->columns($request, $given, $appointment, $user));
        } catch (SomebodyIsTaken $taken) {
            throw ValidationException::withMessages(['at' => self::taken($taken)]);
        }
        $message = self::told($appointment, $broken);
        $days = WeekDays::around($appointment->starts_at, $user->practice->zone());

        return $request->expectsJson()
            ? new JsonResponse([
                'message' => $message, 'html' => view('pages.week.grid', $page->of($user, $days))->render(),
            ])
            : redirect()->route('week', ['of' => $days->monday->format('Y-m-d')])->with('status', $message);
    }

    public function destroy(Appointment $appointment, #[CurrentUser] User $user): RedirectResponse
    {
        Gate::authorize('update', $appointment);
        $this->appointments->cancel($user, $appointment);

        return redirect()->route('week', ['of' => words()->formats->iso($appointment->starts_at)])->with('status', say('week.cancelled'));
    }

    public function file(Appointment $appointment, #[CurrentUser] User $user): Response
    {
        Gate::authorize('view', $appointment);
        $saysPlan = $user->role->managesPlans();

        $name = say('week.file').'-'.words()->formats->iso($appointment->starts_at).'.ics';

        return new Response(
            CalendarFile::of([$appointment], AppointmentWords::title($appointment, $saysPlan), $user->practice->zone(), $saysPlan), 200, [
                'Content-Type' => 'text/calendar; charset=utf-8',
                'Content-Disposition' => "attachment; filename=\"{$name}\"",
            ],
        );
    }

    /** @return array<string, mixed> */
    private function columns(Request $request, Fields $given, Appointment $appointment, User $user): array
    {
        $days = WeekDays::around($appointment->starts_at, $user->practice->zone());
        $local = $appointment->starts_at->setTimezone($days->monday->getTimezone());
        $from = new \DateTimeImmutable(
            ($given->textOrNull('on') ?? $local->format('Y-m-d')).' '.($given->textOrNull('at') ?? $local->format('H:i')),
            $user->practice->zone(),
        );
        if ($appointment->plan_id !== null && (DayGrid::slotAt($days->minuteOf($from)) === null || (int) $from->format('i') % 15 !== 0)) {
            throw ValidationException::withMessages(['at' => say('week.problems.quarter')]);
        }

        return [
            ...self::times($from, $given->intOrNull('minutes') ?? $appointment->minutes()),
            ...$request->has('pinned') ? ['is_pinned' => $request->boolean('pinned')] : [],
            ...$request->has('person') ? ['person_id' => $given->int('person')] : [],
            ...$request->has('helper') ? ['helper_id' => $given->intOrNull('helper')] : [],
            ...$request->has('place') ? ['place_id' => $given->intOrNull('place')] : [],
        ];
    }

    /** @return array{starts_at: \DateTimeImmutable, ends_at: \DateTimeImmutable} */
    private static function times(\DateTimeImmutable $from, int $minutes): array
    {
        $utc = new \DateTimeZone('UTC');

        return ['starts_at' => $from->setTimezone($utc), 'ends_at' => $from->modify("+{$minutes} minutes")->setTimezone($utc)];
    }

    /** @param  list<Rule>  $broken */
    private static function told(Appointment $appointment, array $broken): string
    {
        $when = words()->formats->weekday($appointment->starts_at).', '.words()->formats->time($appointment->starts_at);

        return $broken === []
            ? say('week.moved', ['when' => $when])
            : say('week.moved_against', [
                'when' => $when,
                'rules' => implode(' ', array_map(static fn (Rule $rule): string => say("week.rules.{$rule->value}"), $broken)),
            ]);
    }

    private static function taken(SomebodyIsTaken $taken): string
    {
        return say('week.problems.taken', [
            'other' => AppointmentWords::title($taken->other, true), 'person' => $taken->other->person->name,
            'from' => words()->formats->time($taken->other->starts_at), 'until' => words()->formats->time($taken->other->ends_at),
        ]);
    }

    /** @return array<string, list<mixed>> */
    private static function when(string $need = 'required'): array
    {
        return [
            'on' => [$need, 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'], 'at' => [$need, 'date_format:H:i'],
        ];
    }

    /** @return list<mixed> */
    private static function minutes(): array
    {
        return ['required', 'integer', 'between:'.implode(',', self::MINUTES)];
    }

    /** @return list<mixed> */
    private static function person(User $user): array
    {
        return ['required', 'integer', Valid::in(InSight::people($user)->limit(1000)->pluck('id')->all())];
    }

    /** @return array<string, string> */
    private static function problems(): array
    {
        return [
            'title.*' => say('week.problems.title'), 'on.*' => say('week.problems.day'), 'at.*' => say('week.problems.time'),
            'minutes.*' => say('week.problems.minutes', ['from' => self::MINUTES[0], 'to' => self::MINUTES[1]]),
            'person.*' => say('week.problems.person'), 'helper.*' => say('week.problems.helper'), 'place.*' => say('week.problems.place'),
        ];
    }
}
