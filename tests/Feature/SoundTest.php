<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Person;
use App\Models\Plan;
use App\Models\Session;
use App\Models\SoundSetUp;
use App\Plan\Http\SoundFields;
use App\Plan\Http\SoundSetUpController;
use App\Plan\Http\SoundSetUpRequest;
use App\Session\Http\MeterController;
use App\Session\Http\MeterRequest;
use App\Session\Http\MeterTokenController;
use App\Session\MeasuredExposure;
use App\Session\Meter;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/**
 * Sound plans: told in dB(A) only where a meter was read, never over their ceiling, and fed by a meter that has a token and nothing else.
 */
#[CoversClass(SoundSetUpController::class)]
#[CoversClass(SoundSetUpRequest::class)]
#[CoversClass(SoundFields::class)]
#[CoversClass(MeterController::class)]
#[CoversClass(MeterTokenController::class)]
#[CoversClass(MeterRequest::class)]
#[CoversClass(Meter::class)]
#[CoversClass(MeasuredExposure::class)]
final class SoundTest extends TestCase
{
    use RefreshDatabase;

    /** 52 dB(A) read at 5 %: 78.02 at full scale. */
    private const MEASURED = [
        'recording' => 'doorbell', 'read_percent' => '5', 'read_level' => '52', 'ceiling' => '65', 'onset_seconds' => '2',
    ];

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_a_measured_plan_is_told_in_decibels_and_says_how_to_play_its_steps(): void
    {
        $plan = $this->plan([...self::MEASURED, 'start' => '32', 'goal' => '62']);

        $this->get("/plans/{$plan->id}")->assertSee("32\u{00A0}dB(A)")->assertSee('52 dB(A) at the dog at 5% of the player');
        // by hand: 32 − 78.02 = −46.02 dB: 0.5 %
        $this->get("/plans/{$plan->id}/sound")->assertOk()->assertSeeInOrder(["32\u{00A0}dB(A)", '0.5%', "62\u{00A0}dB(A)", '16%']);
        $play = $this->started($plan)->refresh()->state['advice']['next']['play'] ?? null;
        self::assertEqualsWithDelta(0.005, $play['fraction'], 1e-4);
    }

    public function test_a_plan_nobody_measured_is_told_in_percent_until_somebody_does(): void
    {
        $plan = $this->plan(['recording' => 'rumble', 'start' => '1', 'goal' => '20']);
        $this->get("/plans/{$plan->id}")->assertSee('1% of the player')->assertDontSee("\u{00A0}dB(A)");

        // 70 dB(A) at full scale: 1 % is 40 dB under that
        $this->put("/plans/{$plan->id}/sound", ['recording' => 'rumble', 'read_percent' => '100', 'read_level' => '70', 'ceiling' => '65'])
            ->assertSessionHasNoErrors();
        $this->get("/plans/{$plan->id}")->assertSee("30\u{00A0}dB(A)")->assertDontSee('1% of the player');
        $this->get("/plans/{$plan->id}/sound")->assertSeeInOrder(["30\u{00A0}dB(A)", '1%', "56\u{00A0}dB(A)", '20%']);
    }

    public function test_no_step_is_more_than_three_decibels_over_the_one_before(): void
    {
        $levels = $this->plan([...self::MEASURED, 'start' => '32', 'goal' => '62'])->steps()->with('exposures')->get()->map(
            static fn ($step): float => (float) $step->exposures->firstWhere('dimension', 'level')?->number,
        )->all();

        for ($i = 1; $i < count($levels); $i++) {
            self::assertLessThanOrEqual(3.001, $levels[$i] - $levels[$i - 1]);
        }
    }

