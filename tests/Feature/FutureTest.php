<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Future\AskFuture;
use App\Future\WorkOnFuture;
use App\Models\PlanFuture;
use App\Models\Role;
use App\Models\Session;
use App\Models\TrainingSet;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** What if: asked, worked out in parts by the worker, and told as a range. */
#[CoversClass(AskFuture::class)]
#[CoversClass(WorkOnFuture::class)]
final class FutureTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private string $page;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->world = World::make();
        $this->page = "/plans/{$this->world->plan->id}/what-if";
        $this->actingAs($this->world->trainer);
    }

    public function test_a_plan_without_three_sessions_has_no_future_yet(): void
    {
        // with the one of the world
        $this->sessions(1);
        $this->get($this->page)->assertOk()->assertSee('It takes 3 logged sessions')->assertDontSee('Look ahead');
        $this->post($this->page)->assertNotFound();
        $this->sessions(1);
        $this->get($this->page)->assertSee('Look ahead');
    }

    public function test_it_is_asked_once_worked_out_in_parts_and_told_as_a_range(): void
    {
        $this->sessions(3);
        $this->post($this->page, ['trials' => '5', 'outings' => '', 'caution' => ''])->assertRedirect($this->page);
        $this->post($this->page, ['trials' => '5'])->assertRedirect($this->page);
        $future = PlanFuture::query()->sole();
        self::assertSame(['trials' => 5], $future->changes);
        Queue::assertPushed(WorkOnFuture::class, 1);
        $this->get($this->page)->assertSee('0 of 100 ways worked out')->assertSee('5 trials a session');

        app()->call([new WorkOnFuture($future->id), 'handle']);
        self::assertCount(5, $future->refresh()->ways);
        Queue::assertPushed(WorkOnFuture::class, 2);
        self::assertNotSame($future->ways[0], $future->ways[1], 'each is another dog');

        // the rest as if it had been worked out
        $future->update(['ways' => array_map(static fn (int $i): array => [
            'solid' => [0, 1], 'arrived' => 10 + intdiv($i, 10), 'reactions' => 1,
        ], range(0, 99))]);
        $this->get($this->page)->assertSee('To the goal in 10 to 18 sessions, as often before as after 14')->assertSee('<polygon', false);
        $this->get("/futures/{$future->id}/progress")->assertOk()->assertDontSee('hx-get', false);
        // nothing is left to do
        app()->call([new WorkOnFuture($future->id), 'handle']);
        Queue::assertPushed(WorkOnFuture::class, 2);
    }

    public function test_what_was_typed_wrong_is_told_and_the_newest_six_stay(): void
    {
        $this->sessions(3);
        foreach ([['trials' => '4'], ['trials' => '201'], ['outings' => '0.4'], ['run' => '21'], ['caution' => 'none']] as $bad) {
            $this->post($this->page, $bad)->assertSessionHasErrors(array_key_first($bad));
        }
        self::assertSame(0, PlanFuture::query()->count());
        foreach (range(5, 12) as $trials) {
            $this->post($this->page, ['trials' => (string) $trials])->assertSessionHasNoErrors();
        }
        self::assertSame(6, PlanFuture::query()->count());
        $other = User::factory()->createOne(['practice_id' => World::make()->practice->id, 'role' => Role::Owner]);
        $this->actingAs($other)->get('/futures/'.PlanFuture::query()->value('id').'/progress')->assertNotFound();
    }

    public function test_a_job_that_failed_is_told(): void
    {
        $this->sessions(3);
        $this->post($this->page);
        (new WorkOnFuture(PlanFuture::query()->sole()->id))->failed();
        $this->get($this->page)->assertSee('It could not be worked out');
        // and one whose plan was archived meanwhile has somewhere to ask
        $future = PlanFuture::query()->sole();
        $future->plan->delete();
        $this->get("/futures/{$future->id}/progress")->assertOk();
    }

    private function sessions(int $count): void
    {
        for ($i = 0; $i < $count; $i++) {
            $session = $this->world->session->replicate();
            $session->save();
            TrainingSet::query()->create(['session_id' => $session->id, 'position' => 1, 'started_at' => now()]);
            Session::query()->whereKey($session->id)->update(['started_at' => now()->subDays(3 + Session::query()->count())]);
            $this->postJson("/sessions/{$session->id}/trials", $this->world->trial((string) Str::uuid(), 70.0))->assertCreated();
            Session::query()->whereKey($session->id)->update(['ended_at' => now()->subDays(2)]);
        }
    }
}
