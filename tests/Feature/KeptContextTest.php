<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\PlanFacts;
use App\Engine\PlanStarts;
use App\Engine\SessionContexts;
use App\Input\Plain;
use App\Models\AdviceGiven;
use App\Models\Session;
use App\Session\TrialParser;
use App\Session\TrialRules;
use Core\Decision\Action;
use Core\Measure\DistanceUnit;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Tests\TestCase;

/** What is kept between two trials stands only as long as all it was made of, whoever changes that, and however. */
#[CoversClass(PlanFacts::class)]
#[CoversClass(SessionContexts::class)]
#[CoversClass(PlanStarts::class)]
#[CoversClass(TrialRules::class)]
#[CoversClass(Plain::class)]
final class KeptContextTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    /** @return iterable<string, array{\Closure(World): void}> */
    public static function changes(): iterable
    {
        $set = static fn (string $table, array $values): \Closure => static function () use ($table, $values): void {
            DB::table($table)->update($values);
        };
        yield 'a cap of the plan' => [$set('plans', ['strain_cap' => 0.07])];
        yield 'the plan rests' => [$set('plans', ['resting_reason' => 'bite'])];
        yield 'a step is elsewhere' => [static function (): void {
            DB::table('steps')->where('position', 2)->update(['retired_at' => '2026-11-20 10:00:00']);
        }];
        yield 'where the dog reacts' => [$set('response_models', ['reference_meters' => 9.5])];
        yield 'the dog hides signs' => [$set('dogs', ['hides_signs' => true])];
        yield 'why it reacts' => [$set('triggers', ['motive' => 'fear'])];
        yield 'the room of the place' => [$set('places', ['room_meters' => 31])];
        yield 'the days of the practice' => [$set('practices', ['time_zone' => 'Pacific/Auckland'])];
        yield 'a break' => [static function (World $world): void {
            DB::table('sets')->insert(['session_id' => $world->session->id, 'position' => 2, 'started_at' => now()]);
        }];
        yield 'its own order' => [static function (World $world): void {
            DB::table('dimension_orders')->insert([
                'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'kind' => 'presence', 'dimension' => 'trigger_motion',
                'order' => '["run","standing"]',
            ]);
        }];
        yield 'an intake' => [static function (World $world): void {
            DB::table('intakes')->insert([
                'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id,
                'normal_signs' => '["whine"]',
            ]);
        }];
        yield 'a fright on a walk' => [static function (World $world): void {
            DB::table('events')->insert([
                'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'kind' => 'off_plan', 'severity' => 2,
                'occurred_at' => now()->subHours(2),
            ]);
        }];
        yield 'a trial of another session' => [static function (World $world): void {
            $other = (array) DB::table('sessions')->where('id', $world->session->id)->first();
            DB::table('sessions')->insert(['id' => null, 'started_at' => now()->subDays(3)] + $other);
        }];
    }

    /** @param  \Closure(World): void  $change  as somebody else's request would make it, without telling anybody */
    #[DataProvider('changes')]
    public function test_whatever_a_context_is_made_of_gives_it_up(\Closure $change): void
    {
        $facts = fn (): string => app(PlanFacts::class)->of(
            [$this->world->plan->id], $this->world->session->started_at, $this->world->session,
        )[$this->world->plan->id];
        $before = $facts();
        self::assertSame($before, $facts());
        $change($this->world);
        self::assertNotSame($before, $facts());
    }

    public function test_a_trial_of_the_session_itself_leaves_its_context_as_it_is(): void
    {
        $session = Session::query()->findOrFail($this->world->session->id);
        $before = app(SessionContexts::class)->of($session);
        $this->postJson("/sessions/{$session->id}/trials", $this->world->trial(self::uuid(1)))->assertCreated();
        $this->app->forgetScopedInstances();
        $of = DB::getQueryLog();
        DB::enableQueryLog();
        $after = app(SessionContexts::class)->of(Session::query()->findOrFail($session->id));
        self::assertCount(1, DB::getQueryLog(), 'the session, and nothing that the context is made of');
        self::assertSame([], $of);
        self::assertEquals($before->inCore, $after->inCore);
    }

    public function test_a_plan_that_somebody_else_lets_rest_is_not_worked_on(): void
    {
        $send = fn (int $n) => $this->postJson("/sessions/{$this->world->session->id}/trials", $this->world->trial(self::uuid($n)));
        $send(1)->assertCreated();
        self::assertNotSame(Action::Stop, AdviceGiven::query()->latest('id')->firstOrFail()->action);
        DB::table('plans')->update(['resting_reason' => 'bite']);
        $this->app->forgetScopedInstances();
        $send(2)->assertCreated();
        $reasons = AdviceGiven::query()->latest('id')->firstOrFail()->reasons;
        self::assertStringContainsString('rest', json_encode($reasons, JSON_THROW_ON_ERROR));
    }

    /** Of a thousand trials, most a little spoilt: what is taken at a glance is taken by the rules, and read as the same trial. */
    public function test_what_is_seen_to_be_right_at_a_glance_is_right_by_the_rules(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(19));
        $rules = app(TrialRules::class);
        $parser = app(TrialParser::class);
        $session = Session::query()->findOrFail($this->world->session->id);
        $odd = [null, '', '0', 0, 1, 4, 5, -1, 1.5, '12', 'x', [], ['x'], [null], true, '1e9', 500, 600_001, 3_600_000, 3_600_001, "a\nb",
            'standing', 'returned', 'reacted', 'gently', 'step:3', "step:3\n", ['trigger_motion' => 'run'], ['trigger_motion' => ' run'],
            ['distance' => 4], ['body_area' => 'ear'], ['whine'], ['whine', 'whine'], 'late_mark', ['a;b'], ['a tall one'],
            str_repeat('n', 501)];
        $fields = ['sequence', 'aim', 'distance', 'exposure', 'outcome', 'band', 'signs', 'food', 'food_gone', 'latency', 'latency_ms',
            'stare_ms', 'stare_at', 'paid_ms', 'hold_ms', 'stay_ms', 'return_ms', 'sound_ms', 'device', 'interrupted', 'handler_error',
            'slip', 'traits', 'note', 'more'];
        $plain = 0;
        for ($i = 0; $i < 1000; $i++) {
            $trial = $this->world->trial(self::uuid($i));
            for ($spoilt = $random->getInt(0, 2); $spoilt > 0; $spoilt--) {
                $trial[$fields[$random->getInt(0, count($fields) - 1)]] = $odd[$random->getInt(0, count($odd) - 1)];
            }
            if (! $rules->isPlain($trial, $session, DistanceUnit::Foot)) {
                continue;
            }
            $plain++;
            $checked = $rules->check($trial, $session, DistanceUnit::Foot);
            self::assertFalse($checked->fails(), json_encode([$trial, $checked->errors()], JSON_THROW_ON_ERROR));
            self::assertEquals(
                $parser->parse($checked->validated(), $session, DistanceUnit::Foot), $parser->parse($trial, $session, DistanceUnit::Foot),
            );
        }
        self::assertGreaterThan(330, $plain, 'what is not spoilt is seen at a glance');
    }

    public function test_today_asks_the_database_no_more_for_more_plans(): void
    {
        $this->anotherPlan('Kites 1');
        $this->get('/')->assertOk();
        $few = $this->queriesOfToday();
        foreach (range(2, 6) as $n) {
            $this->anotherPlan("Kites {$n}");
        }
        $this->get('/')->assertOk()->assertSee('Kites 6');
        self::assertSame($few, $this->queriesOfToday());
    }

    private function anotherPlan(string $name): void
    {
        $copy = static fn (string $table, int $id, array $changed): int =>
            DB::table($table)->insertGetId(['id' => null, ...$changed] + (array) DB::table($table)->find($id));
        $plan = $copy('plans', $this->world->plan->id, ['name' => $name]);
        foreach (DB::table('steps')->where('plan_id', $this->world->plan->id)->pluck('id') as $step) {
            $new = $copy('steps', is_int($step) ? $step : 0, ['plan_id' => $plan]);
            DB::insert(
                'INSERT INTO step_exposures SELECT ?, dimension, number, choice FROM step_exposures WHERE step_id = ?', [$new, $step],
            );
        }
    }

    private function queriesOfToday(): int
    {
        $this->app->forgetScopedInstances();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get('/')->assertOk();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    private static function uuid(int $n): string
    {
        return sprintf('cccccccc-0000-4000-8000-%012d', $n);
    }
}
