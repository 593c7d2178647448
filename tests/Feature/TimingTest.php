<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Craft\MeasureDevice;
use App\Craft\MyHandling;
use App\Craft\PlayRound;
use App\Craft\RoundScript;
use App\Craft\ShareTiming;
use App\Craft\StartRound;
use App\Models\Role;
use App\Models\TimingDevice;
use App\Models\TimingRound;
use App\Models\Trial;
use App\Models\User;
use Core\Marking\Drill;
use Core\Marking\Episode;
use Core\Marking\Tap;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Marker timing: a device is measured, a round played to its end, and what came of it is its learner's own. */
#[CoversClass(MeasureDevice::class)]
#[CoversClass(StartRound::class)]
#[CoversClass(PlayRound::class)]
#[CoversClass(RoundScript::class)]
#[CoversClass(MyHandling::class)]
#[CoversClass(ShareTiming::class)]
final class TimingTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private string $device;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->device = (string) Str::uuid();
        $this->actingAs($this->world->trainer);
    }

    public function test_a_device_is_measured_first_and_again(): void
    {
        $this->post('/timing/rounds', ['drill' => 'palm', 'mark_by' => 'tap', 'device' => $this->device])
            ->assertRedirect('/timing/device?mark_by=tap');
        $this->measure(70)->assertOk()->assertJson(['message' => 'Measured: 70 ms ± 0 ms. That is taken off from now on.']);
        $this->measure(90)->assertOk();
        self::assertSame([90], TimingDevice::query()->pluck('delay_ms')->all());
        // a clicker is heard, not tapped: that is another delay
        $this->post('/timing/rounds', ['drill' => 'word_or_clicker', 'mark_by' => 'clicker', 'device' => $this->device])
            ->assertRedirect('/timing/device?mark_by=sound');
        // nor is another one's device mine
        $this->actingAs(User::factory()->createOne(['practice_id' => $this->world->practice->id]));
        $this->post('/timing/rounds', ['drill' => 'palm', 'mark_by' => 'tap', 'device' => $this->device])
            ->assertRedirect('/timing/device?mark_by=tap');
    }

    public function test_taps_that_tell_nothing_are_told(): void
    {
        $this->measure(0, taps: [])->assertUnprocessable()
            ->assertJson(['message' => 'Fewer than 8 taps were near a beat. Tap along with every beat.']);
        $this->measure(0, taps: array_map(static fn (int $i): int => 1000 * $i + ($i % 2 === 0 ? 300 : -300), range(1, 20)))
            ->assertUnprocessable()
            ->assertJsonFragment(['message' => 'The taps were too uneven to tell anything. Once more, with the ring.']);
        foreach ([['beats' => 'x'], ['beats' => range(1, 61)], ['taps' => ['a']], ['device' => 'x'], ['mark_by' => 'nose']] as $bad) {
            $this->postJson('/timing/device', [
                'device' => $this->device, 'mark_by' => 'tap', 'beats' => range(0, 19_000, 1000), 'taps' => [], ...$bad,
            ])->assertUnprocessable();
        }
        self::assertSame(0, TimingDevice::query()->count());
    }

    public function test_a_round_that_is_marked_well_is_learned_and_the_next_is_proposed(): void
    {
        $round = $this->round(Drill::Line);
        $answer = $this->playThrough($round, late: 60);

        self::assertSame(route('timing.round', $round), $answer);
        $round->refresh();
        self::assertSame([1.0, 60], [$round->share, $round->offset_ms]);
        self::assertGreaterThanOrEqual(3, count($round->parts));
        $this->get("/timing/rounds/{$round->id}")->assertOk()->assertSee('12 of 12 on it')->assertSee('Nothing to mend')
            ->assertSee('Nose to palm');
        $this->get('/timing')->assertOk()->assertSeeInOrder(['Meeting line', 'learned', 'Nose to palm', 'Next']);
    }

    public function test_late_marks_are_told_at_once_and_breed_head_bobs(): void
    {
        $share = static function (TimingRound $round): float {
            $acts = array_column(array_merge(...array_slice($round->refresh()->parts, 1)), 'act');

            return count(array_keys($acts, 'bob', true)) / max(1, count(array_keys($acts, 'lick', true)));
        };
        $late = $good = 0.0;
        foreach (range(1, 6) as $seed) {
            $bad = $this->round(Drill::LickAmong, $seed);
            $this->playThrough($bad, late: 0, onTheBob: true);
            $well = $this->round(Drill::LickAmong, $seed);
            $this->playThrough($well, late: 60);
            [$late, $good] = [$late + $share($bad), $good + $share($well)];
        }
        self::assertGreaterThan($good + 0.5, $late, 'more bobs for each lick, over six rounds');

        $round = $this->round(Drill::LickAmong, 3);
        $lick = $this->marked($round)[0];
        $answer = $this->send($round, [['act' => 'mark', 'at' => $lick->until + 700]], $lick->until + 800);
        self::assertStringStartsWith('0.7 s late', $answer->json('said'));
        self::assertSame(
            ['class' => 'on_the_next', 'at' => $lick->until + 700, 'from' => $lick->from, 'until' => $lick->until], $answer->json('lane'),
        );
        $before = $this->send($this->round(Drill::LickAmong, 4), [], 100);
        self::assertSame([null, null], [$before->json('said'), $before->json('lane')], 'nothing was marked yet');
        $this->get("/timing/rounds/{$round->id}")->assertOk()->assertSee('data-round', false);
    }

    public function test_an_answer_that_was_lost_is_asked_for_again_and_nothing_is_taken_twice(): void
    {
        $round = $this->round(Drill::Palm);
        $taps = [['act' => 'mark', 'at' => $this->marked($round)[0]->from + 30]];
        $until = RoundScript::of($round)->until() + 2100;
        $first = $this->send($round, $taps, $until)->json();
        $again = $this->send($round, $taps, $until)->json();

        self::assertIsArray($first);
        self::assertSame([1, 1], [count($first['parts']), $first['marks']]);
        self::assertSame($first, $again);
        // what knows less comes later than what knows more, and changes nothing
        $this->send($round, [], $until)->assertJson(['marks' => 1]);
        self::assertCount(2, $round->refresh()->parts);
    }

    public function test_a_round_is_its_players_and_bad_taps_change_nothing(): void
    {
        $round = $this->round(Drill::Palm);
        foreach ([['acts' => [['act' => 'bite', 'at' => 3]]], ['acts' => [['act' => 'mark', 'at' => -1]]], ['acts' => 'x'],
            ['until' => 'soon'],
            ['acts' => array_fill(0, 601, ['act' => 'mark', 'at' => 1])]] as $bad) {
            $this->postJson("/timing/rounds/{$round->id}/taps", ['acts' => [], 'until' => 0, 'parts' => 1, ...$bad])->assertUnprocessable();
        }
        self::assertSame([], $round->refresh()->taps);
        $this->post('/timing/rounds', ['drill' => 'juggling', 'mark_by' => 'tap'])->assertSessionHasErrors('drill');
        $this->actingAs(User::factory()->createOne(['practice_id' => $this->world->practice->id, 'role' => Role::Owner]));
        $this->get("/timing/rounds/{$round->id}")->assertNotFound();
        $this->send($round, [], 0)->assertNotFound();
    }

    public function test_an_owner_sees_a_practice_only_if_it_is_shown(): void
    {
        $this->playThrough($this->round(Drill::Line), late: 60);
        $owner = User::factory()->createOne(['practice_id' => $this->world->practice->id, 'role' => Role::Owner]);
        $page = "/timing/of/{$this->world->trainer->id}";
        $this->actingAs($owner)->get($page)->assertNotFound();
        $this->actingAs($this->world->trainer)->put('/timing/sharing', ['shows' => '1'])
            ->assertSessionHas('status', 'Owners can see this now.');
        $this->actingAs($owner)->get($page)->assertOk()->assertSee('100')->assertDontSee('Who sees this');
        foreach ([
            User::factory()->createOne(['practice_id' => $this->world->practice->id, 'role' => Role::Trainer]),
            User::factory()->createOne(['practice_id' => World::make()->practice->id, 'role' => Role::Owner]),
        ] as $other) {
            $this->actingAs($other)->get($page)->assertNotFound();
        }
        $this->actingAs($this->world->trainer)->put('/timing/sharing', ['shows' => '0']);
        $this->actingAs($owner)->get($page)->assertNotFound();
    }

    public function test_slips_of_real_sessions_stand_beside_it_and_more_than_one_in_ten_suggests_a_round(): void
    {
        foreach (range(1, 20) as $i) {
            $this->postJson("/sessions/{$this->world->session->id}/trials", [
                ...$this->world->trial((string) Str::uuid(), 70.0), ...($i <= 2 ? ['slip' => 'late_mark'] : []),
            ])->assertCreated();
        }
        $this->get('/timing')->assertSee('2 of 20 trials')->assertDontSee('a round would be worth it');
        Trial::query()->latest('id')->limit(1)->update(['slip' => 'late_mark']);
        $this->get('/timing')->assertSee('3 of 20 trials')->assertSee('a round would be worth it');
    }

    public function test_a_microphone_is_asked_for_where_timing_is_practiced_and_nowhere_else(): void
    {
        $asked = fn (string $page): bool => ! str_contains((string) $this->get($page)->headers->get('Permissions-Policy'), 'microphone=()');
        self::assertSame([true, false, false], [$asked('/timing/device'), $asked('/dogs'), $asked('/')]);
    }

    /**
     * @param  ?list<int>  $taps
     * @return TestResponse<Response>
     */
    private function measure(int $late, ?array $taps = null): TestResponse
    {
        $beats = range(1000, 20_000, 1000);

        return $this->postJson('/timing/device', [
            'device' => $this->device, 'mark_by' => 'tap', 'beats' => $beats,
            'taps' => $taps ?? array_map(static fn (int $at): int => $at + $late, $beats),
        ]);
    }

    private function round(Drill $drill, ?int $seed = null): TimingRound
    {
        $device = new TimingDevice(['delay_ms' => 0, 'spread_ms' => 0]);
        $round = app(StartRound::class)->start($this->world->trainer, $drill, $device, 'tap');
        if ($seed !== null) {
            $round->fill(['seed' => $seed, 'parts' => []]);
            $round->parts = [RoundScript::of($round)->nextPart(1500)];
            $round->save();
        }

        return $round;
    }

    /**
     * @param  list<array{act: string, at: int}>  $taps
     * @return TestResponse<Response>
     */
    private function send(TimingRound $round, array $taps, int $until): TestResponse
    {
        return $this->postJson("/timing/rounds/{$round->id}/taps", ['acts' => $taps, 'until' => $until, 'parts' => 1]);
    }

    /** @return list<Episode> */
    private function marked(TimingRound $round): array
    {
        return array_values(array_filter(
            RoundScript::of($round->refresh())->episodes, static fn (Episode $one): bool => $one->wants === Tap::Mark,
        ));
    }

    /** A learner that marks each so late after its start, or on the bob after it, part by part. */
    private function playThrough(TimingRound $round, int $late, bool $onTheBob = false): mixed
    {
        for ($i = 0; $i < 12; $i++) {
            $taps = array_map(static fn (Episode $one): array => [
                'act' => 'mark', 'at' => $onTheBob ? $one->until + 360 : $one->from + $late,
            ], $this->marked($round));
            $done = $this->send($round, $taps, RoundScript::of($round)->until() + 2100)->assertOk()->json('done');
            if ($done !== null) {
                return $done;
            }
        }

        return null;
    }
}
