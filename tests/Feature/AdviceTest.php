<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\PlanReader;
use App\Engine\SinceLastSession;
use App\Engine\SituationReader;
use App\Engine\SummaryJson;
use App\Models\AdviceGiven;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Intake;
use App\Models\Place;
use App\Models\PracticeTemplate;
use App\Models\Session;
use App\Models\Trial;
use App\View\Components\Staircase;
use Core\Decision\LongHold;
use Core\Decision\Mark;
use Core\Decision\MarkKind;
use Core\Decision\SessionSummary;
use Core\Decision\Situation;
use Core\Exception\ErrorCode;
use Core\Exception\InvalidLadder;
use Core\Ladder\Criterion;
use Core\Ladder\Step;
use Core\Planning\LadderReview;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What people told, tested and logged reaches the advice: by the pages they use. */
#[CoversClass(SituationReader::class)]
#[CoversClass(SinceLastSession::class)]
#[CoversClass(PlanReader::class)]
#[CoversClass(SummaryJson::class)]
final class AdviceTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    /** @param  array<string, string>  $answers */
    #[TestWith([['state' => 'unwell'], 'not_here', 'unwell'])]
    #[TestWith([['ground_hot' => '1'], 'not_here', 'hot-ground'])]
    #[TestWith([['gear_off' => '1'], 'not_here', 'gear-off'])]
    #[TestWith([['state' => 'tired'], 'start', 'not-rested'])]
    #[TestWith([['state' => 'wired'], 'start', 'wired'])]
    #[TestWith([['noise' => 'loud'], 'start', 'noisy'])]
    #[TestWith([['state' => 'usual', 'noise' => 'quiet'], 'start', 'start-typed'])]
    public function test_each_answer_of_the_checklist_acts(array $answers, string $action, string $code): void
    {
        $advice = $this->started($answers);

        self::assertSame($action, $advice->action->value);
        self::assertSame($code, $advice->reasons[0]['code']);
    }

    public function test_nothing_is_ticked_beforehand(): void
    {
        $this->get("/plans/{$this->world->plan->id}/sessions/create")->assertOk()->assertDontSee('checked', false);
    }

    /** What is told of the steps is put right by what came, as in the session, and stands beside the cap that the plan says. */
    public function test_a_plan_tells_its_steps_as_this_dog_bears_them_out(): void
    {
        $this->log(1, 60.0, 0);
        foreach ([3, 0, 3] as $i => $band) {
            $advice = AdviceGiven::query()->latest('id')->firstOrFail();
            $this->log($i + 2, (float) ($advice->exposure['distance'] ?? 60.0), $band, "advice:{$advice->id}");
        }
        $this->post("/sessions/{$this->world->session->id}/end");
        $view = $this->get("/plans/{$this->world->plan->id}")->assertOk();
        $situation = $view->viewData('situation');
        $review = $view->viewData('review');
        self::assertInstanceOf(Situation::class, $situation);
        self::assertInstanceOf(LadderReview::class, $review);
        $step = $review->steps[0];
        $told = $situation->calibration->told($step->today);

        self::assertGreaterThan($step->today->strain()->value, $told->strain()->value, 'more came than was foretold');
        $stair = Staircase::of($review, $situation, static fn (): string => '');
        self::assertSame($told->strain()->value, $stair['risks'][0]['bound']);
        self::assertSame($situation->settings->caps->strain->value, $stair['limit']);
        $view->assertSee('struggling '.words()->formats->chance($told->strain()), false);
    }

    /** A run is where the dog was, whatever was advised; and the next session knows it. */
    public function test_five_good_ones_nearer_than_advised_count_there(): void
    {
        $codes = [];
        for ($i = 1; $i <= 5; $i++) {
            $codes = $this->log($i, 50.0, 0);
        }
        self::assertSame('criterion', $codes[0] ?? '');
        $next = (float) (AdviceGiven::query()->latest('id')->firstOrFail()->exposure['distance'] ?? 0.0);
        self::assertTrue($next < 50.0 && $next >= 37.5, "{$next} m");
        $advice = $this->started([]);

        self::assertSame('start-back', $advice->reasons[0]['code']);
        self::assertEqualsWithDelta(58.0, (float) ($advice->exposure['distance'] ?? 0.0), 4.0, 'a step easier than 50 m');
    }

    #[TestWith([2, -1, 'start-reaction-elsewhere'])]
    #[TestWith([1, -1, 'start-back'])]
    #[TestWith([2, -100, 'start-back'])]
    public function test_a_reaction_on_a_walk_since_the_last_session_makes_the_start_easier(int $severity, int $minutes, string $code): void
    {
        for ($i = 1; $i <= 5; $i++) {
            $this->log($i, 50.0, 0);
        }
        $this->post("/sessions/{$this->world->session->id}/end");
        Session::query()->update(['started_at' => now()->subMinutes(60)]);
        Event::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id,
            'kind' => EventKind::OffPlan, 'severity' => $severity, 'occurred_at' => now()->addMinutes($minutes),
        ]);

        self::assertContains($code, array_column($this->started([])->reasons, 'code'));
    }

    public function test_a_test_since_the_last_session_leads_the_start(): void
    {
        $this->post("/dogs/{$this->world->dog->id}/assessments", [
            'kind' => 'presence', 'trigger_id' => $this->world->plan->responseModel->trigger_id,
            'person_id' => $this->world->plan->responseModel->person_id, 'tried' => [
                ['distance' => '60', 'cue' => '1', 'food' => 'gently'], ['distance' => '45', 'cue' => '1', 'food' => 'gently'],
                ['distance' => '30', 'cue' => '0', 'food' => 'gently'],
            ],
        ])->assertSessionHasNoErrors();
        $advice = $this->started([]);

        self::assertSame('start-tested-below', $advice->reasons[0]['code']);
        // a step easier than what passed, as the nearer one did not
        self::assertSame(52.0, (float) ($advice->exposure['distance'] ?? 0.0));
    }

    public function test_a_place_where_the_plan_never_was_is_told_from_one_where_it_was(): void
    {
        foreach (range(1, 6) as $i) {
            $this->log($i, 80.0, 0);
        }
        $places = [
            $this->world->plan->place_id => false,
            Place::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Quay', 'room_meters' => 150])->id => true,
        ];
        foreach ($places as $place => $isNew) {
            $advice = $this->started(['place_id' => (string) $place]);
            self::assertSame($isNew, in_array('new-place', array_column($advice->reasons, 'code'), true));
            $this->post("/sessions/{$advice->session_id}/end");
        }
    }

    #[TestWith([20, 'new-here'])]
    #[TestWith([21, 'start-typed'])]
    public function test_a_dog_new_in_its_home_starts_easier(int $days, string $code): void
    {
        Intake::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id,
            'arrived_on' => now()->subDays($days)->format('Y-m-d'),
        ]);
        app(PlanReader::class)->forget(); // a request of its own reads afresh

        self::assertSame($code, $this->started([])->reasons[0]['code']);
    }

    /** Summaries from before marks told where: a step of the ladder then. */
    public function test_a_summary_of_an_older_version_is_read_by_its_steps(): void
    {
        $plan = app(PlanReader::class)->read($this->world->plan);
        $old = (string) json_encode([
            'trials' => 9, 'marks' => [['step' => 1, 'held' => true], ['step' => 2, 'held' => false]], 'reacted' => true,
            'endedWithEffort' => false, 'calm' => false, 'succeeded' => true,
            'calibration' => ['expectedStrain' => 0.1, 'strain' => 1, 'expectedReaction' => 0.05, 'reactions' => 1, 'forecasts' => 9],
            'dayNumber' => 20000, 'helped' => ['side' => 2],
        ]);
        $read = SummaryJson::decode($old, $plan->catalog, $plan->ladder);

        self::assertSame([MarkKind::Solid, MarkKind::Over], array_map(static fn (Mark $mark): MarkKind => $mark->kind, $read->marks));
        self::assertEquals($plan->ladder->step(1)->exposure, $read->marks[0]->level->exposure);
        self::assertSame([9, true, 20000, ['side' => 2], 1], [
            $read->trials, $read->reacted, $read->dayNumber, $read->helped, $read->calibration->reactions,
        ]);
        self::assertEquals($read, SummaryJson::decode(SummaryJson::encode($read), $plan->catalog, $plan->ladder));
        $now = new SessionSummary(2, [], false, false, true, longHolds: [new LongHold(
            $read->marks[0]->level, Criterion::share(4, 5)->over(2, 1), [true, false],
        )]);
        self::assertEquals($now, SummaryJson::decode(SummaryJson::encode($now), $plan->catalog, $plan->ladder));
    }

    /**
     * @param  array<string, string>  $answers
     */
    private function started(array $answers): AdviceGiven
    {
        $this->post("/sessions/{$this->world->session->id}/end");
        $this->post("/plans/{$this->world->plan->id}/sessions", [...$answers, 'food_usual' => 40, 'without_reason' => 'a test'])
            ->assertRedirect();

        return AdviceGiven::query()->latest('id')->firstOrFail();
    }

    /** @return list<string> codes of the advice */
    private function log(int $number, float $meters, int $band, ?string $aim = null): array
    {
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid(), $meters), 'sequence' => $number, 'band' => $band,
            ...$aim === null ? [] : ['aim' => $aim],
        ])->assertCreated();

        return array_column(AdviceGiven::query()->latest('id')->firstOrFail()->reasons, 'code');
    }

    /** What a device aims at may be gone by then: the nearest step stands for it, and nothing is lost. */
    #[TestWith(['alt:999999:0', 52.0, 52.0])]
    #[TestWith(['step:2', 30.0, null])]
    #[TestWith(['advice:999999', 33.0, 33.0])]
    public function test_an_aim_that_is_not_there_any_more_is_the_nearest_step(string $aim, float $meters, ?float $near): void
    {
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid(), $meters), 'aim' => $aim,
        ])->assertCreated();
        $position = Trial::query()->latest('id')->firstOrFail()->step->position;
        $ladder = app(PlanReader::class)->read($this->world->plan)->ladder;
        $offs = array_map(
            static fn (Step $step): float => abs(log(($step->exposure->distance()->meters ?? 1.0) / ($near ?? 1.0))), $ladder->steps,
        );

        self::assertSame($near === null ? 2 : array_keys($offs, min($offs), true)[0], $position);
    }

    public function test_a_step_plan_that_is_taken_out_is_gone_and_its_text_is_there_to_have_it_back(): void
    {
        $this->post("/plans/{$this->world->plan->id}/templates", ['template_label' => 'Kites, far']);
        $own = PracticeTemplate::query()->sole();
        $this->delete("/templates/{$own->key}")->assertRedirect();

        self::assertSame(0, PracticeTemplate::query()->count());
        $this->get('/templates')->assertOk()->assertSee('Kites, far');
        $this->post('/templates', ['text' => '[1, 2]'])
            ->assertSessionHasErrors(['text' => words()->error(InvalidLadder::at('', ErrorCode::NotJson))]);
    }
}
