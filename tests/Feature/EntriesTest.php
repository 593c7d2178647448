<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AdviceGiven;
use App\Models\Event;
use App\Models\EventKind;
use App\Models\Place;
use App\Models\Role;
use App\Models\SecondGrade;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\SessionEventKind;
use App\Models\Trial;
use App\Models\TrialCorrection;
use App\Models\UnplacedTrial;
use App\Models\User;
use App\Session\Http\LiveController;
use App\Session\ReceiveEntry;
use App\Session\StartSession;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** What devices queue: in order, exactly once, never lost, never another user's. */
#[CoversClass(ReceiveEntry::class)]
#[CoversClass(LiveController::class)]
#[CoversClass(StartSession::class)]
final class EntriesTest extends TestCase
{
    use RefreshDatabase;

    private const DEVICE = 'aaaaaaaa-0000-4000-8000-000000000001';

    private const OTHER = 'bbbbbbbb-0000-4000-8000-000000000002';

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_a_stare_says_at_what_and_a_mark_when_it_was_paid(): void
    {
        $told = ['latency_ms' => 800, 'paid_ms' => 2100, 'stare_ms' => 3200, 'stare_at' => 'the red kite'];
        $refused = $this->send([$this->trial(2, ['stare_at' => str_repeat('k', 61)]), $this->trial(3, ['paid_ms' => 600_001])])
            ->json('receipts');
        $this->send([$this->trial(1, $told)]);

        $session = $this->world->session;
        self::assertSame($told, array_intersect_key(Trial::query()->sole()->getAttributes(), $told));
        $this->get("/sessions/{$session->id}/review")->assertSeeInOrder(
            ['turned after 0.8 s', 'food 2.1 s after the mark', 'stared 3.2 s at the red kite'],
        );
        $this->get("/sessions/{$session->id}")->assertSee('data-stare-at="Kites"', false)->assertSee('data-stare-at="the red kite"', false);
        self::assertSame([
            'What it stared at is at most 60 letters on one line.', 'From the mark to the food must be 0 to 600,000 milliseconds.',
        ], array_column($refused, 'message'));
    }

    public function test_gear_that_is_off_ends_the_session_and_is_told_at_the_next_start(): void
    {
        $this->send([$this->trial(1)]);
        $state = $this->send([$this->entry('event', ['event' => 'gear', 'data' => ['what' => 'turned']])])->json('state');

        self::assertSame(['end_well', ['gear-off']], [$state['advice']['action'], array_column($state['advice']['reasons'], 'code')]);
        // what is no trouble with gear is a note
        $this->send([$this->entry('event', ['event' => 'gear', 'data' => ['what' => 'sings']])]);
        self::assertSame(['gear', 'note'], SessionEvent::query()->orderBy('id')->get()->map(
            static fn (SessionEvent $event): string => $event->kind->value,
        )->all());
        $session = $this->world->session;
        $this->post("/sessions/{$session->id}/end");
        $this->get("/sessions/{$session->id}/review")->assertSee('Gear: turned.');
        $this->get("/plans/{$session->plan_id}/sessions/create")->assertSee('Last time: turned. Look at it');
    }

    public function test_a_dog_that_hides_its_signs_has_loading_and_with_me_first_and_what_was_asked_for_is_no_stress(): void
    {
        $session = $this->world->session;
        $this->get("/sessions/{$session->id}")->assertSee('id="qs-own_dog_here"', false)->assertDontSee('id="qs-with.me"', false);
        $this->world->dog->update(['hides_signs' => true]);
        $this->get("/sessions/{$session->id}")->assertSeeInOrder(['id="qs-brow.wrinkled"', 'id="qs-with.me"'], false);

        $state = $this->send([
            $this->trial(1, ['signs' => ['sniff.displace', 'asked_to_sniff'], 'band' => 0, 'outcome' => 'returned']),
        ])->json('state');
        self::assertSame(0, $state['trials'][0]['proposed']);
    }

    public function test_a_state_that_an_older_version_kept_is_worked_out_anew(): void
    {
        $session = $this->world->session;
        $kept = $session->refresh()->state ?? [];
        Session::query()->toBase()->where('id', $session->id)->update(['state' => json_encode([...$kept, 'format' => 0, 'count' => 99])]);

        $this->get("/sessions/{$session->id}")->assertOk();

        self::assertSame(['format' => 1, 'count' => 0], array_intersect_key(
            $session->refresh()->state ?? [], ['format' => true, 'count' => true],
        ));
    }

