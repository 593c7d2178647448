<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Dog;
use App\Models\Person;
use App\Models\Place;
use App\Models\Plan;
use App\Models\ResponseModel;
use App\Models\Trigger;
use App\Models\TriggerTrait;
use App\Models\User;
use App\Plan\CreatePlan;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\ViewErrorBag;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

#[CoversClass(CreatePlan::class)]
final class PlanTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Dog $dog;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = User::factory()->createOne(['distance_unit' => 'yd']);
        $this->dog = Dog::query()->create(['practice_id' => $this->user->practice_id, 'name' => 'Moss']);
        $this->actingAs($this->user);
    }

    public function test_a_plan_is_laid_out_by_equal_ratios_in_the_users_unit(): void
    {
        $this->post("/dogs/{$this->dog->id}/plans", $this->form(['traits' => "size: large\nwheels"]))
            ->assertSessionHasNoErrors()->assertRedirect();

        $plan = Plan::query()->with('steps.exposures')->sole();
        $meters = $plan->steps->map(static fn ($step): float => (float) $step->exposures->firstWhere('dimension', 'distance')?->number)
            ->all();
        self::assertEqualsWithDelta(100 * 0.9144, $meters[0], 1e-4, 'four decimals are stored');
        self::assertEqualsWithDelta(10 * 0.9144, end($meters), 1e-4);
        $yards = array_map(static fn (float $one): float => round($one / 0.9144, 2), $meters);
        self::assertSame(array_map(round(...), $yards), $yards, 'whole yards, which can be paced out');
        $ratios = [$yards[1] / $yards[0]];
        for ($i = 2; $i < count($yards); $i++) {
            $ratios[] = $yards[$i] / $yards[$i - 1];
        }
        self::assertLessThan(0.1, max($ratios) - min($ratios), 'equal but for half a yard of ten either way');
        self::assertEqualsCanonicalizing(['size' => 'large', 'wheels' => ''], TriggerTrait::query()->pluck('value', 'name')->all());
        $this->get("/plans/{$plan->id}")->assertOk()->assertSee("100\u{00A0}yd");
    }

    public function test_an_archived_plan_is_brought_back_as_it_was(): void
    {
        $this->post("/dogs/{$this->dog->id}/plans", $this->form([]))->assertSessionHasNoErrors();
        $plan = Plan::query()->sole();
        $this->delete("/plans/{$plan->id}")->assertRedirect();
        $this->get("/plans/{$plan->id}")->assertNotFound();
        $this->get("/dogs/{$this->dog->id}")->assertSee('Archived plans')->assertSee('Bring back');
        $this->post("/dogs/{$this->dog->id}/plans/{$plan->id}/restore")->assertRedirect("/plans/{$plan->id}");
        $this->get("/plans/{$plan->id}")->assertOk();
        $other = Dog::query()->create(['practice_id' => $this->user->practice_id, 'name' => 'Tansy']);
        $this->delete("/plans/{$plan->id}");
        $this->post("/dogs/{$other->id}/plans/{$plan->id}/restore")->assertNotFound();
    }

    public function test_today_shows_ones_own_first_then_what_has_waited_longest_and_says_how_many_there_are(): void
    {
        $other = Person::query()->create(['practice_id' => $this->user->practice_id, 'name' => 'Bo']);
        $make = function (string $name, Person $person, ?string $last): void {
            $this->post("/dogs/{$this->dog->id}/plans", $this->form(['trigger_name' => $name, 'person_id' => (string) $person->id]))
                ->assertSessionHasNoErrors();
            if ($last !== null) {
                Plan::query()->latest('id')->firstOrFail()->sessions()->create([
                    'practice_id' => $this->user->practice_id, 'person_id' => $person->id, 'user_id' => $this->user->id,
                    'started_at' => $last, 'ended_at' => $last,
                ]);
            }
        };
        $own = Person::query()->create(['practice_id' => $this->user->practice_id, 'user_id' => $this->user->id, 'name' => 'Me']);
        for ($n = 1; $n <= 22; $n++) {
            $make("Filler {$n}", $other, '2026-11-10 10:00:00');
        }
        $make('Bo never', $other, null);
        $make('Bo long ago', $other, '2026-11-01 10:00:00');
        $make('Mine of late', $own, '2026-11-22 10:00:00');
        $make('Mine yesterday', $own, '2026-11-23 10:00:00');
        $this->get('/')->assertSeeInOrder([
            'Mine of late', 'Bo long ago', 'Filler 1', '24 of 25 plans', 'Due later (1)', 'Mine yesterday',
        ])->assertDontSee('Bo never');
        $this->get('/')->assertSee('Those after')->assertDontSee('Showing');
        $this->get('/?page=2')->assertSee('Bo never')->assertSee('Those before');
    }

    /** @param  array<string, mixed>  $changes */
    #[TestWith([['goal' => '120'], 'goal'], 'goal farther than the start')]
    #[TestWith([['goal' => '100'], 'goal'], 'goal equal to the start')]
    #[TestWith([['start' => '900'], 'start'], 'absurd')]
    #[TestWith([['start' => 'far'], 'start'], 'text')]
    #[TestWith([['start' => ''], 'start'], 'missing')]
    #[TestWith([['fine_at' => '5'], 'fine_at'], 'fine nearer than it reacts')]
    #[TestWith([['room' => '50', 'place_name' => 'Lane'], 'start'], 'no room')]
    #[TestWith([['trigger_name' => ''], 'trigger_name'], 'nothing to react to')]
    #[TestWith([['run_length' => '0'], 'run_length'], 'no run')]
    #[TestWith([['person_id' => '999999'], 'person_id'], 'nobody')]
    #[TestWith([['caution' => 'reckless'], 'caution'], 'looser than allowed')]
    public function test_a_bad_plan_is_told_at_its_field_and_nothing_is_stored_half(array $changes, string $field): void
    {
        $this->from('/dogs')->post("/dogs/{$this->dog->id}/plans", $this->form(
            $changes,
        ))->assertRedirect('/dogs')->assertSessionHasErrors($field)->assertSessionHasInput('goal');

        if ($field === 'goal' && session('errors') instanceof ViewErrorBag) {
            self::assertStringContainsString('nearer than the start', session('errors')->first('goal'));
        }
        self::assertSame([0, 0, 0, 0], [
            Plan::query()->count(), Trigger::query()->count(), ResponseModel::query()->count(), Place::query()->count(),
        ]);
    }

    /** "Reacts at 12, fine at 5" was refused without a word about dogs that were corrected into silence. */
    public function test_quiet_near_by_is_a_fact_and_no_evidence_for_a_dog_that_may_hide_its_signs(): void
    {
        $this->post("/dogs/{$this->dog->id}/plans", $this->form(['reaction' => '12', 'fine_at' => '5']))
            ->assertSessionHasErrors('fine_at');
        $this->dog->update(['hides_signs' => true]);
        foreach (['12' => 'Equal', '5' => 'Nearer', '13' => 'Farther'] as $fine => $trigger) {
            $this->post("/dogs/{$this->dog->id}/plans", $this->form([
                'reaction' => '12', 'fine_at' => (string) $fine, 'trigger_name' => $trigger,
            ]))->assertSessionHasNoErrors();
        }
        [$equal, $nearer, $farther] = ResponseModel::query()->orderBy('id')->get()->all();
        self::assertNull($nearer->fine_at_meters);
        self::assertEqualsWithDelta(5 * 0.9144, $nearer->quiet_at_meters, 0.01);
        self::assertNull($equal->fine_at_meters);
        self::assertNull($farther->quiet_at_meters);
        self::assertEqualsWithDelta(13 * 0.9144, $farther->fine_at_meters, 0.01);
        $this->get('/plans/'.Plan::query()->where('response_model_id', $nearer->id)->value('id'))
            ->assertSee('quiet is not the same as fine');
    }

    public function test_another_practices_handler_and_place_are_refused(): void
    {
        $stranger = User::factory()->createOne();
        $person = Person::query()->create(['practice_id' => $stranger->practice_id, 'name' => 'Them']);
        $place = Place::query()->create(['practice_id' => $stranger->practice_id, 'name' => 'There']);

        $this->post("/dogs/{$this->dog->id}/plans", $this->form(['person_id' => (string) $person->id, 'place_id' => (string) $place->id]))
            ->assertSessionHasErrors(['person_id', 'place_id']);
    }

    public function test_a_second_plan_for_the_same_trigger_and_handler_keeps_the_model_and_its_reference(): void
    {
        $this->post("/dogs/{$this->dog->id}/plans", $this->form([]));
        $this->post("/dogs/{$this->dog->id}/plans", $this->form(
            ['trigger_id' => (string) Trigger::query()->value('id'), 'trigger_name' => '', 'reaction' => '30'],
        ))->assertSessionHasNoErrors();

        self::assertSame(2, Plan::query()->count());
        self::assertEqualsWithDelta(12 * 0.9144, ResponseModel::query()->sole()->reference_meters, 0.01);
    }

    public function test_a_bite_history_switches_the_cautious_limits_on(): void
    {
        $this->dog->update(['bite_history' => true]);
        $this->post("/dogs/{$this->dog->id}/plans", $this->form(['caution' => 'usual']));

        self::assertSame([0.03, 0.005], [Plan::query()->sole()->strain_cap, Plan::query()->sole()->reaction_cap]);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private function form(array $changes): array
    {
        $person = Person::query()->firstOrCreate(['practice_id' => $this->user->practice_id, 'name' => 'Handler']);

        return [
            'trigger_name' => 'Milk floats', 'person_id' => (string) $person->id, 'reaction' => '12', 'fine_at' => '60', 'start' => '100',
            'goal' => '10', 'play' => ['trigger_motion' => 'standing'],
            'run_length' => '5', 'caution' => 'usual', 'most_advances' => '3', 'set_minutes' => '4', 'session_minutes' => '30', ...$changes,
        ];
    }
}
