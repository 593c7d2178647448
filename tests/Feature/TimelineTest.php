<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Dog\TimelineReader;
use App\Engine\BandsReader;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Trial;
use Core\Sign\Band;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** A dog's weeks and the way so far, drawn from what stands. */
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
        [$first, $second] = Trial::query()->orderBy('sequence')->limit(2)->pluck('id')->all();
        $this->put("/sessions/{$world->session->id}/trials/{$first}", [
            'uuid' => (string) Str::uuid(), 'outcome' => 'returned', 'band' => '3', 'distance' => '80',
        ])
            ->assertSessionHasNoErrors();
        $this->delete("/sessions/{$world->session->id}/trials/{$second}", ['uuid' => (string) Str::uuid()])->assertSessionHasNoErrors();
        $world->session->update(['ended_at' => now()]);

        self::assertSame([Band::Strain, Band::Effort], app(BandsReader::class)->of([$world->session->id])[$world->session->id]);
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
}
