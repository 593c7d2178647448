<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Incident\CarryOverReader;
use App\Incident\Http\EventController;
use App\Incident\Http\IncidentController;
use App\Incident\IncidentFacts;
use App\Incident\RecordIncident;
use App\Models\Event;
use App\Models\Incident;
use App\Models\Plan;
use Core\Decision\Advice;
use Core\Decision\RestReason;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What happens off plan: upsets that make today easier, and incidents that let plans rest. */
#[CoversClass(CarryOverReader::class)]
#[CoversClass(RecordIncident::class)]
#[CoversClass(IncidentFacts::class)]
#[CoversClass(EventController::class)]
#[CoversClass(IncidentController::class)]
final class UpsetsTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_an_upset_counts_once_and_today_is_easier_for_it(): void
    {
        $this->world->session->update(['started_at' => now()->subDays(2), 'ended_at' => now()->subDays(2)]);
        $calm = $this->startToday();
        $upset = [
            'uuid' => (string) Str::uuid(), 'dog_id' => $this->world->dog->id, 'event_kind' => 'upset', 'severity' => '3', 'ago' => '3',
            'event_note' => 'a dog round the corner',
        ];
        foreach ([1, 2] as $time) {
            $this->post('/events', $upset)->assertRedirect("/dogs/{$this->world->dog->id}");
        }
        self::assertSame(3, Event::query()->sole()->severity);
        $this->get("/dogs/{$this->world->dog->id}")
            ->assertSee('Still shaken: a day of rest would be better.')->assertSee('a dog round the corner');
        $this->get('/')->assertSee('Still shaken');
        self::assertGreaterThan($calm, $this->startToday(), 'farther, or not today');
    }

    public function test_meeting_it_calmly_is_on_record_and_loads_nothing(): void
    {
        $this->post('/events', ['uuid' => (string) Str::uuid(), 'dog_id' => $this->world->dog->id, 'event_kind' => 'calm', 'ago' => '0'])
            ->assertSessionHasNoErrors();
        self::assertSame(0, Event::query()->sole()->severity);
        $this->get("/dogs/{$this->world->dog->id}")->assertSee('met it off plan and stayed calm')->assertDontSee('Carried-over upset');
    }

    public function test_an_incident_lets_every_plan_rest_until_a_named_person_has_reviewed_it(): void
    {
        $told = $this->incident();
        $page = $this->post("/dogs/{$this->world->dog->id}/incidents", $told);
        $page->assertSessionHas('status', say('messages.incident.kept_s_plans_rest_until_a', ['dog' => 'Moss']));
        $this->post("/dogs/{$this->world->dog->id}/incidents", $told)
            ->assertRedirect()->assertSessionHas('status', say('messages.incident.that_is_on_record_already'));
        $incident = Incident::query()->sole();
        $page->assertRedirect("/incidents/{$incident->id}");
        $this->get("/incidents/{$incident->id}")
            ->assertSee('a child')->assertSee('the vet, the local authority')->assertSee('rests until it is reviewed');

        $plan = Plan::query()->sole();
        self::assertSame(RestReason::Incident, $plan->resting_reason);
        self::assertTrue($this->world->dog->refresh()->bite_history);
        $this->postJson("/sessions/{$this->world->session->id}/trials", $this->world->trial((string) Str::uuid()))
            ->assertCreated()->assertJsonPath('advice.action', 'refer');
        $this->post("/plans/{$plan->id}/review", ['checked' => '1']);
        self::assertSame([null, $this->world->trainer->id], [$plan->refresh()->resting_reason, $plan->reviewed_by]);
    }

    public function test_a_bite_logged_with_a_trial_asks_for_its_facts_and_is_one_event(): void
    {
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid()), 'signs' => ['bite'], 'outcome' => 'reacted', 'band' => 4,
        ])->assertCreated();
        $this->get('/')->assertSee('is on record without its facts');
        $this->post("/dogs/{$this->world->dog->id}/incidents", $this->incident(
            ['occurred_at' => now()->subMinutes(2)->format('Y-m-d\TH:i')],
        ))->assertSessionHasNoErrors();

        self::assertSame(1, Event::query()->count());
        $this->get('/')->assertDontSee('is on record without its facts');
        $this->get("/dogs/{$this->world->dog->id}")->assertSee('the facts');
    }

    #[TestWith(['occurred_at', '', 'Say when it was: day and time. An incident without a date helps nobody.'])]
    #[TestWith(['occurred_at', '2099-01-01T10:00', 'This time has not come yet. Say when it was.'])]
    #[TestWith(['where', '', 'Say where it was.'])]
    #[TestWith(['before', '', 'Say what came before, in at most 1,000 characters.'])]
    #[TestWith(['contact', 'maybe', 'Choose one of the answers; "not known" is one.'])]
    #[TestWith(['told', null, 'Say who was told.'])]
    public function test_a_bad_incident_is_told_at_its_field_and_nothing_rests(string $field, ?string $value, string $message): void
    {
        $this->post("/dogs/{$this->world->dog->id}/incidents", [...$this->incident(), $field => $value])
            ->assertSessionHasErrors([$field => $message]);
        self::assertSame(0, Incident::query()->count() + Event::query()->count());
        self::assertNull(Plan::query()->sole()->resting_reason);
    }

    /** Meters at which Today would begin; endless where it says not today. */
    private function startToday(): float
    {
        $start = data_get($this->get('/')->viewData('due'), '0.start');
        self::assertInstanceOf(Advice::class, $start);

        return $start->next?->exposure->distance()->meters ?? INF;
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function incident(array $more = []): array
    {
        return [
            'uuid' => (string) Str::uuid(), 'occurred_at' => '2026-11-20T17:40', 'where' => 'Seawall path', 'contact' => 'skin',
            'mark' => 'yes', 'broken' => 'no', 'held' => 'no', 'times' => 'once', 'whom' => 'child',
            'before' => 'She ran past with a cart.', 'treatment' => 'washed', 'told' => ['vet', 'authority'], 'told_note' => null, ...$more,
        ];
    }
}
