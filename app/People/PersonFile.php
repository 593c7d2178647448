<?php

declare(strict_types=1);

namespace App\People;

use App\Models\Appointment;
use App\Models\CalendarFeed;
use App\Models\Device;
use App\Models\FilmRecord;
use App\Models\FreeSession;
use App\Models\HomeRep;
use App\Models\Message;
use App\Models\Person;
use App\Models\Session;
use App\Models\TimingRound;
use App\Models\TrailEntry;
use App\Models\Trial;
use App\Models\WeeklyHours;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** What is kept about one person, as a file for them: what they asked for, by law or otherwise. */
final readonly class PersonFile
{
    private const MOST = 10000;

    /** @return array<string, mixed> */
    public function of(Person $person): array
    {
        $user = $person->user;
        $time = static fn (?\DateTimeInterface $at): ?string => $at?->format(DATE_ATOM);

        return [
            'person' => [
                'name' => $person->name, 'phone' => $person->phone, 'note' => $person->note, 'household' => $person->client?->name,
                'added' => $time($person->created_at), 'archived' => $time($person->archived_at),
            ],
            'sign_in' => $user === null ? null : [
                'name' => $user->name, 'email' => $user->email, 'role' => $user->role->value, 'off_since' => $time($user->disabled_at),
                'second_step_since' => $time($user->totp_since),
                'devices' => Device::query()->where('user_id', $user->id)->orderBy('id')->limit(self::MOST)->get()->map(
                    static fn (Device $device): array => [
                        'name' => $device->name, 'address' => $device->address, 'signed_in' => $time($device->signed_in_at),
                        'last_used' => $time($device->seen_at), 'ended' => $time($device->ended_at),
                    ],
                )->all(),
            ],
            'sessions_handled' => Session::query()->where('person_id', $person->id)->orderBy('started_at')->limit(self::MOST)
                ->get(['id', 'started_at'])
                ->map(static fn (Session $session): array => ['number' => $session->id, 'started' => $time($session->started_at)])->all(),
            'sessions_without_plan_handled' => FreeSession::query()->where('person_id', $person->id)->orderBy('started_at')
                ->limit(self::MOST)->get(['id', 'started_at'])
                ->map(static fn (FreeSession $session): array => ['number' => $session->id, 'started' => $time($session->started_at)])
                ->all(),
            'hours' => WeeklyHours::query()->where('person_id', $person->id)->orderBy('weekday')->orderBy('from_minute')->limit(self::MOST)
                ->get(['weekday', 'from_minute', 'until_minute'])->map(static fn (WeeklyHours $hours): array => $hours->toArray())->all(),
            'appointments' => Appointment::query()->where(static fn (Builder $either) => $either->where('person_id', $person->id)
                ->orWhere('helper_id', $person->id))->orderBy('starts_at')->limit(self::MOST)->get()
                ->map(static fn (Appointment $one): array => ['from' => $time($one->starts_at), 'until' => $time($one->ends_at)])->all(),
            'calendars' => CalendarFeed::query()->where('person_id', $person->id)->limit(self::MOST)->get(['name', 'address'])
                ->map(static fn (CalendarFeed $feed): array => $feed->toArray())->all(),
            'trials_logged' => $user === null ? 0 : Trial::query()->where('user_id', $user->id)->count(),
            'timing_rounds' => $user === null ? [] : TimingRound::query()->where('user_id', $user->id)->orderBy('id')->limit(self::MOST)
                ->get(['drill', 'mark_by', 'share', 'offset_ms', 'started_at'])->map(static fn (TimingRound $round): array => [
                    'drill' => $round->drill->value, 'marked_by' => $round->mark_by, 'share_on_it' => $round->share,
                    'median_ms' => $round->offset_ms, 'started' => $time($round->started_at),
                ])->all(),
            'films_graded' => $user === null ? [] : FilmRecord::query()->where('user_id', $user->id)->orderBy('id')->limit(self::MOST)
                ->get(['film_id', 'kind', 'changed_at'])->map(static fn (FilmRecord $record): array => [
                    'film' => $record->film_id, 'how' => $record->kind->value, 'changed' => $time($record->changed_at),
                ])->all(),
            'reps_at_home' => HomeRep::query()->where(static fn (Builder $either) => self::by($either, $person))->count(),
            'messages' => Message::query()->where(static fn (Builder $either) => self::by($either, $person))->orderBy('sent_at')
                ->limit(self::MOST)->get()
                ->map(static fn (Message $message): array => ['sent' => $time($message->sent_at), 'text' => $message->body])->all(),
            'trail' => $user === null ? [] : TrailEntry::query()->where('user_id', $user->id)->orderBy('done_at')->limit(self::MOST)->get()
                ->map(static fn (TrailEntry $entry): array => [
                    'action' => $entry->action->value, 'about' => $entry->subject, 'done' => $time($entry->done_at),
                ])->all(),
            'at_most_of_each' => self::MOST,
        ];
    }

    /**
     * By a link that was given to this person, or signed in.
     *
     * @template T of Model
     *
     * @param  Builder<T>  $either
     */
    private static function by(Builder $either, Person $person): void
    {
        $either->where('person_id', $person->id);
        if ($person->user_id !== null) {
            $either->orWhere('user_id', $person->user_id);
        }
    }
}
