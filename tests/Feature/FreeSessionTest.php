<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Free\EndFreeSession;
use App\Free\FreeRecord;
use App\Free\FreeReview;
use App\Free\FreeState;
use App\Free\Http\FreeSessionController;
use App\Free\Http\ObservationController;
use App\Free\LogObservation;
use App\Free\ObservationRules;
use App\Free\ReceiveObservation;
use App\Free\StartFreeSession;
use App\Incident\CarryOverReader;
use App\Models\DogArea;
use App\Models\Event;
use App\Models\FreeSession;
use App\Models\ObservationCorrection;
use App\Models\Place;
use App\Models\Role;
use App\Models\SkillShowing;
use App\Models\UnplacedTrial;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Looking around, a walk, a drill, something shown once: no plan asked, nothing of any ladder moved, nothing lost. */
#[CoversClass(FreeSessionController::class)]
#[CoversClass(ObservationController::class)]
#[CoversClass(StartFreeSession::class)]
#[CoversClass(EndFreeSession::class)]
#[CoversClass(LogObservation::class)]
#[CoversClass(ReceiveObservation::class)]
#[CoversClass(ObservationRules::class)]
#[CoversClass(FreeRecord::class)]
#[CoversClass(FreeState::class)]
#[CoversClass(FreeReview::class)]
final class FreeSessionTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->user(Role::Helper));
    }

    public function test_a_helper_starts_for_a_dog_without_a_plan_and_names_the_place_on_the_spot(): void
    {
        $this->world->plan->delete();
        $session = $this->started(['place' => ' harbor square ', 'is_woken' => '1']);

        self::assertSame('harbor square', $session->place?->name);
        self::assertTrue($session->is_woken);
        $again = $this->started(['place' => 'harbor square']);
        self::assertSame($session->id, $again->id, 'the one that is open goes on');
        self::assertSame(1, Place::query()->where('name', 'harbor square')->count());
        $this->get('/')->assertSee('Look around with Moss is still open');
    }

    public function test_each_tap_is_kept_once_with_its_own_time_and_answered_by_counts(): void
    {
        $session = $this->started();
        $seen = self::seen(['kind' => 'looked'], ago: 40_000);
        $answer = $this->send($session, [$seen, self::seen(['kind' => 'stare', 'seconds' => 7, 'what' => 'jogger'])]);
        self::assertSame(['kept', 'kept'], array_column($answer['receipts'], 'result'));
        self::assertSame([1, 1, 0], [$answer['state']['counts']['looked'], $answer['state']['counts']['stare'],
            $answer['state']['counts']['startled']]);
        self::assertSame(['known'], array_column($this->send($session, [$seen])['receipts'], 'result'));
        $first = $session->observations()->firstOrFail();
        self::assertSame('looked', $first->kind->value);
        self::assertEqualsWithDelta(now()->getTimestamp() - 40, $first->occurred_at->getTimestamp(), 2);
    }

    public function test_what_a_stare_was_at_is_said_after_the_tap_and_a_tap_is_taken_back(): void
    {
        $session = $this->started();
        $stare = self::seen(['kind' => 'stare', 'seconds' => 4.2]);
        $answer = $this->send($session, [
            $stare, ['uuid' => (string) Str::uuid(), 'kind' => 'put_right', 'of' => $stare['uuid'], 'data' => ['what' => 'fisherman']],
        ]);
        self::assertSame(['fisherman'], $answer['state']['targets']);
        self::assertSame('Stared 4.2 s at fisherman', $answer['state']['latest'][0]['words']);
        $answer = $this->send($session, [
            ['uuid' => (string) Str::uuid(), 'kind' => 'put_right', 'of' => $stare['uuid'], 'data' => ['isOut' => true, 'kind' => 'stare']],
        ]);
        self::assertSame(0, $answer['state']['counts']['stare']);
        self::assertSame(['', 1], [$session->observations()->value('what'), $session->observations()->count()], 'never changed itself');
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('nonsense')]
    public function test_what_makes_no_sense_here_is_kept_as_unfiled(array $data): void
    {
        $answer = $this->send($this->started(), [self::seen($data)]);
        self::assertSame('unfiled', $answer['receipts'][0]['result']);
        self::assertSame($data, UnplacedTrial::query()->sole()->payload['data'] ?? null);
        $this->get('/unfiled')->assertOk();
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function nonsense(): iterable
    {
        yield 'of another kind of session' => [['kind' => 'part', 'what' => 'ear', 'side' => 'left', 'band' => 1]];
        yield 'no kind' => [['what' => 'x']];
        yield 'a list for a word' => [['kind' => 'startled', 'what' => ['x']]];
        yield 'a segment nobody knows' => [['kind' => 'segment', 'what' => 'moon']];
        yield 'a day of staring' => [['kind' => 'stare', 'seconds' => 86400]];
        yield 'a skill nobody knows' => [['kind' => 'late', 'what' => 'juggling']];
    }

    public function test_a_reaction_goes_on_record_and_comes_off_it_with_the_slip_of_a_thumb(): void
    {
        $session = $this->started();
        $reacted = self::seen(['kind' => 'reacted']);
        self::assertSame('leave', $this->send($session, [$reacted])['state']['prompt']['code']);
        self::assertSame([3, 'off_plan'], [Event::query()->sole()->severity, Event::query()->sole()->kind->value]);
        self::assertTrue(app(CarryOverReader::class)->on($this->world->dog->id, now()->toImmutable())->asksForEasier());

        $out = ['uuid' => (string) Str::uuid(), 'kind' => 'put_right', 'of' => $reacted['uuid'], 'data' => ['isOut' => true]];
        $this->send($session, [$out]);
        self::assertSame(0, Event::query()->count());
        $this->put("/free-sessions/{$session->id}/observations/{$session->observations()->value('id')}", [
            'uuid' => (string) Str::uuid(), 'isOut' => '0',
        ])->assertRedirect();
        self::assertSame(1, Event::query()->count());
    }

    public function test_nothing_of_any_ladder_moves(): void
    {
        $before = DB::table('response_models')->get()->toJson().DB::table('plans')->get()->toJson().DB::table('sessions')->get()->toJson();
        $session = $this->started();
        $this->send($session, [self::seen(['kind' => 'looked']), self::seen(['kind' => 'startled', 'what' => 'crane'])]);
        $this->post("/free-sessions/{$session->id}/end")->assertRedirect();
        self::assertSame(
            $before,
            DB::table('response_models')->get()->toJson().DB::table('plans')->get()->toJson().DB::table('sessions')->get()->toJson(),
        );
    }

    public function test_a_drill_feeds_its_foundation_once_with_place_and_day(): void
    {
        $session = $this->started(['place' => 'harbor square']);
        $this->send($session, array_map(
            static fn (string $how): array => self::seen(['kind' => $how, 'what' => 'turn_away']), ['at_once', 'late', 'at_once'],
        ));
        $this->post("/free-sessions/{$session->id}/end", ['end_note' => 'drizzle'])->assertRedirect();
        $this->post("/free-sessions/{$session->id}/end", ['end_note' => 'again'])->assertRedirect();

        $shown = SkillShowing::query()->sole();
        self::assertSame(
            ['turn_away', 'learning', 'harbor square', '2 at once, 1 late, 0 not', now()->format('Y-m-d')],
            [$shown->skill, $shown->state, $shown->place, $shown->note, $shown->shown_on->format('Y-m-d')],
        );
        self::assertSame('drizzle', $session->refresh()->end_note, 'the first end stands');
    }

    /** The jogger is gone and a break was had: the review says both. By hand: 1 look in 2 minutes, then 6 in one. */
    public function test_the_review_compares_the_spot_before_and_after_a_break_and_with_the_last_outing(): void
    {
        $last = $this->started();
        $this->send($last, [self::seen(['kind' => 'looked']), self::seen(['kind' => 'unanswered'])]);
        $this->post("/free-sessions/{$last->id}/end");
        FreeSession::query()->whereKey($last->id)->update(['started_at' => now()->subDay(), 'ended_at' => now()->subDay()->addMinutes(2)]);

        $session = $this->started();
        $session->update(['started_at' => now()->subMinutes(5)]);
        $this->send($session, [
            self::seen(['kind' => 'looked'], ago: 290_000),
            self::seen(['kind' => 'stare', 'seconds' => 7, 'what' => 'jogger'], ago: 200_000),
            self::seen(['kind' => 'segment', 'what' => 'break'], ago: 180_000),
            self::seen(['kind' => 'segment', 'what' => 'changed'], ago: 60_000),
            ...array_map(static fn (int $ago): array => self::seen(['kind' => 'looked'], $ago * 1000), [55, 45, 35, 25, 15, 5]),
            self::seen(['kind' => 'mistake', 'what' => 'wrong_thing']),
        ]);
        $this->post("/free-sessions/{$session->id}/end");

        $this->get("/free-sessions/{$session->id}")->assertOk()
            ->assertSee('After the break it looked more: 0.5 a minute before, 6 after. But what was there had changed too.')
            ->assertSeeInOrder(['Looks a minute', '2.3', '0.5', 'Marks answered', '7 of 7', '1 of 2', 'Longest stares', 'jogger 7 s'])
            ->assertSee('wrong thing marked: 1');
        $this->get("/dogs/{$this->world->dog->id}")->assertSeeInOrder(['Look around', '11 things seen']);
    }

    public function test_a_tour_goes_over_the_body_part_by_part_and_the_last_word_of_each_counts(): void
    {
        DogArea::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id,
            'area' => 'front_paw', 'side' => 'left', 'state' => 'fine', 'word' => 'mitten',
        ]);
        $tour = $this->started(['activity' => 'tour']);
        $part = static fn (string $what, string $side, int $band): array => self::seen(
            ['kind' => 'part', 'what' => $what, 'side' => $side, 'band' => $band],
        );
        $answer = $this->send($tour, [
            $part('front_paw', 'left', 2), $part('front_paw', 'left', 1), $part('hind_paw', 'right', 3), $part('tail', 'both', 0),
        ]);
        self::assertSame(['front_paw left' => 1, 'hind_paw right' => 3, 'tail both' => 0], $answer['state']['parts']);
        $page = "/free-sessions/{$tour->id}";
        $this->get($page)->assertSee('mitten')->assertSee('href="#area-ear-right"', false);
        $this->post("{$page}/observations", ['uuid' => (string) Str::uuid(), 'kind' => 'part', 'part' => 'ear left 0'])
            ->assertSessionHasNoErrors();
        $this->from($page)->post("{$page}/observations", ['uuid' => (string) Str::uuid(), 'kind' => 'part', 'part' => 'tail left 0'])
            ->assertSessionHasErrors('side');
        $this->post("{$page}/end");
        $this->get($page)->assertSee('Fine at: left front paw, tail, left ear')->assertSee('Too much at: right hind paw');
    }

    public function test_stiff_at_a_part_takes_hands_off_and_both_grades_are_kept(): void
    {
        $tour = $this->started(['activity' => 'tour']);
        $paw = self::seen(['kind' => 'part', 'what' => 'hind_paw', 'side' => 'right', 'band' => '1', 'signs' => ['stiff', 'look.hand']]);
        $answer = $this->send($tour, [$paw]);
        self::assertSame('hands_off', $answer['state']['prompt']['code']);
        self::assertSame(
            'right hind paw: noticed; stiffens, slow stiff tail; leaves the food to watch the hand or tool',
            $answer['state']['latest'][0]['words'],
        );
        $harder = ['uuid' => (string) Str::uuid(), 'kind' => 'put_right', 'of' => $paw['uuid'], 'data' => ['band' => 3]];
        self::assertSame(['hind_paw right' => 3], $this->send($tour, [$harder])['state']['parts']);
        self::assertSame(1, $tour->observations()->sole()->band?->value);
        $answer = $this->send($tour, [
            self::seen(['kind' => 'part', 'what' => 'tail', 'side' => 'both', 'band' => 0, 'signs' => ['bite']]),
        ]);
        self::assertSame('unfiled', $answer['receipts'][0]['result'], 'a bite is no tick of a tour');
    }

    public function test_a_tour_that_says_how_it_was_touched_feeds_the_map_and_what_is_covered(): void
    {
        $tour = $this->started(['activity' => 'tour']);
        $how = ['contact' => 'stroke', 'dog_position' => 'lying', 'held_at' => 'ground'];
        $ear = static fn (int $band, array $more = []): array => self::seen(
            ['kind' => 'part', 'what' => 'ear', 'side' => 'left', 'band' => $band, ...$how, ...$more],
        );
        $looked = $ear(1, ['signs' => ['look.hand']]);
        $this->send($tour, [$ear(0), $ear(1), self::seen(['kind' => 'part', 'what' => 'tail', 'side' => 'both', 'band' => 0])]);
        $this->get("/dogs/{$tour->dog_id}/handling")->assertDontSee('<td>stroke accepted', false);
        $state = $this->send($tour, [$looked])['state'];

        self::assertSame($how, $state['setup']);
        self::assertSame(
            'left ear: noticed; stroke; dog lying down; held at the ground; leaves the food to watch the hand or tool',
            $state['latest'][0]['words'],
        );
        $gone = ['uuid' => (string) Str::uuid(), 'kind' => 'put_right', 'of' => $looked['uuid'], 'data' => ['isFoodGone' => true]];
        self::assertStringEndsWith('held at the ground; the food was gone', $this->send($tour, [$gone])['state']['latest'][0]['words']);

        $this->get("/free-sessions/{$tour->id}")->assertSeeInOrder(['value="lying"', 'selected'], false);
        // put right afterwards: "not noted" is an answer too
        $this->post("/free-sessions/{$tour->id}/end");
        $first = $tour->observations()->orderBy('id')->firstOrFail()->id;
        $this->put("/free-sessions/{$tour->id}/observations/{$first}", [
            'uuid' => (string) Str::uuid(), 'band' => '0', 'contact' => 'stroke', 'dog_position' => 'lying', 'held_at' => '',
        ])->assertSessionHasNoErrors();
        self::assertSame([['held_at' => '']], ObservationCorrection::query()->where('observation_id', $first)->pluck('changes')->all());
        $this->get("/free-sessions/{$tour->id}")->assertSee('left ear: easy; stroke; dog lying down');
        // three that were stroked, none of them hard
        $this->get("/dogs/{$tour->dog_id}/handling")->assertSee('<td>stroke accepted', false);
        $this->get("/dogs/{$tour->dog_id}/coverage?kind=contact&rows=position&columns=held")->assertSee('2 of 2');
    }

    /** @param  array<string, mixed>  $more */
    #[TestWith([['contact' => 'squeeze'], 'contact'])]
    #[TestWith([['held_at' => ['low']], 'held_at'])]
    #[TestWith([['isFoodGone' => 'perhaps'], 'isFoodGone'])]
    public function test_how_it_was_touched_is_told_at_its_field_where_it_cannot_be(array $more, string $field): void
    {
        $tour = $this->started(['activity' => 'tour']);
        $page = "/free-sessions/{$tour->id}";
        $this->from($page)->post("{$page}/observations", [
            'uuid' => (string) Str::uuid(), 'kind' => 'part', 'part' => 'ear left 0', ...$more,
        ])->assertRedirect($page)->assertSessionHasErrors($field);
        self::assertSame(0, $tour->observations()->count());
    }

    public function test_afterwards_each_thing_is_put_right_alone_with_who_and_when(): void
    {
        $session = $this->started();
        $this->send($session, [self::seen(['kind' => 'stare', 'seconds' => 7, 'what' => 'jogger']), self::seen(['kind' => 'looked'])]);
        $this->post("/free-sessions/{$session->id}/end");
        $this->travel(1)->minutes();
        $stare = $session->observations()->firstOrFail()->id;
        $page = "/free-sessions/{$session->id}";
        $this->get("{$page}?seen={$stare}")->assertSee('value="jogger"', false)->assertSee('value="7"', false);
        $put = fn (array $fields) => $this->from($page)->put("{$page}/observations/{$stare}", ['uuid' => (string) Str::uuid(), ...$fields]);
        $put(['what' => 'jogger', 'seconds' => '70'])->assertSessionHasNoErrors();
        $put(['what' => 'jogger', 'seconds' => '70'])->assertSessionHasNoErrors();
        self::assertSame([['seconds' => '70']], ObservationCorrection::query()->pluck('changes')->all(), 'what is as it was is no change');
        $put(['seconds' => 'long'])->assertRedirect($page)->assertSessionHasErrors('seconds');
        $this->get($page)->assertSee('jogger 70 s')->assertSee('Put right by');
    }

    public function test_something_shown_once_tells_where_it_was_fine_and_offers_a_plan_to_who_plans(): void
    {
        $shown = $this->started(['activity' => 'shown']);
        $this->send($shown, array_map(
            static fn (string $what, int $band): array => self::seen(['kind' => 'shown', 'what' => $what, 'band' => $band]),
            ['basket in sight', 'nose in', 'strap behind the ears'], [0, 1, 2],
        ));
        $this->post("/free-sessions/{$shown->id}/end");
        $this->get("/free-sessions/{$shown->id}")->assertSee('Fine at: basket in sight, nose in')
            ->assertSee('Too much at: strap behind the ears')->assertDontSee('Make a plan from this');
        $this->actingAs($this->world->trainer)->get("/free-sessions/{$shown->id}")->assertSee('Make a plan from this');
    }

    public function test_it_works_by_plain_forms_and_says_what_is_wrong_with_them(): void
    {
        $session = $this->started();
        $page = "/free-sessions/{$session->id}";
        $this->from($page)->post("{$page}/observations", ['uuid' => (string) Str::uuid(), 'kind' => 'looked'])->assertRedirect($page);
        $this->get($page)->assertSee('<strong data-count="looked">1</strong>', false);
        $this->from($page)->post("{$page}/observations", ['uuid' => (string) Str::uuid(), 'kind' => 'segment', 'what' => 'x'])
            ->assertRedirect($page)->assertSessionHasErrors('what');
        $this->from('/free-sessions/create')->post("/dogs/{$this->world->dog->id}/free-sessions", ['activity' => 'nap'])
            ->assertSessionHasErrors(['activity', 'uuid']);
    }

    /** @param  array<string, mixed>  $told */
    private function started(array $told = []): FreeSession
    {
        $this->post("/dogs/{$this->world->dog->id}/free-sessions", [
            'uuid' => (string) Str::uuid(), 'activity' => 'look_around', ...$told,
        ])->assertSessionHasNoErrors();

        return FreeSession::query()->latest('id')->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function seen(array $data, int $ago = 0): array
    {
        return ['uuid' => (string) Str::uuid(), 'kind' => 'seen', 'at' => 1_000_000, 'sent_at' => 1_000_000 + $ago, 'data' => $data];
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @return array<string, mixed>
     */
    private function send(FreeSession $session, array $entries): array
    {
        return (array) $this->postJson("/free-sessions/{$session->id}/entries", [
            'device' => (string) Str::uuid(), 'user' => auth()->id(), 'entries' => $entries,
        ])->assertOk()->json();
    }
}
