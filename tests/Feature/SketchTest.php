<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\SessionEventKind;
use App\Models\Sketch;
use App\Place\Http\SketchController;
use App\Place\Http\SketchRequest;
use App\Place\SketchPage;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A place from above: its numbers come from the server, in the user's unit; what cannot be is told at its field. */
#[CoversClass(SketchController::class)]
#[CoversClass(SketchRequest::class)]
#[CoversClass(SketchPage::class)]
final class SketchTest extends TestCase
{
    use RefreshDatabase;

    private const LAYOUT = [
        'path' => '20', 'left' => '-1.5', 'right' => '1.5', 'depth' => '5', 'cover' => '10', 'exit' => '8', 'trigger_length' => '2.5',
        'trigger_speed' => '1.4', 'handler_speed' => '1.4', 'hold' => '8',
    ];

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_lengths_and_speeds_are_typed_in_the_readers_units_and_kept_in_meters(): void
    {
        $this->put('/settings', ['distance_unit' => 'yd', 'system' => 'imperial']);
        $place = $this->world->plan->place_id;
        $this->put("/places/{$place}/sketch", [...self::LAYOUT, 'trigger_speed' => '5', 'trigger_length' => '2'])->assertRedirect();
        $layout = Sketch::query()->sole()->layout;
        self::assertEqualsWithDelta(
            [5 * 0.44704, 2 * 0.9144, 20 * 0.9144], [$layout['trigger_speed'], $layout['trigger_length'], $layout['path']], 1e-3,
        );
        $this->get("/places/{$place}/sketch")->assertSee('mph')->assertDontSee('>m/s<', false);
        $this->put("/places/{$place}/sketch", [...self::LAYOUT, 'trigger_speed' => '40'])->assertSessionHasErrors(
            ['trigger_speed' => 'The speed of the trigger must be 0.2 to 33.6 mph: what stands still does not pass.'],
        );
    }

    /**
     * Worked by hand: 3 m at 5 m show 12 m of a path at 20 m; (12 + 2.5)/1.4 = 10.4 sec; (1.4·8 − 2.5)·5/20 = 2.2 m; 15 + 2.8 + 2.1 = 19.9
     * m.
     */
    public function test_the_numbers_follow_the_sketch(): void
    {
        $this->getJson($this->numbers([...self::LAYOUT, 'limit' => '15']))->assertOk()->assertSee("12\u{00A0}m of it", false)->assertSee(
            '10.4 sec',
        )->assertSee('2.4 sec longer than the hold')->assertSee("at most 2.2\u{00A0}m wide")->assertSee('0%')->assertSee("20\u{00A0}m");
        $this->getJson($this->numbers([...self::LAYOUT, 'limit' => '20.5']))->assertSee('75%');
        $this->getJson($this->numbers(self::LAYOUT))->assertDontSee('Inside the limit');
    }

    public function test_it_is_kept_with_the_place_in_meters_whatever_the_unit(): void
    {
        $place = $this->world->session->place_id;
        $this->world->trainer->update(['distance_unit' => 'ft']);
        $this->put("/places/{$place}/sketch", [...self::LAYOUT, 'path' => '100', 'passes' => ['after_work' => '40', 'early' => '']])
            ->assertSessionHasNoErrors();

        $sketch = Sketch::query()->sole();
        self::assertEqualsWithDelta(30.48, $sketch->layout['path'], 1e-9);
        self::assertSame(['after_work' => 40], $sketch->passes);
        $this->get("/places/{$place}/sketch")->assertOk()->assertSee('value="100"', false)->assertSee('value="40"', false);
    }

    public function test_passes_counted_in_sessions_here_are_told_an_hour(): void
    {
        $session = $this->world->session;
        $session->update(['started_at' => now()->setTime(17, 0), 'ended_at' => now()->setTime(17, 30)]);
        foreach (range(1, 6) as $n) {
            $session->events()->create([
                'practice_id' => $session->practice_id, 'user_id' => $this->world->trainer->id, 'uuid' => (string) Str::uuid(),
                'kind' => 'trigger_seen', 'occurred_at' => now(),
            ]);
        }

        $this->get("/places/{$session->place_id}/sketch")->assertSee('counted: 12 (1 session)');
    }

    #[TestWith(['path', '0.2', 'The path runs through the dog. Move it half a meter away at least.'])]
    #[TestWith(['depth', '25', 'The gap lies behind the trigger. It must lie between the dog and the path.'])]
    #[TestWith(['right', '-2', 'The right edge of the gap must lie to the right of the left one.'])]
    #[TestWith(['trigger_speed', '0', 'The speed of the trigger must be 0.1 to 15 m/s: what stands still does not pass.'])]
    #[TestWith(['cover', '', 'Type a length as a number, for example 12.5.'])]
    #[TestWith(['exit', 'wide', 'Type a length as a number, for example 12.5.'])]
    #[TestWith(['hold', '600', 'The hold must be 0 to 60 seconds.'])]
    public function test_what_cannot_be_is_told_at_its_field_while_drawing_and_when_kept(
        string $field, string $value, string $message,
    ): void {
        $this->getJson($this->numbers([...self::LAYOUT, $field => $value]))
            ->assertUnprocessable()->assertJsonValidationErrors([$field => $message]);
        $this->put("/places/{$this->world->session->place_id}/sketch", [...self::LAYOUT, $field => $value])
            ->assertSessionHasErrors([$field => $message]);
        self::assertSame(0, Sketch::query()->count());
    }

    /** @param  array<string, string>  $layout */
    private function numbers(array $layout): string
    {
        return "/places/{$this->world->session->place_id}/sketch/numbers?".http_build_query($layout);
    }

    /** By hand: three passes in half an hour are six an hour; an open session and one without a pass say nothing. */
    #[TestWith(['11:59', 'morning'])]
    #[TestWith(['12:00', 'noon'])]
    #[TestWith(['18:59', 'after_work'])]
    #[TestWith(['19:00', 'evening'])]
    #[TestWith(['07:59', 'early'])]
    public function test_passes_are_counted_by_the_hour_and_time_of_day(string $at, string $time): void
    {
        $start = new \DateTimeImmutable("2026-06-01 {$at} UTC");
        $this->passes($start, $start->modify('+30 minutes'), 3);
        $this->passes($start, $start->modify('+30 minutes'), 0);
        $this->passes($start, null, 5);
        $place = $this->world->plan->place ?? throw new \LogicException('It has one.');

        self::assertEquals(
            [$time => ['sessions' => 1, 'anHour' => 6.0]], app(SketchPage::class)->counted($place, new \DateTimeZone('UTC')),
        );
    }

    private function passes(\DateTimeImmutable $from, ?\DateTimeImmutable $to, int $times): void
    {
        $session = Session::query()->create([
            'practice_id' => $this->world->practice->id, 'plan_id' => $this->world->plan->id,
            'person_id' => $this->world->plan->responseModel->person_id, 'user_id' => $this->world->trainer->id,
            'place_id' => $this->world->plan->place_id, 'started_at' => $from,
        ]);
        $session->forceFill(['ended_at' => $to])->save();
        for ($i = 0; $i < $times; $i++) {
            SessionEvent::query()->create([
                'practice_id' => $this->world->practice->id, 'session_id' => $session->id, 'user_id' => $this->world->trainer->id,
                'uuid' => (string) Str::uuid(), 'kind' => SessionEventKind::TriggerSeen, 'occurred_at' => $from,
            ]);
        }
    }
}
