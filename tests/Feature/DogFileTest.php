<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Archive\ArchivedTables;
use App\Archive\ArchiveProblem;
use App\Archive\DogPart;
use App\Archive\OfDog;
use App\Archive\ReadFile;
use App\Archive\ReadRow;
use App\Archive\TakeInDog;
use App\Archive\UnreadableArchive;
use App\Archive\WriteDog;
use App\Archive\WriteFile;
use App\Film\AddFilm;
use App\Film\KeepRecord;
use App\Models\Client;
use App\Models\Dog;
use App\Models\HealthEntry;
use App\Models\Person;
use App\Models\Photo;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\Role;
use App\Models\Session;
use App\Models\SessionEvent;
use App\Models\Trial;
use App\Models\User;
use App\Photo\KeepPhoto;
use Core\Film\Part;
use Core\Film\Record;
use Core\Film\StateFrom;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Tests\TestCase;

/** A dog goes to the next trainer's practice with what was chosen of it. */
#[CoversClass(WriteDog::class)]
#[CoversClass(TakeInDog::class)]
#[CoversClass(OfDog::class)]
#[CoversClass(DogPart::class)]
#[CoversClass(WriteFile::class)]
#[CoversClass(ReadFile::class)]
#[CoversClass(ReadRow::class)]
final class DogFileTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private User $next;

    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        Storage::fake();
        Storage::makeDirectory('files');
        $this->file = Storage::path('files/one.zip');
        $this->world = World::make();
        $world = $this->world;
        $this->actingAs($world->trainer);
        $client = Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Orla Household', 'phone' => '555 01']);
        $world->dog->update(['health_note' => 'a stiff hip', 'client_id' => $client->id]);
        foreach ([80.0, 70.0] as $distance) {
            $this->postJson("/sessions/{$world->session->id}/trials", $world->trial((string) Str::uuid(), $distance))->assertCreated();
        }
        SessionEvent::query()->create([
            'practice_id' => $world->practice->id, 'session_id' => $world->session->id, 'user_id' => $world->trainer->id,
            'uuid' => (string) Str::uuid(), 'kind' => 'handler', 'occurred_at' => now(),
            'data' => ['person' => Person::query()->create(['practice_id' => $world->practice->id, 'name' => 'Named in a note'])->id],
        ]);
        Person::query()->create(['practice_id' => $world->practice->id, 'name' => 'Never met the dog']);
        $world->session->update(['ended_at' => now()]);
        HealthEntry::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id, 'kind' => 'weight',
            'name' => '', 'kilograms' => 17.5, 'from_on' => '2026-10-01',
        ]);
        $photo = Photo::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id,
            'file' => (string) Str::uuid(), 'width' => 1, 'height' => 1, 'taken_in_at' => now(),
        ]);
        Storage::put(KeepPhoto::path($photo->file), "\xFF\xD8\xFFpicture");
        $film = app(AddFilm::class)->add($world->trainer, $world->dog, 'By the quay', 9000, 40_000, str_repeat('a', 64));
        app(KeepRecord::class)->keep(
            $film, $world->trainer, Record::of(9000, [new StateFrom(Part::Ears, 'back', 7)], [], []), 0,
        );
        $practice = Practice::query()->create(['name' => 'Upriver', 'town' => 'Elsewhere']);
        $this->next = User::factory()->createOne(['practice_id' => $practice->id, 'role' => Role::Trainer]);
    }

    public function test_a_dog_that_was_taken_in_says_there_what_it_said_here(): void
    {
        $this->write(DogPart::cases());
        $dog = app(TakeInDog::class)->takeIn($this->next, $this->file);
        $there = Storage::path('files/there.zip');
        app(WriteDog::class)->write($this->next, $dog, DogPart::cases(), $there);

        [$first, $second] = [self::sums($this->file), self::sums($there)];
        $named = ['dogs', 'users', 'people', 'places'];
        self::assertSame(array_diff_key($first, array_flip($named)), array_diff_key($second, array_flip($named)));
        self::assertSame([2, 3], [
            Trial::query()->where('practice_id', $this->next->practice_id)->count(), Dog::query()->count() + 1,
        ]);
        self::assertSame([$this->next->id, null, 'a stiff hip'], [$dog->trainer_id, $dog->client_id, $dog->health_note]);
        $from = " ({$this->world->practice->name})";
        self::assertEqualsCanonicalizing(['Merle Ashdown', 'Named in a note'], Person::query()
            ->where('practice_id', $this->next->practice_id)
            ->whereNotNull('archived_at')->pluck('name')
            ->map(static fn (mixed $name): string => str_replace($from, '', (string) $name))->all());
        $session = Session::query()->where('practice_id', $this->next->practice_id)->sole();
        self::assertSame("Named in a note{$from}", Person::query()->whereKey(
            SessionEvent::query()->where('session_id', $session->id)->sole()->data['person'] ?? 0,
        )->sole()->name);
        self::assertSame("\xFF\xD8\xFFpicture", Storage::get(KeepPhoto::path(Photo::query()->where('dog_id', $dog->id)->sole()->file)));
        $user = User::query()->where('practice_id', $this->next->practice_id)->whereKeyNot($this->next->id)->sole();
        self::assertNotNull($user->disabled_at);

        $this->actingAs($this->next);
        $plan = Plan::query()->where('practice_id', $this->next->practice_id)->sole();
        foreach (["/dogs/{$dog->id}", "/plans/{$plan->id}", "/sessions/{$session->id}/review",
            "/dogs/{$dog->id}/reports/hand_over"] as $page) {
            $this->get($page)->assertOk();
        }
    }

    public function test_its_plans_wait_for_a_person_of_the_practice_and_go_on_with_them(): void
    {
        $this->world->session->update(['started_at' => now()->subDays(9), 'ended_at' => now()->subDays(9)]);
        $this->write(DogPart::cases());
        $dog = app(TakeInDog::class)->takeIn($this->next, $this->file);
        $plan = Plan::query()->where('practice_id', $this->next->practice_id)->sole();
        $me = Person::query()->create(['practice_id' => $this->next->practice_id, 'name' => 'Bryn', 'user_id' => $this->next->id]);
        $this->actingAs($this->next)->get('/')->assertOk()->assertSee('Give it to a person here')->assertDontSee('Start a session');
        $this->get("/plans/{$plan->id}")->assertSee('does not handle dogs here any more')->assertDontSee('Start a session');

        $this->post("/plans/{$plan->id}/handovers", ['to_person' => $me->id])->assertRedirect();
        $copy = Plan::query()->where('handed_over_from', $plan->id)->sole();
        self::assertNull($copy->place_id, 'the place is another practice’s');
        $this->get('/')->assertSee('Start a session')->assertDontSee('Give it to a person here');
        $this->get("/plans/{$copy->id}/sessions/create")->assertOk();
        self::assertSame($dog->id, $copy->responseModel->dog_id);
    }

    public function test_only_what_was_chosen_goes_along(): void
    {
        $this->write([DogPart::Plans]);
        $all = '';
        $zip = new \ZipArchive;
        $zip->open($this->file);
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $all .= $zip->getFromIndex($i);
        }
        foreach (['a stiff hip', 'Orla', '555 01', '17.5', 'picture.', 'Never met', $this->world->trainer->email] as $private) {
            self::assertStringNotContainsString($private, $all);
        }
        $dog = app(TakeInDog::class)->takeIn($this->next, $this->file);
        self::assertSame([0, null], [HealthEntry::query()->where('dog_id', $dog->id)->count(), $dog->health_note]);
        self::assertSame(2, Trial::query()->where('practice_id', $this->next->practice_id)->count());
    }

    public function test_without_any_part_it_is_the_dog_alone_and_whether_it_bites(): void
    {
        $this->world->dog->update(['bite_history' => true]);
        $this->write([]);
        self::assertTrue(app(TakeInDog::class)->takeIn($this->next, $this->file)->bite_history);
    }

    public function test_what_each_part_holds_needs_no_other_part(): void
    {
        foreach (DogPart::cases() as $part) {
            foreach (OfDog::tablesOf(app(ArchivedTables::class), [$part]) as $table) {
                foreach ($table->pointers as $column => $to) {
                    self::assertTrue($table->nullable[$column] || $to === 'dogs' || isset(DogPart::NAMED[$to])
                        || in_array($to, $part->tables(), true), "{$part->value}: {$table->name}.{$column}");
                }
            }
        }
    }

    public function test_a_file_that_is_here_already_or_damaged_or_made_up_changes_nothing(): void
    {
        $this->write(DogPart::cases());
        app(TakeInDog::class)->takeIn($this->next, $this->file);
        $other = User::factory()->createOne([
            'practice_id' => Practice::query()->create(['name' => 'Third', 'town' => 'Hill'])->id, 'role' => Role::Trainer,
        ]);
        $before = $this->counts();
        foreach ([
            'again' => [$this->next, $this->file, ArchiveProblem::AlreadyHere],
            'back where it is' => [$this->world->trainer, $this->file, ArchiveProblem::AlreadyHere],
            'a page' => [$other, __FILE__, ArchiveProblem::NotOne],
            'of a practice' => [$other, __DIR__.'/samples/archive-1.zip', ArchiveProblem::NotOne],
            'newer' => [$other, $this->changed(static fn (string $name, string $text): string => $name === 'archive.json'
                ? str_replace('"version": 1', '"version": 2', $text) : $text), ArchiveProblem::Newer],
            'other sum' => [$other, $this->changed(static fn (string $name, string $text): string => $name === 'data/trials.jsonl'
                ? str_replace('returned', 'reacted', $text) : $text), ArchiveProblem::Damaged],
            'no such outcome' => [$other, $this->madeUp('trials', '"outcome":"returned"', '"outcome":"flew"'), ArchiveProblem::Damaged],
            'number of another' => [$other, $this->madeUp('trials', '"session_id":1', '"session_id":7'), ArchiveProblem::Damaged],
            'own numbers' => [$other, $this->madeUp('trials', '{"id":1,', '{"id":900,'), ArchiveProblem::Damaged],
            'no such method' => [$other, $this->madeUp('plans', '"method":"', '"method":"x'), ArchiveProblem::Damaged],
            'no such dimension' => [$other, $this->madeUp('step_exposures', '"dimension":"', '"dimension":"x'), ArchiveProblem::Damaged],
            'no such ears' => [$other, $this->madeUp('film_records', '"state":"back"', '"state":"pink"'), ArchiveProblem::Damaged],
            'no day' => [$other, $this->madeUp('sessions', '"started_at":"2', '"started_at":"x'), ArchiveProblem::Damaged],
        ] as $case => [$by, $file, $problem]) {
            try {
                app(TakeInDog::class)->takeIn($by, $file);
                self::fail("{$case}: it was taken in");
            } catch (UnreadableArchive $refused) {
                self::assertSame($problem, $refused->problem, $case);
            }
            self::assertSame($before, $this->counts(), $case);
        }
    }

    public function test_a_trainer_makes_the_file_and_another_takes_it_in_on_the_pages(): void
    {
        $this->post("/dogs/{$this->world->dog->id}/file", ['parts' => ['plans', 'tail']])->assertSessionHasErrors('parts.1');
        $answer = $this->post("/dogs/{$this->world->dog->id}/file", ['parts' => ['plans', 'health']])->assertOk();
        $answer->assertDownload(Str::slug($this->world->dog->name).'.dog.zip');
        self::assertInstanceOf(BinaryFileResponse::class, $answer->baseResponse);
        copy($answer->baseResponse->getFile()->getPathname(), $this->file);
        $this->actingAs($this->next);
        $this->post('/dogs/from-file', ['file' => UploadedFile::fake()->create('x.zip', 3)])->assertSessionHasErrors('file');
        $this->post('/dogs/from-file')->assertSessionHasErrors('file');
        $send = fn () => $this->post('/dogs/from-file', ['file' => new UploadedFile($this->file, 'one.dog.zip', test: true)]);
        $send()->assertRedirect('/dogs/'.Dog::query()->where('practice_id', $this->next->practice_id)->value('id'));
        $send()->assertSessionHasErrors(['file' => 'What this file holds is here already. Nothing was taken in.']);
        self::assertSame(1, Dog::query()->where('practice_id', $this->next->practice_id)->count());
    }

    /** @param  list<DogPart>  $parts */
    private function write(array $parts): void
    {
        app(WriteDog::class)->write($this->world->trainer, $this->world->dog->refresh(), $parts, $this->file);
    }

    /** A file whose sums are right and whose data are not. */
    private function madeUp(string $table, string $search, string $replace): string
    {
        $data = '';
        $file = $this->changed(static function (string $name, string $text) use ($table, $search, $replace, &$data): string {
            if ($name === "data/{$table}.jsonl") {
                self::assertStringContainsString($search, $text);

                return $data = str_replace($search, $replace, $text);
            }

            return $text;
        });
        $told = json_decode((string) file_get_contents("zip://{$file}#archive.json"), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($told);
        foreach ($told['tables'] as $i => $one) {
            if ($one['name'] === $table) {
                $told['tables'][$i]['sha256'] = hash('sha256', $data);
            }
        }
        $zip = new \ZipArchive;
        $zip->open($file);
        $zip->addFromString('archive.json', json_encode($told, JSON_THROW_ON_ERROR));
        $zip->close();

        return $file;
    }

    /** @param  \Closure(string, string): string  $with  of the name of a part and its text */
    private function changed(\Closure $with): string
    {
        $file = Storage::path('files/'.Str::random(8).'.zip');
        copy($this->file, $file);
        $zip = new \ZipArchive;
        $zip->open($file);
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $zip->addFromString((string) $zip->getNameIndex($i), $with((string) $zip->getNameIndex($i), (string) $zip->getFromIndex($i)));
        }
        $zip->close();

        return $file;
    }

    /** @return array<mixed> by table */
    private static function sums(string $file): array
    {
        $told = json_decode((string) file_get_contents("zip://{$file}#archive.json"), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($told);

        return array_column($told['tables'], null, 'name');
    }

    /** @return array<string, int> */
    private function counts(): array
    {
        return [...array_map(static fn (string $table): int => DB::table($table)->count(), [
            'dogs' => 'dogs', 'trials' => 'trials', 'users' => 'users', 'people' => 'people', 'photos' => 'photos', 'places' => 'places',
        ]), 'files' => count(Storage::allFiles('photos'))];
    }
}
