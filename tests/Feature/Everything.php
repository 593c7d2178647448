<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Helper\DirectHelper;
use App\Incident\RecordIncident;
use App\Library\TemplateFile;
use App\Library\TemplateFromPlan;
use App\Models\ApiToken;
use App\Models\Appointment;
use App\Models\Assessment;
use App\Models\CalendarFeed;
use App\Models\Client;
use App\Models\ClosedDays;
use App\Models\Film;
use App\Models\FilmRecord;
use App\Models\FilmRecordKind;
use App\Models\FreeSession;
use App\Models\HandlerLimit;
use App\Models\HealthEntry;
use App\Models\HomeLink;
use App\Models\HomeRep;
use App\Models\Homework;
use App\Models\Import;
use App\Models\Item;
use App\Models\Photo;
use App\Models\PlanFuture;
use App\Models\PracticeArchive;
use App\Models\Report;
use App\Models\ReportLink;
use App\Models\Role;
use App\Models\UnplacedTrial;
use App\Models\User;
use App\Photo\KeepPhoto;
use App\Plan\ReviewPlan;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** One record of everything that a practice keeps, for tests that look at every address. */
final readonly class Everything
{
    /** @param  array<string, int>  $ids  by what an address calls it */
    private function __construct(private array $ids)
    {
    }

    /** @param  World  $world  with a trial in its session */
    public static function of(World $world): self
    {
        $unplaced = UnplacedTrial::query()->create([
            'practice_id' => $world->practice->id, 'user_id' => $world->trainer->id, 'uuid' => (string) Str::uuid(),
            'payload' => $world->trial((string) Str::uuid()), 'reason' => 'test', 'received_at' => now(),
        ]);
        $assessment = Assessment::query()->create([
            'practice_id' => $world->practice->id, 'response_model_id' => $world->plan->response_model_id,
            'user_id' => $world->trainer->id, 'made_at' => now(), 'observations' => [], 'evidence' => '[]',
            'proposal' => [
                'isWithin' => true, 'values' => ['distance' => 40.0], 'unsaid' => [], 'reasons' => [], 'sure' => 0.0, 'limit' => null,
            ],
        ]);
        $item = Item::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id, 'kind' => 'harness',
            'name' => 'Blue harness',
        ]);
        [$incident] = app(RecordIncident::class)->write($world->dog, $world->trainer, [
            'uuid' => (string) Str::uuid(), 'occurred_at' => now()->toImmutable(), 'place' => 'lane', 'facts' => ['contact' => 'no'],
            'before' => 'a cart', 'treatment' => null, 'told' => ['owner'], 'told_note' => null,
        ]);
        app(ReviewPlan::class)->letGoOn($world->plan, $world->trainer);
        $limit = HandlerLimit::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'person_id' => $world->session->person_id,
            'user_id' => $world->trainer->id, 'reason' => 'test',
        ]);
        app(TemplateFile::class)
            ->keep([app(TemplateFromPlan::class)->make($world->plan, $world->trainer, 'Our own', 'As it was.')], $world->trainer);
        $free = FreeSession::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id,
            'uuid' => (string) Str::uuid(), 'activity' => 'walk', 'started_at' => now(),
        ]);
        $observation = $free->observations()->create([
            'practice_id' => $world->practice->id, 'user_id' => $world->trainer->id, 'uuid' => (string) Str::uuid(), 'kind' => 'looked',
            'occurred_at' => now(),
        ]);
        $client = Client::query()->create(['practice_id' => $world->practice->id, 'name' => 'Test household']);
        $photo = Photo::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id,
            'file' => (string) Str::uuid(), 'width' => 1, 'height' => 1, 'taken_in_at' => now(),
        ]);
        $entry = HealthEntry::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id, 'kind' => 'weight',
            'kilograms' => 12.0, 'from_on' => '2026-11-01',
        ]);
        $homework = Homework::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id, 'kind' => 'skill',
            'name' => 'Name', 'what' => 'Say it once.', 'counts_when' => 'It looks.', 'stop_when' => 'Twice not.', 'times_a_day' => 3,
            'from_on' => '2026-11-01',
        ]);
        $rep = HomeRep::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'homework_id' => $homework->id,
            'uuid' => (string) Str::uuid(), 'answer' => 'good', 'occurred_at' => now(), 'received_at' => now(),
        ]);
        $link = HomeLink::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'person_id' => $world->session->person_id,
            'user_id' => $world->trainer->id, 'token' => hash('sha256', 'known'), 'language' => 'en', 'ends_at' => now()->addDay(),
        ]);
        $archive = PracticeArchive::query()->create([
            'practice_id' => $world->practice->id, 'user_id' => $world->trainer->id, 'made_at' => now(),
        ]);
        $program = ApiToken::query()->create([
            'practice_id' => $world->practice->id, 'user_id' => $world->trainer->id, 'name' => 'Counter', 'scopes' => ['read'],
            'token' => hash('sha256', 'known'), 'ends_at' => now()->addDay(),
        ]);
        $import = Import::query()->create([
            'practice_id' => $world->practice->id, 'user_id' => $world->trainer->id, 'kind' => 'weights', 'name' => 'weights.csv',
            'file' => (string) Str::uuid(), 'state' => 'undone', 'head' => ['Dog'], 'matching' => [],
        ]);
        $report = Report::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id, 'kind' => 'vet',
            'language' => 'en', 'parts' => ['weight'], 'sections' => [], 'made_at' => now(),
        ]);
        $reportLink = ReportLink::query()->create([
            'practice_id' => $world->practice->id, 'report_id' => $report->id, 'user_id' => $world->trainer->id, 'name' => 'A vet',
            'token' => hash('sha256', 'known'), 'ends_at' => now()->addDay(),
        ]);
        $appointment = Appointment::query()->create([
            'practice_id' => $world->practice->id, 'uuid' => (string) Str::uuid(), 'plan_id' => $world->plan->id,
            'person_id' => $world->session->person_id, 'starts_at' => now()->addDay(), 'ends_at' => now()->addDay()->addMinutes(15),
        ]);
        $closed = ClosedDays::query()->create([
            'practice_id' => $world->practice->id, 'from_on' => '2026-12-24', 'until_on' => '2026-12-26', 'name' => 'Winter',
        ]);
        $feed = CalendarFeed::query()->create([
            'practice_id' => $world->practice->id, 'person_id' => $world->session->person_id, 'name' => 'Own',
        ]);
        $film = Film::query()->create([
            'practice_id' => $world->practice->id, 'dog_id' => $world->dog->id, 'user_id' => $world->trainer->id, 'name' => 'A film',
            'length_ms' => 9000, 'frame_us' => 40_000, 'fingerprint' => str_repeat('a', 64), 'added_at' => now(),
        ]);
        [$record] = array_map(static fn (User $grader): FilmRecord => FilmRecord::query()->create([
            'practice_id' => $world->practice->id, 'film_id' => $film->id, 'user_id' => $grader->id, 'kind' => FilmRecordKind::Graded,
            'seen' => ['length' => 9000, 'trials' => [['from' => 1, 'until' => 9, 'band' => 1]]], 'changed_at' => now(),
            'finished_at' => now(),
        ]), [$world->trainer, $world->user(Role::Trainer)]);
        app(DirectHelper::class)->invite($world->session, false);
        $future = PlanFuture::query()->create([
            'practice_id' => $world->practice->id, 'plan_id' => $world->plan->id, 'user_id' => $world->trainer->id, 'seed' => 1,
            'changes' => ['trials' => 10], 'asked_at' => now(),
            'ways' => array_map(static fn (int $way): array => [
                'solid' => array_map(
                    static fn (int $session): int => intdiv($session * (3 + $way % 5), 12) - 1, range(1, PlanFuture::HORIZON),
                ), 'arrived' => $way % 4 === 0 ? null : 20 + $way % 17, 'reactions' => $way % 3,
            ], range(1, PlanFuture::WAYS)),
        ]);
        Storage::fake('local')->put(KeepPhoto::path($photo->file), 'a picture');

        return new self([
            'dog' => $world->dog->id,
            'plan' => $world->plan->id,
            'session' => $world->session->id,
            'assessment' => $assessment->id,
            'trial' => (int) $world->session->trials()->value('id'),
            'film' => $film->id,
            'future' => $future->id,
            'record' => $record->id,
            'unplaced' => $unplaced->id,
            'item' => $item->id,
            'limit' => $limit->id,
            'incident' => $incident->id,
            'place' => (int) $world->session->place_id,
            'person' => $world->session->person_id,
            'client' => $client->id,
            'photo' => $photo->id,
            'entry' => $entry->id,
            'homework' => $homework->id,
            'rep' => $rep->id,
            'link' => $link->id,
            'report link' => $reportLink->id,
            'report' => $report->id,
            'import' => $import->id,
            'program' => $program->id,
            'archive' => $archive->id,
            'appointment' => $appointment->id,
            'closed' => $closed->id,
            'feed' => $feed->id,
            'free' => $free->id,
            'observation' => $observation->id,
        ]);
    }

    /** An address of the table of routes with these records in it. */
    public function path(string $uri): string
    {
        $ids = array_map(strval(...), $this->ids);
        $named = [
            ...array_combine(array_map(static fn (string $name): string => "{{$name}}", array_keys($ids)), $ids),
            '{kind}' => str_contains($uri, 'reports/') ? 'progress' : 'presence', '{dimension}' => 'trigger_motion', '{key}' => 'our-own',
            '{format}' => str_contains($uri, 'films') ? 'vtt' : 'csv', '{area}' => 'ear', '{side}' => 'left',
            '{link}' => str_contains($uri, 'report-links') ? $ids['report link'] : $ids['link'],
            '{token}' => str_contains($uri, 'programs') ? $ids['program'] : 'unknown', '{resource}' => 'dogs', '{device}' => '1',
        ];

        return '/'.ltrim(strtr($uri, $named), '/');
    }
}
