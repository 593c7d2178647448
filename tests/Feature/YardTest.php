<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Craft\VisitYard;
use App\Models\Role;
use App\Models\User;
use App\Models\YardVisit;
use Core\Yard\YardRun;
use Core\Yard\YardScore;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** The practice yard: what was done is all that is kept, and the run is the same again from it. */
#[CoversClass(VisitYard::class)]
final class YardTest extends TestCase
{
    use RefreshDatabase;

    private YardVisit $visit;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs(World::make()->trainer);
        $this->post('/yard', ['dog' => 'over_eager'])->assertRedirect();
        $this->visit = YardVisit::query()->sole();
    }

    public function test_what_comes_is_told_and_told_anew_after_an_act(): void
    {
        $first = $this->send([], 5000)->assertOk()->json('frames');
        self::assertIsArray($first);
        self::assertSame([4900, 7500], [$first[0]['at'], $first[count($first) - 1]['at']]);
        self::assertSame(['ears', 'brow', 'mouth', 'tail', 'weight', 'gaze'], array_keys($first[0]['posture']));
        self::assertArrayNotHasKey('arousal', $first[0], 'what it feels is for afterward');
        $nearer = $this->send([['act' => 'nearer', 'at' => 5100]], 5200)->json('frames');
        self::assertIsArray($nearer);
        self::assertEqualsWithDelta($first[5]['stand'] - 2.0, $nearer[5]['stand'], 1e-9);
        // the same again changes nothing, and less than is known is not taken
        self::assertSame($nearer, $this->send([['act' => 'nearer', 'at' => 5100]], 5200)->json('frames'));
        $this->send([], 5200);
        self::assertCount(1, $this->visit->refresh()->acts);
    }

    public function test_a_visit_is_ended_with_a_guess_scored_and_gone_into_again_before_the_mistake(): void
    {
        $acts = array_map(static fn (int $i): array => ['act' => 'nearer', 'at' => 200 * $i], range(1, 9));
        $this->send($acts, 100_000);
        $this->post("/yard/{$this->visit->id}/end", ['guess' => '0'])->assertSessionHasErrors('guess');
        $this->post("/yard/{$this->visit->id}/end", ['guess' => '11'])->assertRedirect();
        $page = $this->get("/yard/{$this->visit->id}")->assertOk();
        $page->assertSee("you said 11\u{00A0}m, it is 14\u{00A0}m")->assertSee('What the advice would have been')->assertSee('Pass 5');
        $page->assertSee('Again, from shortly before the first mistake');
        // nothing is added to what has ended
        $this->send([...$acts, ['act' => 'mark', 'at' => 100]], 100_000);
        self::assertCount(9, $this->visit->refresh()->acts);

        $mistake = YardScore::of($this->visit->dog, VisitYard::frames($this->visit), VisitYard::acts($this->visit))->mistake;
        self::assertNotNull($mistake);
        $this->post("/yard/{$this->visit->id}/retry")->assertRedirect();
        $again = YardVisit::query()->latest('id')->firstOrFail();
        self::assertSame([$this->visit->seed, null], [$again->seed, $again->ended_at]);
        self::assertEqualsWithDelta(max(0, $mistake - 4000), $again->from_ms, YardRun::TICK);
        self::assertEquals(
            array_slice(VisitYard::frames($this->visit, $again->from_ms), 0, -1),
            array_slice(VisitYard::frames($again, $again->from_ms), 0, -1),
        );
    }

    public function test_hands_come_to_a_dog_that_leaves_and_comes_back(): void
    {
        $this->post('/yard', ['dog' => 'hand_shy']);
        $this->visit = YardVisit::query()->latest('id')->firstOrFail();
        $this->get("/yard/{$this->visit->id}")->assertOk()->assertSee('Show the tool')->assertDontSee('Walk off');
        // nobody walks off from a table, and nobody calls
        $this->send([['act' => 'cue', 'at' => 100]], 200)->assertUnprocessable();
        $acts = array_map(static fn (int $i): array => ['act' => 'nearer', 'at' => 400 * $i], range(1, 8));
        $frames = $this->send([...$acts, ['act' => 'walk_off', 'at' => 9000]], 8000)->assertOk()->json('frames');
        self::assertIsArray($frames);
        self::assertSame([0.05, true], [$frames[0]['stand'], $frames[0]['away']]);
        self::assertSame(0.8, $frames[count($frames) - 1]['stand']);
        $this->post("/yard/{$this->visit->id}/end", [])->assertRedirect();
        $this->get("/yard/{$this->visit->id}")->assertOk()->assertSee('It left the rest once.')->assertSee('8 steps were not shown before.')
            ->assertSee('First mistake after 0 s.');
        $this->post("/yard/{$this->visit->id}/retry")->assertRedirect();
        self::assertSame(0, YardVisit::query()->latest('id')->firstOrFail()->from_ms);
    }

    public function test_a_visit_is_its_learners_and_what_cannot_be_read_changes_nothing(): void
    {
        foreach ([['acts' => [['act' => 'bite', 'at' => 1]]], ['acts' => 'x'], ['acts' => [['act' => 'mark', 'at' => 120_001]]],
            ['until' => -1],
            ['acts' => array_fill(0, 601, ['act' => 'mark', 'at' => 1])]] as $bad) {
            $this->postJson("/yard/{$this->visit->id}/acts", ['acts' => [], 'until' => 0, ...$bad])->assertUnprocessable();
        }
        self::assertSame([], $this->visit->refresh()->acts);
        $this->post('/yard', ['dog' => 'cat'])->assertSessionHasErrors('dog');
        $this->actingAs(User::factory()->createOne(['practice_id' => $this->visit->practice_id, 'role' => Role::Owner]));
        $this->get("/yard/{$this->visit->id}")->assertNotFound();
        $this->send([], 0)->assertNotFound();
    }

    /**
     * @param  list<array{act: string, at: int}>  $acts
     * @return TestResponse<Response>
     */
    private function send(array $acts, int $until): TestResponse
    {
        return $this->postJson("/yard/{$this->visit->id}/acts", ['acts' => $acts, 'until' => $until]);
    }
}
