<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Assessment\Http\AssessmentController;
use App\Assessment\RecordAssessment;
use App\Dog\Http\IntakeController;
use App\Dog\Http\OrderController;
use App\Dog\Readiness;
use App\Dog\SkillState;
use App\Engine\PlanReader;
use App\Engine\SituationReader;
use App\Library\CautionRepository;
use App\Library\Http\TemplateController;
use App\Library\TemplateFile;
use App\Library\TemplateFromPlan;
use App\Models\Assessment;
use App\Models\CautionRead;
use App\Models\DimensionOrder;
use App\Models\Intake;
use App\Models\Person;
use App\Models\Plan;
use App\Models\PlanVersion;
use App\Models\PracticeTemplate;
use App\Models\ResponseModel;
use App\Models\Session;
use App\Models\SkillShowing;
use App\Models\Trial;
use App\Models\User;
use App\Models\Waiver;
use App\Plan\HandOverPlan;
use App\Plan\Http\LadderController;
use App\Plan\LadderEdit;
use App\Plan\LadderEditor;
use App\Plan\RevisePlan;
use Core\Decision\Situation;
use Core\Exposure\Exposure;
use Core\Exposure\PlanKind;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

#[CoversClass(IntakeController::class)]
#[CoversClass(AssessmentController::class)]
#[CoversClass(LadderController::class)]
#[CoversClass(LadderEditor::class)]
#[CoversClass(RevisePlan::class)]
#[CoversClass(HandOverPlan::class)]
#[CoversClass(OrderController::class)]
#[CoversClass(TemplateController::class)]
#[CoversClass(TemplateFile::class)]
#[CoversClass(TemplateFromPlan::class)]
#[CoversClass(Readiness::class)]
#[CoversClass(SkillState::class)]
#[CoversClass(CautionRepository::class)]
final class IntakeAndPlanningTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_a_bite_asks_for_its_facts_and_then_makes_every_new_plan_cautious(): void
    {
        $intake = "/dogs/{$this->world->dog->id}/intake";
        $this->put($intake, ['worst' => 'skin'])->assertSessionHasErrors('worst_facts');
        self::assertSame(0, Intake::query()->count());

        $this->put($intake, ['worst' => 'skin', 'worst_facts' => 'A hand, in May.', 'corrections' => '1', 'normal_signs' => ['slow.walk']])
            ->assertSessionHasNoErrors();
        $dog = $this->world->dog->refresh();
        self::assertTrue($dog->bite_history && $dog->hides_signs && $dog->isCautious());

        $this->put($intake, ['worst' => 'none'])->assertSessionHasNoErrors();
        self::assertTrue($dog->refresh()->bite_history, 'an intake written anew never takes a bite back');
    }

    public function test_what_is_normal_for_a_dog_says_nothing_in_its_trials(): void
    {
        $log = function (): int {
            $this->postJson("/sessions/{$this->world->session->id}/trials", [
                ...$this->world->trial((string) Str::uuid()), 'band' => null, 'outcome' => 'returned', 'signs' => ['hackles'],
            ])->assertCreated();

            return (int) Trial::query()->latest('id')->firstOrFail()->band_proposed->value;
        };
        $before = $log();
        $this->put("/dogs/{$this->world->dog->id}/intake", ['worst' => 'none', 'normal_signs' => ['hackles']]);
        $this->world->dog->unsetRelation('intake');

        self::assertSame([2, 0], [$before, $log()]);
    }

    public function test_a_plan_begins_without_a_foundation_only_for_a_reason_and_foundations_age(): void
    {
        $this->post("/sessions/{$this->world->session->id}/end");
        $readiness = app(Readiness::class);
        self::assertSame(['marker', 'eats_there', 'name_turn', 'turn_away'], array_keys($readiness->missing($this->world->plan)));

        foreach (['marker' => 3, 'eats_there' => 3, 'name_turn' => 60] as $skill => $daysAgo) {
            $this->post("/dogs/{$this->world->dog->id}/skills", [
                'skill' => $skill, 'state' => 'ready', 'shown_in' => 'yard', 'shown_on' => now()->subDays($daysAgo)->format('Y-m-d'),
            ])->assertSessionHasNoErrors();
        }
        $missing = $readiness->missing($this->world->plan);
        self::assertSame(['name_turn', 'turn_away'], array_keys($missing));
        self::assertStringContainsString('not shown for', $missing['name_turn']->inWords());

        $this->post("/plans/{$this->world->plan->id}/sessions", ['without_reason' => 'a helper leads the second dog'])
            ->assertSessionHasNoErrors();
        self::assertEqualsCanonicalizing(['name_turn', 'turn_away'], Waiver::query()->pluck('skill')->all());
        self::assertSame([], $readiness->missing($this->world->plan));
        $this->post("/dogs/{$this->world->dog->id}/skills", [
            'skill' => 'marker', 'state' => 'ready', 'shown_in' => 'yard', 'shown_on' => now()->addDay()->format('Y-m-d'),
        ])->assertSessionHasErrors('shown_on');
        self::assertSame(3, SkillShowing::query()->count());
    }

    public function test_a_caution_is_shown_until_this_user_has_read_it_for_this_dog(): void
    {
        $this->post("/sessions/{$this->world->session->id}/end");
        $this->put("/dogs/{$this->world->dog->id}/intake", ['worst' => 'none', 'pain_signs' => '1']);
        $start = "/plans/{$this->world->plan->id}/sessions";

        $this->post($start, ['without_reason' => 'as agreed'])->assertSessionHasErrors('read');
        $this->post($start, ['without_reason' => 'as agreed', 'read' => ['pain']])->assertSessionHasNoErrors();
        self::assertSame(['pain'], CautionRead::query()->where('user_id', $this->world->trainer->id)->pluck('caution')->all());
        self::assertSame([], app(Readiness::class)->unread($this->world->plan->refresh(), $this->world->trainer));
        self::assertSame(
            ['pain'], array_keys(app(Readiness::class)->unread($this->world->plan, $this->world->user(\App\Models\Role::Trainer))),
            'another user has not read it',
        );
    }

    public function test_what_an_assessment_showed_is_known_to_the_model_and_asks_for_complete_rows(): void
    {
        $path = "/dogs/{$this->world->dog->id}/assessments";
        $about = [
            'kind' => 'presence', 'trigger_id' => $this->world->plan->responseModel->trigger_id,
            'person_id' => $this->world->plan->responseModel->person_id,
        ];
        $this->post($path, [...$about, 'tried' => [['distance' => '60']]])->assertSessionHasErrors('tried.0.band');
        $this->post($path, [...$about, 'tried' => [['cue' => '1']]])->assertSessionHasErrors('tried.0.distance');
        $this->post($path, $about)->assertSessionHasErrors('reaction');
        self::assertSame(0, Assessment::query()->count());

        $before = $this->situation()->model?->risk(Exposure::of(['distance' => 20.0], $this->situation()->catalog))->strain() ?? 0.0;
        $this->post($path, [...$about, 'tried' => [
            ['distance' => '60', 'cue' => '1', 'food' => 'gently'], ['distance' => '40', 'cue' => '1', 'food' => 'gently'],
            ['distance' => '30', 'band' => '0'],
        ]])->assertSessionHasNoErrors()->assertRedirect();
        $after = $this->situation()->model?->risk(Exposure::of(['distance' => 20.0], $this->situation()->catalog))->strain() ?? 1.0;

        self::assertLessThan($before, $after, 'three calm tests');
        $this->get('/assessments/'.Assessment::query()->value('id'))->assertOk()->assertSee('cue at the first asking');
    }

    public function test_what_was_tried_on_a_ladder_says_what_the_dog_reacts_to(): void
    {
        $path = "/dogs/{$this->world->dog->id}/assessments";
        $about = static fn (string $name, array $tried): array => [
            'kind' => 'contact', 'trigger_name' => $name, 'person_id' => Person::query()->value('id'), 'template' => 'nails',
            'tried' => $tried,
        ];
        $form = fn (string $template): TestResponse => $this->get("{$path}/create?kind=contact&template={$template}")->assertOk();
        $form('nails')->assertSee('name="template" value="nails"', false)->assertSee('tried[0][band]', false);
        $form('look-up')->assertDontSee('name="template" value=', false)->assertDontSee('tried[0][band]', false);
        $this->post($path, [...$about('Nails', [['band' => '0']]), 'template' => 'no-such-ladder'])->assertSessionHasErrors('template');
        $this->post($path, [...$about('Nails', [['band' => '0']]), 'template' => 'look-up'])->assertSessionHasErrors('template');
        $this->post($path, [...$about('Nails', []), 'tried' => []])->assertSessionHasErrors('tried');
        $model = static fn (string $name): ResponseModel => ResponseModel::query()
            ->whereHas('trigger', static fn ($of) => $of->where('name', $name))->sole();

        $this->post($path, $about('Nails', [['band' => '0'], ['band' => '1'], ['band' => '4']]))->assertSessionHasNoErrors();
        $ladder = app(RecordAssessment::class)->ladder($this->world->dog, PlanKind::Contact, 'nails') ?? self::fail('A ladder.');
        self::assertEquals($ladder->step(2)->exposure->values, $model('Nails')->reacts_to, 'where it went over');
        self::assertTrue($model('Nails')->reference_stated);
        $evidence = json_decode(Assessment::query()->latest('id')->value('evidence'), true);
        $counts = array_column((array) $evidence, 'counts');
        self::assertSame(
            [1, 1, 0, 0, 0], array_map(static fn (int $band): int => array_sum(array_column($counts, $band)), range(0, 4)),
            'going over is told, not tried',
        );
        self::assertSame([false], array_values(array_unique(array_column((array) $evidence, 'afterReaction'))));

        $this->post($path, $about('Grinder', [['band' => '0'], ['band' => '3']]))->assertSessionHasNoErrors();
        self::assertEquals($ladder->step($ladder->top())->exposure->values, $model('Grinder')->reacts_to, 'else the hardest of it');
        self::assertFalse($model('Grinder')->reference_stated);

        $this->post($path, [
            'kind' => 'presence', 'trigger_name' => 'Carts', 'person_id' => Person::query()->value('id'), 'reaction' => '12',
        ])->assertSessionHasNoErrors();
        self::assertSame([true, 12.0, null], [
            $model('Carts')->reference_stated, $model('Carts')->reference_meters, $model('Carts')->reacts_to,
        ]);
    }

    public function test_a_revised_ladder_keeps_what_was_held_and_the_trials_that_were_logged(): void
    {
        foreach (range(1, 5) as $i) {
            $this->postJson("/sessions/{$this->world->session->id}/trials", [
                ...$this->world->trial((string) Str::uuid()), 'sequence' => $i, 'band' => 0,
            ])->assertCreated();
        }
        $this->post("/sessions/{$this->world->session->id}/end");
        self::assertSame(0, $this->situation()->history->solidStep);
        $ladder = $this->situation()->ladder;
        $steps = LadderData::write($ladder);
        $easier = [...$steps[0], 'at' => [...$steps[0]['at'], 'distance' => 110.0]];

        $this->put("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode([$easier, ...$steps])])
            ->assertSessionHasNoErrors()->assertRedirect("/plans/{$this->world->plan->id}");
        $this->world->plan->refresh();
        $situation = $this->situation();

        self::assertSame(1, $situation->history->solidStep, 'the same exposure is the second step now');
        self::assertSame(count($steps) + 1, count($situation->ladder->steps));
        self::assertSame(2, $this->world->plan->version);
        self::assertEquals($steps, PlanVersion::query()->sole()->steps, 'the ladder before, whole');
        $this->get("/sessions/{$this->world->session->id}/review")->assertOk()->assertSee('5 trials');
        $this->get("/plans/{$this->world->plan->id}/ladder?version=1")->assertOk()->assertSee('1 taken out');

        // gone with the first steps: what is harder than all that was held is not held
        $this->put("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode(array_slice($steps, 4))])->assertSessionHasNoErrors();
        $this->world->plan->refresh();
        self::assertSame(-1, $this->situation()->history->solidStep);
        self::assertSame(5, Trial::query()->count());
    }

    public function test_a_ladder_changed_while_a_session_is_open_leaves_the_session_whole(): void
    {
        $this->postJson("/sessions/{$this->world->session->id}/trials", $this->world->trial((string) Str::uuid()))->assertCreated();
        $steps = LadderData::write($this->situation()->ladder);
        $this->put("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode(array_slice($steps, 2))])->assertSessionHasNoErrors();

        $this->postJson("/sessions/{$this->world->session->id}/trials", [...$this->world->trial((string) Str::uuid()), 'sequence' => 2])
            ->assertCreated();
        $this->get("/sessions/{$this->world->session->id}")->assertOk();
        self::assertSame(2, Session::query()->sole()->state['count'] ?? 0);
    }

    /** @return iterable<string, array{\Closure(list<array<string, mixed>>): mixed, string}> */
    public static function badLadders(): iterable
    {
        yield 'the goal easier than the start' => [static fn (array $steps): array => array_reverse($steps), 'no harder than the first'];
        yield 'no path' => [static fn (array $steps): array => [$steps[0], $steps[count($steps) - 1]], 'cannot be reached'];
        yield 'ten thousand steps' => [static fn (array $steps): array => array_fill(0, 1_500, $steps[0]), 'not 1,500'];
        yield 'an unknown dimension' => [
            static fn (array $steps): array => [[...$steps[0], 'at' => ['smell' => 'strong']]], 'no detail “smell”',
        ];
        yield 'two that say the same' => [
            static fn (array $steps): array =>
                [[...$steps[0], 'at' => ['distance' => 50, 'barrier' => 'open', 'trigger_held' => 'leashed']]],
            'say the same thing',
        ];
        yield 'one step that leaves a dimension open' => [
            static fn (array $steps): array => [$steps[0], [...$steps[1], 'at' => ['distance' => 40]]], 'leaves it open',
        ];
        yield 'a run of forty' => [static fn (array $steps): array => [[...$steps[0], 'criterion' => ['run' => 40]]], '20'];
        yield 'no steps' => [static fn (array $steps): array => [], 'not 0'];
        yield 'no list at all' => [static fn (array $steps): string => 'carrots', 'not 0'];
    }

    /** @param  \Closure(list<array<string, mixed>>): mixed  $spoil */
    #[DataProvider('badLadders')]
    public function test_a_bad_ladder_is_told_and_the_plan_stays_as_it_was(\Closure $spoil, string $message): void
    {
        $stored = LadderData::write($this->situation()->ladder);
        $this->from('/')->put("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode($spoil($stored))]);
        $told = session('errors') instanceof ViewErrorBag ? session('errors')->first('ladder') : '';

        self::assertStringContainsString($message, $told);
        self::assertSame([1, 0], [$this->world->plan->refresh()->version, PlanVersion::query()->count()]);
        self::assertEquals($stored, LadderData::write($this->situation()->ladder));
    }

    public function test_a_ladder_is_found_through_what_differs_and_where_there_is_none_it_says_why(): void
    {
        $steps = LadderData::write($this->situation()->ladder);
        $rows = [['distance' => 60, 'trigger_motion' => 'lying'], ['distance' => 20, 'trigger_motion' => 'slow_walk']];
        $ladder = array_map(static fn (array $at): array => [...$steps[0], 'at' => $at], $rows);
        $edit = $this->post("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode($ladder), 'edit' => 'find'])
            ->assertOk()->viewData('edit');
        self::assertInstanceOf(LadderEdit::class, $edit);

        self::assertStringContainsString('Found: ', $edit->said);
        self::assertGreaterThan(4, count($edit->ladder->steps));
        self::assertSame([60.0, 20.0], [$edit->ladder->step(0)->exposure->distance()?->meters, $edit->ladder->step(
            $edit->ladder->top(),
        )->exposure->distance()?->meters]);
        $this->put("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode(LadderData::write($edit->ladder))])
            ->assertSessionHasNoErrors();

        $same = array_map(static fn (array $at): array => [...$steps[0], 'at' => $at], [$rows[0], $rows[0]]);
        $this->post("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode($same), 'edit' => 'find'])
            ->assertOk()->assertSee('Nothing gets harder between the start and the goal.');
    }

    /** Five steps at 80, 40, 20, 10 and 5 m; each edit is answered with the ladder as it would be, and nothing is stored. */
    public function test_each_edit_of_a_ladder_does_what_it_says_and_stores_nothing(): void
    {
        $step = LadderData::write($this->situation()->ladder)[0];
        $at = static fn (float $meters): array => [...$step, 'at' => ['distance' => $meters, 'trigger_motion' => 'standing']];
        $ladder = array_map($at, [80.0, 40.0, 20.0, 10.0, 5.0]);
        $edit = fn (string $edit, array $typed = []): LadderEdit => $this->post(
            "/plans/{$this->world->plan->id}/ladder",
            ['ladder' => json_encode($ladder), 'edit' => $edit, 'step' => $typed],
        )->assertOk()->viewData('edit');
        $meters = static fn (LadderEdit $edit): array => array_map(
            static fn (Step $step): float => round($step->exposure->distance()->meters ?? 0.0, 4), $edit->ladder->steps,
        );

        self::assertSame([2, [80.0, 40.0, 20.0, 10.0, 5.0]], [$edit('open:2')->open, $meters($edit('open:2'))]);
        self::assertSame([80.0, 40.0, 10.0, 5.0], $meters($edit('skip:2')));
        self::assertSame([80.0, 40.0, 20.0, 20.0, 10.0, 5.0], $meters($edit('copy:2')));
        self::assertSame(3, $edit('copy:2')->open, 'the copy is open');
        self::assertSame([80.0, 20.0, 40.0, 10.0, 5.0], $meters($edit('up:2')));
        self::assertSame([80.0, 40.0, 10.0, 20.0, 5.0], $meters($edit('down:2')));
        self::assertSame([20.0, 80.0, 40.0, 10.0, 5.0], $meters($edit('move:2:0')));
        self::assertSame([80.0, 40.0, 20.0, 10.0, 5.0], $meters($edit('down:4')), 'the last goes no further');
        $half = $meters($edit('split:2'));
        self::assertCount(6, $half);
        self::assertTrue($half[2] < 40.0 && $half[2] > 20.0);
        self::assertArrayHasKey('barrier', $edit('play:barrier')->ladder->step(3)->exposure->values);
        self::assertSame(['trigger_motion'], array_keys($edit('unplay:distance')->ladder->step(3)->exposure->values));

        $this->world->trainer->update(['distance_unit' => 'yd']);
        $typed = ['at' => ['distance' => '30,5', 'trigger_motion' => 'run'], 'run' => '4', 'hands' => '2', 'eyes' => '1', 'do' => 'Kneel.']
            + array_diff_key($step, ['at' => 1, 'criterion' => 1]);
        $changed = $edit('apply:2', $typed);
        self::assertSame([80.0, 40.0, 27.8892, 10.0, 5.0], $meters($changed), '30.5 yd');
        self::assertSame(['run', 4, 'Kneel.'], [
            $changed->ladder->step(2)->exposure->values['trigger_motion'], $changed->ladder->step(2)->criterion->successes,
            $changed->ladder->step(2)->manner->instruction,
        ]);
        self::assertSame([4, 4], [
            $edit('all:2', $typed)->ladder->step(0)->criterion->successes, $edit('all:2', $typed)->ladder->step(4)->criterion->successes,
        ]);
        self::assertSame([80.0, 40.0, 20.0, 10.0, 5.0], $meters($edit('all:2', $typed)));

        foreach (['split:0' => 'Nothing comes before the first step', 'skip:0' => 'There must be at least one step.'] as $asked => $told) {
            $of = $asked === 'skip:0' ? [$ladder[0]] : $ladder;
            $this->post("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode($of), 'edit' => $asked])
                ->assertOk()->assertSee($told);
        }
        self::assertSame([1, 0], [$this->world->plan->refresh()->version, PlanVersion::query()->count()]);
    }

    public function test_rules_are_changed_while_a_plan_runs_and_its_place_tells_the_outings(): void
    {
        $rules = [
            'caution' => 'cautious', 'most_advances' => '2', 'set_minutes' => '3', 'session_minutes' => '20', 'outings_a_week' => '4',
            'trials_an_outing' => '25', 'choices' => ['small_signs' => 'carry_on'],
        ];
        $this->put("/plans/{$this->world->plan->id}", [...$rules, 'session_minutes' => '2'])->assertSessionHasErrors('session_minutes');
        $this->put("/plans/{$this->world->plan->id}", [...$rules, 'choices' => ['small_signs' => 'whistle']])
            ->assertSessionHasErrors('choices.small_signs');
        self::assertSame(3, $this->world->plan->refresh()->most_advances);

        $this->put("/plans/{$this->world->plan->id}", $rules)->assertSessionHasNoErrors();
        self::assertSame([2, 0.03, 'carry_on'], [
            $this->world->plan->refresh()->most_advances, $this->world->plan->strain_cap, $this->world->plan->choices['small_signs'] ?? '',
        ]);
        $this->get("/plans/{$this->world->plan->id}/ladder")->assertOk()->assertSee('at 25 trials per session and 4 sessions a week');
    }

    public function test_hostile_text_in_a_step_is_shown_as_text(): void
    {
        $steps = LadderData::write($this->situation()->ladder);
        $steps[0]['do'] = '<script>alert(1)</script>"\'';
        $this->put("/plans/{$this->world->plan->id}/ladder", ['ladder' => json_encode($steps)])->assertSessionHasNoErrors();

        foreach (["/plans/{$this->world->plan->id}", "/plans/{$this->world->plan->id}/ladder"] as $page) {
            $this->get($page)->assertOk()->assertDontSee('<script>alert(1)', false)->assertSee('<script>alert(1)</script>');
        }
    }

    public function test_a_second_person_begins_in_the_first_third_and_a_disliked_one_at_the_first_step(): void
    {
        foreach (range(1, 5) as $i) {
            $this->postJson("/sessions/{$this->world->session->id}/trials", [
                ...$this->world->trial((string) Str::uuid()), 'sequence' => $i, 'band' => 0,
            ])->assertCreated();
        }
        $this->post("/sessions/{$this->world->session->id}/end");
        $top = $this->situation()->ladder->top();
        Session::query()->sole()->forceFill([
            'summary' => [...Session::query()->sole()->summary ?? [], 'marks' => [['step' => $top, 'held' => true]]],
            'revised_at' => now()->addSecond(),
        ])->save();
        $second = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Merryn']);
        $handover = "/plans/{$this->world->plan->id}/handovers";

        $this->post($handover, ['to_person' => $this->world->plan->responseModel->person_id])->assertSessionHasErrors('to_person');
        $this->post($handover, ['to_person' => $second->id])->assertSessionHasNoErrors();
        $copy = Plan::query()->where('handed_over_from', $this->world->plan->id)->sole();
        self::assertSame([$top, $this->world->plan->place_id], [$copy->handed_over_held, $copy->place_id]);
        self::assertNotSame($this->world->plan->response_model_id, $copy->response_model_id, 'progress belongs to a dog and a person');
        $this->get("/plans/{$copy->id}")->assertOk()->assertSee('Merryn')
            ->assertSee("is known from the work with {$this->world->plan->responseModel->person->name}");
        $first = $this->situation()->model?->slopePerHalving();
        $second = app(SituationReader::class)->ofPlan($copy, now()->toDateTimeImmutable())->model;
        self::assertEqualsWithDelta($first, $second?->slopePerHalving(), 0.2, 'what weighs how much is passed on');

        $copy->delete();
        $third = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Denzil']);
        $this->post($handover, ['to_person' => $third->id, 'disliked' => '1'])->assertSessionHasNoErrors();
        $disliked = Plan::query()->where('handed_over_from', $this->world->plan->id)->sole();
        self::assertSame(-1, $disliked->handed_over_held);
        self::assertSame($top, app(PlanReader::class)->read($disliked)->ladder->top(), 'the same way: a floor is where hands begin');
        $this->world->plan->place?->update(['archived_at' => now()]);
        $fourth = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Morwenna']);
        $this->post($handover, ['to_person' => $fourth->id])->assertSessionHasNoErrors();
        self::assertNull(Plan::query()->latest('id')->firstOrFail()->place_id, 'nobody goes there any more');
    }

    public function test_a_dogs_own_order_is_used_in_all_its_plans(): void
    {
        $path = "/dogs/{$this->world->dog->id}/orders/presence/trigger_motion";
        $this->put($path, ['place' => ['lying' => 1, 'standing' => 1, 'slow_walk' => 3, 'brisk_walk' => 4, 'run' => 5]])
            ->assertSessionHasErrors('place');
        $this->put($path, ['place' => ['lying' => 1]])->assertSessionHasErrors();
        self::assertSame(0, DimensionOrder::query()->count());
        $load = fn (string $motion): float => $this->situation()->model?->load(Exposure::of(
            ['distance' => 20.0, 'trigger_motion' => $motion], $this->situation()->catalog,
        )) ?? 0.0;
        self::assertGreaterThan($load('lying'), $load('run'));

        $this->put($path, ['place' => ['lying' => 5, 'standing' => 4, 'slow_walk' => 3, 'brisk_walk' => 2, 'run' => 1]])
            ->assertSessionHasNoErrors();
        app(PlanReader::class)->forget();
        self::assertLessThan($load('lying'), $load('run'), 'for this dog the runner is the easy one');
        $this->put($path, ['usual' => '1']);
        self::assertSame(0, DimensionOrder::query()->count());
    }

    public function test_a_file_with_any_bad_part_changes_nothing_and_others_never_see_a_practices_templates(): void
    {
        $one = $this->template('one', 'two');
        $bad = [
            ['templates' => [$one, $this->template('two', 'one')]],
            ['templates' => [$this->template('one', null), [...$this->template('three', null), 'method' => 'remote_collar']]],
            [...$this->template('many', null), 'steps' => array_fill(0, 10_000, $this->step())],
            [...$this->template('odd', null), 'run_me' => 'rm -rf'],
            'just text',
        ];
        foreach ($bad as $document) {
            $this->post('/templates', ['text' => (string) json_encode($document)])
                ->assertSessionHasErrors('text')->assertSessionHasInput('text');
        }
        $this->post('/templates', ['text' => str_repeat('[', 5000)])->assertSessionHasErrors('text');
        self::assertSame(0, PracticeTemplate::query()->count());

        $this->post('/templates', ['text' => (string) json_encode(['templates' => [$this->template('two', null), $one]])])
            ->assertSessionHasNoErrors();
        self::assertSame(2, PracticeTemplate::query()->count());
        $this->delete('/templates/two')->assertSessionHasErrors('template');
        $exported = $this->get('/templates/one/export')->assertOk()->getContent();
        self::assertEquals($one, json_decode((string) $exported, true));

        // a row that takes in the other ladder has no words and no count of its own
        $before = PracticeTemplate::query()->where('key', 'one')->sole()->content['steps'];
        $this->put('/templates/one', [
            'label' => 'Own one', 'about' => 'Again.', 'steps' => array_map(static fn (int $i): array => [
                'do' => "Look {$i}.", 'run' => '4', 'place' => (string) ($i + 1),
            ], range(0, count($before) - 1)),
        ])->assertSessionHasNoErrors();
        $now = PracticeTemplate::query()->where('key', 'one')->sole()->content['steps'];
        self::assertSame(['Look 0.', 4], [$now[0]['do'], $now[0]['criterion']['run']]);
        self::assertSame(array_values(array_filter($before, static fn (array $step): bool => isset($step['include']))), array_values(
            array_filter($now, static fn (array $step): bool => isset($step['include'])),
        ));
        self::assertCount(count($before), $now);

        $this->actingAs(User::factory()->createOne())->get('/templates')->assertOk()->assertDontSee('Own one');
        $this->get('/templates/one')->assertNotFound();
    }

    public function test_a_plan_kept_as_a_template_and_laid_again_is_the_same_ladder(): void
    {
        $this->post("/plans/{$this->world->plan->id}/templates", ['template_label' => 'Kites over the dunes'])->assertSessionHasNoErrors();
        $template = PracticeTemplate::query()->sole();
        $model = $this->world->plan->responseModel;
        $this->post("/dogs/{$this->world->dog->id}/plans", [
            'kind' => 'presence', 'trigger_id' => $model->trigger_id, 'person_id' => $model->person_id, 'ladder' => 'template',
            'template' => $template->key, 'start' => '80', 'goal' => '5',
            'run_length' => '5', 'caution' => 'usual', 'most_advances' => '3', 'set_minutes' => '4', 'session_minutes' => '30',
        ])->assertSessionHasNoErrors();
        $meters = static fn (Ladder $ladder): array =>
            array_map(static fn ($step): float => round($step->exposure->distance()->meters ?? 0.0, 1), $ladder->steps);
        $copy = app(PlanReader::class)->read(Plan::query()->latest('id')->firstOrFail())->ladder;

        self::assertSame($meters($this->situation()->ladder), $meters($copy));
    }

    private function situation(): Situation
    {
        app(PlanReader::class)->forget();

        return app(SituationReader::class)->ofPlan($this->world->plan->refresh(), now()->toImmutable());
    }

    /** @return array<string, mixed> */
    private function template(string $key, ?string $includes): array
    {
        return [
            'key' => $key, 'label' => "Own {$key}", 'kind' => 'presence', 'method' => 'notice_and_turn_back', 'about' => 'For a test.',
            'prerequisites' => [], 'cautions' => [],
            'steps' => [$this->step(), ...($includes === null ? [] : [['include' => ['template' => $includes, 'from' => 1, 'to' => 1]]])],
        ];
    }

    /** @return array<string, mixed> */
    private function step(): array
    {
        return [
            'do' => 'Look.', 'at' => ['way' => 0.5, 'trigger_motion' => 'standing'], 'criterion' => ['run' => 5], 'food' => 'after_mark',
            'posture' => 'free', 'who' => 'handler', 'hands' => 2, 'eyes' => 1,
        ];
    }
}
