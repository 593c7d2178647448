<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\PlanReader;
use App\Handling\CoveragePage;
use App\Handling\HandlingPage;
use App\Handling\ItemPage;
use App\Handling\TrialsInContext;
use App\Models\HandlerLimit;
use App\Models\Item;
use App\Models\Person;
use App\Models\Plan;
use App\Models\PracticeTemplate;
use App\Models\Session;
use App\Models\Trial;
use App\Models\UnplacedTrial;
use App\Models\WearingLogged;
use App\Plan\CreatePlan;
use App\Plan\LadderEdit;
use App\Plan\LadderPlan;
use App\Plan\LadderProblems;
use App\Plan\PlanDraft;
use App\Session\ContactTimes;
use Core\Exposure\PlanKind;
use Core\Handling\Touch;
use Core\Ladder\Criterion;
use Core\Ladder\Ladder;
use Core\Ladder\LadderData;
use Core\Ladder\Step;
use Core\Response\RiskCaps;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Work under the hand: a session by offers, the handling map, items worn, who may handle, and what is covered. */
#[CoversClass(ContactTimes::class)]
#[CoversClass(TrialsInContext::class)]
#[CoversClass(HandlingPage::class)]
#[CoversClass(CoveragePage::class)]
#[CoversClass(ItemPage::class)]
#[CoversClass(LadderProblems::class)]
final class ContactWorkTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    /** Centimeters of a hand are no scale of risk: what is told is what each step adds, by its name. */
    public function test_the_steps_tell_what_makes_it_hard_and_no_curve_of_a_gap(): void
    {
        $session = $this->training($this->care('nails'));
        $this->send($session, $this->entry('reached', 0, ['hold_ms' => 2000]))->assertOk();

        $page = $this->get("/plans/{$session->plan_id}/limits")->assertOk()->assertSee('What makes it hard');
        self::assertSame([null, null, null], [$page->viewData('trend'), $page->viewData('before'), $page->viewData('after')]);
        $page->assertSee('Tool seen, on the floor')->assertSee('Paw held 2 s')->assertDontSee('along the gap');
    }

    public function test_what_was_timed_is_kept_once_and_the_time_held_is_what_the_trial_was(): void
    {
        $session = $this->training($this->care('nails'));
        $entry = $this->entry('reached', 0, ['stay_ms' => 4200, 'hold_ms' => 2600, 'return_ms' => 1100]);
        foreach ([1, 2] as $time) {
            $this->send($session, $entry)->assertOk();
        }

        $trial = Trial::query()->sole();
        self::assertSame([4200, 2600, 1100], [$trial->stay_ms, $trial->hold_ms, $trial->return_ms]);
        self::assertSame(2.6, $trial->exposures->firstWhere(
            fn ($row): bool => $row->part === 'real' && $row->dimension === 'duration',
        )?->number);
        $exported = $this->get("/sessions/{$session->id}/export.json")->json('trials.0');
        self::assertSame([4200, 2600, 1100], [$exported['stayMs'], $exported['holdMs'], $exported['returnMs']]);
        $state = Session::query()->findOrFail($session->id)->state ?? [];
        self::assertSame(['accepted' => 1, 'declined' => 0], array_diff_key($state['rhythm'], ['at' => 0]));
        self::assertSame(2.6, $state['here']['values']['duration'], 'we are where it was');
        $this->get("/sessions/{$session->id}/review")
            ->assertOk()->assertSee('Offered 1, accepted 1, declined 0.')->assertSee('Half the time it stayed 4.2 sec or longer')
            ->assertSee('Away and back by itself in 1.1 sec')->assertSee('step 1')->assertDontSee('Limit distance');
    }

    public function test_a_form_without_scripts_logs_where_we_were_not_what_is_advised(): void
    {
        $session = $this->training($this->care('nails'));
        $log = fn (array $more) => $this->post("/sessions/{$session->id}/trials", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'reached', 'band' => 0, ...$more,
        ])->assertSessionHasNoErrors();
        $this->get("/sessions/{$session->id}?plain=1")->assertDontSee('value="last"', false);
        $log(['aim' => 'step:3']);
        $this->get("/sessions/{$session->id}?plain=1")->assertSeeInOrder(['name="aim"', 'value="last"', 'value="advice:'], false);
        $log(['aim' => 'last', 'exposure' => ['pressure' => 'feather']]);

        [$first, $second] = array_map(static fn (Trial $trial): array => $trial->exposures->where('part', 'real')
            ->mapWithKeys(static fn ($row): array => [$row->dimension => $row->choice ?? $row->number])->sortKeys()->all(),
            Trial::query()->orderBy('id')->get()->all());
        self::assertSame([...$first, 'pressure' => 'feather'], $second);
    }

    public function test_a_hold_longer_than_the_session_is_told_at_its_field_and_lost_on_no_device(): void
    {
        $session = $this->training($this->care('nails'));
        $this->postJson("/sessions/{$session->id}/trials", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'reached', 'band' => 0, 'hold_ms' => 900_000,
        ])->assertUnprocessable()->assertJsonValidationErrors(['hold_ms' => 'longer than the session']);
        $this->send($session, $this->entry('reached', 0, ['hold_ms' => 900_000]))->assertOk();

        self::assertSame(0, Trial::query()->count());
        self::assertStringContainsString('longer than the session', UnplacedTrial::query()->sole()->reason);
    }

    public function test_freezing_is_answered_with_hands_off_and_declining_is_counted_apart(): void
    {
        $session = $this->training($this->care('nails'));
        $this->send($session, $this->entry('taken_away', 3, ['signs' => ['freeze']]));
        $state = Session::query()->findOrFail($session->id)->state ?? [];
        self::assertSame('freeze', $state['advice']['reasons'][0]['code']);

        $this->send($session, $this->entry('refused_start', null));
        $state = Session::query()->findOrFail($session->id)->state ?? [];
        self::assertSame([0, 1], [$state['rhythm']['accepted'], $state['rhythm']['declined']]);
    }

    public function test_the_map_tells_what_is_accepted_from_whom_and_undone_trials_are_not_on_it(): void
    {
        $session = $this->training($this->care('nails'));
        foreach (range(1, 4) as $n) {
            $this->send($session, $this->entry('reached', 0, ['exposure' => ['side' => 'left']]));
        }
        $people = [$session->person_id => 'Ada', 999 => 'Bo'];
        $page = fn (?int $person): ?string => collect(app(HandlingPage::class)->of($this->world->dog, $person, $people))
            ->firstWhere(fn ($area): bool => $area->id() === 'area-front_paw-left')->chosen->accepted ?? null;
        $way = (string) (Trial::query()->firstOrFail()->exposures->firstWhere(
            fn ($row): bool => $row->part === 'real' && $row->dimension === 'contact',
        )->choice ?? '');
        self::assertContains($way, Touch::keys());
        self::assertSame([$way, $way, null], [$page(null), $page($session->person_id), $page(999)]);
        $words = say("dimensions.contact.contact.values.{$way}");
        $this->get("/dogs/{$this->world->dog->id}/handling?person={$session->person_id}")
            ->assertOk()->assertSee("left front paw: {$words} accepted", false)->assertSee('As a table')
            ->assertSee("Go on: {$session->plan->name}");

        foreach ([1, 2] as $n) {
            $this->send($session, ['uuid' => (string) Str::uuid(), 'kind' => 'undo']);
        }
        self::assertNull($page(null), 'two are no evidence');
    }

    public function test_a_part_is_told_its_word_and_a_missing_one_is_refused_in_a_trial(): void
    {
        $dog = $this->world->dog->id;
        $session = $this->training($this->care('nails'));
        $this->put("/dogs/{$dog}/areas/front_paw/right", ['state' => 'missing'])->assertRedirect();
        $this->put("/dogs/{$dog}/areas/ear/left", ['state' => 'fine', 'word' => 'ears'])->assertRedirect();
        $this->put("/dogs/{$dog}/areas/ear/both", ['state' => 'fine'])->assertNotFound();
        $this->put("/dogs/{$dog}/areas/ear/left", ['state' => 'odd'])
            ->assertSessionHasErrors(['state' => 'Choose how it is: nothing special, sore, no-go, or not on this dog.']);
        $this->get("/dogs/{$dog}/handling")->assertSee('Its word: “ears”', false)->assertSee('not on this dog');

        $on = fn (string $side): array => [
            'uuid' => (string) Str::uuid(), 'outcome' => 'reached', 'band' => 0,
            'exposure' => ['body_area' => 'front_paw', 'side' => $side],
        ];
        $this->postJson("/sessions/{$session->id}/trials", $on('right'))
            ->assertUnprocessable()->assertJsonValidationErrors(['exposure.body_area' => 'no such part']);
        $this->postJson("/sessions/{$session->id}/trials", $on('left'))->assertCreated();
    }

    public function test_hands_keep_off_what_the_map_says_and_a_whole_body_ladder_leaves_it_out(): void
    {
        $dog = $this->world->dog->id;
        foreach (['left', 'right'] as $side) {
            $this->put("/dogs/{$dog}/areas/ear/{$side}", ['state' => 'sore']);
        }
        $this->put("/dogs/{$dog}/areas/tail/both", ['state' => 'no_go']);
        $form = [
            'kind' => 'contact', 'trigger_name' => 'Ear drops', 'person_id' => $this->world->session->person_id, 'ladder' => 'template',
            'template' => 'ear-care', 'run_length' => 4, 'window' => 5, 'caution' => 'usual', 'most_advances' => 4, 'set_minutes' => 3,
            'session_minutes' => 10,
        ];
        $this->post("/dogs/{$dog}/plans", $form)->assertSessionHasErrors('template');
        self::assertStringContainsString('sore: vet first', (string) session('errors')->first('template'));

        $this->post("/dogs/{$dog}/plans", [...$form, 'trigger_name' => 'Handling', 'template' => 'whole-body'])->assertSessionHasNoErrors();
        $areas = Plan::query()->latest('id')->firstOrFail()->steps->flatMap(static fn ($step) => $step->exposures->where(
            'dimension', 'body_area',
        )->pluck('choice'))->unique();
        self::assertContains('chest', $areas);
        self::assertSame([], array_values(array_intersect(['ear', 'tail'], $areas->all())));
    }

    public function test_what_a_step_is_about_is_kept_with_it_and_can_be_changed(): void
    {
        $plan = $this->care('nails');
        $strands = static fn (): array => array_map(
            static fn (Step $step): string => words()->strands($step->manner),
            app(PlanReader::class)->read($plan->refresh())->ladder->steps,
        );
        self::assertSame(['body', 'tool', 'body and tool', 'sound'], [$strands()[0], $strands()[3], $strands()[5], $strands()[6]]);
        self::assertSame('body, tool and sound', $strands()[9]);

        $rows = LadderData::write(app(PlanReader::class)->read($plan)->ladder);
        $typed = [
            'do' => $rows[6]['do'], 'at' => $rows[6]['at'], ...$rows[6]['criterion'], 'food' => $rows[6]['food'],
            'posture' => $rows[6]['posture'], 'who' => $rows[6]['who'], 'hands' => '1', 'eyes' => '1',
        ];
        $edit = fn (array $step): LadderEdit => $this->post("/plans/{$plan->id}/ladder", [
            'ladder' => json_encode($rows), 'edit' => 'apply:6', 'step' => $step,
        ])->assertOk()->assertSee('About: body and tool')->viewData('edit');
        self::assertNotNull($edit([...$typed, 'strands' => ['the tail']])->open, 'told in the open step');
        $ladder = $edit([...$typed, 'strands' => ['person', 'sound']])->ladder;
        $on = $ladder->step(7);
        $between = new Step($on->exposure->with('gap', 120.0), $on->criterion, $on->manner->toward());
        $this->put("/plans/{$plan->id}/ladder", [
            'ladder' => json_encode(LadderData::write(Ladder::of(array_merge(
                array_slice($ladder->steps, 0, 7), [$between], array_slice($ladder->steps, 7),
            )))),
        ])->assertSessionHasNoErrors();

        self::assertSame(['sound and person', 'sound', 'sound'], array_slice($strands(), 6, 3));
        $kept = app(PlanReader::class)->read($plan->refresh())->ladder;
        self::assertSame([false, true, false], array_map(
            static fn (Step $step): bool => $step->manner->isOnTheWay, array_slice($kept->steps, 6, 3),
        ));
        $this->get('/templates/nails')->assertOk()->assertSee('body, tool and sound');
        $this->get('/templates/scale')->assertOk()->assertDontSee('>About<', false);
    }

    public function test_a_sound_that_is_too_much_is_not_answered_with_the_tool(): void
    {
        $plan = $this->care('nails');
        $session = $this->training($plan);
        $path = "/sessions/{$session->id}/trials";
        $log = fn (int $step, string $outcome, int $band, int $sequence): TestResponse => $this->postJson($path, [
            ...array_diff_key($this->world->trial((string) Str::uuid()), ['distance' => 0, 'exposure' => 0]), 'aim' => "step:{$step}",
            'sequence' => $sequence, 'outcome' => $outcome, 'band' => $band, 'signs' => [],
        ])->assertCreated();
        foreach ([1, 2, 3] as $sequence) {
            $this->travel(20)->seconds();
            $log(5, 'reached', 0, $sequence);
        }
        $this->travel(20)->seconds();
        $answer = $log(6, 'left_early', 3, 4);

        self::assertSame('ease', $answer->json('advice.action'));
        self::assertStringContainsString(
            'Back to what this builds on: the step before is about something else.',
            implode(' ', array_column((array) $answer->json('advice.reasons'), 'sentence')),
        );
        $this->get("/sessions/{$session->id}")->assertOk()->assertSee('Paw touched.');
    }

    /** What this dog showed before comes first; then what tells most in this way of working. */
    public function test_signs_nearest_the_thumb_are_those_of_the_method(): void
    {
        $plan = $this->care('basket-muzzle', 'Muzzle');
        $first = function (string $method) use ($plan): array {
            $plan->update(['method' => $method]);
            $session = $this->training($plan->refresh());
            $signs = $this->get("/sessions/{$session->id}")->assertOk()->viewData('usualSigns');
            $session->update(['ended_at' => now()]);

            return array_column(is_array($signs) ? $signs : [], 'code');
        };

        self::assertSame(['offer', 'paw.item', 'item.bite'], array_slice($first('shaping'), 0, 3));
        self::assertSame(['weight.back', 'pull.away', 'look.hand'], array_slice($first('luring'), 0, 3));
        self::assertSame('offer', $first('earned_ration')[0]);
        self::assertSame(['asked_to_sniff', 'own_dog_here'], array_slice($first('shaping'), 12));
    }

    public function test_a_step_longer_than_its_session_is_told_at_the_session(): void
    {
        $form = [
            'kind' => 'contact', 'trigger_name' => 'Muzzle', 'person_id' => $this->world->session->person_id, 'ladder' => 'template',
            'template' => 'basket-muzzle', 'run_length' => 5, 'caution' => 'usual', 'most_advances' => 4, 'set_minutes' => 3,
            'session_minutes' => 5,
        ];
        $this->post("/dogs/{$this->world->dog->id}/plans", $form)->assertSessionHasErrors('session_minutes');
        self::assertStringContainsString('600 s: longer than a session of 5 minutes', (string) session('errors')->first('session_minutes'));
        self::assertSame(1, Plan::query()->count());
    }

    public function test_a_person_who_may_not_handle_gets_no_plan_no_handover_and_no_session(): void
    {
        $dog = $this->world->dog->id;
        $plan = $this->care('nails');
        $bo = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Bo']);
        $this->post("/dogs/{$dog}/limits", ['limited_person' => $bo->id, 'reason' => ''])
            ->assertSessionHasErrors(['reason' => 'Say why, in at most 300 characters.']);
        $this->post("/dogs/{$dog}/limits", ['limited_person' => $bo->id, 'reason' => 'held her down'])->assertRedirect();
        $this->post("/plans/{$plan->id}/handovers", ['to_person' => $bo->id])->assertSessionHasErrors(
            ['to_person' => 'Bo may not handle this dog: held her down. Choose another person, or change that on the handling page.'],
        );

        $own = HandlerLimit::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $dog, 'person_id' => $plan->responseModel->person_id,
            'user_id' => $this->world->trainer->id, 'reason' => 'a child now',
        ]);
        $start = ['without_reason' => 'shown', 'read' => array_column(
            $this->get("/plans/{$plan->id}/sessions/create")->viewData('unread'), 'key',
        )];
        $this->post("/plans/{$plan->id}/sessions", $start)->assertSessionHasErrors('handler');
        $this->delete("/limits/{$own->id}")->assertRedirect();
        $this->post("/plans/{$plan->id}/sessions", [...$start, 'food_usual' => 0, 'food_best' => 0])->assertSessionHasErrors(
            ['food_usual' => 'Without food there is no session: count at least one piece, or leave both empty if you did not count.'],
        );
        $this->post("/plans/{$plan->id}/sessions", $start)->assertSessionHasNoErrors();
    }

    /** Refused from one person, fine with another: two models, and the map keeps them apart. */
    public function test_what_one_person_may_do_another_may_not(): void
    {
        $plan = $this->care('harness-straps', 'Harness');
        $bo = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Bo']);
        $this->post("/plans/{$plan->id}/handovers", ['to_person' => $bo->id, 'disliked' => '1'])->assertRedirect();
        $bos = Plan::query()->latest('id')->firstOrFail();
        [$ours, $theirs] = [$this->training($plan), $this->training($bos)];
        foreach (range(1, 5) as $n) {
            $this->send($ours, $this->entry('reached', 0));
            $this->send($theirs, $this->entry('refused_start', 3));
        }
        $next = fn (Session $of): string => (string) ((Session::query()->findOrFail($of->id)->state ?? [])['advice']['action'] ?? '');
        self::assertSame('end_well', $next($theirs), 'three noes are enough');
        self::assertNotSame('end_well', $next($ours));
        $coverage = app(CoveragePage::class)
            ->of($this->world->trainer, $this->world->dog, PlanKind::Contact, $plan->responseModel->trigger_id)['coverage'];
        self::assertSame(['done', 'hard'], [
            $coverage->cell(['person' => (string) $plan->responseModel->person_id])->state->value,
            $coverage->cell(['person' => (string) $bo->id])->state->value,
        ]);
        $this->get("/dogs/{$this->world->dog->id}/coverage?trigger={$plan->responseModel->trigger_id}")
            ->assertOk()->assertSee('Best next')->assertSee('too hard lately');
    }

    /** Two clicks once locked a practice out: a plan for a disliked person, saved as a template. */
    public function test_a_plan_for_a_disliked_person_can_be_a_template_and_every_page_stays_open(): void
    {
        foreach (['harness-straps', 'nails', 'basket-muzzle', 'collar-hold'] as $template) {
            $plan = $this->care($template, "With {$template}");
            $bo = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => "Bo of {$template}"]);
            $this->post("/plans/{$plan->id}/handovers", ['to_person' => $bo->id, 'disliked' => '1'])->assertSessionHasNoErrors();
            $bos = Plan::query()->latest('id')->firstOrFail();
            $this->post("/plans/{$bos->id}/templates", ['template_label' => "Ours: {$template}", 'template_about' => 'As it was.'])
                ->assertSessionHasNoErrors();
            foreach (['/', '/templates', "/plans/{$bos->id}", "/plans/{$bos->id}/ladder", "/dogs/{$this->world->dog->id}"] as $page) {
                $this->get($page)->assertOk();
            }
        }
    }

    public function test_a_template_that_cannot_be_read_is_left_out_and_told_and_takes_nothing_with_it(): void
    {
        $own = ['practice_id' => $this->world->practice->id, 'user_id' => $this->world->trainer->id, 'kind' => 'contact'];
        PracticeTemplate::query()->create([...$own, 'key' => 'broken', 'label' => 'Broken one', 'content' => [
            'key' => 'broken', 'label' => 'Broken one', 'kind' => 'contact', 'steps' => [['at' => ['gap' => 200, 'contact' => 'touch']]],
        ]]);
        PracticeTemplate::query()->create([...$own, 'key' => 'around', 'label' => 'Round the broken one', 'content' => [
            'key' => 'around', 'label' => 'Round the broken one', 'about' => 'Takes steps from it.', 'kind' => 'contact',
            'method' => 'opt_in_station', 'steps' => [['include' => ['template' => 'broken', 'from' => 1, 'to' => 1]]],
        ]]);

        $this->get('/templates')->assertOk()->assertSee('Broken one')->assertSee('Round the broken one is left out');
        foreach (['/', "/plans/{$this->world->plan->id}", "/dogs/{$this->world->dog->id}/plans/create?kind=contact"] as $page) {
            $this->get($page)->assertOk();
        }
    }

    public function test_at_a_distance_the_grid_is_people_places_variants_and_what_it_does(): void
    {
        $session = $this->world->session;
        foreach (range(1, 6) as $n) {
            $this->postJson("/sessions/{$session->id}/trials", [...$this->world->trial((string) Str::uuid()), 'sequence' => $n])
                ->assertCreated();
        }
        $told = app(CoveragePage::class)->of($this->world->trainer, $this->world->dog, PlanKind::Presence, null);

        self::assertSame('done', $told['coverage']->cell(['person' => (string) $session->person_id, 'spot' => 'Field'])->state->value);
        self::assertSame(
            ['motion', 'slow_walk'], [$told['next']?->changed, $told['next']->values['motion'] ?? null],
            'one step up in what it does, all else as it was',
        );
        $this->get("/dogs/{$this->world->dog->id}/coverage?kind=presence")
            ->assertOk()->assertSee('People × places, 6 trials')->assertSee('Slow walk');
    }

    public function test_a_wearing_counts_once_and_readiness_says_what_is_missing(): void
    {
        $this->post("/dogs/{$this->world->dog->id}/items", ['item_name' => 'Red muzzle', 'item_kind' => 'muzzle'])->assertRedirect();
        $item = Item::query()->sole();
        $this->care('basket-muzzle', 'Muzzle', $item);
        $wearing = [
            'uuid' => (string) Str::uuid(), 'minutes' => '12', 'person_id' => $this->world->session->person_id, 'situation' => 'walk',
            'movement' => 'as_usual',
        ];
        foreach ([1, 2] as $time) {
            $this->post("/items/{$item->id}/wearings", $wearing)->assertSessionHasNoErrors();
        }
        self::assertSame(720, WearingLogged::query()->sole()->seconds);
        $page = $this->get("/items/{$item->id}")
            ->assertOk()->assertSee('longest 12:00 min')->assertSee('no plan for it yet')->assertDontSee('Moved less freely');
        self::assertSame(7, $page->viewData('missing'), 'all but the ten minutes');

        $this->post("/items/{$item->id}/wearings", [...$wearing, 'uuid' => (string) Str::uuid(), 'movement' => 'shorter']);
        $this->put("/items/{$item->id}", ['fit_checked_on' => now()->format('Y-m-d'), 'fit_note' => 'two fingers'])
            ->assertSessionHasNoErrors();
        self::assertSame(6, $this->get("/items/{$item->id}")->assertSee('Moved less freely lately')->viewData('missing'));
    }

    public function test_what_was_worn_in_sessions_adds_up_over_days_and_follows_what_is_put_right(): void
    {
        $this->post("/dogs/{$this->world->dog->id}/items", ['item_name' => 'Red muzzle', 'item_kind' => 'muzzle'])->assertRedirect();
        $item = Item::query()->sole();
        $session = $this->training($this->care('basket-muzzle', 'Muzzle', $item));
        $this->travel(5)->minutes();
        $worn = fn (string $outcome): array => $this->entry($outcome, 0, [
            'aim' => 'here', 'hold_ms' => 40_000, 'exposure' => ['item_state' => 'worn_still', 'duration' => 40],
        ]);
        foreach (['moved_freely', 'moved_freely', 'pawed_at_it'] as $outcome) {
            $this->travel(1)->minutes();
            $this->send($session, $worn($outcome))->assertOk();
        }
        $this->get("/items/{$item->id}")->assertSee('2 min of these come from sessions')->assertSee('Moved less freely');

        $last = Trial::query()->latest('id')->firstOrFail();
        $this->put("/sessions/{$session->id}/trials/{$last->id}", ['uuid' => (string) Str::uuid(), 'outcome' => 'moved_freely'])
            ->assertSessionHasNoErrors();
        $minutes = $this->get("/items/{$item->id}")->assertDontSee('Moved less freely')->viewData('minutes');
        self::assertSame(2.0, is_array($minutes) ? $minutes['still'] : null);
        self::assertSame(0, WearingLogged::query()->count(), 'nothing is kept twice');
    }

    #[TestWith(['minutes', '0', 'Give the minutes it was worn: 0.1 to 240.'])]
    #[TestWith(['minutes', 'all day', 'Give the minutes it was worn: 0.1 to 240.'])]
    #[TestWith(['situation', 'alone', 'Choose what went on.'])]
    #[TestWith(['movement', 'moonwalk', 'Choose how it moved.'])]
    #[TestWith(['person_id', '0', 'Choose one of the people in the list.'])]
    #[TestWith(['uuid', 'x', 'This entry has no identifier. Reload the page and log it again.'])]
    public function test_a_bad_wearing_is_told_at_its_field(string $field, string $value, string $message): void
    {
        $item = Item::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id,
            'kind' => 'harness', 'name' => 'Blue',
        ]);
        $good = [
            'uuid' => (string) Str::uuid(), 'minutes' => '2', 'person_id' => $this->world->session->person_id, 'situation' => 'play',
            'movement' => 'as_usual',
        ];

        $this->post("/items/{$item->id}/wearings", [...$good, $field => $value])->assertSessionHasErrors([$field => $message]);
        self::assertSame(0, WearingLogged::query()->count());
    }

    public function test_the_care_card_holds_words_no_goes_and_kit_only_where_they_are_chosen(): void
    {
        $dog = $this->world->dog->id;
        $this->put("/dogs/{$dog}/areas/ear/left", ['state' => 'fine', 'word' => 'ears please']);
        $this->put("/dogs/{$dog}/areas/tail/both", ['state' => 'no_go', 'note' => 'sore spot']);
        Item::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $dog, 'user_id' => $this->world->trainer->id, 'kind' => 'muzzle',
            'name' => 'Green basket', 'fit_checked_on' => '2026-11-01',
        ]);

        $this->get("/dogs/{$dog}/reports/care?parts[]=areas&parts[]=items")
            ->assertOk()->assertSee('ears please')->assertSee('Tail')->assertSee('Green basket')->assertDontSee('sore spot');
        $this->get("/dogs/{$dog}/reports/care?parts[]=food")->assertOk()->assertDontSee('ears please')->assertDontSee('Green basket');
    }

    private function care(string $template, string $about = 'Nails', ?Item $item = null): Plan
    {
        $minutes = $template === 'basket-muzzle' ? 12 : 10;

        return app(CreatePlan::class)->write($this->world->dog, $this->world->trainer, new PlanDraft(
            $about, PlanKind::Contact, null, $about, $this->world->session->person_id, 'opt_in_station', LadderPlan::Template,
            Criterion::share(4, 5), RiskCaps::usual(),
            template: $template, sessionMinutes: $minutes, easyAfter: 3, itemId: $item?->id,
        ));
    }

    private function training(Plan $plan): Session
    {
        return World::begin($plan, $this->world->trainer);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function entry(string $outcome, ?int $band, array $more = []): array
    {
        return [
            'uuid' => (string) Str::uuid(), 'kind' => 'trial', 'at' => now()->getTimestampMs(), 'sent_at' => now()->getTimestampMs(),
            'trial' => ['outcome' => $outcome, 'band' => $band, 'food' => 'gently', ...$more],
        ];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(Session $session, array $entry): TestResponse
    {
        $session->refresh();

        $answer = $this->postJson("/sessions/{$session->id}/entries", [
            'device' => '6f7c1d9e-3b55-4c0e-9d58-2a1b7c9e0f11', 'user' => $this->world->trainer->id, 'entries' => [$entry],
        ]);
        if ($answer->isOk()) {
            Contract::holds(json_decode((string) $answer->getContent())->state, $session);
        }

        return $answer;
    }
}
