<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\FilmPolicy;
use App\Engine\SituationReader;
use App\Film\CannotKeep;
use App\Film\KeepRecord;
use App\Film\KnownGrading;
use App\Film\LineUp;
use App\Film\SettleFilm;
use App\Film\WriteDownFilm;
use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\Role;
use App\Models\Session;
use App\Models\Trial;
use App\Models\User;
use Core\Film\Agreement;
use Core\Film\Record;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A film of four minutes and twenty seconds, with twenty-two trials of eight seconds. */
#[CoversClass(KeepRecord::class)]
#[CoversClass(SettleFilm::class)]
#[CoversClass(KnownGrading::class)]
#[CoversClass(WriteDownFilm::class)]
#[CoversClass(LineUp::class)]
#[CoversClass(FilmPolicy::class)]
final class FilmTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private User $second;

    private Film $film;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->second = $this->world->user(Role::Trainer);
        $this->actingAs($this->world->trainer);
        $this->add()->assertRedirect();
        $this->film = Film::query()->sole();
    }

    public function test_the_same_film_is_known_again_and_what_is_none_is_refused(): void
    {
        $this->add(['name' => 'Once more'])->assertRedirect("/films/{$this->film->id}");
        $this->add(['fingerprint' => str_repeat('b', 64)])->assertRedirect();
        $this->add(['length' => '0'])->assertSessionHasErrors(['length' => 'Choose a film. This file shows no pictures, or is no film.']);
        $this->add(['fingerprint' => 'x'])->assertSessionHasErrors('fingerprint');
        $this->add(['name' => ''])->assertSessionHasErrors('name');
        self::assertSame([['By the quay'], 2], [Film::query()->limit(1)->pluck('name')->all(), Film::query()->count()]);
    }

    public function test_a_record_is_kept_whole_and_what_comes_late_takes_nothing_back(): void
    {
        $this->keep(self::seen([1]), 0)->assertOk()->assertExactJson(['version' => 1]);
        $this->keep(self::seen([1, 2]), 1)->assertExactJson(['version' => 2]);
        // the answer was lost: the same again
        $this->keep(self::seen([1, 2]), 1)->assertExactJson(['version' => 2]);
        // another page, opened before
        $this->keep(self::seen([4]), 1)->assertStatus(409)
            ->assertJson(['message' => 'It was changed on another page since. Reload this one.']);
        self::assertSame([1, 2], array_column(FilmRecord::query()->sole()->record()->toArray()['trials'], 'band'));

        $this->post("/films/{$this->film->id}/finish")->assertRedirect();
        $this->keep(self::seen([1, 2, 3]), 2)->assertStatus(409)->assertJson(['message' => 'Your record is finished; it stays as it is.']);
        self::assertCount(2, FilmRecord::query()->sole()->record()->trials);
    }

    /** @param  array<string, mixed>  $change */
    #[TestWith([['length' => 9, 'trials' => []], 409, 'That is of another film: it has another length.'])]
    #[TestWith([['trials' => [['from' => 5, 'until' => 5, 'band' => 1]]], 422, 'Trial 1 ends before it begins.'])]
    #[TestWith([['happenings' => [['what' => 'moon', 'at' => 1]]], 422, 'Entry 1: nobody knows “moon”. It is '
        .'mark, food, look_back, unanswered, startle, turn or slip.'])]
    public function test_what_is_no_record_is_told(array $change, int $status, string $message): void
    {
        $this->keep([...self::seen([1]), ...$change], 0)->assertStatus($status)->assertJson(['message' => $message]);
        self::assertSame(0, FilmRecord::query()->count());
    }

    public function test_the_second_is_blind_until_both_have_finished(): void
    {
        $first = $this->graded($this->world->trainer, [3]);
        $this->actingAs($this->second);
        $this->get("/films/{$this->film->id}")->assertOk()
            ->assertSee('You do not see what the other has told until yours is finished.')->assertDontSee('"band":3');
        foreach (['vtt', 'json'] as $format) {
            $this->get("/films/{$this->film->id}/records/{$first->id}.{$format}")->assertForbidden();
        }
        $this->get("/films/{$this->film->id}/agreement")->assertForbidden();
        $owner = $this->world->user(Role::Owner);
        $this->actingAs($owner)->get("/films/{$this->film->id}/records/{$first->id}.json")->assertForbidden();

        $this->graded($this->second, [3]);
        $this->get("/films/{$this->film->id}/records/{$first->id}.json")->assertOk()->assertJsonPath('trials.0.band', 3);
        $this->actingAs($owner)->get("/films/{$this->film->id}/agreement")->assertOk();
        // a third looks, and grades nothing
        $this->keep(self::seen([1]), 0)->assertForbidden();
        $this->get("/films/{$this->film->id}")->assertOk()->assertSee('Two people grade this film already.');
    }

    public function test_of_three_who_begin_at_once_two_grade(): void
    {
        $keep = app(KeepRecord::class);
        // each was allowed to a moment ago
        $three = [$this->world->trainer, $this->second, $this->world->user(Role::Owner)];
        $kept = array_map(fn (User $one): mixed => $keep->keep($this->film, $one, Record::fromArray(self::seen([1])), 0), $three);

        self::assertSame(CannotKeep::TwoGrade, $kept[2]);
        self::assertSame(2, FilmRecord::query()->count());
    }

    public function test_a_helper_looks_and_a_guardian_of_another_dog_sees_nothing(): void
    {
        $this->actingAs($this->world->user(Role::Helper));
        $this->get("/films/{$this->film->id}")->assertOk()->assertDontSee('Finish my record');
        $this->keep(self::seen([1]), 0)->assertForbidden();
        $this->actingAs($this->world->user(Role::Guardian))->get("/films/{$this->film->id}")->assertNotFound();
    }

    public function test_agreement_is_told_in_words_and_settled_beside_both(): void
    {
        $bands = [0, 0, 1, 1, 2, 2, 3, 3, 1, 1, 0, 0, 2, 1, 1, 0, 4, 1, 0, 1, 2, 3];
        $first = $this->graded($this->world->trainer, $bands);
        $second = $this->graded($this->second, [...array_slice($bands, 0, 19), 0, 1, 1], ['mark' => [9000]]);
        $page = $this->get("/films/{$this->film->id}/agreement")->assertOk();
        $page->assertSee('Same band in 19 of 22 trials.')->assertSee("2 times {$this->second->name} one band milder.")
            ->assertSee("Once {$this->second->name} 2 bands milder.");
        // by statsmodels 0.13.5, stats.inter_rater.cohens_kappa of the same table, wt='linear'
        $page->assertSee('near misses counting less: 0.85 (0.68 to 1)');

        $this->post("/films/{$this->film->id}/agreement", ['followed' => ['', 'trial-190000', 'mark-second-9000']])
            ->assertSessionHasNoErrors();
        $settled = SettleFilm::settled($this->film->refresh()) ?? self::fail('It is settled.');
        self::assertSame(
            [...array_slice($bands, 0, 19), 0, 2, 3], array_column($settled->record()->toArray()['trials'], 'band'),
        );
        self::assertSame([['what' => 'mark', 'at' => 9000]], $settled->record()->toArray()['happenings']);
        self::assertSame([$bands, [...array_slice($bands, 0, 19), 0, 1, 1]], array_map(
            static fn (FilmRecord $one): array => array_column($one->refresh()->record()->toArray()['trials'], 'band'), [$first, $second],
        ), 'both stay as they were');
        // settled anew by somebody else: still one
        $this->actingAs($this->world->trainer)->post("/films/{$this->film->id}/agreement", ['followed' => []]);
        self::assertSame(1, FilmRecord::query()->where('kind', FilmRecordKind::Settled)->count());
    }

    public function test_a_grader_known_to_be_milder_is_allowed_for_where_they_log(): void
    {
        $bands = array_map(static fn (int $i): int => 1 + $i % 3, range(0, 21));
        $this->graded($this->world->trainer, $bands);
        $this->graded($this->second, array_map(static fn (int $i): int => $bands[$i] - $i % 2, range(0, 21)));
        $this->world->session->update(['user_id' => $this->second->id]);
        foreach (range(1, 8) as $i) {
            $this->postJson("/sessions/{$this->world->session->id}/trials", [
                ...$this->world->trial((string) Str::uuid(), 30.0), 'sequence' => $i, 'band' => $i % 2, 'signs' => [],
            ])->assertCreated();
        }
        $risk = function (): float {
            $situation = app(SituationReader::class)->ofPlan($this->world->plan->refresh(), now()->addDay()->toDateTimeImmutable());

            return $situation->model?->risk($situation->ladder->step(0)->exposure)->strainMean->value ?? self::fail('A model.');
        };
        $before = $risk();

        $this->post("/films/{$this->film->id}/agreement", ['followed' => []])->assertSessionHasNoErrors();

        self::assertSame([0.0, -0.5], [$this->world->trainer->refresh()->stricter, $this->second->refresh()->stricter]);
        self::assertGreaterThan($before, $risk(), 'the same trials say less good of the dog');
        $this->get("/films/{$this->film->id}/agreement")
            ->assertSee("{$this->second->name} grades 0.5 of a band milder in the mean than what is settled on")
            ->assertSee('(0.29 to 0.71, over 22 trials)');
        $this->get("/plans/{$this->world->plan->id}/limits")->assertSee("{$this->second->name} grades 0.5 of a band milder");

        // who is right was the other one
        $differences = Agreement::of(...array_map(
            static fn (FilmRecord $one): Record => $one->record(), SettleFilm::graded($this->film->refresh()) ?? self::fail('Both are.'),
        ))->differences;
        $this->post("/films/{$this->film->id}/agreement", ['followed' => array_column($differences, 'key')])->assertSessionHasNoErrors();
        self::assertSame([0.5, 0.0], [$this->world->trainer->refresh()->stricter, $this->second->refresh()->stricter]);
        self::assertEqualsWithDelta($before, $risk(), 1e-12);
    }

    public function test_under_twenty_trials_no_figure_is_told(): void
    {
        $this->graded($this->world->trainer, array_fill(0, 19, 1));
        $this->graded($this->second, [...array_fill(0, 18, 1), 0]);

        $this->get("/films/{$this->film->id}/agreement")->assertSee('Under 20 trials no figure is told')->assertDontSee('near misses');
    }

    public function test_weeks_later_it_is_graded_once_more_without_a_look_at_what_was_said_then(): void
    {
        $then = array_map(static fn (int $i): int => $i % 3, range(0, 19));
        $this->graded($this->world->trainer, $then);
        $this->travel(21)->days();
        $this->travel(-1)->seconds();
        $this->get("/films/{$this->film->id}")->assertDontSee('Grade it again');
        $this->keep(self::seen([1]), 0)->assertStatus(409);

        $this->travel(1)->seconds();
        $this->get("/films/{$this->film->id}")->assertSee('Grade it again');
        $this->get("/films/{$this->film->id}?again=1")->assertOk()->assertSee('data-open', false)->assertDontSee('What the film says');
        $now = array_map(static fn (int $band): int => $band + 1, $then);
        $this->keep(self::seen($now), 0)->assertExactJson(['version' => 1]);
        $this->keep(self::seen($now, ['mark' => [5]]), 1)->assertExactJson(['version' => 2]);
        $this->get('/timing')->assertDontSee('My eye');
        $this->post("/films/{$this->film->id}/finish");
        $this->get('/timing')->assertSee('Films graded again: same band in 0 of 20 trials.')
            ->assertSee('You have become stricter: by 1 of a band in the mean (1 to 1).');
        self::assertSame([$then, $now], FilmRecord::query()->orderBy('id')->get()->map(
            static fn (FilmRecord $one): array => array_column($one->record()->toArray()['trials'], 'band'),
        )->all(), 'both are there');
        // nor does it stand for a second grader
        $this->get("/films/{$this->film->id}/agreement")->assertForbidden();
    }

    public function test_a_film_becomes_a_session_written_down_later(): void
    {
        $this->graded($this->world->trainer, [1, 3, 4],
            ['look_back' => [3000], 'food' => [4000], 'mark' => [12_000], 'unanswered' => [13_000]]);
        $form = [
            'plan' => $this->world->plan->id, 'day' => '2026-11-23', 'from' => '08:30', 'distance' => '33',
            'person_id' => $this->world->session->person_id,
        ];
        $this->post("/films/{$this->film->id}/session", [...$form, 'distance' => ''])->assertSessionHasErrors('distance');
        $this->post("/films/{$this->film->id}/session", [...$form, 'day' => '2026-11-24', 'from' => '23:00'])
            ->assertSessionHasErrors('from');
        $this->post("/films/{$this->film->id}/session", [...$form, 'plan' => 9999])->assertSessionHasErrors('plan');
        $this->post("/films/{$this->film->id}/session", $form)->assertSessionHasNoErrors()->assertRedirect();

        $session = Session::query()->latest('id')->firstOrFail();
        self::assertSame(['film', '2026-11-23 08:30:00'], [
            $session->checklist['written_from'] ?? null, $session->started_at->format('Y-m-d H:i:s'),
        ]);
        $trials = Trial::query()->where('session_id', $session->id)->orderBy('occurred_at')->get();
        self::assertSame(
            [
                ['returned', 1, 'gently', '08:30:02.000'], ['mark_unanswered', 3, 'not_offered', '08:30:10.000'],
                ['reacted', 4, 'not_offered', '08:30:20.000'],
            ],
            $trials->map(static fn (Trial $one): array => [
                $one->outcome->value, $one->band->value, $one->food->value, $one->occurred_at->format('H:i:s.v'),
            ])->all(),
        );
        // sent twice, it is written down once
        $this->post("/films/{$this->film->id}/session", $form)->assertRedirect("/sessions/{$session->id}/review");
        self::assertSame([$session->id, 3], [Session::query()->max('id'), Trial::query()->where('session_id', $session->id)->count()]);
        $this->get("/sessions/{$session->id}/review")->assertOk()->assertSee('a film');
        self::assertSame([1, 2, 3], array_column(LineUp::trials($this->film->refresh()), 'number'));
        $this->get("/films/{$this->film->id}/session")->assertSee('It belongs to a session already.');
    }

    public function test_a_film_is_lined_up_by_one_moment(): void
    {
        $this->keep(self::seen([1]), 0);
        $this->postJson("/sessions/{$this->world->session->id}/trials", $this->world->trial('0d3a1111-0000-4000-8000-000000000001'));
        $this->travel(30)->seconds();
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial('0d3a1111-0000-4000-8000-000000000002'), 'device_at' => '2026-11-20T10:00:30.000Z',
        ]);
        $form = ['session' => $this->world->session->id, 'trial' => 1, 'at' => 5000];
        $this->put("/films/{$this->film->id}/session", [...$form, 'trial' => 3])->assertSessionHasErrors('trial');
        $this->put("/films/{$this->film->id}/session", [...$form, 'session' => 9999])->assertSessionHasErrors('session');
        $this->put("/films/{$this->film->id}/session", [...$form, 'at' => 260_001])->assertSessionHasErrors('at');
        $this->put("/films/{$this->film->id}/session", $form)->assertSessionHasNoErrors();

        self::assertSame(
            [['number' => 1, 'at' => 5000], ['number' => 2, 'at' => 35_000]], LineUp::trials($this->film->refresh()),
        );
        $this->film->update(['aligned_at' => null]);
        self::assertSame([], LineUp::trials($this->film), 'nobody knows where on the film they are');
    }

    public function test_a_record_goes_out_as_a_file_and_comes_in_again(): void
    {
        $record = $this->graded($this->world->trainer, [1, 3], ['mark' => [500]]);
        $vtt = (string) $this->get("/films/{$this->film->id}/records/{$record->id}.vtt")->assertOk()->getContent();
        $json = (string) $this->get("/films/{$this->film->id}/records/{$record->id}.json")->assertOk()->getContent();
        self::assertStringStartsWith('WEBVTT', $vtt);
        $this->actingAs($this->second);
        foreach ([$vtt, $json] as $text) {
            $this->read($text)->assertSessionHasNoErrors();
            self::assertEquals($record->record(), KeepRecord::of($this->film->fresh() ?? $this->film, $this->second)?->record());
        }
        $this->read("WEBVTT\n\n00:01.000 --> 00:02.000\nears: pink")
            ->assertSessionHasErrors(['file' => 'Entry 4: “pink” is no state of it.']);
        $this->read('{"length": 9}')->assertSessionHasErrors(['file' => 'That is of another film: it has another length.']);
        $this->read('hello')
            ->assertSessionHasErrors(['file' => 'Line 1 is not understood. Give timed text or JSON as it is written here.']);
        $this->post("/films/{$this->film->id}/file", [])->assertSessionHasErrors('file');
    }

    /**
     * @param  list<int>  $bands
     * @param  array<string, list<int>>  $happenings
     */
    private function graded(User $by, array $bands, array $happenings = []): FilmRecord
    {
        $this->actingAs($by);
        $this->keep(self::seen($bands, $happenings), 0)->assertOk();
        $this->post("/films/{$this->film->id}/finish")->assertRedirect();

        return FilmRecord::query()->where('user_id', $by->id)->sole();
    }

    /**
     * @param  list<int>  $bands
     * @param  array<string, list<int>>  $happenings
     * @return array<string, mixed>
     */
    private static function seen(array $bands, array $happenings = []): array
    {
        $seen = ['length' => 260_000, 'states' => [['part' => 'ears', 'state' => 'back', 'at' => 0]], 'happenings' => [], 'trials' => []];
        foreach ($happenings as $what => $times) {
            foreach ($times as $at) {
                $seen['happenings'][] = ['what' => $what, 'at' => $at];
            }
        }
        foreach ($bands as $i => $band) {
            $seen['trials'][] = ['from' => max(2000, 10_000 * $i), 'until' => 10_000 * $i + 8000, 'band' => $band];
        }

        return $seen;
    }

    /**
     * @param  array<string, mixed>  $record
     * @return TestResponse<Response>
     */
    private function keep(array $record, int $version): TestResponse
    {
        return $this->postJson("/films/{$this->film->id}/record", ['record' => $record, 'version' => $version]);
    }

    /** @return TestResponse<Response> */
    private function read(string $text): TestResponse
    {
        return $this->post("/films/{$this->film->id}/file", ['file' => UploadedFile::fake()->createWithContent('seen.vtt', $text)]);
    }

    /**
     * @param  array<string, string>  $change
     * @return TestResponse<Response>
     */
    private function add(array $change = []): TestResponse
    {
        return $this->post("/dogs/{$this->world->dog->id}/films", [
            'name' => 'By the quay', 'length' => '260000', 'frame' => '40000', 'fingerprint' => str_repeat('a', 64), ...$change,
        ]);
    }
}
