<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\EvidenceJson;
use App\Models\Dog;
use App\Models\Person;
use App\Models\Plan;
use App\Models\Role;
use App\Models\Session;
use App\Plan\CreatePlan;
use App\Plan\LadderPlan;
use App\Plan\PlanDraft;
use App\Practice\Http\OwnPriorsController;
use App\Practice\OwnPriors;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Criterion;
use Core\Measure\Distance;
use Core\Response\RiskCaps;
use Core\Response\SessionEvidence;
use Core\Sign\Band;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** From twenty dogs on, and only where an owner says so, new plans begin with what a practice's own dogs have in common. */
#[CoversClass(OwnPriors::class)]
#[CoversClass(OwnPriorsController::class)]
final class OwnPriorsTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
    }

    public function test_new_plans_begin_there_by_choice_and_those_that_exist_stay(): void
    {
        $this->dogs(20);
        $this->actingAs($this->world->user(Role::Owner));
        $this->get('/practice')->assertOk()->assertSee('20 have that many')->assertDontSee('Work it out again');
        self::assertNull($this->plan('Before')->responseModel->inherited);

        $this->put('/practice/own-priors')->assertRedirect('/practice')
            ->assertSessionHas('status', 'New plans begin with what your own dogs have in common.');

        $kept = $this->world->practice->refresh()->own_priors['presence'] ?? self::fail('It is kept.');
        self::assertSame([20, null], [$kept['dogs'], $kept['level']]);
        $this->get('/practice')->assertSee('For something at a distance, from 20 dogs:')
            ->assertSee('Distance: weighs 3.7 times as much as usual')->assertSee('Work it out again');
        $plan = $this->plan('After');
        self::assertEquals($kept, $plan->responseModel->inherited);
        $this->get("/plans/{$plan->id}")->assertOk()->assertSee('begins as 20 dogs of this practice have shown');
        self::assertSame(1, Plan::query()->whereHas('responseModel', static fn ($of) => $of->whereNotNull('inherited'))->count());
        $this->get('/trail')->assertSee('new plans begin with its own dogs');

        $this->delete('/practice/own-priors')->assertSessionHas('status', 'New plans begin as usual.');
        self::assertNull($this->plan('Later')->responseModel->inherited);
        self::assertEquals($kept, $plan->responseModel->refresh()->inherited, 'what has begun stays');
    }

    public function test_of_fewer_nothing_is_known(): void
    {
        $this->dogs(19);
        $this->actingAs($this->world->user(Role::Owner));
        $this->put('/practice/own-priors')->assertSessionHas(
            'status', 'It needs 20 dogs with 30 trials each for one kind of plan. Until then new plans begin as usual.',
        );

        self::assertNull($this->world->practice->refresh()->own_priors);
        self::assertNull($this->plan('After')->responseModel->inherited);
    }

    /** Dogs for which distance weighs more than usual, each with thirty trials. */
    private function dogs(int $count): void
    {
        $this->actingAs($this->world->trainer)->postJson(
            "/sessions/{$this->world->session->id}/trials", $this->world->trial((string) Str::uuid()),
        )->assertCreated();
        $row = (array) DB::table('trials')->sole();
        unset($row['id']);
        for ($dog = 0; $dog < $count; $dog++) {
            $plan = $this->plan("Dog {$dog}");
            $session = Session::query()->create([
                'practice_id' => $plan->practice_id, 'plan_id' => $plan->id, 'person_id' => $plan->responseModel->person_id,
                'user_id' => $this->world->trainer->id, 'started_at' => now()->subDay(), 'ended_at' => now()->subDay(),
            ]);
            Session::query()->toBase()->where('id', $session->id)->update(['evidence' => EvidenceJson::encode($this->evidence($plan))]);
            DB::table('trials')->insert(array_map(static fn (int $n): array => [
                ...$row, 'session_id' => $session->id, 'uuid' => (string) Str::uuid(), 'sequence' => $n,
            ], range(1, 30)));
        }
    }

    private function evidence(Plan $plan): SessionEvidence
    {
        $trials = [];
        $seen = [[60.0, 0], [40.0, 0], [30.0, 0], [24.0, 1], [20.0, 1], [17.0, 2], [15.0, 2], [13.0, 3], [11.0, 3], [10.0, 4]];
        foreach ($seen as [$at, $band]) {
            $exposure = Exposure::of(
                ['distance' => $at, 'trigger_motion' => 'standing'],
                app(\App\Engine\CoreCatalogs::class)->dimensions($plan->responseModel->kind),
            );
            array_push($trials, ...array_fill(0, 3, ['exposure' => $exposure, 'band' => Band::from($band), 'afterReaction' => false]));
        }

        return SessionEvidence::ofTrials(now()->subDay()->toDateTimeImmutable(), $trials);
    }

    private function plan(string $name): Plan
    {
        $dog = Dog::query()->create(['practice_id' => $this->world->practice->id, 'name' => $name]);

        return app(CreatePlan::class)->write($dog, $this->world->trainer, new PlanDraft(
            'Kites', PlanKind::Presence, null, 'Kites', Person::query()->firstOrFail()->id, 'notice_and_turn_back', LadderPlan::EqualRatios,
            Criterion::run(5), RiskCaps::usual(), reaction: Distance::fromMeters(8.0), start: 80.0, goal: 5.0,
            play: ['trigger_motion' => 'standing'],
        ));
    }
}
