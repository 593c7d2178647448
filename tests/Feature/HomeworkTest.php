<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\EvidenceReader;
use App\Home\AnswerHome;
use App\Home\HomeClass;
use App\Home\HomeLinks;
use App\Home\HomePage;
use App\Home\HomeTasks;
use App\Home\ReceiveHomeEntry;
use App\Mail\SendLetter;
use App\Models\Dog;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\HomeDayOff;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Message;
use App\Models\Person;
use App\Models\ResponseModel;
use App\Models\Role;
use App\Models\Trial;
use Carbon\CarbonImmutable;
use Core\Response\SessionEvidence;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;
use Words\Lexicon;

/** Homework: given, done in a kitchen, gone wrong, read by whoever trains. */
#[CoversClass(HomePage::class)]
#[CoversClass(ReceiveHomeEntry::class)]
#[CoversClass(AnswerHome::class)]
#[CoversClass(HomeLinks::class)]
final class HomeworkTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private Person $nell;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->world->practice->update(['time_zone' => 'Europe/London', 'phone' => '01632 960 144']);
        $this->world->dog->update(['trainer_id' => $this->world->trainer->id]);
        $this->nell = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Nell Fenby']);
        $this->actingAs($this->world->trainer);
    }

    public function test_a_step_of_a_plan_is_given_in_three_taps_with_words_as_usual(): void
    {
        $this->get("/plans/{$this->world->plan->id}")->assertSee("/dogs/{$this->world->dog->id}/homework/create?plan=");
        $this->get("/dogs/{$this->world->dog->id}/homework/create?plan={$this->world->plan->id}")->assertOk()->assertSee('Which step');
        $this->give(['plan_id' => $this->world->plan->id, 'step' => 1]);
        $task = Homework::query()->sole();
        self::assertSame(['Kites', 'exposure', 3], [$task->name, $task->kind->value, $task->times_a_day]);
        self::assertStringContainsString('m.', $task->what);
        self::assertSame('It notices and turns back to you within two seconds.', $task->counts_when);
        self::assertSame('2026-11-30', $task->until_on?->format('Y-m-d'), 'a week with today');
    }

    /** Day 5 of a class: who is ready is read in one list, and six sheets lie on six pages. */
    public function test_a_class_is_looked_at_in_one_list(): void
    {
        $others = array_map(fn (string $name): Dog => Dog::query()
            ->create(['practice_id' => $this->world->practice->id, 'name' => $name]), [
                'Teasel', 'Sedge', 'Linnet', 'Reed', 'Avocet',
            ]);
        $this->give([
            'kind' => 'settle', 'homework_name' => 'Mat, fingers', 'what' => 'Four feet on the mat, one finger.', 'times_a_day' => 1,
            'others' => array_column($others, 'id'),
        ]);
        $class = Homework::query()->orderBy('id')->get();
        self::assertCount(1, $class->pluck('class_uuid')->unique());
        $teasel = $class->firstOrFail(fn (Homework $one): bool => $one->dog_id === $others[0]->id);
        foreach (range(1, 3) as $day) {
            foreach ($day === 1 ? ['not_yet'] : ['good', 'good', 'good', 'good', 'not_yet'] as $answer) {
                HomeRep::query()->create([
                    'practice_id' => $this->world->practice->id, 'dog_id' => $teasel->dog_id, 'homework_id' => $teasel->id,
                    'uuid' => (string) Str::uuid(), 'answer' => $answer, 'seconds' => 30, 'occurred_at' => now(), 'received_at' => now(),
                ]);
            }
            $this->travel(1)->days();
        }
        $board = fn (): array => array_column(app(HomeClass::class)->board(
            app(HomeClass::class)->of($teasel, $this->world->trainer), $this->world->practice->zone(),
        ), null)[(int) $class->search(fn (Homework $one): bool => $one->is($teasel))] ?? [];
        $row = static fn (array $of): array => array_intersect_key($of,
            array_flip(['done', 'planned', 'good', 'not', 'aMinute', 'isReady']));
        self::assertEqualsCanonicalizing(
            ['done' => 3, 'planned' => 4, 'good' => 2, 'not' => 3, 'aMinute' => 60 * 3 / 330, 'isReady' => false], $row($board()),
        );
        HomeRep::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $teasel->dog_id, 'homework_id' => $teasel->id,
            'uuid' => (string) Str::uuid(), 'answer' => 'good', 'occurred_at' => now(), 'received_at' => now(),
        ]);
        self::assertTrue($row($board())['isReady'], 'the third good day');

        // years of notes from a chatty home crowd out neither its last nor another's
        $note = fn (Dog $of, string $body): array => [
            'practice_id' => $this->world->practice->id, 'dog_id' => $of->id, 'is_from_home' => true, 'uuid' => (string) Str::uuid(),
            'body' => $body, 'sent_at' => now(),
        ];
        Message::query()->insert(array_map(static fn (int $i): array => $note($others[0], "Note {$i}."), range(1, 1001)));
        Message::query()->insert([$note($others[1], 'Sedge slept.')]);
        $notes = array_column(array_map(
            static fn (array $of): array => ['dog' => $of['homework']->dog_id, 'note' => $of['note']?->body],
            app(HomeClass::class)->board(app(HomeClass::class)->of($teasel, $this->world->trainer), $this->world->practice->zone()),
        ), 'note', 'dog');
        self::assertSame(
            ['Note 1001.', 'Sedge slept.', null], [$notes[$others[0]->id], $notes[$others[1]->id], $notes[$others[2]->id]],
        );

        $this->get("/homework/{$teasel->id}/class")->assertOk()->assertSee('Teasel')->assertSee('Avocet')->assertSee('4 of 4')
            ->assertSee('0 of 4');
        self::assertSame(6,
            substr_count((string) $this->get("/homework/{$teasel->id}/sheets")->assertOk()->getContent(), 'class="sheet-page"'));
    }

    /** Three stand on the page: those done least on the last three days. */
    public function test_what_was_done_least_lately_comes_first(): void
    {
        $this->travelTo('2026-11-30 12:00:00');
        $tasks = array_map(fn (string $name): Homework => $this->task(['name' => $name]), ['Mat', 'Name', 'Palm', 'Door']);
        $done = function (Homework $of, int $daysAgo): void {
            HomeRep::query()->create([
                'practice_id' => $of->practice_id, 'dog_id' => $of->dog_id, 'homework_id' => $of->id, 'uuid' => (string) Str::uuid(),
                'answer' => 'good', 'occurred_at' => now()->subDays($daysAgo), 'received_at' => now()->subDays($daysAgo),
            ]);
        };
        $shown = fn (): array => array_map(
            static fn (array $one): string => $one['homework']->name, app(HomePage::class)->of($this->world->dog)['tasks'],
        );
        self::assertSame(['Mat', 'Name', 'Palm'], $shown());

        array_map(static fn (Homework $one) => $done($one, 2), array_slice($tasks, 0, 3));
        $done($tasks[3], 3);
        self::assertSame(['Mat', 'Name', 'Door'], $shown(), 'three days ago is not lately');

        $done($tasks[3], 2);
        self::assertSame(['Mat', 'Name', 'Palm'], $shown());
    }

    /** A year of weeks whose time has passed and that nobody ended: what was given last is still there. */
    public function test_what_was_given_last_is_seen_however_much_was_given_before(): void
    {
        $give = fn (string $name, ?string $until): Homework => Homework::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id,
            'kind' => 'skill', 'name' => $name, 'what' => 'Say it once.', 'counts_when' => 'It looks.', 'stop_when' => 'Twice not.',
            'times_a_day' => 3, 'from_on' => '2026-01-01', 'until_on' => $until,
        ]);
        foreach (range(1, 40) as $week) {
            $give("Week {$week}", '2026-02-01');
        }
        $newest = $give('This week', null);
        $now = now()->toDateTimeImmutable();

        self::assertSame([$newest->id], HomeTasks::of($this->world->dog, $now)->all->modelKeys());
        $all = HomeTasks::of($this->world->dog, $now, withOver: true)->all;
        self::assertSame([40, 'Week 2', 'This week'], [$all->count(), $all->first()?->name, $all->last()?->name]);
        $this->get("/dogs/{$this->world->dog->id}/home")->assertOk()->assertSee('This week');
    }

    /** Each day at home is one of that handler's own; the trainer's model and plan stay where they are. */
    public function test_what_is_done_at_home_is_evidence_of_whoever_did_it(): void
    {
        $plan = $this->world->plan;
        $hers = ResponseModel::query()->create([...$plan->responseModel->only([
            'practice_id', 'dog_id', 'trigger_id', 'kind', 'reacts_to', 'reference_meters', 'reference_stated', 'fine_at_meters',
        ]), 'person_id' => $this->nell->id]);
        $evidence = fn (ResponseModel $model): array => app(EvidenceReader::class)->ofModel($model, now()->addMinute()->toImmutable());
        $trainers = $evidence($plan->responseModel);
        $this->give(['plan_id' => $plan->id, 'step' => 1]);
        $this->give(['plan_id' => $plan->id, 'step' => 1, 'what' => 'Something of our own']);
        [$step, $own] = Homework::query()->orderBy('id')->get()->all();
        $path = $this->link();
        $slip = (string) Str::uuid();
        $this->postJson("{$path}/entries", ['entries' => [
            $this->rep($step, 'good', $slip), $this->rep($step, 'good'), $this->rep($step, 'not_yet'), $this->rep($own, 'good'),
        ]])->assertOk();
        $this->travel(1)->days();
        $this->postJson("{$path}/entries", ['entries' => [
            $this->rep($step, 'too_much'), ['uuid' => (string) Str::uuid(), 'kind' => 'undo', 'of' => $slip],
        ]])->assertOk();

        $days = $evidence($hers);
        self::assertSame([[[0, 1, 1, 0, 0]], [[0, 0, 0, 1, 0]]], array_map(
            static fn (SessionEvidence $day): array => array_column($day->rows, 'counts'), $days,
        ), 'noticed once and with effort once; struggled once; without the slip and without words of one’s own');
        self::assertSame((float) ($step->exposure['distance'] ?? 0.0), $days[0]->rows[0]->exposure->values['distance']);
        self::assertEquals($trainers, $evidence($plan->responseModel));
        $this->get("/plans/{$plan->id}/limits")->assertOk();
    }

    public function test_a_home_without_a_sign_in_does_it_and_sees_nothing_else(): void
    {
        $task = $this->task();
        $path = $this->link();
        $page = $this->get($path)->assertOk()->assertSee('Moss at home')->assertSee('Settle on the mat')->assertSee('01632 960 144')
            ->assertDontSee('Kites')->assertDontSee($this->world->trainer->name)->assertDontSee('%');
        self::assertNull($page->headers->get('Set-Cookie'), 'no cookie');
        $uuid = (string) Str::uuid();
        $entries = [$this->rep($task, 'good', $uuid), $this->rep($task, 'not_yet')];
        $this->postJson("{$path}/entries", ['entries' => $entries])->assertOk()
            ->assertJsonPath('receipts.0.result', 'kept')->assertJsonPath('receipts.1.result', 'kept');
        $this->postJson("{$path}/entries", ['entries' => $entries])->assertJsonPath('receipts.0.result', 'known');
        $reps = HomeRep::query()->orderBy('id')->get();
        self::assertCount(2, $reps);
        self::assertSame([null, $this->nell->id], [$reps[0]?->user_id, $reps[0]?->person_id], 'who did it, and not who trains');
        $this->get($path)->assertSee('2 of 3 done');
        self::assertSame(0, Trial::query()->count(), 'the trainer’s plan does not move');

        $this->postJson("{$path}/entries", ['entries' => [['uuid' => (string) Str::uuid(), 'kind' => 'undo', 'of' => $uuid]]])->assertOk();
        $this->get($path)->assertSee('1 of 3 done');
        $this->get("/dogs/{$this->world->dog->id}/homework")->assertOk()->assertSee('1/3')->assertSee('Nell Fenby');
        $file = $this->actingAs($this->world->user(Role::Owner))->get("/people/{$this->nell->id}/data")->assertOk();
        self::assertSame(2, $file->json('reps_at_home'));
    }

    public function test_a_link_ends_by_itself_and_by_a_tap_and_never_opens_another_dog(): void
    {
        $task = $this->task()->refresh();
        $path = $this->link(7);
        $other = World::make();
        $elsewhere = Homework::query()->create([
            ...$task->only($task->getFillable()), 'dog_id' => $other->dog->id, 'practice_id' => $other->practice->id,
        ]);
        $this->postJson("{$path}/entries", ['entries' => [$this->rep($elsewhere, 'good')]])->assertJsonPath('receipts.0.result', 'refused');
        self::assertSame(0, HomeRep::query()->count());

        $this->travel(7)->days();
        $this->travel(-1)->seconds();
        $this->get($path)->assertOk();
        $this->travel(1)->seconds();
        $this->get($path)->assertStatus(410)->assertSee('This page is closed');
        $this->postJson("{$path}/entries", ['entries' => [$this->rep($task, 'good')]])->assertStatus(410);

        $path = $this->link();
        $this->get("/dogs/{$this->world->dog->id}/homework")->assertSee('Close it');
        $this->delete('/home-links/'.$this->world->dog->id.'999')->assertNotFound();
        $this->delete('/home-links/'.(int) \App\Models\HomeLink::query()->max('id'))->assertRedirect();
        $this->get($path)->assertStatus(410);
        $this->get('/home/unknown')->assertStatus(410);
    }

    /** Quiet hours are 21:00 to 7:00 in London, which is UTC in November. */
    #[TestWith(['growl', '2026-11-24 20:59', null])]
    #[TestWith(['growl', '2026-11-24 21:00', '2026-11-25 07:00'])]
    #[TestWith(['bite', '2026-11-24 21:00', null])]
    public function test_what_goes_wrong_ends_the_task_loads_the_days_after_and_is_told_outside_quiet_hours(
        string $answer, string $at, ?string $sent,
    ): void {
        Queue::fake();
        $this->travelTo(CarbonImmutable::parse($at, 'UTC'));
        $task = $this->task(['plan_id' => $this->world->plan->id]);
        $path = $this->link();
        $this->postJson("{$path}/entries", ['entries' => [$this->rep($task, $answer)]])->assertJsonPath('receipts.0.result', 'kept');

        $event = Event::query()->sole();
        self::assertSame($answer === 'bite' ? EventKind::Bite : EventKind::Upset, $event->kind);
        self::assertSame([null, $this->nell->id], [$event->user_id, $event->person_id]);
        self::assertSame($answer === 'bite', $this->world->plan->refresh()->resting_reason !== null);
        Queue::assertPushed(SendLetter::class, static fn (SendLetter $letter): bool => $sent === null
            ? $letter->delay === null
            : $letter->delay instanceof \DateTimeInterface && $letter->delay->format('Y-m-d H:i') === $sent);
        $this->get($path)->assertOk()->assertSee($answer === 'bite' ? 'Some of it rests' : 'Stop here for today');
        $this->get('/')->assertSee('at home in “Settle on the mat”')->assertSee('Nell Fenby');
        $this->post("/dogs/{$this->world->dog->id}/homework/seen")->assertRedirect();
        $this->get('/')->assertDontSee('at home in “Settle on the mat”');

        $this->postJson("{$path}/entries", ['entries' => [
            ['uuid' => (string) Str::uuid(), 'kind' => 'undo', 'of' => HomeRep::query()->value('uuid')],
        ]])->assertJsonPath('receipts.0.result', 'refused');
    }

    public function test_a_scare_a_day_off_and_words_both_ways(): void
    {
        $this->task();
        $path = $this->link();
        $entry = static fn (array $told): array => ['uuid' => (string) Str::uuid(), ...$told];
        $this->postJson("{$path}/entries", ['entries' => [
            $entry(['kind' => 'scare', 'severity' => '2', 'note' => 'a door']), $entry(['kind' => 'scare', 'severity' => '5']),
            $entry(['kind' => 'day', 'off' => 'unwell']), $entry(['kind' => 'day', 'off' => 'lazy']),
            $entry(['kind' => 'message', 'text' => 'Is the mat too far?']), $entry(['kind' => 'message', 'text' => ' ']),
        ]])->assertOk()->assertJsonPath('receipts.*.result', ['kept', 'refused', 'kept', 'refused', 'kept', 'refused']);
        self::assertSame('unwell', HomeDayOff::query()->sole()->kind);
        self::assertSame(['a door', 2], [Event::query()->sole()->note, Event::query()->sole()->severity]);
        $this->postJson("{$path}/entries", ['entries' => array_map(
            static fn (int $severity): array => $entry(['kind' => 'scare', 'severity' => (string) $severity]), [0, 1, 4],
        )])->assertJsonPath('receipts.*.result', ['refused', 'kept', 'kept']);
        $this->get($path)->assertSee('Not well: no practice today')->assertSee('Is the mat too far?');
        self::assertSame(1, Message::query()->count());
        $this->get('/')->assertSee('Is the mat too far?');
        $this->post("/dogs/{$this->world->dog->id}/messages", ['message' => 'Half the way.'])->assertRedirect();
        self::assertSame(0, Message::query()->where('is_from_home', true)->whereNull('read_at')->count(), 'whoever answers has read it');
        $this->post("/dogs/{$this->world->dog->id}/messages", ['message' => ''])->assertSessionHasErrors('message');
        $this->get($path)->assertSee('Half the way.');
        $this->post("/dogs/{$this->world->dog->id}/homework/seen");
        $this->get('/')->assertDontSee('Is the mat too far?');
        $this->get("/dogs/{$this->world->dog->id}")->assertOk();
    }

    public function test_what_comes_next_opens_by_good_days_for_skills_and_by_a_tap_for_hands(): void
    {
        $first = $this->task();
        $next = $this->task(['name' => 'Mat in the yard', 'after_id' => $first->id, 'good_days' => 2]);
        $path = $this->link();
        $this->get($path)->assertDontSee('Mat in the yard');
        foreach ([1, 2] as $day) {
            $this->postJson("{$path}/entries", ['entries' => [
                $this->rep($first, 'good'), $this->rep($first, 'good'), $this->rep($first, 'good'),
            ]]);
            $day === 1 ? $this->get($path)->assertDontSee('Mat in the yard') : $this->get($path)->assertSee('Mat in the yard');
            $this->travel(1)->days();
        }
        $first->update(['kind' => 'contact']);
        $this->get($path)->assertDontSee('Mat in the yard');
        $this->post("/homework/{$next->id}/open")->assertRedirect();
        $this->get($path)->assertSee('Mat in the yard');
        $this->delete("/homework/{$next->id}")->assertRedirect();
        $this->get($path)->assertDontSee('Mat in the yard');
    }

    public function test_one_whose_time_has_passed_still_opens_what_comes_after_it_for_the_home_and_for_whoever_trains(): void
    {
        $first = $this->task(['until_on' => '2026-11-24']);
        $this->task(['name' => 'Mat in the yard', 'after_id' => $first->id, 'good_days' => 1]);
        $path = $this->link();
        $this->postJson("{$path}/entries", ['entries' => array_map(fn (): array => $this->rep($first, 'good'), range(1, 3))]);
        // more than the fourteen days that the board shows
        $this->travel(16)->days();
        $this->get($path)->assertSee('Mat in the yard');
        $this->get("/dogs/{$this->world->dog->id}/homework")->assertSee('Its time has passed')->assertDontSee('Opens after');
    }

    public function test_a_paper_sheet_is_typed_back_once_however_often_it_is_sent(): void
    {
        $task = $this->task(['from_on' => '2026-11-01']);
        $sheet = ['sheet' => (string) Str::uuid(), 'cells' => [$task->id => ['2026-11-23' => ['good' => 2, 'not' => 1]]]];
        $this->get("/dogs/{$this->world->dog->id}/homework/paper")->assertOk()->assertSee('Settle on the mat');
        $this->post("/dogs/{$this->world->dog->id}/homework/paper", $sheet)->assertSessionHasNoErrors();
        $this->post("/dogs/{$this->world->dog->id}/homework/paper", $sheet)->assertSessionHasNoErrors();
        self::assertSame(3, HomeRep::query()->where('is_from_paper', true)->count());
        $this->get("/dogs/{$this->world->dog->id}/homework")->assertSee('3/3');
        $this->post("/dogs/{$this->world->dog->id}/homework/paper", ['sheet' => $sheet['sheet'], 'cells' => [$task->id => [
            '2026-11-23' => ['good' => 21],
        ]]])->assertSessionHasErrors();
        $this->get("/dogs/{$this->world->dog->id}/homework/sheet")->assertOk()->assertSee('A week for Moss');
    }

    public function test_the_same_goes_to_a_class_and_only_to_dogs_of_this_practice(): void
    {
        $mate = \App\Models\Dog::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Tansy']);
        $stranger = World::make()->dog;
        $this->give(['kind' => 'skill', 'homework_name' => 'Name', 'what' => 'Say it once.', 'others' => [$mate->id, $stranger->id]]);
        self::assertSame(
            [$mate->id, $this->world->dog->id], Homework::query()->orderBy('id')->pluck('dog_id')->all(),
        );
    }

    /** @param  array<string, mixed>  $changes */
    #[TestWith([['times_a_day' => 21], 'times_a_day'])]
    #[TestWith([['days' => 8], 'days'])]
    #[TestWith([['kind' => ''], 'kind'])]
    #[TestWith([['what' => ''], 'what'])]
    #[TestWith([['after_id' => 999_999], 'after_id'])]
    #[TestWith([['hold_seconds' => 'long'], 'hold_seconds'])]
    public function test_a_task_that_cannot_be_is_said_at_its_field(array $changes, string $field): void
    {
        $this->post("/dogs/{$this->world->dog->id}/homework", [
            'kind' => 'skill', 'homework_name' => 'Name', 'what' => 'Say it once.', 'times_a_day' => 3, 'days' => 7, ...$changes,
        ])->assertSessionHasErrors([$field]);
        self::assertSame(0, Homework::query()->count());
    }

    public function test_a_guardian_does_homework_signed_in_and_a_plain_form_works_without_scripts(): void
    {
        $task = $this->task();
        $guardian = $this->world->user(Role::Guardian);
        $this->actingAs($guardian)->get("/dogs/{$this->world->dog->id}/home")->assertNotFound();
        $this->world->dog->guardians()->attach($guardian);
        $this->get("/dogs/{$this->world->dog->id}/home")->assertOk()->assertSee('Settle on the mat');
        $this->post("/dogs/{$this->world->dog->id}/home/entries", [
            'uuid' => (string) Str::uuid(), 'kind' => 'rep', 'homework' => $task->id, 'answer' => 'good',
        ])->assertRedirect();
        self::assertSame($guardian->id, HomeRep::query()->sole()->user_id);
        $this->followingRedirects()->post("/dogs/{$this->world->dog->id}/home/entries", [
            'uuid' => (string) Str::uuid(), 'kind' => 'rep', 'homework' => 0, 'answer' => 'good',
        ])->assertSee('This task is not there any more');
        $this->postJson("/dogs/{$this->world->dog->id}/home/entries", ['entries' => [['uuid' => 'x', 'kind' => 'rep']]])
            ->assertUnprocessable();
    }

    public function test_the_page_is_said_in_spanish_and_every_sentence_of_it_is_there(): void
    {
        $flat = static function (array $messages, string $at = '') use (&$flat): array {
            $found = [];
            foreach ($messages as $key => $message) {
                $found += is_array($message) ? $flat($message, "{$at}{$key}.") : ["{$at}{$key}" => (string) $message];
            }

            return $found;
        };
        $names = static fn (string $message): array => preg_match_all('/\{(\w+)[,}]/', $message, $found) > 0 ? array_unique($found[1]) : [];
        [$english, $spanish] = array_map(
            static fn (string $language): array => $flat(require base_path("lang/{$language}/home.php")), ['en', 'es'],
        );
        self::assertSame(array_keys($english), array_keys($spanish));
        foreach ($english as $key => $message) {
            self::assertEqualsCanonicalizing($names($message), $names($spanish[$key]), $key);
        }
        self::assertSame(['en'], (new Lexicon(base_path('lang')))->languages(), 'not offered where most pages would be English');

        $this->task();
        $this->get($this->link(30, 'es'))->assertOk()->assertSee('Moss en casa')->assertSee('Pare cuando')->assertSee('lang="es"', false);
    }

    /** @param  array<string, mixed>  $told */
    private function give(array $told): void
    {
        $this->post("/dogs/{$this->world->dog->id}/homework", ['times_a_day' => 3, 'days' => 7, ...$told])->assertSessionHasNoErrors();
    }

    /** @param  array<string, mixed>  $columns */
    private function task(array $columns = []): Homework
    {
        return Homework::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id,
            'kind' => 'settle', 'name' => 'Settle on the mat', 'what' => 'Mat beside you.', 'counts_when' => 'It stays.',
            'stop_when' => 'It gets up twice.', 'times_a_day' => 3, 'from_on' => '2026-11-20', ...$columns,
        ]);
    }

    private function link(int $days = 30, string $language = 'en'): string
    {
        return '/home/'.app(HomeLinks::class)->make($this->world->trainer, $this->world->dog, $this->nell, $days, $language);
    }

    /** @return array<string, mixed> */
    private function rep(Homework $task, string $answer, ?string $uuid = null): array
    {
        return [
            'uuid' => $uuid ?? (string) Str::uuid(), 'kind' => 'rep', 'homework' => $task->id, 'answer' => $answer, 'at' => 1000,
            'sent_at' => 1000,
        ];
    }
}