    public function test_every_entry_is_answered_by_a_receipt_that_names_it_and_a_second_sending_changes_nothing(): void
    {
        $queue = [
            $this->trial(1), $this->trial(2), $this->entry('undo'), $this->trial(3, ['band' => 2, 'outcome' => 'prompted']),
            $this->entry('event', ['event' => 'trigger_seen']),
        ];
        $first = $this->send($queue)->assertOk();
        self::assertSame(array_column($queue, 'uuid'), array_column($first->json('receipts'), 'uuid'));
        self::assertSame(array_fill(0, 5, 'kept'), array_column($first->json('receipts'), 'result'));
        $again = $this->send($queue)->assertOk();

        self::assertSame(array_fill(0, 5, 'known'), array_column($again->json('receipts'), 'result'));
        self::assertSame(3, Trial::query()->count());
        self::assertSame(2, $again->json('state.count'), 'one was undone');
        self::assertSame($first->json('state'), $again->json('state'));
        self::assertSame(SessionEventKind::TriggerSeen, SessionEvent::query()->sole()->kind);
    }

    public function test_a_trial_is_logged_where_we_are_and_we_are_there_afterwards(): void
    {
        $advised = AdviceGiven::query()->latest('id')->firstOrFail();
        $here = ['aim' => 'here', 'distance' => 43, 'exposure' => ['trigger_motion' => 'run', 'trigger_count' => 'two']];
        $state = $this->send([$this->trial(1, $here)])->assertOk()->json('state');

        self::assertEqualsCanonicalizing(
            ['distance' => 43.0, 'trigger_motion' => 'run', 'trigger_count' => 'two'], $state['here']['values'],
        );
        self::assertSame('43 m', str_replace("\u{00A0}", ' ', $state['here']['big']));
        $trial = Trial::query()->with('exposures')->sole();
        $part = static fn (string $part): array => $trial->exposures->where('part', $part)
            ->mapWithKeys(static fn ($row): array => [$row->dimension => $row->number ?? $row->choice])->all();
        self::assertSame('run', $part('real')['trigger_motion']);
        self::assertEquals(43.0, $part('target')['distance'], 'nobody had aimed at the advised place');
        self::assertNotEquals($advised->exposure['distance'] ?? null, $part('target')['distance']);
        self::assertNull($trial->forecast, 'no chance was told of this place');
    }

    public function test_a_correction_moves_a_trial_and_a_bad_one_changes_nothing_and_says_why(): void
    {
        $trial = $this->trial(1, ['distance' => 80, 'food' => 'refused', 'band' => 1]);
        $right = fn (array $told): array => $this->entry('correct', ['trial_uuid' => $trial['uuid'], 'trial' => $told]);
        $moved = $right(['distance' => '70', 'exposure' => ['trigger_motion' => 'run']]);
        $answer = $this->send([
            $trial, $moved, $moved, $right(['food' => 'later']), $right(['distance' => '-5']), $right(['band' => '7']), $right([]),
            $right(['outcome' => 'reached']), $this->entry('correct', ['trial_uuid' => (string) Str::uuid(), 'trial' => ['band' => 2]]),
            $this->entry('correct'),
        ])->assertOk();

        self::assertSame(
            ['kept', 'kept', 'known', 'kept', 'known', 'known', 'known', 'known', 'known', 'known'],
            array_column($answer->json('receipts'), 'result'),
        );
        self::assertStringContainsString('more than 0', $answer->json('receipts.4.message'));
        self::assertSame(70.0, (float) $answer->json('state.here.values.distance'));
        self::assertSame('run', $answer->json('state.here.values.trigger_motion'));
        self::assertSame([1, 'returned'], [$answer->json('state.trials.0.band'), $answer->json('state.trials.0.outcome')]);
        self::assertSame(2, TrialCorrection::query()->count());
    }

