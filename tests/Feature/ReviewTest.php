<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\PlanReader;
use App\Engine\TrialReader;
use App\Models\AdviceGiven;
use App\Models\Plan;
use App\Models\Trial;
use App\Models\TrialCorrection;
use App\Session\ReviewPage;
use App\Session\TrialChanges;
use App\View\Components\MinutesAxis;
use Core\Chart\LinearScale;
use Core\Decision\LoggedTrial;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** What was logged can be put right afterwards, part by part, and everything that follows from it follows. */
#[CoversClass(TrialChanges::class)]
#[CoversClass(ReviewPage::class)]
final class ReviewTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_every_part_of_a_trial_can_be_put_right_and_the_rest_stays(): void
    {
        $id = $this->logged(['distance' => 79.96, 'band' => 0, 'note' => 'gust', 'signs' => ['yawn']]);
        $this->correct($id, [
            'distance' => '80', 'signs' => ['', 'stare', 'yawn'], 'note' => 'gust, then calm', 'food' => 'hard',
            'exposure' => ['trigger_motion' => 'run'], 'interrupted' => '0',
        ]);

        $stands = $this->stands($id);
        self::assertSame(79.96, $stands->exposure->distance()?->meters, 'the field shows a tenth and changes no hundredth');
        self::assertSame('run', $stands->exposure->values['trigger_motion']);
        self::assertSame(['stare', 'yawn'], $stands->signs);
        self::assertSame('hard', $stands->food->value);
        self::assertSame([0, 'returned'], [$stands->band->value, $stands->outcome->value], 'what was not sent stays');
        $changes = TrialCorrection::query()->sole()->changes;
        self::assertEqualsCanonicalizing(['signs', 'note', 'food', 'exposure'], array_keys($changes ?? []));
        $logged = Trial::query()->sole()->exposures()->where('part', 'real')->where('dimension', 'distance');
        self::assertSame(79.96, $logged->value('number'), 'the trial itself is never changed');
        $this->get("/sessions/{$this->world->session->id}/review")->assertSee('gust, then calm')
            ->assertSee("corrected by {$this->world->trainer->name}");
    }

    public function test_advice_and_evidence_follow_the_corrected_distance(): void
    {
        foreach (range(1, 5) as $n) {
            $this->logged(['distance' => 80, 'band' => 0]);
        }
        self::assertSame('advance', $this->advised()->action->value);
        $last = (int) Trial::query()->max('id');
        $this->correct($last, ['distance' => '120']);

        self::assertSame('repeat', $this->advised()->action->value, 'the fifth was not at 80 m');
        self::assertStringContainsString('120', json_encode($this->world->session->refresh()->evidence, JSON_THROW_ON_ERROR));
    }

    public function test_a_step_named_brings_its_values_and_what_was_typed_beside_it_wins(): void
    {
        $id = $this->logged(['distance' => 80]);
        $steps = app(PlanReader::class)->read($this->world->plan)->ladder->steps;
        $this->correct($id, ['step' => '1', 'distance' => '80']);
        $asked = $steps[1]->exposure->distance();
        self::assertEqualsWithDelta($asked->meters ?? 0.0, $this->stands($id)->exposure->distance()?->meters, 1e-9);
        $this->correct($id, ['step' => '1', 'distance' => '33']);
        self::assertSame(33.0, $this->stands($id)->exposure->distance()?->meters);
    }

    /** It used to say 0.05 min of three seconds. */
    public function test_a_short_sessions_times_are_told_in_seconds(): void
    {
        $ticks = static fn (float $minutes): array => array_map(
            static fn (array $tick): array => [round($tick['x']), str_replace("\u{A0}", ' ', $tick['label'])],
            MinutesAxis::ticks(new LinearScale(0.0, $minutes, 0.0, 100.0), $minutes),
        );

        self::assertSame([[0.0, '0 sec'], [33.0, '10 sec'], [67.0, '20 sec'], [100.0, '30 sec']], array_values(array_filter(
            $ticks(0.5), static fn (int $i): bool => $i % 2 === 0, ARRAY_FILTER_USE_KEY,
        )));
        self::assertSame('100 sec', $ticks(1.99)[5][1]);
        self::assertSame([10.0, '0.2 min'], $ticks(2.0)[1]);
        self::assertSame([20.0, '1 min'], $ticks(5.0)[2]);
    }

    public function test_a_trial_is_taken_out_and_put_back(): void
    {
        $first = $this->logged(['band' => 0]);
        $this->logged(['band' => 1]);
        $this->delete("/sessions/{$this->world->session->id}/trials/{$first}", ['uuid' => (string) Str::uuid()])->assertRedirect();
        self::assertSame([1], array_values(array_map(static fn (LoggedTrial $trial): int => $trial->band->value, $this->all())));
        $this->get("/sessions/{$this->world->session->id}/review")->assertSee('Put back');
        $this->post("/sessions/{$this->world->session->id}/trials/{$first}/restore", ['uuid' => (string) Str::uuid()])->assertRedirect();
        self::assertCount(2, $this->all());
        $this->get("/sessions/{$this->world->session->id}/review")->assertDontSee('Put back');
    }

    public function test_a_trial_forgotten_is_added_at_its_time_among_the_others(): void
    {
        $session = $this->world->session;
        $session->update(['started_at' => '2026-11-02 10:00:00.000', 'ended_at' => '2026-11-02 10:20:00.000']);
        $add = fn (string $at, int $band) => $this->post("/sessions/{$session->id}/trials", [
            'uuid' => (string) Str::uuid(), 'at' => $at, 'aim' => 'step:0', 'distance' => '80', 'outcome' => 'returned', 'band' => $band,
            'food' => 'gently',
        ])->assertSessionHasNoErrors();
        $add('10:05', 0);
        $add('10:15', 2);
        $add('10:10', 1);
        $add('99:99', 0);

        self::assertSame([0, 1, 2, 0], array_values(array_map(static fn (LoggedTrial $one): int => $one->band->value, $this->all())));
        self::assertSame(
            ['10:05', '10:10', '10:15', '10:20'],
            array_values(array_map(static fn (LoggedTrial $one): string => $one->at->format('H:i'), $this->all())),
            'a time that cannot be read is the end of the session, never now',
        );
    }

    public function test_a_bite_told_late_rests_the_plan(): void
    {
        $id = $this->logged(['outcome' => 'reacted', 'band' => 4]);
        $this->correct($id, ['signs' => ['', 'bite']]);
        self::assertNotNull(Plan::query()->findOrFail($this->world->plan->id)->resting_reason);
    }

    public function test_done_as_advised_is_judged_by_where_the_dog_was(): void
    {
        $this->logged(['distance' => 80, 'band' => 0]);
        $this->logged(['distance' => 40, 'band' => 0, 'aim' => 'advice:'.$this->advised()->id]);
        $rows = app(ReviewPage::class)->rows($this->world->session);
        self::assertFalse($rows[0]['followed'], 'advised at 80 m, done at 40, whatever was picked');
    }

    public function test_the_editor_sent_back_as_it_came_changes_nothing(): void
    {
        for ($batch = 0; $batch < 5; $batch++) {
            $this->logged(['traits' => array_map(static fn (int $n): string => "kind {$batch} {$n}", range(1, 9))]);
            $this->logged(['traits' => array_map(static fn (int $n): string => "kind {$batch} {$n}", range(1, 9))]);
        }
        $id = $this->logged([
            'signs' => ['look.hand', 'yawn'], 'traits' => ['rare one', 'big'], 'slip' => 'late_mark', 'note' => 'as is',
            'exposure' => ['trigger_motion' => 'run'], 'food_gone' => true, 'interrupted' => true,
        ]);
        $sent = $this->sentBack("/sessions/{$this->world->session->id}/review?trial={$id}", "/trials/{$id}");
        $this->correct($id, $sent);

        self::assertSame('as is', $sent['note'] ?? null);
        self::assertSame([], TrialCorrection::query()->pluck('changes')->all());
    }

    public function test_a_kind_of_slip_told_late_says_that_there_was_one(): void
    {
        $id = $this->logged([]);
        $this->correct($id, ['slip' => 'late_mark', 'handler_error' => '0']);
        self::assertTrue($this->stands($id)->handlerError);
    }

    /** @return array<mixed> what a browser sends of a form, of whose fields nothing was touched */
    private function sentBack(string $address, string $action): array
    {
        $page = new \DOMDocument();
        $page->loadHTML((string) $this->get($address)->getContent(), LIBXML_NOERROR);
        $found = new \DOMXPath($page);
        $fields = $found->query("//form[contains(@action, '{$action}')]//*[@name and (self::input[not(@type='checkbox')]
            or @checked or self::select)]") ?: [];
        $sent = [];
        foreach ($fields as $field) {
            assert($field instanceof \DOMElement);
            $first = $found->evaluate('string((.//option[@selected] | .//option[not(../option[@selected])])[1]/@value)', $field);
            $value = $field->tagName === 'select' ? (is_string($first) ? $first : '') : $field->getAttribute('value');
            $sent[] = urlencode($field->getAttribute('name')).'='.urlencode($value);
        }
        parse_str(implode('&', $sent), $fields);

        return $fields;
    }

    /** @param  array<string, mixed>  $trial */
    private function logged(array $trial): int
    {
        $uuid = (string) Str::uuid();
        $this->postJson("/sessions/{$this->world->session->id}/trials", [
            'uuid' => $uuid, 'distance' => 80, 'outcome' => 'returned', 'food' => 'gently', ...$trial,
        ])->assertCreated();

        return Trial::query()->where('uuid', $uuid)->firstOrFail()->id;
    }

    /** @param  array<string, mixed>  $fields */
    private function correct(int $id, array $fields): void
    {
        $this->put("/sessions/{$this->world->session->id}/trials/{$id}", ['uuid' => (string) Str::uuid(), ...$fields])
            ->assertSessionHasNoErrors();
    }

    private function stands(int $id): LoggedTrial
    {
        return $this->all()[$id];
    }

    /** @return array<int, LoggedTrial> */
    private function all(): array
    {
        return app(TrialReader::class)->ofSession($this->world->session)->trials;
    }

    private function advised(): AdviceGiven
    {
        return AdviceGiven::query()->where('session_id', $this->world->session->id)->latest('id')->firstOrFail();
    }
}
