<?php

declare(strict_types=1);

namespace App\Week;

use App\Models\Appointment;
use App\Models\BusyTime;
use App\Models\CalendarFeed;
use App\Models\CalendarLink;
use App\Models\Person;
use App\Models\TrailAction;
use App\Models\User;
use App\Support\Secret;
use App\Trail\Trail;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Psr\Clock\ClockInterface;

/** Calendars that are subscribed to by a secret address, and busy times that come in from a file or an address. */
final readonly class KeepCalendars
{
    private const BEFORE = '-30 days';

    private const MOST = 2000;

    public function __construct(
        private Connection $database, private ClockInterface $clock, private Trail $trail, private FetchCalendar $fetch,
    ) {
    }

    /** @return string what the address ends in; an older one of this person no longer opens anything */
    public function subscribe(User $by, Person $person): string
    {
        $token = Secret::make();
        $this->close($person);
        $link = CalendarLink::query()->create([
            'practice_id' => $person->practice_id, 'person_id' => $person->id, 'token' => Secret::hash($token),
        ]);
        $this->trail->note($by, TrailAction::Added, $link, ['name' => $person->name]);

        return $token;
    }

    public function close(Person $person): void
    {
        CalendarLink::query()->where('person_id', $person->id)->whereNull('closed_at')->update(['closed_at' => $this->clock->now()]);
    }

    public function remind(Person $person, bool $isReminded): void
    {
        $person->update(['is_reminded' => $isReminded]);
    }

    public function find(string $token): ?CalendarLink
    {
        $link = CalendarLink::query()->with('person.user')->where('token', Secret::hash($token))->whereNull('closed_at')->first();
        $link?->update(['opened_at' => $this->clock->now()]);

        return $link?->person->archived_at === null ? $link : null;
    }

    /** @return Collection<int, Appointment> of one person, cancelled ones with them, from a month ago on */
    public function appointmentsOf(Person $person): Collection
    {
        return Appointment::query()->with(['plan.responseModel.dog', 'place'])
            ->where(static fn (Builder $either) => $either->where('person_id', $person->id)->orWhere('helper_id', $person->id))
            ->where('ends_at', '>', $this->clock->now()->modify(self::BEFORE))->orderBy('starts_at')->orderBy('id')
            ->limit(self::MOST)->get();
    }

    /** @throws BadCalendar and nothing is kept */
    public function takeFile(User $by, Person $person, string $name, string $text): CalendarFeed
    {
        return $this->take($by, $person, $text, ['name' => $name, 'address' => ''], []);
    }

    /** @throws BadCalendar and nothing is kept */
    public function follow(User $by, Person $person, string $name, string $address): CalendarFeed
    {
        return $this->take($by, $person, $this->fetch->get($address), ['address' => $address], ['name' => $name]);
    }

    /** What was read before stays where the new one cannot be read. */
    public function readAgain(CalendarFeed $feed): void
    {
        try {
            $times = BusyTimesReader::read($this->fetch->get($feed->address), $feed->practice->zone(), $this->clock->now());
        } catch (BadCalendar $bad) {
            $feed->update(['problem' => $bad->problem]);

            return;
        }
        $this->database->transaction(function () use ($feed, $times): void {
            $this->replace($feed, $times);
            $feed->update(['read_at' => $this->clock->now(), 'problem' => '']);
        });
    }

    public function drop(User $by, CalendarFeed $feed): void
    {
        $this->trail->note($by, TrailAction::Archived, $feed, ['name' => $feed->person->name]);
        $feed->delete();
    }

    /**
     * @param  array<string, string>  $identity  by which the same one is known again
     * @param  array<string, string>  $columns
     */
    private function take(User $by, Person $person, string $text, array $identity, array $columns): CalendarFeed
    {
        $times = BusyTimesReader::read($text, $by->practice->zone(), $this->clock->now());

        return $this->database->transaction(function () use ($by, $person, $identity, $columns, $times): CalendarFeed {
            $feed = CalendarFeed::query()->updateOrCreate(
                ['practice_id' => $person->practice_id, 'person_id' => $person->id, ...$identity],
                [...$columns, 'read_at' => $this->clock->now(), 'problem' => ''],
            );
            $this->replace($feed, $times);
            $this->trail->note($by, TrailAction::Added, $feed, ['name' => $person->name]);

            return $feed;
        });
    }

    /** @param  list<array{\DateTimeImmutable, \DateTimeImmutable}>  $times */
    private function replace(CalendarFeed $feed, array $times): void
    {
        $utc = new \DateTimeZone('UTC');
        BusyTime::query()->where('calendar_feed_id', $feed->id)->delete();
        foreach (array_chunk($times, 500) as $some) {
            BusyTime::query()->insert(array_map(static fn (array $time): array => [
                'calendar_feed_id' => $feed->id, 'person_id' => $feed->person_id,
                'starts_at' => $time[0]->setTimezone($utc)->format('Y-m-d H:i:s'),
                'ends_at' => $time[1]->setTimezone($utc)->format('Y-m-d H:i:s'),
            ], $some));
        }
    }
}