    public function test_a_queue_cut_in_the_middle_and_sent_out_of_order_gives_the_same_session(): void
    {
        $queue = array_map(fn (int $i): array => $this->trial($i, ['distance' => 80 - $i]), range(1, 6));
        $this->send([$queue[3], $queue[4]]);
        $this->send([$queue[0], $queue[1], $queue[2], $queue[3]]);
        $this->send($queue);

        self::assertSame(range(1, 6), Trial::query()->orderBy('sequence')->pluck('sequence')->all());
        self::assertSame(6, Session::query()->sole()->state['count'] ?? 0);
    }

    public function test_what_cannot_be_placed_goes_to_the_tray_and_stops_no_other(): void
    {
        $receipts = $this->send([$this->trial(1, ['distance' => -5]), $this->trial(2)])->assertOk()->json('receipts');

        self::assertSame(['unfiled', 'kept'], array_column($receipts, 'result'));
        self::assertStringContainsString('more than 0', $receipts[0]['message']);
        self::assertSame($receipts[0]['uuid'], UnplacedTrial::query()->sole()->uuid);
    }

    public function test_entries_of_another_user_of_the_device_are_left_where_they_are(): void
    {
        $other = $this->world->user(Role::Trainer);
        $this->actingAs($other)->postJson($this->url(), [
            'device' => self::DEVICE, 'user' => $this->world->trainer->id, 'entries' => [$this->trial(1)],
        ])->assertStatus(409);

        self::assertSame(0, Trial::query()->count());
    }

    public function test_a_malformed_queue_is_refused_as_a_whole_and_says_why(): void
    {
        $this->send([['uuid' => 'nonsense', 'kind' => 'trial']])->assertStatus(422)->assertJsonValidationErrorFor('entries.0.uuid');
        $this->send([$this->entry('dance')])->assertStatus(422)->assertJsonValidationErrorFor('entries.0.kind');
        $this->send(array_map(fn (int $i): array => $this->trial($i), range(1, 51)))
            ->assertStatus(422)->assertJsonValidationErrorFor('entries');
    }

    public function test_one_device_logs_and_a_tap_of_the_other_becomes_no_second_trial(): void
    {
        $this->send([$this->trial(1)]);
        $second = $this->send([$this->trial(2)], self::OTHER)->assertOk();
        self::assertSame('unfiled', $second->json('receipts.0.result'));
        self::assertSame(1, Trial::query()->count());

        self::assertSame(self::OTHER, $this->send([$this->entry('take')], self::OTHER)->json('state.device'));
        self::assertSame('kept', $this->send([$this->trial(3)], self::OTHER)->json('receipts.0.result'));
        // logged before the hand-over, sent after it: it was the first device's to log, and its clock may be an hour fast
        $skewed = ['at' => now()->addHour()->subSeconds(20)->getTimestampMs(), 'sent_at' => now()->addHour()->getTimestampMs()];
        self::assertSame('kept', $this->send([[...$this->trial(2), ...$skewed]])->json('receipts.0.result'));
        self::assertEqualsWithDelta(20, abs(Trial::query()->where('sequence', 2)->sole()->occurred_at->diffInSeconds(now())), 3);
    }

    public function test_of_two_first_taps_at_the_same_moment_one_device_is_let_through(): void
    {
        // both requests have read the session before either has written
        $seen = [Session::query()->sole(), Session::query()->sole()];
        $receive = app(ReceiveEntry::class);
        self::assertSame('kept', $receive->take($seen[0], $this->world->trainer, $this->trial(1), self::DEVICE)['result']);
        self::assertSame('unfiled', $receive->take(
            $seen[1], $this->world->trainer, [...$this->trial(1), 'at' => now()->subSeconds(2)->getTimestampMs()], self::OTHER,
        )['result']);

        self::assertSame(1, Trial::query()->count());
    }

    public function test_a_second_person_grades_the_same_trial_once_and_the_review_shows_the_agreement(): void
    {
        $trials = [$this->trial(1, ['band' => 0]), $this->trial(2, ['band' => 1]), $this->trial(3, ['band' => 2, 'outcome' => 'prompted'])];
        $this->send($trials);
        $this->actingAs($helper = $this->world->user(Role::Helper));
        foreach ([0, 1, 1] as $i => $band) {
            $this->send([$this->entry('grade', ['trial_uuid' => $trials[$i]['uuid'], 'band' => $band])], self::OTHER, $helper)
                ->assertJsonPath('receipts.0.result', 'kept');
        }
        $this->send([$this->entry('grade', ['trial_uuid' => $trials[0]['uuid'], 'band' => 4])], self::OTHER, $helper)
            ->assertJsonPath('receipts.0.result', 'known');

        self::assertSame([0, 1, 1], SecondGrade::query()->orderBy('id')->get()->map(
            static fn (SecondGrade $grade): int => $grade->band->value,
        )->all());
        $this->get("/sessions/{$this->world->session->id}/review")->assertSee('Agreement')->assertSee('2 of 3');
    }

