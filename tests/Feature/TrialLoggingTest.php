<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AdviceGiven;
use App\Models\Session;
use App\Models\Trial;
use App\Models\TrialCorrection;
use App\Models\UnplacedTrial;
use App\Models\User;
use App\Plan\CreatePlan;
use App\Plan\LadderPlan;
use App\Plan\PlanDraft;
use App\Session\LogTrial;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Response\RiskCaps;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

#[CoversClass(LogTrial::class)]
final class TrialLoggingTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_a_trial_is_kept_as_it_was_and_answered_with_advice_and_its_reasons(): void
    {
        $answer = $this->log([
            'uuid' => 'a4f7c1de-2222-4b7a-9a35-0a5f1f1f0001', 'distance' => 79.5, 'signs' => ['lick.lip', 'yawn'], 'band' => null,
            'food' => 'dropped', 'note' => 'gust of wind',
        ])->assertCreated();

        $trial = Trial::query()->with(['exposures', 'signs'])->sole();
        self::assertSame(2, $trial->band->value, 'two small signs are effort');
        self::assertSame(2, $trial->band_proposed->value);
        self::assertSame(['lick.lip', 'yawn'], $trial->signs->pluck('sign')->sort()->values()->all());
        self::assertSame(79.5, $trial->exposures->where('part', 'real')->firstWhere('dimension', 'distance')?->number);
        self::assertSame(80.0, $trial->exposures->where('part', 'target')->firstWhere('dimension', 'distance')?->number);
        self::assertNotEmpty($answer->json('advice.reasons.0.sentence'));
        $risk = $answer->json('advice.risk');
        self::assertIsArray($risk);
        self::assertGreaterThan($risk['strainMean'], $risk['strainBound']);
        self::assertEquals(
            [
                'strain' => ['mean' => $risk['strainMean'], 'bound' => $risk['strainBound'], 'limit' => 0.05],
                'reaction' => ['mean' => $risk['reactionMean'], 'bound' => $risk['reactionBound'], 'limit' => 0.01],
            ],
            $this->world->session->refresh()->state['advice']['risk'] ?? null, 'and drawn on the screen',
        );
    }

    public function test_the_observers_band_stands_beside_the_proposal(): void
    {
        $this->log(['signs' => ['stiff'], 'band' => 1])->assertCreated();

        $trial = Trial::query()->sole();
        self::assertSame([1, 2], [$trial->band->value, $trial->band_proposed->value]);
    }

    public function test_the_same_trial_twice_is_accepted_once_and_answered_with_the_advice_first_given(): void
    {
        $uuid = (string) Str::uuid();
        $first = $this->log(['uuid' => $uuid])->assertCreated();
        $this->log([]);
        $again = $this->log(['uuid' => strtoupper($uuid), 'sent_at' => 1_900_000_000_000])->assertOk();

        self::assertSame($first->json('advice'), $again->json('advice'));
        self::assertSame(2, Trial::query()->count());
        self::assertSame(3, AdviceGiven::query()->count(), 'one to start with and one for each trial');
    }

    public function test_the_same_identifier_with_other_content_is_refused_clearly(): void
    {
        $uuid = (string) Str::uuid();
        $this->log(['uuid' => $uuid])->assertCreated();
        $this->log(['uuid' => $uuid, 'band' => 3])->assertStatus(409)->assertJsonValidationErrorFor('uuid');

        self::assertSame(1, Trial::query()->sole()->band->value);
    }

    /** @param  list<mixed>  $value */
    #[TestWith(['distance', [0], 'more than 0'])]
    #[TestWith(['distance', [-4], 'more than 0'])]
    #[TestWith(['distance', [501], 'at most 500'])]
    #[TestWith(['distance', ['near the gate'], 'as a number'])]
    #[TestWith(['distance', [''], 'Give the distance'])]
    #[TestWith(['distance', [[1, 2]], 'number'])]
    #[TestWith(['signs.0', [['tail.helicopter']], 'tail.helicopter'])]
    #[TestWith(['outcome', ['flew away'], 'outcomes shown'])]
    #[TestWith(['band', [7], 'band from 0'])]
    #[TestWith(['uuid', ['42'], 'not a UUID'])]
    #[TestWith(['food', ['steak'], 'took the food'])]
    #[TestWith(['exposure.trigger_motion', [['trigger_motion' => 'levitating']], 'values shown'])]
    public function test_bad_input_is_told_at_its_field_and_nothing_is_stored(string $field, array $value, string $message): void
    {
        $answer = $this->log([explode('.', $field)[0] => $value[0]])->assertUnprocessable()->assertJsonValidationErrorFor($field);

        self::assertStringContainsString($message, (string) json_encode($answer->json('errors'), JSON_UNESCAPED_UNICODE));
        self::assertSame(0, Trial::query()->count());
    }

    public function test_a_reaction_cannot_be_easy(): void
    {
        $this->log(['outcome' => 'reacted', 'band' => 0])->assertUnprocessable()->assertJsonValidationErrorFor('band');
        $this->log(['outcome' => 'reacted', 'band' => null])->assertCreated();

        self::assertSame(4, Trial::query()->sole()->band->value);
    }

    public function test_another_practices_session_is_not_there(): void
    {
        $this->actingAs(User::factory()->createOne());
        $this->log([])->assertNotFound();

        self::assertSame(0, Trial::query()->count());
    }

    #[TestWith(['1971-01-01T00:00:00Z'], 'long ago')]
    #[TestWith(['2199-01-01T00:00:00.123Z'], 'in the future')]
    #[TestWith(['half past ten'], 'unreadable')]
    #[TestWith([99999999999999999], 'beyond all calendars')]
    #[TestWith([null], 'missing')]
    public function test_a_trial_is_never_refused_for_its_clock(string|int|null $deviceAt): void
    {
        $this->log(['device_at' => $deviceAt])->assertCreated();

        self::assertLessThanOrEqual(now()->addSecond(), Trial::query()->sole()->occurred_at);
    }

    public function test_a_clock_that_is_off_is_corrected_by_what_was_measured(): void
    {
        $wrong = now()->addHours(3);
        $tapped = $wrong->getTimestampMs() - 120_877;
        $this->log(['device_at' => $tapped, 'sent_at' => $wrong->getTimestampMs()])->assertCreated();

        $trial = Trial::query()->sole();
        self::assertSame(-3 * 3600 * 1000, $trial->clock_offset_ms);
        self::assertSame($tapped, $trial->device_at->getTimestampMs(), 'as the device told it, to the millisecond');
        self::assertSame(now()->getTimestampMs() - 120_877, $trial->occurred_at->getTimestampMs());
    }

    public function test_a_late_trial_joins_an_ended_session_and_the_review_is_worked_out_again(): void
    {
        $this->log([])->assertCreated();
        $this->post("/sessions/{$this->world->session->id}/end");
        $before = Session::query()->sole()->summary;
        $this->log(['band' => 3, 'outcome' => 'prompted_stiff'])->assertCreated();

        $after = Session::query()->sole();
        self::assertNotNull($after->ended_at);
        self::assertNotEquals($before, $after->summary);
        $this->get("/sessions/{$this->world->session->id}/review")->assertOk()->assertSee('2 trials');
    }

    public function test_a_trial_of_a_plan_put_away_meanwhile_is_kept(): void
    {
        $this->delete("/plans/{$this->world->plan->id}")->assertRedirect();
        $this->log([])->assertCreated();

        $this->get("/sessions/{$this->world->session->id}/review")->assertOk()->assertSee('archived');
    }

    public function test_what_cannot_be_placed_waits_in_the_tray_until_it_is(): void
    {
        $this->get('/dogs')->assertDontSee(route('unfiled.index').'"', false);
        $uuid = (string) Str::uuid();
        $this->postJson('/unfiled', [...$this->world->trial($uuid), 'session' => 99999999])
            ->assertStatus(202)->assertJson(['trial' => ['uuid' => $uuid]]);
        $this->postJson('/unfiled', [...$this->world->trial($uuid), 'session' => 99999999])->assertStatus(202);
        $unplaced = UnplacedTrial::query()->sole();
        $this->get('/unfiled')->assertOk()->assertSee('could not be found');
        $this->get('/')->assertSee('1 trial is unfiled')->assertSee('Unfiled (1)');

        $this->post("/unfiled/{$unplaced->id}/place", ['session_id' => $this->world->session->id])->assertRedirect('/unfiled');
        self::assertSame($uuid, Trial::query()->sole()->uuid);
        $this->get('/unfiled')->assertSee('Nothing waits here');
    }

    public function test_undo_and_edit_are_kept_beside_the_trial_and_change_what_counts(): void
    {
        $this->log(['band' => 0]);
        $this->log(['band' => 0]);
        $undo = ['uuid' => (string) Str::uuid()];
        $this->post("/sessions/{$this->world->session->id}/undo", $undo)->assertRedirect();
        $this->post("/sessions/{$this->world->session->id}/undo", $undo)->assertRedirect();
        self::assertSame([2, 1], [Trial::query()->count(), $this->counted()], 'a second tap undoes nothing more');

        $trial = Trial::query()->orderBy('id')->firstOrFail();
        $this->put("/sessions/{$this->world->session->id}/trials/{$trial->id}", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'prompted', 'band' => '2',
        ])->assertRedirect();
        self::assertSame(0, $trial->refresh()->band->value, 'the trial itself is never changed');
        $evidence = Session::query()->sole()->evidence;
        self::assertSame([0, 0, 1, 0, 0], is_array($evidence[0] ?? null) ? $evidence[0]['counts'] : null);
    }

    /** The list of outcomes once left out those of handling, and touching the band turned a "declined" into a success. */
    public function test_correcting_one_field_leaves_every_other_as_it_was(): void
    {
        $plan = app(CreatePlan::class)->write($this->world->dog, $this->world->trainer, new PlanDraft(
            'Nails', PlanKind::Contact, null, 'Nails', $this->world->session->person_id, 'opt_in_station', LadderPlan::Template,
            Criterion::share(4, 5), RiskCaps::usual(), template: 'nails',
        ));
        $session = Session::query()->create([
            'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $plan->responseModel->person_id,
            'user_id' => $this->world->trainer->id, 'started_at' => now()->subMinute(),
        ]);
        $session->sets()->create(['position' => 1, 'started_at' => now()->subMinute()]);
        $this->postJson("/sessions/{$session->id}/trials", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'refused_start', 'band' => 3, 'food' => 'gently',
        ])->assertCreated();
        $trial = Trial::query()->sole();

        $review = $this->get("/sessions/{$session->id}/review?trial={$trial->id}")->assertOk()->getContent();
        self::assertMatchesRegularExpression(
            '/<option value="refused_start"\s+selected/', (string) $review, 'the form offers what is stored',
        );
        $this->put("/sessions/{$session->id}/trials/{$trial->id}", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'refused_start', 'band' => 2,
        ])->assertSessionHasNoErrors();
        self::assertSame(['band' => 2], TrialCorrection::query()->sole()->changes);

        $this->put("/sessions/{$session->id}/trials/{$trial->id}", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'refused_start', 'band' => 2,
        ])->assertSessionHasNoErrors();
        self::assertSame(1, TrialCorrection::query()->count(), 'nothing was changed');
        $this->put("/sessions/{$session->id}/trials/{$trial->id}", ['uuid' => (string) Str::uuid(), 'outcome' => 'watched', 'band' => 2])
            ->assertSessionHasErrors('outcome');
    }

    public function test_a_bite_puts_the_plan_to_rest_until_somebody_has_reviewed_it(): void
    {
        $answer = $this->log(['outcome' => 'reacted', 'band' => 4, 'signs' => ['bite']])->assertCreated();
        self::assertSame('stop', $answer->json('advice.action'));
        $this->get("/plans/{$this->world->plan->id}")->assertSee('gives no advice until a trainer has reviewed it');

        $this->get("/dogs/{$this->world->dog->id}")->assertSee('bite');
        self::assertSame('refer', $this->log([])->json('advice.action'), 'it rests for later trials too');

        $this->post("/plans/{$this->world->plan->id}/review", ['checked' => '1'])->assertRedirect();
        self::assertNull($this->world->plan->refresh()->resting_reason);
        self::assertSame($this->world->trainer->id, $this->world->plan->reviewed_by);
    }

    public function test_ending_twice_is_harmless(): void
    {
        $path = "/sessions/{$this->world->session->id}/end";
        $this->post($path, ['end_note' => 'calm'])->assertRedirect();
        $ended = Session::query()->sole()->ended_at;
        $this->post($path, ['end_note' => 'again'])->assertRedirect();

        $session = Session::query()->sole();
        self::assertEquals($ended, $session->ended_at);
        self::assertSame('calm', $session->end_note);
    }

    public function test_exports_hold_every_trial_and_run_nothing_in_a_spreadsheet(): void
    {
        $this->log(['note' => '=1+1']);
        $json = json_decode((string) $this->get("/sessions/{$this->world->session->id}/export.json")->assertOk()->getContent(), true);
        self::assertIsArray($json);
        self::assertSame(['wheatear.session', 'returned', 80, 'standing'], [
            $json['format'], $json['trials'][0]['outcome'], $json['trials'][0]['exposure']['distance'],
            $json['trials'][0]['exposure']['trigger_motion'],
        ]);

        $csv = (string) $this->get("/sessions/{$this->world->session->id}/export.csv")->assertOk()->getContent();
        $rows = array_map(static fn (string $line): array => str_getcsv($line, escape: ''), array_filter(explode("\r\n", $csv)));
        self::assertSame("'=1+1", array_combine(array_map(strval(...), $rows[0]), $rows[1])['note']);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return TestResponse<Response>
     */
    private function log(array $changes): TestResponse
    {
        return $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid()), 'aim' => 'step:0', ...$changes,
        ]);
    }

    private function counted(): int
    {
        $summary = Session::query()->sole()->summary;

        return is_array($summary) && is_int($summary['trials']) ? $summary['trials'] : -1;
    }
}
