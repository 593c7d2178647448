<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\SituationReader;
use App\Import\CheckImport;
use App\Import\Choices;
use App\Import\ForgetFiles;
use App\Import\GuessMatching;
use App\Import\RowReader;
use App\Import\RunImport;
use App\Import\SessionRows;
use App\Import\UndoImport;
use App\Models\Dog;
use App\Models\Event;
use App\Models\HealthEntry;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Import;
use App\Models\ImportRow;
use App\Models\ImportState;
use App\Models\Session;
use App\Models\Trial;
use App\Models\TrialExposure;
use App\Models\TrialSign;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Last year's log from a spreadsheet: matched, looked through, imported, undone, imported again. */
#[CoversClass(GuessMatching::class)]
#[CoversClass(Choices::class)]
#[CoversClass(RowReader::class)]
#[CoversClass(CheckImport::class)]
#[CoversClass(RunImport::class)]
#[CoversClass(SessionRows::class)]
#[CoversClass(UndoImport::class)]
final class ImportTest extends TestCase
{
    use RefreshDatabase;

    private const HEAD = 'Dog;Date;Time;Yards;Result;Stress;Body language;Food;Comments';

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->world->practice->update(['time_zone' => 'America/New_York']);
        Storage::fake();
        $this->actingAs($this->world->trainer->refresh());
    }

    /** Day 8, in small: yards, three spellings of a dog, a mess told by row; the good ones are imported in the zone of the practice. */
    public function test_a_mess_is_matched_told_by_row_and_the_good_rows_imported(): void
    {
        $import = $this->bring(implode("\n", [
            self::HEAD,
            'Moss;3/14/2025;9:30 am;80;looked back;0;loose body;ate;first one',
            'moss;3/14/2025;9:31 am;70 yd;Looked back;1;watches with a soft face, tail over back;ate;',
            'MOSS ;3/14/2025;9:35 am;62,5;barked;4;;no;skateboard',
            'Mos;3/15/2025;;60;watched;noticed;;;',
            'Fern;3/15/2025;;60;watched;1;;;',
            'Moss;31/3/2025;;60;watched;1;;;',
            'Moss;3/16/2025;25:10;60;watched;1;;;',
            'Moss;3/16/2099;;60;watched;1;;;',
            'Moss;3/16/2025;;600;watched;1;;;',
            'Moss;3/16/2025;;near;watched;1;;;',
            'Moss;3/16/2025;;60;;1;;;',
            'Moss;3/16/2025;;60;barked;1;;;',
        ]));
        self::assertSame(['yd', 'mdy', 3, 8], [
            $import->matching['distance'], $import->matching['date_order'], $import->matching['columns']['distance'], $import
                ->matching['columns']['note'],
        ]);
        $page = $this->get("/imports/{$import->id}")->assertOk();
        $page->assertSee('Mos')->assertSee('Fern')->assertSee('value="returned" selected', false);

        $this->check($import);

        self::assertSame([12, 4, 8], [$import->counts['rows'] ?? 0, $import->counts['good'] ?? 0, $import->counts['bad'] ?? 0]);
        $this->get("/imports/{$import->id}")->assertSeeInOrder([
            'Row 6', 'Dog: is not known here', 'Fern', 'Row 7', 'cannot be read as a date', 'Row 8', 'cannot be read as a time',
            'Row 9', 'is in the future', 'Row 10', 'too small or too large', 'Row 11', 'cannot be read as a number', 'Row 12',
            'Outcome: is empty', 'Row 13', 'does not go with the outcome',
        ]);
        self::assertSame(0, Session::query()->whereNotNull('import_id')->count(), 'looking imports nothing');
        $this->post("/imports/{$import->id}/rows", ['which' => 'all'])->assertSessionHas('status');
        self::assertSame(0, Trial::query()->count(), 'all or nothing is nothing');

        $this->post("/imports/{$import->id}/rows", ['which' => 'good']);

        self::assertSame(ImportState::Imported, $import->refresh()->state);
        $sessions = Session::query()->where('import_id', $import->id)->orderBy('started_at')->get();
        self::assertSame(['2025-03-14 13:30:00', '2025-03-15 16:00:00'], $sessions->map(
            static fn (Session $one): string => $one->started_at->format('Y-m-d H:i:s'),
        )->all(), 'half past nine in New York; noon where no time is told');
        $trials = Trial::query()->orderBy('occurred_at')->with(['exposures', 'signs'])->get();
        self::assertSame(['returned', 'returned', 'reacted', 'watched'], $trials
            ->map(static fn (Trial $one): string => $one->outcome->value)->all());
        self::assertEqualsWithDelta(
            [73.152, 64.008, 57.15, 54.864],
            TrialExposure::query()->where('part', 'real')->where('dimension', 'distance')->orderBy('trial_id')->pluck('number')
                ->map(static fn (mixed $meters): float => is_numeric($meters) ? (float) $meters : 0.0)->all(),
            0.01,
        );
        $second = $trials->firstOrFail(static fn (Trial $one): bool => $one->note === 'tail over back.');
        self::assertSame(['watch.soft'], $second->signs->pluck('sign')->all(), 'and what is no sign of ours is not lost');
        $this->get("/sessions/{$second->session_id}/review")->assertOk()->assertSee('skateboard');
    }

    public function test_the_same_file_twice_changes_nothing_and_an_undone_one_can_be_imported_again(): void
    {
        $rows = array_map(static fn (int $i): string => "Moss;2025-03-{$i};09:00;".(60 - $i).';returned;1;;;', range(10, 15));
        // two that say the same are two
        $file = implode("\n", [self::HEAD, ...$rows, $rows[0]]);
        $first = $this->imported($file);
        self::assertSame(7, Trial::query()->count());

        $again = $this->bring($file);
        $this->check($again);
        self::assertSame([0, 7], [$again->counts['good'] ?? null, $again->counts['known'] ?? null]);

        $more = $this->imported($file."\nMoss;2025-03-10;10:00;40;returned;1;;;");
        self::assertSame(8, Trial::query()->count());
        self::assertSame(6, Session::query()->whereNotNull('import_key')->count(), 'it joins the session of its day');

        $this->delete("/imports/{$first->id}/rows");
        self::assertSame(ImportState::Undone, $first->refresh()->state);
        self::assertSame([1, 1], [Trial::query()->count(), Session::query()->whereNotNull('import_key')->count()]);
        self::assertSame(1, Trial::query()->has('exposures')->count());
        $this->delete("/imports/{$more->id}/rows");
        self::assertSame([0, 0, 0], [
            Session::query()->whereNotNull('import_key')->count(), TrialExposure::query()->count(), TrialSign::query()->count(),
        ]);
        self::assertSame(1, Session::query()->count(), 'what was logged here stays');

        $this->imported($file);
        self::assertSame(7, Trial::query()->count());
    }

    public function test_what_somebody_worked_on_since_stays_when_an_import_is_undone(): void
    {
        $import = $this->imported(self::HEAD."\nMoss;2025-03-10;09:00;60;returned;1;;;\nMoss;2025-03-10;09:05;50;returned;1;;;");
        $trial = Trial::query()->orderBy('id')->firstOrFail();
        $this->put("/sessions/{$trial->session_id}/trials/{$trial->id}", [
            'distance' => '60', 'outcome' => 'watched', 'band' => '1', 'uuid' => (string) Str::uuid(), 'note' => 'Looked again.',
        ])->assertSessionHasNoErrors();
        self::assertSame(1, $trial->corrections()->count());

        $this->delete("/imports/{$import->id}/rows");

        self::assertSame([1, 1, 1], [
            Trial::query()->count(), Session::query()->where('import_id', $import->id)->count(), $import->refresh()
                ->counts['kept'] ?? 0 ? 1 : 0,
        ]);
        $this->get("/sessions/{$trial->session_id}/review")->assertOk()->assertSee('Looked again.');
    }

    /** A second file adds a trial to a session of the first; undone, the session says what it said before. */
    public function test_what_a_session_taught_is_worked_out_anew_when_a_later_import_is_undone(): void
    {
        $file = self::HEAD."\nMoss;2025-03-10;09:00;60;returned;1;;;";
        $this->imported($file);
        $learned = static fn (): mixed => Session::query()->whereNotNull('import_key')->sole()->evidence;
        $before = $learned();
        $later = $this->imported("{$file}\nMoss;2025-03-10;10:00;30;barked;4;;;");
        self::assertNotSame($before, $learned());

        $this->delete("/imports/{$later->id}/rows");

        self::assertSame($before, $learned());
        self::assertSame(0, $later->refresh()->counts['kept'] ?? null, 'the session is of the first');
    }

    /** The plan's model learns from imported sessions as from logged ones, and no advice is made up for them. */
    public function test_what_was_imported_is_evidence_for_the_plan(): void
    {
        $reader = app(SituationReader::class);
        $before = $reader->ofPlan($this->world->plan, now()->toImmutable())->history;
        $rows = [];
        foreach (range(1, 4) as $days) {
            $day = now()->subDays(10 - $days)->format('Y-m-d');
            foreach (range(0, 9) as $minute) {
                $rows[] = "Moss;{$day};10:0{$minute};87;returned;0;;ate;";
            }
        }
        $this->imported(implode("\n", [self::HEAD, ...$rows]));

        $after = $reader->ofPlan($this->world->plan->refresh(), now()->toImmutable())->history;
        self::assertSame(-1, $before->solidStep);
        self::assertGreaterThanOrEqual(0, $after->solidStep);
        self::assertSame(40, $after->trialsEver - $before->trialsEver);
        self::assertSame(0, Session::query()->whereNotNull('import_id')->has('advice')->count());
    }

    /** @return iterable<string, array{string, string, string, class-string<HealthEntry|Event|HomeRep|Session>, int}> */
    public static function others(): iterable
    {
        yield 'weights' => ['weights', "Dog,Date,lbs\nMoss,2025-03-01,44\nMoss,2025-04-01,\nMoss,2025-05-01,4400", 'Weight: is empty',
            HealthEntry::class, 1];
        yield 'scares' => ['upsets', "Dog,When,How bad,Comment\nMoss,2025-03-01 17:30,3,gunshot\nMoss,2025-03-02,5,",
            'too small or too large', Event::class, 1];
        yield 'paper sheets' => ['home', "Dog,Date,Homework,Done\nMoss,2025-03-01,Look,4\nMoss,2025-03-02,Mat,1",
            'Task: is not known here', HomeRep::class, 4];
        yield 'sessions' => ['sessions',
            "Dog,Date,Start,Minutes,Notes\nMoss,2025-03-01,5 pm,20,windy\nMoss,2025-03-01,6 pm,10,\nMoss,2025-03-02,9,900,",
            'too small or too large', Session::class, 2];
    }

    /** @param  class-string<HealthEntry|Event|HomeRep|Session>  $model */
    #[DataProvider('others')]
    public function test_other_rows_are_imported_told_and_undone_too(
        string $kind, string $file, string $told, string $model, int $count,
    ): void {
        Homework::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'user_id' => $this->world->trainer->id,
            'kind' => 'skill', 'name' => 'Look', 'what' => 'Say it once.', 'counts_when' => 'It looks.', 'stop_when' => 'Twice not.',
            'times_a_day' => 3, 'from_on' => '2025-01-01',
        ]);
        $import = $this->imported($file, $kind);

        self::assertSame($count, $model::query()->where('import_id', $import->id)->count());
        $this->get("/imports/{$import->id}")->assertSee($told);
        $this->get("/imports/{$import->id}/problems.csv")->assertOk();
        if ($model === HealthEntry::class) {
            self::assertEqualsWithDelta(19.96, HealthEntry::query()->sole()->kilograms, 0.01);
        }
        if ($model === Event::class) {
            self::assertSame('2025-03-01 22:30:00', Event::query()->sole()->occurred_at->format('Y-m-d H:i:s'));
        }
        $again = $this->imported($file, $kind);
        self::assertSame(0, $again->counts['written'] ?? 0);
        $this->delete("/imports/{$import->id}/rows");
        self::assertSame(0, $model::query()->where('import_id', $import->id)->count());
    }

    /** A dog moves on: its log leaves with the chosen columns, and the next practice reads the same trials from it. */
    public function test_a_dogs_log_leaves_as_a_file_that_the_next_practice_imports(): void
    {
        $second = ['signs' => ['body.loose', 'watch.soft'], 'food' => 'hard', 'traits' => ['child'], 'note' => '=windy'];
        foreach ([[80.0, []], [63.5, $second]] as $i => [$distance, $more]) {
            $this->postJson("/sessions/{$this->world->session->id}/trials", [
                ...$this->world->trial((string) Str::uuid(), $distance), ...$more, 'sequence' => $i + 1,
                'device_at' => now()->subMinutes(5 - $i)->format('Y-m-d\TH:i:s\Z'),
            ])->assertCreated();
        }
        $file = $this->get("/dogs/{$this->world->dog->id}/log.csv?parts[]=signs&parts[]=food&parts[]=latency&parts[]=traits&parts[]=note")
            ->assertOk()->streamedContent();
        self::assertStringNotContainsString($this->world->trainer->name, $file, 'who handled it was not chosen');
        $next = World::make();
        $this->actingAs($next->trainer->refresh());

        $import = $this->imported($file);

        self::assertSame([2, 0], [$import->counts['written'] ?? 0, $import->counts['bad'] ?? 0]);
        $told = static fn (World $world): array => TrialExposure::query()->join('trials', 'trials.id', '=', 'trial_exposures.trial_id')
            ->where('practice_id', $world->practice->id)->where('part', 'real')->where('dimension', 'distance')->orderBy('sequence')
            ->get(['outcome', 'band', 'food', 'latency', 'number'])->toArray();
        self::assertSame($told($this->world), $told($next));
        $trial = Trial::query()->where('practice_id', $next->practice->id)->where('food', 'hard')->with(['signs', 'traits'])->sole();
        self::assertSame(['body.loose', 'watch.soft'], $trial->signs->pluck('sign')->sort()->values()->all());
        self::assertStringContainsString(",'=windy", $file, 'what a spreadsheet would run is text');
        self::assertSame('=windy', $trial->note);
    }

    /** Sixty-one a day for a hundred days: a log has no end that is not told. */
    public function test_a_long_log_leaves_whole(): void
    {
        $rows = [self::HEAD];
        for ($i = 0; $i < 6100; $i++) {
            $day = (new \DateTimeImmutable('2025-01-01'))->modify('+'.intdiv($i, 61).' days')->format('Y-m-d');
            $rows[] = "Moss;{$day};;60;returned;1;;;{$i}";
        }
        self::assertSame(6100, $this->imported(implode("\n", $rows))->counts['written'] ?? 0);

        $file = $this->get("/dogs/{$this->world->dog->id}/log.csv?parts[]=note")->assertOk()->streamedContent();

        self::assertSame(6101, substr_count($file, "\r\n"));
    }

    /** Two minutes where no time is told, ten seconds where it was the same minute; and what was held has had its time. */
    public function test_trials_stand_one_after_the_other(): void
    {
        $import = $this->imported(implode("\n", [
            'Dog;Date;Time;Yards;Result;Stress;Held', 'Moss;3/14/2025;9:30 am;80;looked back;0;45',
            'Moss;3/14/2025;9:30 am;80;looked back;0;',
            'Moss;3/14/2025;9:30 am;80;looked back;0;12.4', 'Moss;3/16/2025;;80;looked back;0;30', 'Moss;3/16/2025;;80;looked back;0;',
        ]));
        $times = [];
        foreach (Session::query()->where('import_id', $import->id)->orderBy('started_at')->get() as $session) {
            $at = Trial::query()->where('session_id', $session->id)->orderBy('occurred_at')->get()->map(
                static fn (Trial $one): int => $one->occurred_at->getTimestamp(),
            )->all();
            $times[] = array_map(static fn (int $one): int => $one - $at[0], $at);
        }

        self::assertSame([[0, 10, 33], [0, 120]], $times);
    }

    public function test_a_text_can_be_matched_by_hand_or_left_out(): void
    {
        Dog::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Mossy']);
        $import = $this
            ->bring(implode("\n", [
                self::HEAD, 'Mosy;2025-03-10;;60;returned;1;;;', 'Shadow;2025-03-10;;60;returned;1;;;', 'Moss;2025-03-10;;60;glanced;1;;;',
            ]));
        $this->get("/imports/{$import->id}")->assertDontSee('value="i'.$this->world->dog->id.'" selected>Mossy', false);

        $this->check($import, ['values' => [
            'dog' => ['mosy' => "i{$this->world->dog->id}", 'shadow' => ''], 'outcome' => ['glanced' => 'returned'],
        ]]);

        self::assertSame([2, 1], [$import->counts['good'] ?? 0, $import->counts['bad'] ?? 0]);
        $this->get("/imports/{$import->id}")->assertSee('means nothing here');
        $this->delete("/imports/{$import->id}/matching")->assertRedirect();
        self::assertSame([ImportState::Matching, 0], [$import->refresh()->state, ImportRow::query()->count()]);
        $this->get("/imports/{$import->id}")->assertSee('value="returned" selected', false);
    }

    public function test_a_file_without_a_column_that_is_needed_is_not_looked_through(): void
    {
        $import = $this->bring("Animal;Fecha\nMoss;1.2.2025");

        $this->put("/imports/{$import->id}", ['columns' => ['dog' => '0', 'date' => '1'], 'date_order' => 'dmy'])
            ->assertSessionHasErrors(['columns.outcome' => 'Outcome: say which column it is.']);
        $this->put("/imports/{$import->id}", ['columns' => ['dog' => '7'], 'date_order' => 'dmy'])->assertSessionHasErrors('columns.dog');
        self::assertSame(ImportState::Matching, $import->refresh()->state);
    }

    /** @param  list<string>  $needed */
    #[TestWith(['trials', ['dog', 'date', 'outcome']])]
    #[TestWith(['sessions', ['dog', 'date', 'minutes']])]
    #[TestWith(['weights', ['dog', 'date', 'weight']])]
    #[TestWith(['upsets', ['dog', 'date', 'severity']])]
    #[TestWith(['home', ['dog', 'date', 'task', 'times']])]
    public function test_each_kind_of_file_asks_for_what_it_cannot_do_without_and_for_nothing_else(string $kind, array $needed): void
    {
        $import = $this->bring("A;B\n1;2", $kind);
        foreach ($needed as $i => $field) {
            $given = array_fill_keys(array_slice($needed, 0, $i), '0');
            $this->put("/imports/{$import->id}", ['columns' => [...$given, 'note' => '1'], 'date_order' => 'dmy'])
                ->assertSessionHasErrors("columns.{$field}");
        }
        $this->put("/imports/{$import->id}", ['columns' => array_fill_keys($needed, '0'), 'date_order' => 'dmy'])
            ->assertSessionHasNoErrors();
    }

    public function test_a_file_goes_a_month_after_it_was_imported_and_what_it_brought_stays(): void
    {
        $import = $this->imported(self::HEAD."\nMoss;2025-03-10;09:00;60;returned;1;;;\nFern;2025-03-10;09:05;50;returned;1;;;");
        $waiting = $this->bring(self::HEAD."\nMoss;2025-03-11;09:00;60;returned;1;;;");
        $this->travel(29)->days();
        self::assertSame(0, app(ForgetFiles::class)->forget());
        $this->travel(2)->days();
        self::assertSame(1, app(ForgetFiles::class)->forget());

        self::assertSame(["imports/{$waiting->file}"], Storage::allFiles());
        $this->get("/imports/{$import->id}")->assertOk()->assertDontSee('Fern');
        self::assertSame(1, Trial::query()->count());
        $this->delete("/imports/{$import->id}/rows");
        self::assertSame(0, Trial::query()->count());
    }

    public function test_a_file_that_is_none_is_told_and_nothing_of_it_stays(): void
    {
        foreach (["%PDF-1.7\nx" => 'no table', 'Dog' => 'no rows'] as $content => $told) {
            $this->post('/imports',
                ['rows_of' => 'trials', 'file' => UploadedFile::fake()->createWithContent('log.xlsx', (string) $content)])
                ->assertSessionHasErrors('file');
            self::assertStringContainsString($told, session('errors')->first('file'));
        }
        $this->post('/imports', ['rows_of' => 'cats', 'file' => 'text'])->assertSessionHasErrors(['rows_of', 'file']);
        self::assertSame([0, []], [Import::query()->count(), Storage::allFiles()]);
    }

    private function imported(string $file, string $kind = 'trials'): Import
    {
        $import = $this->bring($file, $kind);
        $this->check($import);
        $this->post("/imports/{$import->id}/rows", ['which' => 'good']);
        self::assertSame(ImportState::Imported, $import->refresh()->state, $import->problem);

        return $import;
    }

    private function bring(string $file, string $kind = 'trials'): Import
    {
        $this->post('/imports', ['rows_of' => $kind, 'file' => UploadedFile::fake()->createWithContent('log.csv', $file)])
            ->assertSessionHasNoErrors();

        return Import::query()->latest('id')->firstOrFail();
    }

    /** @param  array<string, mixed>  $changes  of what was guessed */
    private function check(Import $import, array $changes = []): void
    {
        $this->put("/imports/{$import->id}", [...$import->matching, ...$changes])->assertSessionHasNoErrors();
        self::assertSame(ImportState::Checked, $import->refresh()->state, $import->problem);
    }
}
