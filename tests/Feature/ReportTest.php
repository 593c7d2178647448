<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HandlerLimit;
use App\Models\Person;
use App\Models\Report;
use App\Models\ReportKind;
use App\Models\ReportLink;
use App\Models\Role;
use App\Models\Session;
use App\Models\Trial;
use App\People\ErasePerson;
use App\Report\ComposeReport;
use App\Report\DrawPdf;
use App\Report\ReportLinks;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Papers about a dog: only what was chosen, as it was said then, for whoever has the link, until it ends. */
#[CoversClass(ComposeReport::class)]
#[CoversClass(DrawPdf::class)]
#[CoversClass(ReportLinks::class)]
final class ReportTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    private string $dog;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->dog = "/dogs/{$this->world->dog->id}";
        Storage::fake();
        $this->actingAs($this->world->trainer);
    }

    /** Day 7: ten passes, two of them shown to be fine; the next trainer reads which is which. */
    public function test_a_hand_over_tells_quiet_from_shown_to_be_fine(): void
    {
        $this->world->dog->update(['hides_signs' => true]);
        foreach (range(1, 7) as $i) {
            $this->log(60.0 - $i, ['food' => 'not_offered', 'outcome' => 'watched', 'latency' => null]);
        }
        $this->log(70.0, ['traits' => ['child']]);
        $this->log(72.0, []);
        $this->log(65.0, ['signs' => ['brow.wrinkled'], 'outcome' => 'watched', 'band' => 2]);

        $page = $this->get("{$this->dog}/reports/hand_over")->assertOk();

        $page->assertSeeInOrder(['Shown to be fine', 'Kites', "70\u{00A0}m", '2', 'Kites: child', "70\u{00A0}m", '1'], false);
        $page->assertSee("7 quiet trials without food and a turn asked, the nearest at 53\u{00A0}m; 2 shown to be fine.");
        $page->assertSee('Quiet is not the same as fine')->assertSee("in 1 trial, as far away as 65\u{00A0}m");
    }

    /** Those seen most, lately and before together, come first. */
    public function test_a_vet_reads_signs_by_how_often_they_were_seen(): void
    {
        $seen = [
            [70, ['yawn']], [65, ['yawn', 'hackles']], [55, ['brow.wrinkled']], [50, ['hackles']], [5, ['brow.wrinkled']], [3, ['hackles']],
        ];
        foreach ($seen as [$daysAgo, $signs]) {
            $this->log(60.0, ['signs' => $signs, 'band' => 2, 'outcome' => 'watched']);
            Trial::query()->latest('id')->limit(1)->update(['occurred_at' => now()->subDays($daysAgo)]);
        }
        $row = static fn (string $sign, string $lately, string $before): array => [$sign, "{$lately} of 4", "{$before} of 2"];

        $this->get("{$this->dog}/reports/vet")->assertOk()->assertSeeInOrder([
            ...$row('Hair raised along the back', '2', '1'), ...$row('Loading: brow wrinkled, ears fixed forward', '2', '0'),
            ...$row('Yawn out of context', '0', '2'),
        ]);
    }

    /** @return iterable<string, array{ReportKind}> */
    public static function kinds(): iterable
    {
        foreach (ReportKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    #[DataProvider('kinds')]
    public function test_every_kind_is_written_for_a_new_dog_and_shows_only_what_was_chosen(ReportKind $kind): void
    {
        $this->get("{$this->dog}/reports/{$kind->value}")->assertOk()->assertSee('Moss');
        foreach ($kind->parts() as $part) {
            $this->get("{$this->dog}/reports/{$kind->value}?parts[]={$part}")->assertOk();
        }
        $this->get("{$this->dog}/reports/{$kind->value}?parts[]=&parts[]=nonsense")->assertOk()->assertSee('Nothing to say yet');
    }

    public function test_what_is_saved_stays_as_it_was_said_and_its_pdf_reads_the_same(): void
    {
        $this->log(70.0, []);
        $this->post("{$this->dog}/reports/hand_over", [
            'to' => 'Dr. Aldous Fenn', 'note' => 'Ask “may I?” first.', 'parts' => ['', 'shown', 'never'], 'language' => 'en',
        ])->assertRedirect();
        $report = Report::query()->sole();
        $this->log(66.0, []);
        $this->world->dog->update(['health_note' => 'one kidney']);

        $this->get("/reports/{$report->id}")->assertOk()->assertSee("70\u{00A0}m")->assertDontSee("66\u{00A0}m")
            ->assertSee('Ask “may I?” first.')->assertDontSee('one kidney');
        self::assertSame(100, $report->refresh()->progress);
        $pdf = $this->get("/reports/{$report->id}/pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $text = self::textOf((string) $pdf->getContent());
        foreach (['Moss: for the next trainer', 'Dr. Aldous Fenn', 'Ask “may I?” first.', 'Shown to be fine', 'Kites', '70 m',
            'Never scold a growl'] as $said) {
            self::assertStringContainsString($said, $text);
        }
        self::assertStringContainsString('filename="moss-hand-over-', (string) $pdf->headers->get('Content-Disposition'));
    }

    public function test_a_report_without_a_part_or_with_too_long_a_line_is_told_and_what_was_typed_stays(): void
    {
        $form = "{$this->dog}/reports/vet";
        $this->from($form)->post($form, ['parts' => [''], 'language' => 'en', 'note' => 'Knows “chin”.'])->assertRedirect($form)
            ->assertSessionHasErrors(['parts' => 'What stands on it: tick at least one part.']);
        $this->get($form)->assertSee('Knows “chin”.');
        $this->post($form, ['parts' => ['', 'weight'], 'language' => 'en', 'note' => str_repeat('x', 1001), 'to' => str_repeat('x', 121)])
            ->assertSessionHasErrors(['note', 'to']);
        self::assertSame(0, Report::query()->count());
    }

    public function test_the_summary_for_a_home_is_written_in_spanish_without_a_word_of_english(): void
    {
        $this->log(70.0, []);
        $page = $this->get("{$this->dog}/reports/summary?language=es")->assertOk();

        $page->assertSee('Moss: cómo va')->assertSee('Un gruñido es información')
            ->assertSee('En las últimas 8 semanas: 1 sesión en 1 día.');
        $page->assertSee('<html lang="en">', false)->assertSee('<article class="report" lang="es"', false);
        $page->assertDontSee('In the last')->assertDontSee('information.');
        $this->post("{$this->dog}/reports/summary", ['parts' => ['', 'done', 'watch'], 'language' => 'es'])->assertSessionHasNoErrors();
        self::assertStringContainsString('Un gruñido es información', self::textOf((string) $this->get(
            '/reports/'.Report::query()->sole()->id.'/pdf',
        )->getContent()));
    }

    /** A year of five sessions a week and what was not looked at: said, and not said one session earlier. */
    public function test_what_a_report_does_not_look_at_is_said(): void
    {
        $session = static fn (int $ago): array => [
            'started_at' => now()->subHours($ago), 'ended_at' => now()->subHours($ago),
        ];
        // with the one of the world
        $rows = array_map(fn (int $i): array => [
            ...$this->world->session->only(['practice_id', 'plan_id', 'person_id', 'user_id', 'mode', 'kind']), ...$session($i),
        ], range(1, 199));
        Session::query()->insert(array_map(static fn (array $row): array => (new Session)->forceFill($row)->getAttributes(), $rows));
        $this->get("{$this->dog}/reports/progress")->assertOk()->assertDontSee('Not looked at');
        Session::query()->insert((new Session)->forceFill([...$rows[0], ...$session(500)])->getAttributes());
        $this->get("{$this->dog}/reports/progress")->assertSee('One older session of this year is not counted here.');
        $this->get("{$this->dog}/reports/summary?language=es")->assertSee('Una sesión más antigua de este año no se cuenta aquí.');
    }

    public function test_a_link_opens_one_report_until_the_end_of_its_day_and_every_opening_is_told(): void
    {
        $this->travelTo('2026-11-24 09:00');
        $report = $this->saved();
        $made = $this->post("/reports/{$report->id}/links", ['link_for' => 'Dr. Aldous Fenn', 'ends_on' => '2026-11-27']);
        $address = session('report-link');
        self::assertIsString($address);
        $made->assertSessionHasNoErrors();
        $path = (string) parse_url($address, PHP_URL_PATH);
        auth()->logout();

        $this->get($path)->assertOk()->assertSee('Moss: for the vet')->assertDontSee('Close');
        $this->get("{$path}/file.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->travelTo('2026-11-27 23:59:59');
        $this->get($path)->assertOk();
        $this->travelTo('2026-11-28 00:00:00');
        $this->get($path)->assertStatus(410)->assertDontSee('Moss');
        $this->get("{$path}/file.pdf")->assertStatus(410);
        $this->get('/report/'.Str::random(40))->assertStatus(410);

        $this->actingAs($this->world->trainer)->get("/reports/{$report->id}")->assertSee('Opened 3 times')->assertSee('as PDF');
        $this->get("/reports/{$report->id}")->assertDontSee($address);
    }

    public function test_a_closed_link_opens_nothing(): void
    {
        $report = $this->saved();
        $this->post("/reports/{$report->id}/links", ['link_for' => 'A', 'ends_on' => now()->addDays(2)->format('Y-m-d')]);
        $address = session('report-link');
        self::assertIsString($address);
        $this->delete('/report-links/'.ReportLink::query()->sole()->id)->assertRedirect();

        $this->get((string) parse_url($address, PHP_URL_PATH))->assertStatus(410);
    }

    public function test_a_link_asks_for_a_name_and_a_day_within_three_months(): void
    {
        $this->travelTo('2026-11-24 09:00');
        $report = $this->saved();
        foreach (['2026-11-23', '2027-02-23', 'soon', ''] as $day) {
            $this->post("/reports/{$report->id}/links", ['link_for' => '', 'ends_on' => $day])
                ->assertSessionHasErrors(['link_for', 'ends_on']);
        }
        $this->post("/reports/{$report->id}/links", ['link_for' => 'A', 'ends_on' => '2027-02-22'])->assertSessionHasNoErrors();
    }

    public function test_a_pdf_that_is_not_ready_is_waited_for_and_one_that_failed_is_drawn_again(): void
    {
        Queue::fake();
        $report = $this->saved();
        $this->get("/reports/{$report->id}/progress")->assertOk()->assertSee('Drawing the PDF')->assertSee('every 1s', false);
        $this->get("/reports/{$report->id}/pdf")->assertNotFound();
        (new DrawPdf($report->id))->failed();
        $this->get("/reports/{$report->id}")->assertSee('There is no PDF at the moment');
        $this->post("/reports/{$report->id}/pdf")->assertRedirect();
        Queue::assertPushed(DrawPdf::class, 2);
        app()->call([new DrawPdf($report->id), 'handle']);
        $this->get("/reports/{$report->id}/progress")->assertSee('Download as PDF')->assertDontSee('every 1s', false);
    }

    public function test_a_name_that_is_erased_leaves_saved_reports_and_their_pdfs(): void
    {
        $owner = $this->world->user(Role::Owner);
        $nell = Person::query()->create(['practice_id' => $this->world->practice->id, 'name' => 'Nell "Nan" Fenby']);
        HandlerLimit::query()->create([
            'practice_id' => $this->world->practice->id, 'dog_id' => $this->world->dog->id, 'person_id' => $nell->id,
            'user_id' => $owner->id, 'reason' => 'was growled at', 'is_training_allowed' => true,
        ]);
        $this->post("{$this->dog}/reports/hand_over", ['to' => 'Nell "Nan" Fenby', 'parts' => ['', 'hands'], 'language' => 'en']);
        $report = Report::query()->sole();
        $this->get("/reports/{$report->id}")->assertSee('Nell "Nan" Fenby');
        $file = (string) $report->pdf();
        Storage::assertExists($file);

        app(ErasePerson::class)->erase($owner, $nell);

        $this->get("/reports/{$report->id}")->assertDontSee('Fenby')->assertSee('only in training');
        Storage::assertMissing($file);
    }

    private function saved(): Report
    {
        $this->post("{$this->dog}/reports/vet", ['parts' => ['', ...ReportKind::Vet->parts()], 'language' => 'en'])
            ->assertSessionHasNoErrors();

        return Report::query()->sole();
    }

    /** @param  array<string, mixed>  $changes */
    private function log(float $distance, array $changes): void
    {
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            ...$this->world->trial((string) Str::uuid(), $distance), ...$changes,
        ])->assertCreated();
    }

    /** As another program reads it. */
    private static function textOf(string $pdf): string
    {
        $file = tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents((string) $file, $pdf);
        $text = shell_exec('pdftotext -layout '.escapeshellarg((string) $file).' -');
        unlink((string) $file);

        return (string) preg_replace('/[\s\x{00A0}]+/u', ' ', (string) $text);
    }
}