    /** @return iterable<string, array{array<string, string>, string, string}> */
    public static function refused(): iterable
    {
        yield 'a ceiling above 80' => [
            ['ceiling' => '81', 'ceiling_confirmed' => '1'], 'ceiling', 'The ceiling must be 30 to 80 dB(A) at the dog; never above.',
        ];
        yield 'a ceiling above 70, not confirmed' => [
            ['ceiling' => '72'], 'ceiling',
            'The ceiling must be 30 to 70 dB(A) at the dog. Up to 80 only if you tick that you mean it; never above.',
        ];
        yield 'a ladder over its ceiling' => [
            ['ceiling' => '55'], 'ceiling', 'over the ceiling of 55 dB(A). Raise the ceiling, or ask for less.',
        ];
        yield 'a ceiling in words' => [['ceiling' => 'loud'], 'ceiling', 'Give the ceiling as a number of dB(A).'];
        yield 'a reading without its share' => [['read_percent' => ''], 'read_percent', 'Say at how much of the player it was read.'];
        yield 'a share of nothing' => [
            ['read_percent' => '0'], 'read_percent', 'The share of the player must be over 0 and at most 100 %.',
        ];
        yield 'a level nobody stands' => [['read_level' => '130'], 'read_level', 'The level that was read must be 20 to 110 dB(A).'];
        yield 'a goal in percent where decibels are told' => [
            ['goal' => '100'], 'goal', "Level at the dog must be a number from 20 to 80\u{00A0}dB(A).",
        ];
    }

    /** @param  array<string, string>  $changed */
    #[DataProvider('refused')]
    public function test_what_cannot_be_is_told_at_its_field_and_nothing_is_half_stored(
        array $changed, string $field, string $message,
    ): void {
        $told = $this->postJson("/dogs/{$this->world->dog->id}/plans", [
            ...self::form(), ...self::MEASURED, 'start' => '32', 'goal' => '62', ...$changed,
        ])->assertUnprocessable()->json("errors.{$field}.0");

        self::assertStringContainsString($message, is_string($told) ? $told : '');
        self::assertSame([1, 0], [Plan::query()->count(), SoundSetUp::query()->count()]);
    }

    public function test_a_running_plan_keeps_its_ceiling_over_its_ladder_and_its_reading(): void
    {
        $plan = $this->plan([...self::MEASURED, 'start' => '32', 'goal' => '62']);

        $this->put("/plans/{$plan->id}/sound", [...self::MEASURED, 'ceiling' => '60'])->assertSessionHasErrors(['ceiling']);
        $this->put("/plans/{$plan->id}/sound", [...self::MEASURED, 'read_level' => ''])
            ->assertSessionHasErrors(['read_level' => 'Give the reading again: this plan is told in dB(A) since it was measured.']);
        // another player, read again: the same levels by other shares
        $this->put("/plans/{$plan->id}/sound", [...self::MEASURED, 'read_level' => '58'])->assertSessionHasNoErrors();
        $this->get("/plans/{$plan->id}/sound")->assertSeeInOrder(["32\u{00A0}dB(A)", '0.25%']);
        $this->get("/plans/{$this->world->plan->id}/sound")->assertNotFound();
    }

    public function test_a_meter_feeds_one_session_by_its_token_and_nothing_else(): void
    {
        $session = $this->started($this->plan([...self::MEASURED, 'start' => '32', 'goal' => '62']));
        $other = $this->world->session;
        $token = $this->postJson("/sessions/{$session->id}/meter")->assertCreated()->json('token');
        $headers = ['Authorization' => "Bearer {$token}"];
        $readings = ['readings' => [['number' => 1, 'level' => 44.5, 'age_ms' => 300], ['number' => 2, 'level' => 66.0]]];

        $this->postJson("/meter/{$session->id}", $readings, $headers)
            ->assertOk()->assertExactJson(['kept' => 2, 'ceiling' => 65, 'over' => true]);
        $this->postJson("/meter/{$session->id}", $readings, $headers)->assertOk()->assertJson(['kept' => 0]);
        foreach ([
            ["/meter/{$session->id}", 'Bearer wrong'], ["/meter/{$session->id}", ''], ["/meter/{$other->id}", $headers['Authorization']],
            ['/meter/987654', $headers['Authorization']],
        ] as [$address, $authorization]) {
            $this->postJson($address, $readings, ['Authorization' => $authorization])->assertUnauthorized();
        }
        $this->getJson("/meter/{$session->id}")->assertForbidden();
        $this->getJson(URL::temporarySignedRoute('meter.show', now()->addDay(), ['session' => $session->id], absolute: false))
            ->assertExactJson(['level' => 66]);

        $this->postJson(
            "/meter/{$session->id}", ['readings' => [['number' => -1, 'level' => 'loud'], ['number' => 3, 'level' => 150]]], $headers,
        )->assertUnprocessable()->assertJsonValidationErrors(['readings.0.number', 'readings.0.level', 'readings.1.level']);
        $this->postJson("/meter/{$session->id}", ['readings' => array_fill(0, 101, ['number' => 1, 'level' => 40])], $headers)
            ->assertUnprocessable();
        $again = $this->postJson("/sessions/{$session->id}/meter")->json('token');
        $this->postJson("/meter/{$session->id}", $readings, $headers)->assertUnauthorized();
        $session->update(['ended_at' => now()]);
        $this->postJson("/meter/{$session->id}", $readings, ['Authorization' => "Bearer {$again}"])->assertGone();
        $this->postJson("/sessions/{$session->id}/meter")->assertConflict();
        self::assertSame(2, DB::table('meter_readings')->count());
    }

