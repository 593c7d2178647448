<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Appointment;
use App\Models\Person;
use App\Models\Place;
use App\Models\Role;
use App\Models\WeeklyHours;
use App\Models\WeekProposal;
use App\Week\HoursText;
use App\Week\KeepHours;
use App\Week\ProposeWeek;
use App\Week\RemindOfTomorrow;
use App\Week\WeekDays;
use App\Week\WeekReader;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Mailer\SentMessage;
use Tests\TestCase;

/** The week as people meet it: laid around what is pinned, moved by hand, refused only where somebody would be in two places. */
#[CoversClass(ProposeWeek::class)]
final class WeekTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private Person $trainer;

    private WeekDays $days;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->world->practice->update(['time_zone' => 'Europe/London', 'is_clock24' => true]);
        $this->world->session->update(['started_at' => '2026-11-10 10:00:00', 'ended_at' => '2026-11-10 10:20:00']);
        $this->travelTo('2026-11-23T06:00:00Z');
        $this->actingAs($this->world->trainer);
        $this->trainer = $this->world->plan->responseModel->person;
        $this->hours($this->trainer, '9-12');
        $this->days = WeekDays::asked('2026-11-23', new \DateTimeImmutable('2026-11-23T06:00:00Z'), new \DateTimeZone('Europe/London'));
    }

    public function test_a_week_is_laid_and_laid_again_around_what_was_moved(): void
    {
        $this->post('/week', ['of' => '2026-11-25'])->assertRedirect('/week?of=2026-11-23')
            ->assertSessionHas('status', 'The week is planned: every plan has what it asks for.');
        $laid = $this->all();
        self::assertSame(['2026-11-23 09:00', '2026-11-25 09:00', '2026-11-27 09:00'], $this->times($laid));
        self::assertSame([0, 0, 0], $laid->pluck('sequence')->all());
        $this->post('/week', ['of' => '2026-11-23']);
        self::assertEquals($laid->toArray(), $this->all()->toArray(), 'proposed twice, nothing is touched');

        $second = $laid->get(1) ?? self::fail('Three are laid.');
        $this->putJson("/appointments/{$second->id}", ['on' => '2026-11-26', 'at' => '11:00'])->assertOk()
            ->assertJsonPath('message',
                'Moved to Thursday, November 26, 11:00 and pinned there. Mind: It is too soon after the last session of '
                .'this plan, or enough for one day.');
        $this->post('/week', ['of' => '2026-11-23']);

        self::assertSame(['2026-11-23 09:00', '2026-11-26 11:00', '2026-11-28 09:00'], $this->times($this->all()));
        $again = $this->all()->keyBy('id');
        self::assertSame($laid->pluck('uuid')->sort()->values()->all(), Appointment::query()->orderBy('uuid')->pluck('uuid')->all());
        self::assertSame([0, 1, 1], array_map(static fn (int $id): ?int => $again[$id]->sequence ?? null, $laid->modelKeys()));
        $this->get('/week?of=2026-11-23')->assertOk()->assertSee('Moss · Kites')->assertSee('class="week-card is-pinned"', false);
    }

    /** What was planned and not held takes no day from what comes: what happened is told by sessions. */
    public function test_a_session_that_was_not_held_keeps_no_day_free(): void
    {
        $this->post('/week', ['of' => '2026-11-23']);
        $this->travelTo('2026-11-24T06:00:00Z');
        $this->get('/week?of=2026-11-23')->assertSee('not held');
        Appointment::query()->where('starts_at', '>', '2026-11-24')->update(['cancelled_at' => now()]);
        $this->post('/week', ['of' => '2026-11-23']);
        self::assertSame(
            ['2026-11-23 09:00', '2026-11-24 09:00', '2026-11-26 09:00', '2026-11-28 09:00'], $this->times($this->all()),
            'Tuesday is not the day after a session',
        );

        $this->world->session->update(['started_at' => '2026-11-23 09:00:00', 'ended_at' => '2026-11-23 09:20:00']);
        $this->post('/week', ['of' => '2026-11-23']);
        self::assertNotContains('2026-11-24 09:00', $this->times($this->all()), 'the day after one that was held');
        $this->get('/week?of=2026-11-23')->assertSee('<em>held</em>', false)->assertDontSee('not held');
    }

    public function test_two_pins_in_one_place_are_told_by_day_and_hour(): void
    {
        foreach (['09:00', '09:15'] as $at) {
            $from = new \DateTimeImmutable("2026-11-24 {$at}");
            Appointment::query()->create([
                'practice_id' => $this->world->practice->id, 'uuid' => (string) Str::uuid7(), 'plan_id' => $this->world->plan->id,
                'person_id' => $this->trainer->id, 'place_id' => $this->world->plan->place_id, 'starts_at' => $from,
                'ends_at' => $from->modify('+30 minutes'), 'is_pinned' => true,
            ]);
        }
        $this->post('/week', ['of' => '2026-11-23'])->assertSessionHasErrors([
            'of' => 'Two pinned sessions ask the same person or dog to be in two places: Tuesday, November 24, 09:15. Move or unpin one '
                .'of them.',
        ]);
        self::assertSame(0, WeekProposal::query()->count());
        $third = Appointment::query()->create([
            ...Appointment::query()->firstOrFail()->only(['practice_id', 'plan_id', 'person_id', 'place_id']),
            'uuid' => (string) Str::uuid7(), 'starts_at' => '2026-11-26 09:00:00', 'ends_at' => '2026-11-26 09:30:00',
        ]);
        $this->putJson("/appointments/{$third->id}", ['at' => '10:00'])->assertOk();
    }

    public function test_what_a_plan_no_longer_asks_for_is_cancelled_and_stays_on_record(): void
    {
        $this->post('/week', ['of' => '2026-11-23']);
        $this->put("/plans/{$this->world->plan->id}/week", $this->routine(['outings_a_week' => 1]))->assertSessionHasNoErrors();
        $this->post('/week', ['of' => '2026-11-23']);

        self::assertCount(1, $this->all());
        self::assertSame([1, 1], Appointment::query()->whereNotNull('cancelled_at')->pluck('sequence')->all());
    }

    public function test_what_found_no_place_says_which_rule_stood_in_the_way(): void
    {
        $this->put("/plans/{$this->world->plan->id}/week", $this->routine(['needs_helper' => '1']));
        $this->post('/week', ['of' => '2026-11-23'])
            ->assertSessionHas('status', static fn (string $said): bool => str_contains($said, '3 sessions'));
        self::assertSame('helper', WeekProposal::query()->sole()->unmet[0]['rule']);
        $this->get('/week?of=2026-11-23')->assertSee('No helper is free.');

        $helper = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Bryn']);
        $this->hours($helper, '10-11', true);
        $this->post('/week', ['of' => '2026-11-23']);
        self::assertSame([], WeekProposal::query()->sole()->unmet);
        self::assertSame(['10:00', '10:00', '10:00'],
            array_map(static fn (string $at): string => substr($at, 11), $this->times($this->all())));
    }

    public function test_a_dog_that_struggled_has_its_easy_day_and_a_closed_day_is_closed(): void
    {
        $this->world->session->update(['started_at' => '2026-11-22 10:00:00', 'ended_at' => null]);
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid()), 'outcome' => 'not_returned', 'band' => 3, 'signs' => [],
        ])->assertCreated();
        $this->world->session->update(['ended_at' => '2026-11-22 10:20:00']);
        $this->hours($this->trainer, '9-9:30, 10-11');
        $owner = $this->world->user(Role::Owner);
        $this->actingAs($owner)->post('/practice/closed-days', ['from_on' => '2026-11-24', 'until_on' => '2026-11-24', 'name' => 'Move']);

        $this->actingAs($this->world->trainer)->post('/week', ['of' => '2026-11-23']);

        self::assertSame('2026-11-25', substr($this->times($this->all())[0], 0, 10), 'not the day after struggling, not the closed one');
    }

    public function test_nobody_is_put_in_two_places(): void
    {
        $this->post('/week', ['of' => '2026-11-23']);
        $first = $this->all()->firstOrFail();
        $add = ['title' => 'Dentist', 'on' => '2026-11-23', 'at' => '09:10', 'minutes' => 60, 'person' => $this->trainer->id];
        $this->from('/week')->post('/appointments', $add)->assertRedirect('/week')->assertSessionHasErrors([
            'at' => "Not moved: {$this->trainer->name} has “Moss · Kites” from 09:00 to 09:30. Choose another time.",
        ]);
        $this->post('/appointments', [...$add, 'at' => '09:30'])->assertSessionHasNoErrors();
        $dentist = Appointment::query()->where('title', 'Dentist')->sole();
        $this->putJson("/appointments/{$first->id}", ['on' => '2026-11-23', 'at' => '10:15'])->assertUnprocessable();
        $this->putJson("/appointments/{$first->id}", ['at' => '10:20'])->assertJsonValidationErrorFor('at');
        $this->putJson("/appointments/{$first->id}", ['at' => '5:45'])->assertJsonValidationErrorFor('at');
        self::assertSame('2026-11-23 09:00', $this->times($this->all())[0], 'nothing was moved');

        $this->delete("/appointments/{$dentist->id}")->assertRedirect();
        $this->putJson("/appointments/{$first->id}", ['on' => '2026-11-23', 'at' => '10:15'])->assertOk();
        $this->putJson("/appointments/{$first->id}", ['pinned' => 0])->assertOk();
        self::assertFalse($first->refresh()->is_pinned);
    }

    public function test_a_helper_sees_when_and_where_and_not_what_for(): void
    {
        $this->world->plan->update(['needs_helper' => true]);
        $user = $this->world->user(Role::Helper);
        $helper = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Bryn', 'user_id' => $user->id]);
        $this->actingAs($user)->get('/week?of=2026-11-23')->assertSee('Nothing is planned for you this week.')->assertDontSee('Propose');
        $this->actingAs($this->world->trainer);
        $this->hours($helper, '9-12', true);
        $this->post('/week', ['of' => '2026-11-23']);

        $this->actingAs($user);
        $this->get('/day?of=2026-11-23')->assertOk()->assertSee('Session with Moss')->assertSee('Field')->assertDontSee('Kites');
        $this->get('/month?of=2026-11')->assertOk()->assertSee('Session with Moss')->assertDontSee('Kites');
        $this->get('/')->assertSee('Session with Moss');
        $this->get("/appointments/{$this->all()->firstOrFail()->id}")->assertOk()->assertDontSee('Kites')
            ->assertDontSee('Start the session');
    }

    /** Ten minutes to one place and twenty to the other: half an hour between them, and nothing from a place to itself. */
    public function test_time_on_the_road_is_added_up(): void
    {
        $quay = Place::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Quay', 'travel_minutes' => 20]);
        $this->world->plan->place?->update(['travel_minutes' => 10]);
        foreach ([['09:00', $this->world->plan->place_id], ['10:00', $quay->id], ['11:00', $quay->id]] as [$at, $place]) {
            $from = new \DateTimeImmutable("2026-11-24 {$at}");
            Appointment::query()->create([
                'practice_id' => $this->world->practice->id, 'uuid' => (string) Str::uuid7(), 'plan_id' => $this->world->plan->id,
                'person_id' => $this->trainer->id, 'place_id' => $place, 'starts_at' => $from, 'ends_at' => $from->modify('+20 minutes'),
            ]);
        }
        $this->get('/week?of=2026-11-23')->assertSee('3 appointments, 1 h 0 min, and 0 h 30 min on the road');
    }

    public function test_a_new_place_is_looked_at_first(): void
    {
        $this->post('/week', ['of' => '2026-11-23']);
        $appointment = $this->all()->firstOrFail();
        $this->get("/appointments/{$appointment->id}")->assertDontSee('look around first');
        $place = Place::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Quay']);
        $this->put("/appointments/{$appointment->id}", ['place' => $place->id])->assertSessionHasNoErrors();
        $this->get("/appointments/{$appointment->id}")->assertSee('look around first');
    }

    public function test_a_place_is_new_to_a_dog_whichever_of_its_plans_goes_there(): void
    {
        $places = array_map(fn (string $name): int => Place::query()->create([
            'practice_id' => $this->world->practice->id, 'name' => $name,
        ])->id, ['Quay', 'Pier']);
        $this->world->plan->otherPlaces()->attach($places[0]);
        $second = $this->world->plan->replicate();
        $second->save();
        $second->otherPlaces()->attach($places[1]);

        $problem = app(WeekReader::class)->read($this->world->practice, $this->days)->problem;

        self::assertEqualsCanonicalizing($places, $problem->dogs[$this->world->dog->id]->newSites, 'Field is known');
    }

    /** @param  ?list<array{int, int}>  $times */
    #[TestWith(['9-12, 14:00-18:30', [[540, 720], [840, 1110]]])]
    #[TestWith(['9am–12pm', [[540, 720]]])]
    #[TestWith(['12am-11:59pm', [[0, 1439]]])]
    #[TestWith(['', []])]
    #[TestWith(['22-24', [[1320, 1440]]])]
    #[TestWith(['22-24:01', null])]
    #[TestWith(['12-9', null])]
    #[TestWith(['9-12, 11-13', null])]
    #[TestWith(['9:60-10', null])]
    #[TestWith(['13pm-14pm', null])]
    #[TestWith(['mornings', null])]
    public function test_hours_are_read_as_people_type_them(string $text, ?array $times): void
    {
        self::assertSame($times, HoursText::parse($text));
        if ($times !== null) {
            self::assertSame($times, HoursText::parse(HoursText::of($times)));
        }
    }

    public function test_hours_that_cannot_be_read_lose_nothing(): void
    {
        $page = "/people/{$this->trainer->id}/hours";
        $this->from($page)->put($page, ['free' => ['9-17', 'whenever']])->assertRedirect($page)->assertSessionHasErrors('free.1');
        $this->get($page)->assertSee('whenever')->assertSee('Hours are like');
        self::assertSame(540, WeeklyHours::query()->where('person_id', $this->trainer->id)->min('from_minute'));
        self::assertSame(720, WeeklyHours::query()->where('person_id', $this->trainer->id)->max('until_minute'), 'the old ones hold');
    }

    public function test_a_session_starts_at_the_same_hour_on_both_sides_of_a_change_of_clocks(): void
    {
        $days = WeekDays::asked('2027-03-28', new \DateTimeImmutable('2027-03-22T05:00:00Z'), new \DateTimeZone('Europe/London'));

        self::assertSame('2027-03-28T08:00:00+00:00', $days->at(6, 540)->format(DATE_ATOM), 'British summer time begins that Sunday');
        self::assertSame('2027-03-22T09:00:00+00:00', $days->at(0, 540)->format(DATE_ATOM));
        self::assertSame([6, 540], [$days->indexOf($days->at(6, 540)), $days->minuteOf($days->at(6, 540))]);
        self::assertSame([5 => [1380, 1440], 6 => [0, 180]], $days->parts($days->at(5, 1380), $days->at(6, 180)));
    }

    /** From six in the evening on, once, and not in quiet hours. */
    public function test_everybody_is_written_to_the_evening_before(): void
    {
        $user = $this->world->user(Role::Helper);
        $helper = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Bryn', 'user_id' => $user->id]);
        $this->world->plan->update(['needs_helper' => true]);
        $this->hours($helper, '9-12', true);
        $this->post('/week', ['of' => '2026-11-23']);
        config(['queue.default' => 'database', 'mail.default' => 'array']);
        $remind = function (string $at): int {
            $this->travelTo(new \DateTimeImmutable($at));

            return app(RemindOfTomorrow::class)->remind();
        };

        self::assertSame([0, 2, 0, 0], array_map($remind, [
            '2026-11-24T17:59:59Z', '2026-11-24T18:00:00Z', '2026-11-24T18:15:00Z', '2026-11-25T18:00:00Z',
        ]), 'there is something on the 25th, nothing on the 26th');
        Artisan::call('queue:work', ['--stop-when-empty' => true, '--memory' => 2048]);
        $sent = Mail::mailer('array')->getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $sent);
        $texts = implode($sent->messages()->map(static fn (SentMessage $one): string => quoted_printable_decode($one->toString()))->all());
        self::assertStringContainsString('09:00 to 09:30: Moss · Kites (Field)', $texts);
        self::assertStringContainsString('09:00 to 09:30: Session with Moss (Field)', $texts);

        $this->put("/people/{$helper->id}/calendar", ['is_reminded' => '0']);
        $this->world->practice->update(['quiet_from' => 1080]);
        self::assertSame(1, $remind('2026-11-26T18:00:00Z'), 'one of the two for the 27th');
        self::assertSame((new \DateTimeImmutable('2026-11-27T07:00:00Z'))->getTimestamp(), DB::table('jobs')->value('available_at'));
    }

    private function hours(Person $person, string $text, bool $helps = false): void
    {
        app(KeepHours::class)->keep($this->world->trainer, $person, [
            WeeklyHours::FREE => array_fill(0, 7, HoursText::parse($text) ?? []),
        ], ['helps' => $helps]);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private function routine(array $changes): array
    {
        return ['outings_a_week' => 3, 'where' => 'usual', 'busy_or_quiet' => 'any', 'needs_helper' => '0', ...$changes];
    }

    /** @return \Illuminate\Database\Eloquent\Collection<int, Appointment> */
    private function all(): \Illuminate\Database\Eloquent\Collection
    {
        return Appointment::query()->whereNull('cancelled_at')->orderBy('starts_at')->get();
    }

    /**
     * @param  \Illuminate\Database\Eloquent\Collection<int, Appointment>  $appointments
     * @return list<string>
     */
    private function times(\Illuminate\Database\Eloquent\Collection $appointments): array
    {
        return array_values($appointments->map(
            fn (Appointment $one): string => $one->starts_at->setTimezone($this->days->monday->getTimezone())->format('Y-m-d H:i'),
        )->all());
    }
}