    public function test_what_is_chosen_instead_of_the_advice_is_kept(): void
    {
        $calm = array_map(fn (int $i): array => $this->trial($i, ['band' => 0, 'distance' => 120]), range(1, 12));
        $state = $this->send([...$calm, $this->trial(13, ['band' => 2, 'outcome' => 'prompted'])])->json('state');
        self::assertNotSame([], $state['advice']['alternatives']);
        $this->send([$this->trial(14, ['aim' => $state['advice']['alternatives'][0]['aim']])]);

        self::assertSame('change_other', Trial::query()->where('sequence', 14)->sole()->under_action);
    }

    public function test_leaving_in_time_is_an_interruption_and_never_a_reaction(): void
    {
        $state = $this->send([
            $this->entry('event', ['event' => 'left']), $this->trial(1, ['outcome' => 'taken_away', 'band' => 2, 'interrupted' => true]),
        ])->json('state');

        self::assertSame('taken_away', Trial::query()->sole()->outcome->value);
        self::assertNotSame('break', $state['advice']['action']);
        self::assertSame(0, Event::query()->count());
    }

    public function test_what_else_happened_is_told_in_the_review_and_in_the_export(): void
    {
        $this->send([
            $this->entry('event', ['event' => 'left']),
            $this->entry('event', ['event' => 'settled', 'data' => ['seconds' => 35, 'nested' => ['dropped']]]),
            $this->entry('event', ['event' => 'trigger_seen']), $this->entry('event', ['event' => 'trigger_seen']),
            $this->entry('event', ['event' => 'stare', 'data' => ['ms' => 2400]]),
        ]);
        $this->post("/sessions/{$this->world->session->id}/end", ['went' => 'hard', 'loved' => 'the tug rope']);

        $this->get("/sessions/{$this->world->session->id}/review")
            ->assertSee('Left once; it ate and did a cue after at most 35 sec. The trigger came 2 times. Longest stare 2.4 sec.')
            ->assertSee('Hard for the dog.')->assertSee('Ended with the tug rope.');
        $json = json_decode((string) $this->get("/sessions/{$this->world->session->id}/export.json")->getContent(), true);
        self::assertIsArray($json);
        self::assertSame(['left', 'settled', 'trigger_seen', 'trigger_seen', 'stare'], array_column($json['events'], 'kind'));
        self::assertSame(['seconds' => 35], $json['events'][1]['data']);
    }

    public function test_a_device_gets_easier_steps_beforehand_and_none_is_harder(): void
    {
        $this->send(array_map(fn (int $i): array => $this->trial($i, ['band' => 0]), range(1, 8)));
        $state = Session::query()->sole()->state ?? [];
        $now = $state['advice']['next']['values']['distance'];
        foreach ($state['easier'] as $place) {
            self::assertGreaterThan($now, $place['values']['distance']);
        }
        self::assertSame(AdviceGiven::query()->max('id'), $state['version']);
    }

    public function test_a_second_device_looks_on_by_a_signed_address_without_a_cookie(): void
    {
        $this->send([$this->trial(1)]);
        $version = Session::query()->sole()->state['version'] ?? 0;
        $url = URL::temporarySignedRoute('live', now()->addDay(), ['session' => $this->world->session->id], absolute: false);
        Auth::logout();

        $answer = $this->get($url)->assertOk()->assertJsonPath('state.count', 1);
        self::assertSame([], $answer->headers->getCookies());
        $this->get("{$url}&since={$version}")->assertNoContent();
        $this->get(str_replace("/live/{$this->world->session->id}", '/live/999', $url))->assertForbidden();
    }

