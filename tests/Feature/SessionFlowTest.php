<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\TrialReader;
use App\Models\Plan;
use App\Models\Role;
use App\Models\Session;
use App\Models\TrainingSet;
use App\Models\Trial;
use App\Models\UnplacedTrial;
use App\Models\User;
use App\Practice\Http\SettingsController;
use App\Practice\Http\TodayController;
use App\Session\Http\BreakController;
use App\Session\Http\SessionController;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

#[CoversClass(SessionController::class)]
#[CoversClass(BreakController::class)]
#[CoversClass(TodayController::class)]
#[CoversClass(SettingsController::class)]
final class SessionFlowTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_starting_twice_goes_back_to_the_session_that_is_open(): void
    {
        $path = "/plans/{$this->world->plan->id}/sessions";
        $this->post($path)->assertRedirect("/sessions/{$this->world->session->id}");
        self::assertSame(1, Session::query()->count());

        $this->post("/sessions/{$this->world->session->id}/end");
        $this->post($path)
            ->assertSessionHasErrors(['without_reason' => 'Say why it begins without what is not ready, or show that first.']);
        $this->post($path, ['without_reason' => 'shown to me on the street'])->assertRedirect();
        self::assertSame(2, Session::query()->count());
    }

    /** Both kinds of pieces are counted together down to none; who counted nothing is told nothing. */
    public function test_pieces_counted_before_a_session_are_on_its_screen(): void
    {
        $path = "/plans/{$this->world->plan->id}/sessions";
        $this->get("/sessions/{$this->world->session->id}")->assertSee('data-food=""', false);
        $this->post("/sessions/{$this->world->session->id}/end");
        $start = ['without_reason' => 'shown to me on the street'];
        $this->post($path, [...$start, 'food_usual' => '0', 'food_best' => '0'])->assertSessionHasErrors('food_usual');
        $this->post($path, [...$start, 'food_usual' => '501'])->assertSessionHasErrors('food_usual');
        $this->post($path, [...$start, 'food_usual' => '40', 'food_best' => '12'])->assertSessionHasNoErrors();

        $session = Session::query()->whereNull('ended_at')->sole();
        $this->get("/sessions/{$session->id}")->assertSee('data-food="52"', false);
    }

    public function test_an_ended_session_shows_its_review_instead_of_the_form(): void
    {
        $this->post("/sessions/{$this->world->session->id}/end");

        $this->get("/sessions/{$this->world->session->id}")->assertRedirect("/sessions/{$this->world->session->id}/review");
    }

    public function test_after_a_break_trials_fall_into_a_new_set_and_an_empty_set_is_not_ended_twice(): void
    {
        $this->log();
        $this->post("/sessions/{$this->world->session->id}/breaks");
        $this->post("/sessions/{$this->world->session->id}/breaks");
        self::assertSame(2, TrainingSet::query()->count());

        $this->log();
        self::assertCount(2, Trial::query()->pluck('set_id')->unique());
    }

    public function test_a_late_trial_joins_the_set_that_ran_then(): void
    {
        $this->log();
        $this->travel(6)->minutes();
        $this->post("/sessions/{$this->world->session->id}/breaks");
        $this->travel(1)->minutes();
        $this->log(['device_at' => now()->subMinutes(5)->getTimestampMs(), 'sent_at' => now()->getTimestampMs()]);

        self::assertCount(1, Trial::query()->pluck('set_id')->unique());
    }

    public function test_each_trial_keeps_what_the_advice_it_followed_had_foretold(): void
    {
        $start = $this->world->session->advice()->firstOrFail();
        $this->log(['aim' => "advice:{$start->id}"]);
        $this->log(['aim' => 'step:2']);

        [$followed, $own] = Trial::query()->orderBy('id')->get()->all();
        self::assertSame($start->action->value, $followed->under_action);
        self::assertEqualsWithDelta($start->reaction_mean, json_decode((string) $followed->forecast, true)['reactionMean'] ?? null, 1e-9);
        self::assertSame([null, null], [$own->under_action, $own->forecast]);
        self::assertSame(1, Session::query()->sole()->summary['calibration']['forecasts'] ?? null);
    }

    public function test_advice_of_another_session_is_not_an_aim(): void
    {
        $other = World::make();
        $this->log(['aim' => 'advice:'.$other->session->advice()->firstOrFail()->id, 'distance' => 60]);

        $trial = Trial::query()->sole();
        self::assertNull($trial->under_action);
        self::assertSame($this->world->plan->id, $trial->step->plan_id, 'the nearest step of its own plan');
    }

    public function test_today_shows_a_guardian_only_their_own_dog(): void
    {
        $guardian = $this->world->user(Role::Guardian);
        $this->actingAs($guardian)->get('/')->assertOk()->assertDontSee('Moss')->assertSee('Nothing to train yet');
        $this->world->dog->guardians()->attach($guardian);
        $this->get('/')->assertSee('Moss')->assertSee('still open');
    }

    public function test_a_stranger_sees_nothing_of_it(): void
    {
        $this->actingAs(User::factory()->createOne(['role' => Role::Owner]));

        $this->get('/')->assertDontSee('Moss');
        $this->get('/dogs')->assertDontSee('Moss');
    }

    public function test_distances_follow_the_users_unit_in_and_out(): void
    {
        $this->put('/settings', ['distance_unit' => 'ft'])->assertRedirect();
        $this->log(['distance' => 100, 'aim' => 'step:0']);

        self::assertEqualsWithDelta(
            30.48, Trial::query()->sole()->exposures->where('part', 'real')->firstWhere('dimension', 'distance')?->number, 1e-3,
        );
        $this->get("/sessions/{$this->world->session->id}/review")->assertSee("100\u{00A0}ft");
        $this->put('/settings', ['distance_unit' => 'furlong'])->assertSessionHasErrors('distance_unit');
    }

    public function test_the_review_says_what_was_advised_and_what_was_chosen(): void
    {
        $start = $this->world->session->advice()->firstOrFail();
        $this->log(['aim' => "advice:{$start->id}", 'distance' => 150]);
        $this->log(['aim' => 'step:5', 'distance' => 40]);

        $this->get("/sessions/{$this->world->session->id}/review")
            ->assertOk()->assertSee('(done otherwise)')->assertSee('Done as advised 0 of 1 times');
    }

    public function test_a_plan_put_away_is_out_of_sight_and_its_sessions_are_not(): void
    {
        $this->delete("/plans/{$this->world->plan->id}");

        self::assertSame([0, 1], [Plan::query()->count(), Session::query()->count()]);
        $this->get("/plans/{$this->world->plan->id}")->assertNotFound();
        $this->get("/dogs/{$this->world->dog->id}")->assertOk()->assertSee('No plan yet');
    }

    public function test_what_is_dismissed_from_the_tray_stays_on_record(): void
    {
        $this->postJson('/unfiled', $this->world->trial((string) Str::uuid()));
        $unplaced = UnplacedTrial::query()->sole();
        $this->delete("/unfiled/{$unplaced->id}")->assertRedirect('/unfiled');

        self::assertNotNull($unplaced->refresh()->settled_at);
        $this->get('/unfiled')->assertSee('Nothing waits here');
    }

    public function test_filing_can_be_taken_back_and_done_again_here_or_elsewhere(): void
    {
        $this->postJson('/unfiled', $this->world->trial((string) Str::uuid()));
        $unplaced = UnplacedTrial::query()->sole();
        $other = Session::query()->create([
            'practice_id' => $this->world->practice->id, 'plan_id' => $this->world->plan->id,
            'person_id' => $this->world->session->person_id, 'user_id' => $this->world->trainer->id, 'started_at' => now()->subDay(),
        ]);
        $other->sets()->create(['position' => 1, 'started_at' => now()->subDay()]);
        $file = fn (Session $into) => $this->post("/unfiled/{$unplaced->id}/place", ['session_id' => $into->id])
            ->assertSessionHasNoErrors();
        $counts = fn (): array => array_map(
            static fn (Session $session): int =>
                count(app(TrialReader::class)->ofSession($session)->trials), [$this->world->session, $other],
        );

        $file($this->world->session);
        self::assertSame([1, 0], $counts());
        $this->get('/unfiled')->assertSee('Take it back')->assertSee($this->world->trainer->name);
        $this->post("/unfiled/{$unplaced->id}/restore")->assertRedirect('/unfiled');
        self::assertSame([0, 0], $counts());
        $this->get('/unfiled')->assertDontSee('Nothing waits here');
        $file($this->world->session);
        self::assertSame([1, 0], $counts());
        $this->post("/unfiled/{$unplaced->id}/restore");
        $file($other);
        self::assertSame([0, 1], $counts());
        self::assertSame(2, Trial::query()->count(), 'what was filed and taken back stays on record');
    }

    public function test_a_payload_in_the_tray_that_cannot_be_read_is_told_and_kept(): void
    {
        $this->postJson('/unfiled', ['uuid' => (string) Str::uuid(), 'outcome' => 'flew'])->assertStatus(202);
        $unplaced = UnplacedTrial::query()->sole();

        $this->from('/unfiled')->post("/unfiled/{$unplaced->id}/place", [
            'session_id' => $this->world->session->id,
        ])->assertRedirect('/unfiled')->assertSessionHasErrors('outcome');
        self::assertNull($unplaced->refresh()->settled_at);
    }

    /** @param  array<string, mixed>  $changes */
    private function log(array $changes = []): void
    {
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid()), 'sequence' => Trial::query()->count() + 1,
            'device_at' => now()->getTimestampMs(), ...$changes,
        ])->assertCreated();
    }
}
