<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\ArchivedRows;
use App\Archive\ArchivedTable;
use App\Archive\ArchivedTables;
use App\Archive\ArchiveProblem;
use App\Archive\RestoreArchive;
use App\Archive\UnreadableArchive;
use App\Archive\WriteArchive;
use App\Models\Dog;
use App\Models\Photo;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\PracticeArchive;
use App\Models\Role;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\Trial;
use App\Models\User;
use App\Photo\KeepPhoto;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** A practice as one file, and the same practice again from it. */
#[CoversClass(WriteArchive::class)]
#[CoversClass(RestoreArchive::class)]
#[CoversClass(ArchivedTables::class)]
#[CoversClass(ArchivedTable::class)]
#[CoversClass(ArchivedRows::class)]
final class ArchiveTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private User $owner;

    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake();
        // others lie before it and beside it: numbers of the database are nobody's
        World::make();
        $this->world = World::make();
        $world = $this->world;
        $world->dog->update(['name' => 'Mörk =1+1', 'trainer_id' => $world->trainer->id]);
        $world->trainer->update(['role' => Role::Owner]);
        $this->actingAs($world->trainer);
        foreach ([80.0, 70.0, 60.0] as $distance) {
            $this->postJson("/sessions/{$world->session->id}/trials", [
                ...$world->trial((string) Str::uuid(), $distance), 'traits' => ['child'], 'note' => "“wind”\n{$distance}",
            ])->assertCreated();
        }
        $trial = Trial::query()->latest('id')->firstOrFail();
        $this->put("/sessions/{$world->session->id}/trials/{$trial->id}",
            ['uuid' => (string) Str::uuid(), 'distance' => '62', 'outcome' => 'watched', 'band' => '1']);
        SessionEvent::query()->create([
            'practice_id' => $world->practice->id, 'session_id' => $world->session->id, 'user_id' => $world->trainer->id,
            'uuid' => (string) Str::uuid(), 'kind' => 'handler', 'data' => ['person' => $world->session->person_id], 'occurred_at' => now(),
        ]);
        $world->session->update(['ended_at' => now()]);
        $photo = Photo::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id,
            'file' => (string) Str::uuid(), 'width' => 1, 'height' => 1, 'taken_in_at' => now(),
        ]);
        Storage::put(KeepPhoto::path($photo->file), "\xFF\xD8\xFFpicture");
        Storage::makeDirectory('archives');
        $this->file = Storage::path('archives/one.zip');
        $empty = Practice::query()->create(['name' => 'New', 'town' => 'Elsewhere']);
        $this->owner = User::factory()->createOne(['practice_id' => $empty->id, 'role' => Role::Owner, 'email' => 'new@example.org']);
    }

    public function test_a_practice_restored_from_its_archive_has_the_same_checksum(): void
    {
        $first = $this->write($this->world->practice);
        $rows = app(RestoreArchive::class)->restore($this->owner, $this->file);
        $second = app(WriteArchive::class)->write($this->owner->practice->refresh(), Storage::path('archives/two.zip'));

        self::assertSame($first, $second);
        self::assertSame($first['rows'], $rows);
        $dog = Dog::query()->where('practice_id', $this->owner->practice_id)->sole();
        self::assertSame('Mörk =1+1', $dog->name);
        self::assertNotSame($this->world->dog->id, $dog->id);
        self::assertSame($this->owner->id, $dog->trainer_id, 'its owner is whoever restored it');
        self::assertSame('new@example.org', $this->owner->refresh()->email);
        $session = Session::query()->where('practice_id', $this->owner->practice_id)->sole();
        self::assertSame($session->person_id, SessionEvent::query()->where('session_id', $session->id)->sole()->data['person'] ?? null);
        $photo = Photo::query()->where('dog_id', $dog->id)->sole();
        self::assertSame("\xFF\xD8\xFFpicture", Storage::get(KeepPhoto::path($photo->file)));

        $this->actingAs($this->owner->refresh());
        foreach (["/dogs/{$dog->id}", '/plans/'.Plan::query()->where('practice_id', $this->owner->practice_id)->value('id'),
            "/sessions/{$session->id}/review", '/', '/people'] as $page) {
            $this->get($page)->assertOk();
        }
        $this->get("/sessions/{$session->id}/review")->assertSee('corrected by');
        self::assertSame(3, Trial::query()->where('practice_id', $this->world->practice->id)->count(), 'the first is as it was');
    }

    public function test_what_stands_in_an_archive_is_what_its_schemas_say_and_opens_nothing(): void
    {
        $this->write($this->world->practice);
        $zip = new \ZipArchive;
        $zip->open($this->file);
        $seen = 0;
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $name = (string) $zip->getNameIndex($i);
            if (preg_match('~^data/(\w+)\.jsonl$~', $name, $found) === 1) {
                $schema = json_decode((string) $zip->getFromName("schema/{$found[1]}.json"), flags: JSON_THROW_ON_ERROR);
                self::assertIsObject($schema);
                foreach (array_filter(explode("\n", (string) $zip->getFromIndex($i))) as $line) {
                    $told = (new Validator)->validate(json_decode($line, flags: JSON_THROW_ON_ERROR), $schema)->error();
                    self::assertNull($told, "{$name}: ".($told?->message() ?? ''));
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(50, $seen);
        foreach (['dogs', 'steps', 'trials'] as $table) {
            $told = (string) $zip->getFromName("data/{$table}.jsonl");
            $row = json_decode((string) strtok($told, "\n"), true, flags: JSON_THROW_ON_ERROR);
            self::assertIsArray($row);
            self::assertSame(
                implode(',', array_keys($row)), trim((string) strtok((string) $zip->getFromName("csv/{$table}.csv"), "\n"), "\u{FEFF}\r"),
                'a table says first what its columns are',
            );
        }
        self::assertStringContainsString("'=1+1", str_replace('Mörk ', "'", (string) $zip->getFromName('csv/dogs.csv')));
        $all = (string) file_get_contents($this->file);
        $zip->close();
        foreach ([$this->world->trainer->email, $this->world->trainer->password] as $secret) {
            self::assertStringNotContainsString($secret, $all);
        }
        self::assertStringContainsString('restore-practice', (string) file_get_contents("zip://{$this->file}#readme.txt"));
    }

    public function test_an_archive_that_was_changed_or_is_none_changes_nothing(): void
    {
        $this->write($this->world->practice);
        $told = (string) file_get_contents("zip://{$this->file}#archive.json");
        $trials = (string) file_get_contents("zip://{$this->file}#data/trials.jsonl");
        $plain = Storage::path('archives/plain.zip');
        file_put_contents($plain, 'no archive');
        $before = $this->counts();
        foreach ([
            [$plain, ArchiveProblem::NotOne],
            [$this->changed('archive.json', '{"format":"other"}'), ArchiveProblem::NotOne],
            [$this->changed('archive.json', str_replace('"version": 1', '"version": 2', $told)), ArchiveProblem::Newer],
            [$this->changed('archive.json', str_replace('"dogs"', '"cats"', $told)), ArchiveProblem::Newer],
            [$this->changed('data/trials.jsonl', str_replace('returned', 'reacted', $trials)), ArchiveProblem::Damaged],
            [$this->changed('data/trials.jsonl', preg_replace('/"session_id":1/', '"session_id":99', $trials) ?? ''),
                ArchiveProblem::Damaged],
            [$this->changed('data/trials.jsonl', "[1]\n"), ArchiveProblem::Damaged],
            [$this->changed('data/trials.jsonl', null), ArchiveProblem::Damaged],
        ] as $i => [$file, $problem]) {
            try {
                app(RestoreArchive::class)->restore($this->owner->refresh(), $file);
                self::fail("{$i} was restored");
            } catch (UnreadableArchive $refused) {
                self::assertSame($problem, $refused->problem, (string) $i);
            }
        }
        self::assertSame($before, $this->counts());
        self::assertSame('New', $this->owner->practice->refresh()->name);

        // and one that is whole, into a practice that is not empty
        $this->expectExceptionObject(new UnreadableArchive(ArchiveProblem::NotEmpty));
        app(RestoreArchive::class)->restore($this->world->trainer, $this->file);
    }

    public function test_an_archive_of_an_older_version_that_knows_fewer_columns_is_restored(): void
    {
        $this->write($this->world->practice);
        $places = (string) preg_replace('/,"travel_minutes":[^,}]*/', '',
            (string) file_get_contents("zip://{$this->file}#data/places.jsonl"));
        $told = json_decode((string) file_get_contents("zip://{$this->file}#archive.json"), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($told);
        foreach ($told['tables'] as $i => $table) {
            if ($table['name'] === 'places') {
                $told['tables'][$i]['sha256'] = hash('sha256', $places);
            }
        }
        $file = $this->changed('data/places.jsonl', $places);
        $zip = new \ZipArchive;
        $zip->open($file);
        $zip->addFromString('archive.json', json_encode($told, JSON_THROW_ON_ERROR));
        $zip->close();

        app(RestoreArchive::class)->restore($this->owner, $file);

        self::assertSame(['Field'], DB::table('places')->where('practice_id', $this->owner->practice_id)->pluck('name')->all());
    }

    /** What an archive of this version holds stands in the repository: who changes a table sees here that a format changes with it. */
    public function test_the_schemas_are_those_that_stand_beside_the_version(): void
    {
        $now = array_map(static fn (ArchivedTable $table): array => $table->schema(), app(ArchivedTables::class)->all());
        ksort($now);
        $kept = json_decode((string) file_get_contents(resource_path('archive/schema-'.WriteArchive::VERSION.'.json')), true,
            flags: JSON_THROW_ON_ERROR);

        self::assertSame($kept, $now, 'a new column: write the file anew; one that is gone or called otherwise: a new version');
    }

    /** An archive as version 1 wrote it, kept: whatever the database becomes, it is restored. */
    public function test_the_archive_that_was_kept_from_version_1_is_restored(): void
    {
        app(RestoreArchive::class)->restore($this->owner, __DIR__.'/samples/archive-1.zip');

        $dog = Dog::query()->where('practice_id', $this->owner->practice_id)->sole();
        self::assertSame('Mörk =1+1', $dog->name);
        $session = Session::query()->where('practice_id', $this->owner->practice_id)->sole();
        self::assertSame([3, 1], [$session->trials()->count(), $session->trials()->has('corrections')->count()]);
        $this->actingAs($this->owner->refresh())->get("/sessions/{$session->id}/review")->assertOk()->assertSee('“wind”');
    }

    public function test_an_owner_makes_one_and_downloads_it(): void
    {
        $this->post('/archives')->assertRedirect('/archives');
        $archive = PracticeArchive::query()->sole();
        $this->get('/archives')->assertOk()->assertSee($archive->checksum)->assertSee('Download');
        $this->get("/archives/{$archive->id}")->assertOk()->assertDownload("wheatear-{$archive->made_at->format('Y-m-d')}.zip");
        foreach (range(1, 3) as $i) {
            $this->post('/archives');
        }
        self::assertSame(3, PracticeArchive::query()->whereNotNull('file')->count());
        self::assertCount(3, Storage::files('archives'));
        $this->get("/archives/{$archive->id}")->assertNotFound();
    }

    /** @return array{checksum: string, rows: int} */
    private function write(Practice $practice): array
    {
        return app(WriteArchive::class)->write($practice->refresh(), $this->file);
    }

    private function changed(string $part, ?string $content): string
    {
        $file = Storage::path('archives/'.Str::random(8).'.zip');
        copy($this->file, $file);
        $zip = new \ZipArchive;
        $zip->open($file);
        $content === null ? $zip->deleteName($part) : $zip->addFromString($part, $content);
        $zip->close();

        return $file;
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        return array_map(static fn (string $table): int => DB::table($table)->count(), [
            'dogs' => 'dogs', 'trials' => 'trials', 'users' => 'users', 'people' => 'people', 'photos' => 'photos', 'steps' => 'steps',
        ]);
    }
}