    public function test_the_checklist_keeps_its_answers_and_upset_makes_the_day_harder(): void
    {
        $this->post("/sessions/{$this->world->session->id}/end");
        $elsewhere = Place::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Saltings', 'room_meters' => 90]);
        $this->post("/plans/{$this->world->plan->id}/sessions", [
            'place_id' => $elsewhere->id, 'food_usual' => 40, 'food_best' => 10, 'state' => 'tired', 'upset' => '2', 'upset_ago' => '24',
            'without_reason' => 'a test',
        ])->assertRedirect();

        $session = Session::query()->latest('id')->firstOrFail();
        self::assertSame($elsewhere->id, $session->place_id);
        self::assertEqualsWithDelta(1.0, $session->upset, 1e-6, 'two points, a day ago');
        self::assertSame([EventKind::Upset, null], [Event::query()->sole()->kind, Event::query()->sole()->note], 'nobody wrote a note');
        $this->get("/dogs/{$this->world->dog->id}")->assertSee('2: a bad scare');
        $this->get("/plans/{$this->world->plan->id}/sessions/create")->assertOk()->assertSee('value="40"', false)->assertSee('Saltings');
        $this->get("/plans/{$this->world->plan->id}/sessions/create?upset=4&upset_ago=1", ['HX-Request' => 'true'])
            ->assertSee('day of rest')->assertDontSee('<html', false);
        $this->post("/plans/{$this->world->plan->id}/sessions", ['food_usual' => 'many'])->assertSessionHasErrors('food_usual');
    }

    public function test_a_plan_put_away_during_a_session_still_takes_its_trials(): void
    {
        $this->world->plan->delete();

        self::assertSame('kept', $this->send([$this->trial(1)])->assertOk()->json('receipts.0.result'));
    }

    /** Whatever a broken device sends: an answer that says what it is, never a failing server, and no good entry is lost with it. */
    public function test_nonsense_is_answered_and_never_breaks_the_server(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(17));
        $values = [
            null, -1, 1e308, '', 'x', [], ['a' => ['b' => 1]], true, "\u{0000}", str_repeat('ü', 600), '2026-11-20', 0.3, 501,
            'advice:999999999', 'alt:1:9', 'step:-1',
        ];
        $pick = static fn (): mixed => $values[$random->getInt(0, count($values) - 1)];
        for ($i = 1; $i <= 80; $i++) {
            $entry = $this->trial($i);
            foreach (range(1, $random->getInt(1, 3)) as $ignored) {
                $field = ['at', 'sent_at', 'sequence', 'trial', 'event', 'data', 'band', 'trial_uuid', 'kind'][$random->getInt(0, 8)];
                $entry[$field] = $field === 'kind' ? ReceiveEntry::KINDS[$random->getInt(0, 5)] : $pick();
                if (is_array($entry['trial'])) {
                    $fields = [
                        'distance', 'outcome', 'band', 'signs', 'food', 'aim', 'exposure', 'note', 'latency_ms', 'stare_ms', 'food_gone',
                    ];
                    $entry['trial'][$fields[$random->getInt(0, 10)]] = $pick();
                }
            }
            $good = $this->entry('event', ['event' => 'look_back']);
            $answer = $this->send([$entry, $good]);

            self::assertSame(200, $answer->getStatusCode(), (string) json_encode($entry));
            self::assertSame([$entry['uuid'], $good['uuid']], array_column($answer->json('receipts'), 'uuid'));
            self::assertSame('kept', $answer->json('receipts.1.result'));
        }
    }

    private function url(): string
    {
        return "/sessions/{$this->world->session->id}/entries";
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @return TestResponse<Response>
     */
    private function send(array $entries, string $device = self::DEVICE, ?User $user = null): TestResponse
    {
        $answer = $this->postJson(
            $this->url(), ['device' => $device, 'user' => ($user ?? $this->world->trainer)->id, 'entries' => $entries],
        );
        if ($answer->isOk()) {
            Contract::holds(json_decode((string) $answer->getContent())->state, $this->world->session);
        }

        return $answer;
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function entry(string $kind, array $more = []): array
    {
        return [
            'uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => now()->getTimestampMs(), 'sent_at' => now()->getTimestampMs(),
            ...$more,
        ];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @return array<string, mixed>
     */
    private function trial(int $sequence, array $fields = []): array
    {
        return $this->entry('trial', ['sequence' => $sequence, 'trial' => [
            'distance' => 80, 'outcome' => 'returned', 'band' => 1, 'signs' => [], 'food' => 'gently', ...$fields,
        ]]);
    }
}