    /** 50 dB(A) over a background of 45 is a sound of 48.35. */
    public function test_a_trial_keeps_the_level_that_was_heard_and_the_time_it_lasted(): void
    {
        $session = $this->started($this->plan([...self::MEASURED, 'start' => '32', 'goal' => '62', 'play' => ['length' => '3']]));
        $token = $this->postJson("/sessions/{$session->id}/meter")->json('token');
        $this->postJson(
            "/meter/{$session->id}",
            ['readings' => [
                ['number' => 1, 'level' => 45, 'age_ms' => 9000], ['number' => 2, 'level' => 50, 'age_ms' => 3500],
                ['number' => 3, 'level' => 48, 'age_ms' => 3000], ['number' => 4, 'level' => 70, 'age_ms' => 500],
            ]],
            ['Authorization' => "Bearer {$token}"],
        )->assertOk();
        $trial = [
            'uuid' => (string) Str::uuid(), 'sequence' => 1, 'outcome' => 'returned', 'band' => 1, 'sound_ago_ms' => 4200,
            'sound_ms' => 2600,
        ];

        $this->postJson("/sessions/{$session->id}/trials", $trial)->assertCreated();
        $real = DB::table('trial_exposures')->where('part', 'real')->pluck('number', 'dimension');
        self::assertEqualsWithDelta(48.35, (float) $real['level'], 0.01);
        self::assertEqualsWithDelta(2.6, (float) $real['length'], 0.01);
        // sent again after the meter has sent more: the same trial all the same
        $this->postJson(
            "/meter/{$session->id}", ['readings' => [['number' => 5, 'level' => 60, 'age_ms' => 3600]]],
            ['Authorization' => "Bearer {$token}"],
        )->assertOk();
        $this->postJson("/sessions/{$session->id}/trials", $trial)->assertOk();
    }

    public function test_a_correction_is_typed_on_the_scale_that_is_shown(): void
    {
        $plan = $this->plan(['recording' => 'rumble', 'start' => '1', 'goal' => '20']);
        $session = $this->started($plan);
        $this->postJson("/sessions/{$session->id}/trials", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'returned', 'band' => 0, 'aim' => 'step:0',
        ])->assertCreated();
        $id = DB::table('trials')->value('id');
        $this->get("/sessions/{$session->id}/review?trial={$id}")->assertSeeInOrder(['% of the player', 'value="1"'], false);
        $correct = fn (string $level) => $this->put("/sessions/{$session->id}/trials/{$id}", [
            'uuid' => (string) Str::uuid(), 'exposure' => ['level' => $level],
        ])->assertSessionHasNoErrors();
        $correct('1');
        self::assertNull(DB::table('trial_corrections')->latest('id')->value('changes'), 'as it was shown');
        // ten times the share is 20 dB
        $correct('10');
        self::assertStringContainsString('10% of the player', (string) $this->get("/sessions/{$session->id}/review")->getContent());
    }

    /** @param  array<string, mixed>  $typed */
    private function plan(array $typed): Plan
    {
        $this->post("/dogs/{$this->world->dog->id}/plans", [...self::form(), ...$typed])->assertSessionHasNoErrors();

        return Plan::query()->latest('id')->firstOrFail();
    }

    /** @return array<string, string> */
    private static function form(): array
    {
        return [
            'kind' => 'sound', 'trigger_name' => 'Doorbell', 'person_id' => (string) Person::query()->value('id'), 'ladder' => 'ratio',
            'run_length' => '5', 'caution' => 'usual', 'most_advances' => '3', 'set_minutes' => '3', 'session_minutes' => '10',
        ];
    }

    private function started(Plan $plan): Session
    {
        $this->post("/plans/{$plan->id}/sessions", ['read' => ['sound'], 'without_reason' => 'shown before'])->assertSessionHasNoErrors();

        return $plan->sessions()->firstOrFail();
    }
}
