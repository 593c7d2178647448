<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Appointment;
use App\Models\BusyTime;
use App\Models\CalendarFeed;
use App\Models\Person;
use App\Models\Role;
use App\Models\WeeklyHours;
use App\Week\BadCalendar;
use App\Week\BusyTimesReader;
use App\Week\CalendarFile;
use App\Week\KeepCalendars;
use App\Week\KeepHours;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Client\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Calendars out and busy times in, held against the library that reads them and examples of RFC 5545. */
#[CoversClass(CalendarFile::class)]
#[CoversClass(BusyTimesReader::class)]
final class CalendarTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private Person $trainer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->world->practice->update(['time_zone' => 'America/New_York']);
        $this->trainer = $this->world->plan->responseModel->person;
        $this->actingAs($this->world->trainer);
    }

    public function test_a_change_is_seen_by_whoever_follows_the_address(): void
    {
        $appointment = $this->appointment('2026-11-24 15:00:00');
        $feed = $this->subscribe();
        $before = $this->events($feed)[$appointment->uuid];
        self::assertSame(['0', 'TENTATIVE', 'Moss · Kites', 'Field'], $this->said($before, ['SEQUENCE', 'STATUS', 'SUMMARY', 'LOCATION']));
        self::assertSame('-PT30M', (string) $before->select('VALARM')[0]->select('TRIGGER')[0]);

        $this->putJson("/appointments/{$appointment->id}", ['on' => '2026-11-25', 'at' => '11:00'])->assertOk();
        $moved = $this->events($feed)[$appointment->uuid];
        self::assertSame(['1', 'CONFIRMED'], $this->said($moved, ['SEQUENCE', 'STATUS']));
        self::assertSame('20261125T110000', (string) $moved->select('DTSTART')[0]);

        $this->delete("/appointments/{$appointment->id}");
        self::assertSame(['2', 'CANCELLED'], $this->said($this->events($feed)[$appointment->uuid], ['SEQUENCE', 'STATUS']));

        $newer = $this->subscribe();
        $this->get($feed)->assertStatus(410);
        $this->get($newer)->assertOk();
        $this->delete("/people/{$this->trainer->id}/calendar");
        $this->get($newer)->assertStatus(410);
    }

    public function test_the_file_is_valid_and_its_hours_hold_on_both_sides_of_a_change_of_clocks(): void
    {
        // 9:00 in New York is 13:00 UTC before November 1, 2026, and 14:00 UTC from then on
        $times = ['2026-10-31 13:00:00', '2026-11-02 14:00:00', '2027-03-13 14:00:00', '2027-03-14 13:00:00'];
        $file = CalendarFile::of(array_map($this->appointment(...), $times), 'Own', new \DateTimeZone('America/New_York'), true);
        $calendar = Reader::read($file);
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], array_column($calendar->validate(), 'message'), 'as the library sees it');
        foreach ($calendar->select('VEVENT') as $n => $event) {
            self::assertStringEndsWith('T090000', (string) $event->select('DTSTART')[0]);
            self::assertSame('America/New_York', (string) $event->select('DTSTART')[0]['TZID']);
            self::assertSame(
                (new \DateTimeImmutable($times[$n]))->getTimestamp(), $event->select('DTSTART')[0]->getDateTime()->getTimestamp(),
            );
        }
        // the zone says the same without anybody's table of zones: from November 1, 2026, 2:00 of summer time, it is five hours behind
        self::assertMatchesRegularExpression(
            '/BEGIN:STANDARD\r\nDTSTART:20261101T020000\r\nTZOFFSETFROM:-0400\r\nTZOFFSETTO:-0500\r\n/', $file,
        );
        self::assertMatchesRegularExpression(
            '/BEGIN:DAYLIGHT\r\nDTSTART:20270314T020000\r\nTZOFFSETFROM:-0500\r\nTZOFFSETTO:-0400\r\n/', $file,
        );
        $busy = BusyTimesReader::read($file, new \DateTimeZone('UTC'), new \DateTimeImmutable('2026-11-01'));
        self::assertSame(
            ['2026-10-31T13:00:00', '2026-11-02T14:00:00'],
            array_map(static fn (array $time): string => $time[0]->format('Y-m-d\TH:i:s'), array_slice($busy, 0, 2)), 'round trip',
        );
    }

    public function test_who_only_comes_along_reads_no_plan_in_the_calendar(): void
    {
        $user = $this->world->user(Role::Helper);
        $helper = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Bryn', 'user_id' => $user->id]);
        $appointment = $this->appointment('2026-11-24 15:00:00');
        $appointment->update(['helper_id' => $helper->id]);
        $this->actingAs($user)->post("/people/{$helper->id}/calendar");
        $feed = $this->feed();
        self::assertSame(['Session with Moss'], $this->said($this->events($feed)[$appointment->uuid], ['SUMMARY']));
        $this->get($feed)->assertDontSee('Kites');
        $this->get("/appointments/{$appointment->id}/file.ics")->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')
            ->assertSee("UID:{$appointment->uuid}")->assertDontSee('Kites');
        $this->get("/people/{$this->trainer->id}/calendar")->assertNotFound();
    }

    /**
     * Examples of RFC 5545: 3.8.5.3 (daily with an end, weekly on two days), 3.6.1 (a day off that is not busy), 3.3.6 (a duration).
     *
     * @param  list<string>  $busy
     */
    #[TestWith(["DTSTART;TZID=America/New_York:20261124T090000\nDURATION:PT1H\nRRULE:FREQ=DAILY;COUNT=3", [
        '2026-11-24T14:00/15:00', '2026-11-25T14:00/15:00', '2026-11-26T14:00/15:00',
    ]])]
    #[TestWith(["DTSTART:20261124T090000Z\nDTEND:20261124T093000Z\nRRULE:FREQ=WEEKLY;WKST=SU;BYDAY=TU,TH;COUNT=2", [
        '2026-11-24T09:00/09:30', '2026-11-26T09:00/09:30',
    ]])]
    #[TestWith(["DTSTART:20261124T090000\nDURATION:PT15M", ['2026-11-24T14:00/14:15']])]
    #[TestWith(["DTSTART;VALUE=DATE:20261124\nDTEND;VALUE=DATE:20261125\nTRANSP:TRANSPARENT", []])]
    #[TestWith(['DTSTART;VALUE=DATE:20261124', ['2026-11-24T05:00/05:00']])]
    #[TestWith(["DTSTART:20261124T090000Z\nDTEND:20261124T080000Z", []])]
    #[TestWith(["DTSTART:20261124T090000Z\nDTEND:20261124T100000Z\nSTATUS:CANCELLED", []])]
    public function test_busy_times_are_read_as_the_standard_has_them(string $event, array $busy): void
    {
        self::assertSame($busy, array_map(
            static fn (array $time): string => $time[0]->format('Y-m-d\TH:i').'/'.$time[1]->format('H:i'),
            BusyTimesReader::read($this->calendar($event), new \DateTimeZone('America/New_York'), new \DateTimeImmutable('2026-11-24')),
        ));
    }

    #[TestWith(['<html>not a calendar</html>', 'unreadable'])]
    #[TestWith(["BEGIN:VCARD\r\nVERSION:4.0\r\nFN:Somebody\r\nEND:VCARD\r\n", 'unreadable'])]
    #[TestWith(["BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:yesterday\r\nDTEND:tomorrow\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n",
        'unreadable'])]
    #[TestWith(["BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART:20261124T090000Z\r\nDTEND:20261124T090001Z\r\nRRULE:FREQ=HOURLY\r\n"
        ."END:VEVENT\r\nEND:VCALENDAR\r\n", 'too_many'])]
    #[TestWith(['', 'unreadable'])]
    public function test_a_calendar_that_lies_is_refused_and_what_was_known_stays(string $text, string $problem): void
    {
        $this->takeIn($this->calendar("DTSTART:20261124T140000Z\nDTEND:20261124T150000Z"))->assertSessionHasNoErrors();
        $known = BusyTime::query()->sole()->id;
        $this->takeIn($text)->assertSessionHasErrors(['file' => say("week.calendar.problems.{$problem}")]);
        self::assertSame($known, BusyTime::query()->sole()->id);
        try {
            BusyTimesReader::read($text, new \DateTimeZone('UTC'), new \DateTimeImmutable('2026-11-24'));
            self::fail('It was read.');
        } catch (BadCalendar $bad) {
            self::assertSame($problem, $bad->problem);
        }
    }

    public function test_sessions_are_laid_around_busy_times_from_an_address(): void
    {
        $busy = $this->calendar("DTSTART:20261125T140000Z\nDTEND:20261125T153000Z\nRRULE:FREQ=DAILY;COUNT=5");
        $http = $this->app->make(Factory::class);
        $http->fake(static fn (Request $request) => match ($request->url()) {
            'http://127.0.0.1:8160/busy.ics' => $http->response($busy),
            'http://127.0.0.1:8160/moved' => $http->response('', 302, ['Location' => 'http://127.0.0.1:22/']),
            default => $http->response('down', 500),
        });
        $this->app->instance(Factory::class, $http);
        app(KeepHours::class)->keep($this->world->trainer, $this->trainer, [WeeklyHours::FREE => array_fill(0, 7, [[540, 720]])]);
        foreach (['http://127.0.0.1:22/', 'http://192.168.1.1:8160/', 'ftp://127.0.0.1:8160/x',
            'http://me:x@127.0.0.1:8160/busy.ics'] as $no) {
            $this->follow($no)->assertSessionHasErrors(['address' => say('week.calendar.problems.not_allowed')]);
        }
        $this->follow('http://127.0.0.1:8160/moved')->assertSessionHasErrors(['address' => say('week.calendar.problems.unreachable')]);
        $this->follow('http://127.0.0.1:8160/busy.ics')->assertSessionHasNoErrors();
        self::assertSame(5, BusyTime::query()->count());

        $this->world->session->update(['started_at' => '2026-11-10 10:00:00', 'ended_at' => '2026-11-10 10:20:00']);
        $this->post('/week', ['of' => '2026-11-25']);
        $laid = Appointment::query()->orderBy('starts_at')->pluck('starts_at')
            ->map(static fn ($at): string => $at->format('m-d H:i'))->all();
        self::assertSame(['11-24 14:00', '11-26 15:30', '11-28 15:30'], $laid, 'at nine, then after what takes the morning');

        $feed = CalendarFeed::query()->sole();
        $feed->update(['address' => 'http://127.0.0.1:8160/gone.ics']);
        app(KeepCalendars::class)->readAgain($feed);
        self::assertSame(['unreachable', 5], [$feed->refresh()->problem, BusyTime::query()->count()], 'what was known stays');
        $this->get("/people/{$this->trainer->id}/calendar")->assertSee(say('week.calendar.problems.unreachable'));
        $this->delete("/calendar-feeds/{$feed->id}");
        self::assertSame(0, BusyTime::query()->count());
    }

    public function test_what_is_known_of_a_persons_time_is_given_out_and_erased(): void
    {
        $owner = $this->world->user(Role::Owner);
        $person = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Bryn']);
        $this->appointment('2026-11-24 15:00:00')->update(['helper_id' => $person->id]);
        app(KeepHours::class)->keep($owner, $person, [WeeklyHours::FREE => [[[540, 720]]]]);
        $this->actingAs($owner)->post("/people/{$person->id}/calendar");
        $feed = $this->feed();
        $this->post("/people/{$person->id}/busy-times", [
            'name' => 'Own', 'file' => UploadedFile::fake()
                ->createWithContent('own.ics', $this->calendar("DTSTART:20261124T140000Z\nDURATION:PT1H")),
        ]);
        $this->get("/people/{$person->id}/data")->assertOk()->assertJsonPath('hours.0.from_minute', 540)
            ->assertJsonPath('appointments.0.from', '2026-11-24T15:00:00+00:00')->assertJsonPath('calendars.0.name', 'Own');
        $this->delete("/people/{$person->id}/data", ['confirm_name' => 'Bryn'])->assertSessionHasNoErrors();
        $this->get($feed)->assertStatus(410);
        self::assertSame([0, 0, 1], [WeeklyHours::query()->count(), BusyTime::query()->count(), Appointment::query()->count()]);
    }

    private function appointment(string $at): Appointment
    {
        $from = new \DateTimeImmutable("{$at} UTC");

        return Appointment::query()->create([
            'practice_id' => $this->world->practice->id, 'uuid' => (string) Str::uuid7(), 'plan_id' => $this->world->plan->id,
            'person_id' => $this->trainer->id, 'place_id' => $this->world->plan->place_id, 'starts_at' => $from,
            'ends_at' => $from->modify('+30 minutes'),
        ]);
    }

    private function subscribe(): string
    {
        $this->post("/people/{$this->trainer->id}/calendar")->assertRedirect("/people/{$this->trainer->id}/calendar");

        return $this->feed();
    }

    private function feed(): string
    {
        $link = session('calendar-link');
        self::assertIsString($link);

        return (string) parse_url($link, PHP_URL_PATH);
    }

    /** @return array<string, \Sabre\VObject\Component> by UID */
    private function events(string $feed): array
    {
        $calendar = Reader::read((string) $this->get($feed)->assertOk()->getContent());
        $events = [];
        foreach ($calendar->select('VEVENT') as $event) {
            $events[(string) $event->select('UID')[0]] = $event;
        }

        return $events;
    }

    /**
     * @param  list<string>  $properties
     * @return list<string>
     */
    private function said(\Sabre\VObject\Component $event, array $properties): array
    {
        return array_map(static fn (string $name): string => (string) $event->select($name)[0], $properties);
    }

    private function calendar(string $event): string
    {
        return str_replace("\n", "\r\n",
            "BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//Test//EN\nBEGIN:VEVENT\nUID:1\nDTSTAMP:20260101T000000Z\n{$event}\n"
            ."END:VEVENT\nEND:VCALENDAR\n");
    }

    /** @return TestResponse<Response> */
    private function takeIn(string $text): TestResponse
    {
        return $this->post("/people/{$this->trainer->id}/busy-times", [
            'name' => 'Own', 'file' => UploadedFile::fake()->createWithContent('own.ics', $text),
        ]);
    }

    /** @return TestResponse<Response> */
    private function follow(string $address): TestResponse
    {
        return $this->post("/people/{$this->trainer->id}/busy-times", ['name' => 'Own', 'address' => $address]);
    }
}
