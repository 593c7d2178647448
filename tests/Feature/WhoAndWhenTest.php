<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\SituationReader;
use App\Models\HandlerLimit;
use App\Models\Person;
use App\Models\Session;
use App\Models\Trial;
use App\Session\Handlers;
use App\Session\WriteDownSession;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Who handled, and when it was: asked, changed on the way, and true of what is written down afterwards. */
#[CoversClass(Handlers::class)]
#[CoversClass(WriteDownSession::class)]
final class WhoAndWhenTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_who_handles_is_asked_and_each_trial_keeps_who_it_was(): void
    {
        $this->world->session->update(['ended_at' => now()]);
        $bo = $this->person('Bo');
        $this->post("/plans/{$this->world->plan->id}/sessions", ['person_id' => $bo->id, 'without_reason' => 'shown on the street'])
            ->assertSessionHasNoErrors();
        $session = Session::query()->latest('id')->firstOrFail();
        self::assertSame($bo->id, $session->person_id);

        $ada = $this->world->plan->responseModel->person_id;
        $entries = [$this->trial(1), $this->entry('handler', ['data' => ['person' => $ada]]), $this->trial(2)];
        $this->postJson("/sessions/{$session->id}/entries", [
            'device' => (string) Str::uuid(), 'user' => $this->world->trainer->id, 'entries' => $entries,
        ])->assertOk();
        self::assertSame([$bo->id, $ada], Trial::query()->orderBy('sequence')->pluck('person_id')->all());
    }

    /** Three sessions a week are two days apart; a plan of once in two weeks is not called late after nine days. */
    public function test_a_plan_is_due_by_its_own_pace(): void
    {
        $this->actingAs($this->world->trainer);
        $this->world->session->update(['started_at' => now()->subDay(), 'ended_at' => now()->subDay()->addMinutes(5), 'evidence' => []]);
        $this->get('/')->assertSee('next one tomorrow');
        $this->travel(1)->days();
        $this->get('/')->assertSee('due today');
        $this->travel(7)->days();
        $this->get('/')->assertSee('due for 7 days');
        $this->world->plan->update(['outings_a_week' => 0.5]);
        $this->get('/')->assertSee('next one in 5 days');
    }

    /** 23:30 and half an hour past midnight in Auckland: the same day in Greenwich, a day apart where the practice is. */
    public function test_days_are_those_of_the_practice(): void
    {
        $this->travelTo(Carbon::parse('2026-11-24 11:30:00 UTC'));
        $this->world->practice->update(['time_zone' => 'Pacific/Auckland']);
        // as with the next request
        $this->app->forgetScopedInstances();
        $this->actingAs($this->world->trainer->refresh());
        $this->world->session->update([
            'started_at' => '2026-11-24 10:30:00.000', 'ended_at' => '2026-11-24 10:40:00.000', 'evidence' => [],
        ]);
        $this->get('/')->assertSee('last session yesterday');
        $situation = app(SituationReader::class)->ofPlan($this->world->plan->refresh(), now()->toImmutable());
        self::assertSame(1.0, $situation->history->daysSinceLast);

        $dog = $this->world->dog->id;
        $this->get("/dogs/{$dog}")->assertSee('value="2026-11-25"', false);
        $shown = ['skill' => 'turn_away', 'state' => 'learning', 'shown_in' => 'yard'];
        $this->post("/dogs/{$dog}/skills", [...$shown, 'shown_on' => '2026-11-25'])->assertSessionHasNoErrors();
        $this->post("/dogs/{$dog}/skills", [...$shown, 'shown_on' => '2026-11-26'])->assertSessionHasErrors('shown_on');
    }

    public function test_who_was_met_and_what_slipped_is_kept_told_and_put_right(): void
    {
        foreach ([['big', 'bearded', 3], ['big', 'on skates', 3], ['big', 'big', 0]] as $n => [$one, $other, $band]) {
            $this->postJson("/sessions/{$this->world->session->id}/trials", [
                ...$this->logged($band), 'traits' => [$one, " {$other} "], 'slip' => $n === 2 ? 'late_mark' : null,
            ])->assertCreated();
        }
        $last = Trial::query()->with('traits')->latest('id')->firstOrFail();
        self::assertSame([['big'], 'late_mark', true], [$last->traits->pluck('trait')->all(), $last->slip, $last->handler_error]);
        $this->get("/sessions/{$this->world->session->id}/review")->assertSee('on skates')->assertSee('late mark');
        $this->get("/sessions/{$this->world->session->id}")->assertSee('on skates', false);
        $this->get("/plans/{$this->world->plan->id}/limits")->assertDontSee('With whom it works', false);

        $this->put("/sessions/{$this->world->session->id}/trials/{$last->id}", [
            'uuid' => (string) Str::uuid(), 'slip' => '', 'handler_error' => '0', 'traits' => ['', 'big', 'hat'],
        ])->assertSessionHasNoErrors();
        $this->get("/plans/{$this->world->plan->id}/limits")->assertSee('With whom it works')->assertSee('1 of 3');
        $export = $this->get("/sessions/{$this->world->session->id}/export.json")->json('trials.2');
        self::assertSame([['big'], 'late_mark'], [$export['traits'], $export['slip']]);
        self::assertSame('big;hat', $export['corrections'][0]['changes']['traits']);
    }

    public function test_what_a_trait_does_beyond_distance_is_told_once_eight_trials_carry_it(): void
    {
        $page = "/plans/{$this->world->plan->id}/limits";
        $log = fn (array $traits, int $band) => $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->logged($band), 'traits' => $traits,
        ])->assertCreated();
        for ($i = 0; $i < 8; $i++) {
            $log([], 0);
            $this->get($page)->assertDontSee('There as hard as others at');
            $log(['big'], $i % 4 === 3 ? 1 : 2);
        }

        // nearer than where it was met: big ones are harder; and so it is read again from what was kept
        $this->get($page)->assertOk();
        $told = $this->get($page)->assertSee('There as hard as others at')->getContent();
        preg_match('/<td>(\d+).m \(likely (\d+).m to (\d+).m\)/u', (string) $told, $found);
        [$likely, $nearest, $farthest] = [...array_map(intval(...), array_slice($found, 1)), 0, 0, 0];
        self::assertTrue($nearest > 0 && $nearest < $likely && $likely < $farthest && $farthest < 80, "{$nearest} {$likely} {$farthest}");
    }

    public function test_who_it_was_is_at_most_forty_letters_on_one_line(): void
    {
        $log = fn (string $trait): TestResponse => $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->logged(0), 'traits' => [$trait],
        ]);
        $log(str_repeat('a', 40))->assertCreated();
        foreach ([str_repeat('a', 41), 'big;loud', "two\nlines"] as $trait) {
            $log($trait)->assertJsonValidationErrors('traits.0');
        }
    }

    public function test_nobody_takes_over_who_must_not_handle_the_dog(): void
    {
        $bo = $this->person('Bo');
        HandlerLimit::query()->create([
            'practice_id' => $bo->practice_id, 'dog_id' => $this->world->dog->id, 'person_id' => $bo->id, 'reason' => 'was bitten',
            'user_id' => $this->world->trainer->id,
        ]);
        $this->get("/sessions/{$this->world->session->id}")->assertOk()->assertDontSee('>Bo<', false);
        $answer = $this->postJson("/sessions/{$this->world->session->id}/entries", [
            'device' => (string) Str::uuid(), 'user' => $this->world->trainer->id,
            'entries' => [$this->entry('handler', ['data' => ['person' => $bo->id]]), $this->entry('handler')],
        ])->assertOk();
        self::assertSame(['known', 'known'], array_column($answer->json('receipts'), 'result'));
        self::assertNotSame($bo->id, $this->world->session->refresh()->person_id);
    }

    public function test_yesterdays_paper_keeps_its_own_times_and_counts_from_then_on(): void
    {
        Carbon::setTestNow('2026-11-20 12:00:00');
        $this->world->session->update(['started_at' => '2026-11-10 09:00:00', 'ended_at' => '2026-11-10 09:20:00']);
        $this->write([])->assertSessionHasNoErrors();
        $session = Session::query()->latest('id')->firstOrFail();
        self::assertSame('2026-11-19 16:30', $session->started_at->format('Y-m-d H:i'));
        self::assertSame('2026-11-19 16:50', $session->ended_at?->format('Y-m-d H:i'));
        foreach (range(1, 5) as $n) {
            $this->post("/sessions/{$session->id}/trials", [
                'uuid' => (string) Str::uuid(), 'at' => '16:3'.$n, 'aim' => 'step:0', 'distance' => '80', 'outcome' => 'returned',
                'band' => 0, 'food' => 'gently', 'then' => 'new',
            ])->assertRedirect("/sessions/{$session->id}/review?trial=new#new-trial");
        }
        self::assertSame('2026-11-19 16:31', Trial::query()->orderBy('id')->firstOrFail()->occurred_at->format('Y-m-d H:i'));
        $this->get("/sessions/{$session->id}/review")->assertSee('Written down afterwards from paper');
        $this->get("/plans/{$this->world->plan->id}")->assertSee('solid');
    }

    /** @param  array<string, string>  $told */
    #[TestWith([['day' => '2026-11-20', 'from' => '11:50'], 'from'])]
    #[TestWith([['day' => 'yesterday'], 'day'])]
    #[TestWith([['from' => '25:00'], 'from'])]
    #[TestWith([['minutes' => '0'], 'minutes'])]
    #[TestWith([['minutes' => '241'], 'minutes'])]
    #[TestWith([['person_id' => '999999'], 'person_id'])]
    #[TestWith([['source' => 'dream'], 'source'])]
    public function test_what_cannot_have_been_is_told_at_its_field(array $told, string $field): void
    {
        Carbon::setTestNow('2026-11-20 12:00:00');
        $before = Session::query()->count();
        $this->write($told)->assertSessionHasErrors($field);
        self::assertSame($before, Session::query()->count());
    }

    public function test_one_that_has_just_ended_may_be_written_down(): void
    {
        Carbon::setTestNow('2026-11-20 12:00:00');
        $this->write(['day' => '2026-11-20', 'from' => '11:40'])->assertSessionHasNoErrors();
        self::assertSame('2026-11-20 12:00', Session::query()->latest('id')->firstOrFail()->ended_at?->format('Y-m-d H:i'));
    }

    /**
     * @param  array<string, string>  $told
     * @return TestResponse<Response>
     */
    private function write(array $told): TestResponse
    {
        return $this->post("/plans/{$this->world->plan->id}/past-sessions", [
            'day' => '2026-11-19', 'from' => '16:30', 'minutes' => '20', 'source' => 'paper',
            'person_id' => (string) $this->world->plan->responseModel->person_id, ...$told,
        ]);
    }

    /** @return array<string, mixed> */
    private function logged(int $band): array
    {
        return [
            'uuid' => (string) Str::uuid(), 'distance' => 80, 'outcome' => $band > 1 ? 'not_returned' : 'returned', 'band' => $band,
            'food' => 'gently',
        ];
    }

    private function person(string $name): Person
    {
        return Person::query()->create(['practice_id' => $this->world->trainer->practice_id, 'name' => $name]);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private function entry(string $kind, array $more = []): array
    {
        return ['uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => 0, 'sent_at' => 0, ...$more];
    }

    /** @return array<string, mixed> */
    private function trial(int $sequence): array
    {
        return $this->entry('trial', ['sequence' => $sequence, 'trial' => [
            'distance' => 80, 'outcome' => 'returned', 'band' => 0, 'signs' => [], 'food' => 'gently',
        ]]);
    }
}
