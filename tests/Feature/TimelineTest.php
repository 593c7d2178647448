<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Dog\Timeline;
use App\Dog\TimelineReader;
use App\Engine\BandsReader;
use App\Engine\LimitReader;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\HealthEntry;
use App\Models\Trial;
use Core\Observation\Activity;
use Core\Sign\Band;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A dog's weeks and the way so far, drawn from what stands. */
#[CoversClass(Timeline::class)]
#[CoversClass(TimelineReader::class)]
#[CoversClass(BandsReader::class)]
final class TimelineTest extends TestCase
{
    use RefreshDatabase;

    public function test_small_drawings_show_trials_as_they_stand_after_corrections(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer);
        foreach ([1, 1, 2] as $i => $band) {
            $this->postJson("/sessions/{$world->session->id}/trials", [
                ...$world->trial((string) Str::uuid()), 'sequence' => $i + 1, 'band' => $band,
            ])->assertCreated();
        }
        $bands = static fn (): array => app(BandsReader::class)->of([$world->session->id])[$world->session->id];
        self::assertSame([Band::Aware, Band::Aware, Band::Effort], $bands());
        [$first, $second] = Trial::query()->orderBy('sequence')->limit(2)->pluck('id')->all();
        $this->put("/sessions/{$world->session->id}/trials/{$first}", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'returned', 'band' => '3', 'distance' => '80',
        ])
            ->assertSessionHasNoErrors();
        $this->delete("/sessions/{$world->session->id}/trials/{$second}", ['uuid' => (string) Str::uuid()])->assertSessionHasNoErrors();
        $world->session->update(['started_at' => now()->subDays(2), 'ended_at' => now()]);

        self::assertSame([Band::Strain, Band::Effort], $bands());
        $this->get("/dogs/{$world->dog->id}")->assertOk()->assertSee('Kites. 1 stretched, 1 struggling');
        $this->get('/')->assertOk()->assertSee('Last session: 1 stretched, 1 struggling.');
    }

    public function test_a_timeline_reaches_back_twelve_weeks_and_no_farther(): void
    {
        $world = World::make();
        $at = static fn (int $days): Event => Event::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id,
            'kind' => EventKind::Upset,
            'severity' => 2, 'occurred_at' => now()->subDays($days)->addHour(), 'note' => '',
        ]);
        $at(TimelineReader::DAYS);
        $at(TimelineReader::DAYS + 1);

        self::assertCount(1, app(TimelineReader::class)->of($world->dog, now()->toImmutable())->events);
    }

    public function test_the_working_distance_is_drawn_with_its_range_after_each_session(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer);
        foreach ([0, 1, 1, 2, 1] as $i => $band) {
            $this->postJson("/sessions/{$world->session->id}/trials", [
                ...$world->trial((string) Str::uuid(), 40.0 - 5.0 * $i), 'sequence' => $i + 1, 'band' => $band,
            ])->assertCreated();
        }
        $world->session->update(['ended_at' => now()]);

        $points = app(TimelineReader::class)->of($world->dog, now()->toImmutable()->addHour())->limits['Kites'];
        self::assertCount(1, $points);
        $now = app(LimitReader::class)->now($world->plan)['limit'];
        self::assertEqualsWithDelta($now?->point?->meters, $points[0]['meters'], 0.05 * $points[0]['meters'], 'as the dog’s page tells it');
        self::assertLessThan($points[0]['meters'], $points[0]['from']);
        self::assertGreaterThan($points[0]['meters'], $points[0]['to']);
        $this->get("/dogs/{$world->dog->id}")->assertOk()->assertSee('range-thin', false);
    }

    public function test_medication_is_drawn_from_its_first_day_to_its_last_and_said_when_it_goes_on(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)->post("/dogs/{$world->dog->id}/health", [
            'kind' => 'medication', 'health_name' => 'ear drops', 'from_on' => '2026-11-10', 'until_on' => '2026-11-16', 'weight' => '20',
        ])->assertSessionHasNoErrors();
        self::assertNull(HealthEntry::query()->sole()->kilograms, 'what is typed in another field is nothing of a medicine');
        $this->post("/dogs/{$world->dog->id}/health", [
            'kind' => 'condition', 'health_name' => 'lame, left hind', 'from_on' => '2026-11-12',
        ])
            ->assertSessionHasNoErrors();
        $world->trainer->update(['is_imperial' => true]);
        $this->post("/dogs/{$world->dog->id}/health", ['kind' => 'weight', 'weight' => '66', 'weighed_on' => '2026-11-12'])
            ->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(29.94, HealthEntry::query()->where('kind', 'weight')->value('kilograms'), 0.01, '66 lb');

        $health = app(TimelineReader::class)->of($world->dog, now()->toImmutable())->health;
        self::assertSame(['lame, left hind', 'ear drops'], array_column($health, 'name'));
        $page = (string) $this->get("/dogs/{$world->dog->id}")->assertOk()->getContent();
        self::assertSame(1, substr_count($page, 'class="health health-on"'), 'filled: still so');
        self::assertSame(1, substr_count($page, 'class="health"'));

        $entry = HealthEntry::query()->where('name', 'ear drops')->firstOrFail();
        $this->delete("/health-entries/{$entry->id}")->assertSessionHasNoErrors();
        self::assertNotNull($entry->refresh()->taken_out_at, 'it stays on record');
        $this->get("/dogs/{$world->dog->id}")->assertDontSee('ear drops');
    }

    /** @param  array<string, string>  $input */
    #[TestWith([['kind' => 'medication', 'health_name' => '', 'from_on' => '2026-11-10'], 'health_name'])]
    #[TestWith([['kind' => 'medication', 'health_name' => 'x', 'from_on' => '2999-11-10'], 'from_on'])]
    #[TestWith([['kind' => 'medication', 'health_name' => 'x', 'from_on' => '2026-11-10', 'until_on' => '2026-11-09'], 'until_on'])]
    #[TestWith([['kind' => 'weight', 'weight' => '161', 'weighed_on' => '2026-11-10'], 'weight'])]
    #[TestWith([['kind' => 'weight', 'weight' => '160', 'weighed_on' => ''], 'weighed_on'])]
    #[TestWith([['kind' => 'mood', 'health_name' => 'x', 'from_on' => '2026-11-10'], 'kind'])]
    public function test_what_cannot_be_of_health_is_said_at_its_field(array $input, string $field): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)->post("/dogs/{$world->dog->id}/health", $input)->assertSessionHasErrors([$field]);
        self::assertSame(0, HealthEntry::query()->count());
    }

    /** Whatever of it there is, it is drawn. */
    public function test_a_timeline_is_empty_only_where_nothing_happened(): void
    {
        $of = static fn (string $what): Timeline => new Timeline(
            now(), now(), $what === 'sessions' ? [['id' => 1, 'at' => now(), 'plan' => 'Kites', 'bands' => [Band::Easy]]] : [],
            $what === 'free' ? [['id' => 1, 'at' => now(), 'activity' => Activity::cases()[0]]] : [], [],
            $what === 'events' ? [['at' => now(), 'kind' => EventKind::cases()[0], 'severity' => 2]] : [],
            $what === 'health' ? [['name' => 'Limp', 'from' => now(), 'to' => null]] : [],
            $what === 'home' ? ['2026-11-24' => ['done' => 1, 'wrong' => false]] : [], null,
        );

        self::assertTrue($of('nothing')->isEmpty());
        foreach (['sessions', 'free', 'events', 'health', 'home'] as $what) {
            self::assertFalse($of($what)->isEmpty(), $what);
        }
    }
}
