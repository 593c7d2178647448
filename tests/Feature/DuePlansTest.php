<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Client;
use App\Models\Role;
use App\Practice\DuePlans;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Today: what is due by each plan's own pace, and the rest a tap away. */
#[CoversClass(DuePlans::class)]
final class DuePlansTest extends TestCase
{
    use RefreshDatabase;

    /** Three a week are two days apart. */
    #[TestWith([1, false])]
    #[TestWith([2, true])]
    public function test_a_plan_is_due_when_its_pace_says_and_told_as_later_before(int $days, bool $isDue): void
    {
        $world = World::make();
        $world->plan->update(['outings_a_week' => 3.0]);
        $world->session->update(['started_at' => now()->subDays($days), 'ended_at' => now()->subDays($days)]);
        $plans = DuePlans::of($world->trainer, now()->toImmutable());

        self::assertSame($isDue ? [$world->plan->id] : [], $plans->due);
        self::assertSame($isDue ? [] : [$world->plan->id => 1], $plans->later);
        $page = $this->actingAs($world->trainer)->get('/')->assertOk()->assertSee('Kites');
        $isDue ? $page->assertDontSee('Due later') : $page->assertSee('Due later (1)')->assertSee('Nothing is due today');
    }

    public function test_it_can_be_narrowed_to_the_dogs_of_one_trainer_or_client_of_this_practice(): void
    {
        $world = World::make();
        $world->session->update(['ended_at' => now()->subDays(9), 'started_at' => now()->subDays(9)]);
        $owner = $world->user(Role::Owner);
        $client = Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Marram family']);
        $world->dog->update(['client_id' => $client->id, 'trainer_id' => $world->trainer->id]);
        $this->actingAs($owner);

        $this->get("/?trainer={$world->trainer->id}")->assertOk()->assertSee('Moss');
        $this->get("/?trainer={$owner->id}")->assertOk()->assertDontSee('Moss')->assertSee('Nothing of these is due today');
        $this->get("/?client={$client->id}")->assertOk()->assertSee('Moss');
        $this->get("/dogs?trainer={$world->trainer->id}&client={$client->id}")->assertOk()->assertSee('Moss');
        $this->get("/dogs?trainer={$owner->id}")->assertOk()->assertDontSee('Moss');
        $this->get('/dogs?trainer=999999&client[]=1')->assertOk()->assertSee('Moss');
        foreach (['client=999999', 'trainer=0', 'trainer[]=1', 'client=%27'] as $unknown) {
            $this->get("/?{$unknown}")->assertOk()->assertSee('Moss');
        }
        $this->actingAs($world->user(Role::Guardian))->get("/?client={$client->id}")->assertOk()->assertDontSee('Marram');
    }
}
