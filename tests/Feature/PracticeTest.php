<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CalendarLink;
use App\Models\Client;
use App\Models\Device;
use App\Models\Dog;
use App\Models\Event;
use App\Models\HomeLink;
use App\Models\Invitation;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\PlanRest;
use App\Models\Report;
use App\Models\ResponseModel;
use App\Models\Role;
use App\Models\Session;
use App\Models\TimingDevice;
use App\Models\TimingRound;
use App\Models\TrailAction;
use App\Models\TrailEntry;
use App\Models\Trial;
use App\Models\User;
use App\Models\YardVisit;
use App\People\ErasePerson;
use App\Plan\MoveDogs;
use Core\Marking\Drill;
use Core\Yard\YardDog;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** A morning at the office: names put right, clients, dogs archived and moved, people gone. */
#[CoversClass(MoveDogs::class)]
#[CoversClass(ErasePerson::class)]
final class PracticeTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_name_is_put_right_everywhere_it_is_told(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)->put("/dogs/{$world->dog->id}", ['name' => 'Mossy'])->assertSessionHasNoErrors();

        $this->get('/')->assertSee('Mossy');
        $this->get("/plans/{$world->plan->id}")->assertSee('Mossy');
    }

    public function test_a_flag_is_taken_back_with_a_reason_only(): void
    {
        $world = World::make();
        $world->dog->update(['bite_history' => true]);
        $this->actingAs($world->trainer)->put("/dogs/{$world->dog->id}", ['name' => 'Moss'])->assertSessionHasErrors('flag_reason');
        self::assertTrue($world->dog->refresh()->bite_history);

        $this->put("/dogs/{$world->dog->id}", ['name' => 'Moss', 'flag_reason' => 'another dog of that name'])->assertSessionHasNoErrors();
        self::assertFalse($world->dog->refresh()->bite_history);
        self::assertSame(
            ['flag' => 'bite_history', 'reason' => 'another dog of that name'],
            TrailEntry::query()->where('action', 'flag_taken_back')->sole()->facts,
        );
    }

    public function test_an_archived_dog_is_due_nowhere_and_loses_nothing(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)
            ->postJson("/sessions/{$world->session->id}/trials", $world->trial((string) Str::uuid()))->assertCreated();
        $world->session->update(['ended_at' => now()]);
        $this->post("/dogs/{$world->dog->id}/archive", ['archived_for' => 'died'])->assertSessionHasNoErrors();

        $this->get('/dogs?archived=1')->assertSee('Moss');
        $this->get('/')->assertOk()->assertDontSee('Moss');
        $this->get('/dogs')->assertDontSee('Moss');
        $this->get('/events/create')->assertDontSee('Moss');
        $this->get("/sessions/{$world->session->id}/review")->assertOk();
        self::assertSame(1, Trial::query()->count());

        $this->delete("/dogs/{$world->dog->id}/archive");
        $this->get('/')->assertSee('Moss');
    }

    public function test_a_moved_dog_keeps_all_that_was_learned_and_who_logged_it(): void
    {
        $world = World::make();
        $world->dog->update(['trainer_id' => $world->trainer->id]);
        $this->actingAs($world->trainer)
            ->postJson("/sessions/{$world->session->id}/trials", $world->trial((string) Str::uuid()))->assertCreated();
        $old = $world->session->person_id;
        $new = $world->user(Role::Trainer);
        $model = $world->plan->response_model_id;

        $this->put("/dogs/{$world->dog->id}/trainer", ['trainer_id' => $new->id])->assertSessionHasNoErrors();

        $person = Person::query()->where('user_id', $new->id)->sole();
        self::assertSame($new->id, $world->dog->refresh()->trainer_id);
        self::assertSame([$model, $person->id], [
            $world->plan->refresh()->response_model_id, ResponseModel::query()->findOrFail($model)->person_id,
        ]);
        self::assertSame($old, $world->session->refresh()->person_id, 'who handled then');
        $this->get("/plans/{$world->plan->id}")->assertOk();
    }

    public function test_two_histories_are_never_mixed_when_a_dog_is_moved(): void
    {
        $world = World::make();
        $world->dog->update(['trainer_id' => $world->trainer->id]);
        $new = $world->user(Role::Trainer);
        $person = Person::query()->create(['practice_id' => $world->practice->id, 'user_id' => $new->id, 'name' => 'New']);
        $this->actingAs($world->trainer)
            ->post("/plans/{$world->plan->id}/handovers", ['to_person' => $person->id])->assertSessionHasNoErrors();
        $before = ResponseModel::query()->orderBy('id')->pluck('person_id', 'id')->all();

        $this->put("/dogs/{$world->dog->id}/trainer", ['trainer_id' => $new->id])->assertSessionHas(
            'status', static fn (string $told): bool => str_contains($told, 'Kites'),
        );
        self::assertSame($before, ResponseModel::query()->orderBy('id')->pluck('person_id', 'id')->all());
    }

    public function test_only_a_trainer_of_this_practice_is_put_in_charge(): void
    {
        $world = World::make();
        $off = $world->user(Role::Trainer);
        $off->update(['disabled_at' => now()]);
        foreach ([User::factory()->createOne(), $world->user(Role::Guardian), $world->user(Role::Helper), $off] as $user) {
            $this->actingAs($world->trainer)->put("/dogs/{$world->dog->id}/trainer", ['trainer_id' => $user->id])
                ->assertSessionHasErrors('trainer_id');
        }
        self::assertNull($world->dog->refresh()->trainer_id);
    }

    public function test_a_guardian_sees_the_dogs_of_the_household_and_of_no_other(): void
    {
        $world = World::make();
        $client = Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Fenby family']);
        $guardian = $world->user(Role::Guardian);
        $person = Person::query()->create(['practice_id' => $world->practice->id, 'user_id' => $guardian->id, 'name' => 'Nell']);
        $other = Dog::query()->create(['practice_id' => $world->practice->id, 'name' => 'Otherdog']);
        $this->actingAs($guardian)->get("/dogs/{$world->dog->id}")->assertNotFound();

        $this->actingAs($world->trainer)->put("/dogs/{$world->dog->id}", ['name' => 'Moss', 'client_id' => $client->id]);
        $this->put("/people/{$person->id}", ['name' => 'Nell', 'client_id' => $client->id])->assertSessionHasNoErrors();

        $this->actingAs($guardian)->get("/dogs/{$world->dog->id}")->assertOk()->assertDontSee('Fenby');
        $this->get('/')->assertSee('Moss')->assertDontSee('Otherdog');
        $this->get("/dogs/{$other->id}")->assertNotFound();
    }

    public function test_what_belongs_to_another_practice_cannot_be_chosen(): void
    {
        $world = World::make();
        $theirs = Client::query()->create(['practice_id' => User::factory()->createOne()->practice_id, 'name' => 'Theirs']);
        $this->actingAs($world->trainer)->put("/dogs/{$world->dog->id}", ['name' => 'Moss', 'client_id' => $theirs->id])
            ->assertSessionHasErrors('client_id');
        $this->post('/people', ['name' => 'Nell', 'client_id' => $theirs->id])->assertSessionHasErrors('client_id');
        $this->get('/clients')->assertDontSee('Theirs');
    }

    public function test_archived_people_and_places_are_not_offered_and_stay_where_they_were(): void
    {
        $world = World::make();
        $person = Person::query()->create(['practice_id' => $world->practice->id, 'name' => 'Goneperson']);
        $place = Place::query()->create(['practice_id' => $world->practice->id, 'name' => 'Goneplace']);
        $start = "/plans/{$world->plan->id}/sessions/create";
        $this->actingAs($world->trainer)->get($start)->assertSee('Goneperson')->assertSee('Goneplace');

        $this->post("/people/{$person->id}/archive");
        $this->post("/places/{$place->id}/archive");
        $this->get('/places?archived=1')->assertSee('Goneplace');
        $this->get($start)->assertDontSee('Goneperson')->assertDontSee('Goneplace');
        $this->post("/plans/{$world->plan->id}/sessions", ['person_id' => $person->id])->assertSessionHasErrors('person_id');
        $this->get("/dogs/{$world->dog->id}/plans/create")->assertDontSee('Goneperson')->assertDontSee('Goneplace');
        $this->get("/dogs/{$world->dog->id}/assessments/create")->assertDontSee('Goneperson')->assertDontSee('Goneplace');
        $this->get('/people?archived=1')->assertSee('Goneperson');
    }

    public function test_somebody_erased_is_named_nowhere_and_what_happened_stays(): void
    {
        $world = World::make();
        $guardian = $world->user(Role::Guardian);
        $guardian->update(['name' => 'Nell Fenby', 'email' => 'nell@example.test']);
        $person = Person::query()
            ->create(['practice_id' => $world->practice->id, 'user_id' => $guardian->id, 'name' => 'Nell Fenby', 'phone' => '0123']);
        $world->dog->guardians()->attach($guardian);
        $world->session->update(['person_id' => $person->id]);
        $this->actingAs($guardian)->post('/events', [
            'uuid' => (string) Str::uuid(), 'dog_id' => $world->dog->id, 'event_kind' => 'upset', 'severity' => '2', 'ago' => '0',
        ])->assertSessionHasNoErrors();
        $owner = $world->user(Role::Owner);
        $this->actingAs($owner)->put("/people/{$person->id}", ['name' => 'Nell Fenby-Marsh'])->assertSessionHasNoErrors();

        $this->delete("/people/{$person->id}/data", ['confirm_name' => 'Nell'])->assertSessionHasErrors('confirm_name');
        $this->delete("/people/{$person->id}/data", ['confirm_name' => 'Nell Fenby-Marsh'])->assertSessionHasNoErrors();

        foreach ([
            '/people', '/people?archived=1', "/people/{$person->id}", "/sessions/{$world->session->id}/review", '/trail', '/',
        ] as $page) {
            $this->get($page)->assertOk()->assertDontSee('Nell')->assertDontSee('nell@');
        }
        self::assertSame(1, Event::query()->count());
        self::assertSame(0, User::query()->where('email', 'nell@example.test')->count());
        $this->post('/sign-out');
        $this->post('/sign-in', ['email' => 'nell@example.test', 'password' => 'correct horse battery'])->assertSessionHasErrors('email');
    }

    /** What is about them alone goes; whoever was invited in their place, or has a link of theirs, comes in no more. */
    public function test_what_belonged_to_somebody_erased_goes_with_them(): void
    {
        $world = World::make();
        $user = $world->user(Role::Trainer);
        $person = Person::query()->create(['practice_id' => $world->practice->id, 'user_id' => $user->id, 'name' => 'Bryn Holt']);
        $owner = $world->user(Role::Owner);
        foreach ([$user, $owner] as $of) {
            $both = ['practice_id' => $world->practice->id, 'user_id' => $of->id];
            Device::query()->create([
                'user_id' => $of->id, 'secret' => Str::random(), 'name' => 'A phone', 'address' => '192.0.2.1', 'is_remembered' => true,
                'signed_in_at' => now(), 'seen_at' => now(),
            ]);
            TimingDevice::query()->create([
                ...$both, 'device' => 'A phone', 'mark_by' => 'tap', 'delay_ms' => 40, 'spread_ms' => 9, 'measured_at' => now(),
            ]);
            TimingRound::query()->create([
                ...$both, 'drill' => Drill::Palm, 'mark_by' => 'tap', 'seed' => 1, 'delay_ms' => 40, 'spread_ms' => 9, 'parts' => [],
                'taps' => [], 'started_at' => now(),
            ]);
            YardVisit::query()->create([...$both, 'dog' => YardDog::cases()[0], 'seed' => 1, 'acts' => [], 'started_at' => now()]);
        }
        $link = ['practice_id' => $world->practice->id, 'person_id' => $person->id, 'token' => hash('sha256', 'known')];
        HomeLink::query()->create([
            ...$link, 'dog_id' => $world->dog->id, 'user_id' => $owner->id, 'language' => 'en', 'ends_at' => now()->addDay(),
        ]);
        CalendarLink::query()->create($link);
        Invitation::query()->create([
            'practice_id' => $world->practice->id, 'user_id' => $owner->id, 'person_id' => $person->id, 'name' => 'Bryn Holt',
            'email' => 'bryn@example.test', 'role' => Role::Trainer, 'made_at' => now(),
        ]);

        app(ErasePerson::class)->erase($owner, $person);

        foreach ([Device::class, TimingDevice::class, TimingRound::class, YardVisit::class] as $model) {
            self::assertSame([$owner->id], $model::query()->pluck('user_id')->all(), $model);
        }
        self::assertNotNull(HomeLink::query()->sole()->closed_at);
        self::assertNotNull(CalendarLink::query()->sole()->closed_at);
        $invitation = Invitation::query()->sole();
        self::assertNotNull($invitation->withdrawn_at);
        self::assertStringNotContainsString('Bryn', $invitation->name.$person->refresh()->name.$user->refresh()->name);
        self::assertStringNotContainsString('bryn', $invitation->email.$user->email);
        self::assertNotNull($user->disabled_at);
        self::assertSame(
            ["person:{$person->id}"], TrailEntry::query()->where('action', TrailAction::Erased)->pluck('subject')->all(),
            'and that it was done',
        );
    }

    public function test_a_household_erased_is_named_in_no_report(): void
    {
        $world = World::make();
        $owner = $world->user(Role::Owner);
        $client = Client::query()->create([
            'practice_id' => $world->practice->id, 'name' => 'Fenby family', 'phone' => '01632 960 180', 'address' => '1 Old Quay',
            'vet' => 'Dr. Rook', 'emergency_contact' => 'Ada', 'email' => 'fenby@example.test',
        ]);
        $report = Report::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $owner->id, 'kind' => 'vet',
            'language' => 'en', 'name' => 'Fenby family', 'parts' => ['weight'], 'sections' => [['of' => 'the Fenby family']],
            'made_at' => now(),
        ]);

        app(ErasePerson::class)->eraseClient($owner, $client);

        $told = json_encode([$report->refresh()->toArray(), $client->refresh()->toArray()], JSON_THROW_ON_ERROR);
        foreach (['Fenby', '960 180', 'Old Quay', 'Rook', 'Ada', 'fenby@'] as $known) {
            self::assertStringNotContainsString($known, $told);
        }
        self::assertNotNull($client->archived_at);
    }

    public function test_a_person_gets_what_is_kept_about_them_as_a_file(): void
    {
        $world = World::make();
        $person = Person::query()->where('user_id', $world->trainer->id)->sole();
        $this->actingAs($world->trainer)
            ->postJson("/sessions/{$world->session->id}/trials", $world->trial((string) Str::uuid()))->assertCreated();

        $file = $this->actingAs($world->user(Role::Owner))->get("/people/{$person->id}/data")->assertOk()->json();

        self::assertIsArray($file);
        self::assertSame($world->trainer->email, $file['sign_in']['email']);
        self::assertSame(1, $file['trials_logged']);
        self::assertSame([$world->session->id], array_column($file['sessions_handled'], 'number'));
        self::assertStringNotContainsString('password', json_encode($file, JSON_THROW_ON_ERROR));
    }

    public function test_a_zone_that_does_not_exist_is_told_at_its_field_and_changes_nothing(): void
    {
        $world = World::make();
        $this->actingAs($world->user(Role::Owner));
        $this->put('/practice', ['name' => 'Test practice', 'time_zone' => 'Europe/Nowhere'])->assertSessionHasErrors('time_zone');
        self::assertSame('UTC', $world->practice->refresh()->time_zone);

        $hours = ['quiet_from' => '20:30', 'quiet_until' => '07:05'];
        $this->put('/practice', [...$hours, 'name' => 'Renamed', 'time_zone' => 'America/St_Johns'])->assertSessionHasNoErrors();
        self::assertSame([1230, 425], [$world->practice->refresh()->quiet_from, $world->practice->quiet_until]);
        $this->put('/practice', [...$hours, 'name' => 'Renamed', 'time_zone' => 'America/St_Johns', 'quiet_from' => '24:00'])
            ->assertSessionHasErrors('quiet_from');
        $this->get('/')->assertSee('Renamed');
        $this->get('/trail')->assertSee('America/St_Johns');
    }

    public function test_dogs_are_found_by_name_breed_and_household(): void
    {
        $world = World::make();
        $client = Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Fenby family']);
        $world->dog->update(['breed' => 'water dog', 'client_id' => $client->id]);
        Dog::query()->create(['practice_id' => $world->practice->id, 'name' => '100% Otherdog']);
        $this->actingAs($world->trainer);

        foreach (['mos', 'water', 'fenby'] as $search) {
            $this->get("/dogs?q={$search}")->assertSee('Moss')->assertDontSee('Otherdog');
        }
        $this->get('/dogs?q=%25')->assertDontSee('Moss')->assertSee('Otherdog');
    }

    public function test_somebody_named_on_the_spot_handles_and_is_added_once(): void
    {
        $world = World::make();
        $world->session->update(['ended_at' => now()]);
        $this->actingAs($world->trainer);
        $start = fn (string $name) =>
            $this->post("/plans/{$world->plan->id}/sessions", ['person_name' => $name, 'without_reason' => 'seen']);

        $start('Nell, next door')->assertSessionHasNoErrors();
        $session = Session::query()->latest('id')->firstOrFail();
        self::assertSame('Nell, next door', Person::query()->findOrFail($session->person_id)->name);
        $session->update(['ended_at' => now()]);
        $start('Nell, next door')->assertSessionHasNoErrors();
        self::assertSame(1, Person::query()->where('name', 'Nell, next door')->count());
        $start(str_repeat('n', 121))->assertSessionHasErrors('person_name');
        $this->post("/dogs/{$world->dog->id}/plans", [
            'kind' => 'presence', 'trigger_name' => 'Wheelbarrows', 'person_name' => 'Tam', 'person_id' => $session->person_id,
            'start' => '60',
            'run_length' => '5', 'caution' => 'usual', 'most_advances' => '3', 'set_minutes' => '4', 'session_minutes' => '20',
            'goal' => '5', 'reaction' => '8', 'fine_at' => '40', 'method' => 'notice_and_turn_back',
        ])->assertSessionHasNoErrors();
        self::assertSame('Tam', Plan::query()->latest('id')->firstOrFail()->responseModel->person->name);
    }

    /** What a guardian types must not lead to a person of another household who happens to be called the same. */
    public function test_a_guardian_who_names_somebody_does_not_reach_a_stranger_of_that_name(): void
    {
        $world = World::make();
        $world->session->update(['ended_at' => now()]);
        $guardian = $world->user(Role::Guardian);
        $world->dog->guardians()->attach($guardian);
        $stranger = Person::query()->create(['practice_id' => $world->practice->id, 'name' => 'Tam']);
        $this->actingAs($guardian)->post("/plans/{$world->plan->id}/sessions", ['person_name' => 'Tam', 'without_reason' => 'seen'])
            ->assertSessionHasNoErrors();

        self::assertNotSame($stranger->id, Session::query()->latest('id')->firstOrFail()->person_id);
    }

    public function test_a_resting_plan_waits_for_a_trainer_and_keeps_who_let_it_go_on(): void
    {
        $world = World::make();
        $guardian = $world->user(Role::Guardian);
        $world->dog->guardians()->attach($guardian);
        $this->actingAs($guardian)->postJson("/sessions/{$world->session->id}/trials", [
            ...$world->trial((string) Str::uuid()), 'band' => 4, 'outcome' => 'reacted', 'signs' => ['bite'],
        ])->assertCreated();
        $world->session->update(['ended_at' => now()]);
        $this->get("/plans/{$world->plan->id}/sessions/create")->assertForbidden();
        $this->post("/plans/{$world->plan->id}/sessions")->assertForbidden();

        $this->actingAs($world->trainer)->get('/')->assertSee('rests since')->assertSee($guardian->name);
        $this->post("/plans/{$world->plan->id}/review", ['checked' => '1'])->assertSessionHasNoErrors();
        $rest = PlanRest::query()->sole();
        self::assertSame([$guardian->id, $world->trainer->id], [$rest->user_id, $rest->reviewed_by]);
        $this->get("/plans/{$world->plan->id}")->assertSee('let it go on');
        $this->get('/')->assertDontSee('rests since');
        $this->actingAs($guardian)->get("/plans/{$world->plan->id}/sessions/create")->assertOk();
    }

    public function test_only_in_training_keeps_nobody_out_of_a_session_and_not_at_all_does(): void
    {
        $world = World::make();
        $world->session->update(['ended_at' => now()]);
        $keep = fn (string $grade) => $this->actingAs($world->trainer)->post("/dogs/{$world->dog->id}/limits", [
            'limited_person' => $world->session->person_id, 'reason' => 'grabs', 'grade' => $grade,
        ])->assertSessionHasNoErrors();
        $start = fn () => $this->post("/plans/{$world->plan->id}/sessions", [
            'person_id' => $world->session->person_id, 'without_reason' => 'seen',
        ]);

        $keep('not_at_all');
        $start()->assertSessionHasErrors();
        $keep('only_in_training');
        $start()->assertSessionHasNoErrors();
        $this->get("/dogs/{$world->dog->id}/handling")->assertSee('only in training');
    }

    public function test_a_word_is_found_in_names_and_notes_of_what_a_user_may_see(): void
    {
        $world = World::make();
        $world->session->update(['ended_at' => now(), 'end_note' => 'stood by the windmill']);
        $other = Dog::query()->create(['practice_id' => $world->practice->id, 'name' => 'Windmill']);
        Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Windmill family']);
        $guardian = $world->user(Role::Guardian);
        $world->dog->guardians()->attach($guardian);

        $this->actingAs($world->trainer)->get('/find?q=windmil')->assertSee('by the windmill')->assertSee('Windmill family')
            ->assertSee("/dogs/{$other->id}");
        $this->actingAs($guardian)->get('/find?q=windmil')->assertSee('by the windmill')->assertDontSee('Windmill family')
            ->assertDontSee("/dogs/{$other->id}");
        $this->get('/find?q=w')->assertSee('at least two letters');
        $this->actingAs(User::factory()->createOne(['role' => Role::Owner]))->get('/find?q=windmil')->assertSee('Nothing found');
    }
}
