<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AdviceGiven;
use App\Models\Role;
use App\Models\Session;
use App\Models\User;
use App\Practice\Http\ReaderRequest;
use App\Practice\Http\SettingsController;
use App\Session\StateInWords;
use App\Words\AdviceInWords;
use App\Words\Translator;
use App\Words\WordsProvider;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What is stored is codes and facts; each reader is told in their own units, clock and language. */
#[CoversClass(SettingsController::class)]
#[CoversClass(ReaderRequest::class)]
#[CoversClass(StateInWords::class)]
#[CoversClass(AdviceInWords::class)]
#[CoversClass(WordsProvider::class)]
#[CoversClass(Translator::class)]
final class SettingsTest extends TestCase
{
    use RefreshDatabase;

    public function test_one_session_is_told_to_each_in_their_own_units(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer);
        $this->postJson("/sessions/{$world->session->id}/trials", $world->trial('0192d3a0-0000-7000-8000-000000000001'))->assertCreated();
        $state = Session::query()->findOrFail($world->session->id)->state ?? [];
        $plan = $this->get("/plans/{$world->plan->id}")->assertSee("\u{00A0}m, ")->assertDontSee("\u{00A0}yd, ");

        $this->put('/settings', ['distance_unit' => 'yd', 'system' => 'imperial', 'clock' => '24'])->assertRedirect();
        $this->get("/plans/{$world->plan->id}")->assertSee("\u{00A0}yd, ")->assertDontSee("\u{00A0}m, ");
        self::assertSame($state, Session::query()->findOrFail($world->session->id)->state, 'what is stored is nobody’s words');
        self::assertStringContainsString("\u{00A0}m, ", (string) $plan->getContent());
    }

    public function test_a_user_who_chose_nothing_reads_as_the_practice_has_it(): void
    {
        $world = World::make();
        $owner = User::factory()->createOne(['practice_id' => $world->practice->id, 'role' => Role::Owner]);
        $this->actingAs($owner)->put('/settings/practice', [
            'language' => 'en', 'distance_unit' => 'ft', 'system' => 'imperial', 'clock' => '24',
        ])->assertRedirect();
        $world->trainer->update(['distance_unit' => null]);
        $world->trainer->refresh();

        $this->actingAs($world->trainer)->get("/plans/{$world->plan->id}")->assertSee("\u{00A0}ft, ");
        // at once, also within one request
        self::assertSame('ft', $world->trainer->reader()->units->distance->value);
        $world->trainer->practice->update(['distance_unit' => 'yd']);
        self::assertSame('yd', $world->trainer->reader()->units->distance->value);
        $this->put('/settings', ['distance_unit' => 'm'])->assertRedirect();
        $this->get("/plans/{$world->plan->id}")->assertSee("\u{00A0}m, ");
    }

    #[TestWith(['language', 'xx', 'Choose one of the languages shown.'])]
    #[TestWith(['distance_unit', 'furlong', 'Choose meters, yards or feet.'])]
    #[TestWith(['system', 'stone', 'Choose kilograms or pounds.'])]
    #[TestWith(['clock', '10', 'Choose the 12-hour or the 24-hour clock.'])]
    public function test_what_cannot_be_is_told_at_its_field(string $field, string $value, string $told): void
    {
        $this->actingAs(World::make()->trainer)->put('/settings', [$field => $value])->assertSessionHasErrors([$field => $told]);
    }

    /** Sentences that an older version stored are shown as they were said. */
    public function test_advice_of_an_older_version_stays_as_it_was_said(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)->get("/sessions/{$world->session->id}")->assertOk();
        AdviceGiven::query()->latest('id')->firstOrFail()->update([
            'reasons' => [['code' => 'gone', 'sentence' => 'As it was said then.'], ['code' => 'gone-too']],
        ]);

        $this->get("/sessions/{$world->session->id}?plain=1")
            ->assertOk()->assertSee('As it was said then.')->assertSee('The reason cannot be read any more.');
    }

    public function test_a_guardian_is_told_what_to_do_and_no_odds(): void
    {
        $world = World::make();
        $guardian = $world->user(Role::Guardian);
        $world->dog->guardians()->attach($guardian);
        foreach (['/', "/dogs/{$world->dog->id}", "/plans/{$world->plan->id}", "/plans/{$world->plan->id}/sessions/create"] as $page) {
            $text = strip_tags((string) $this->actingAs($guardian)->get($page)->assertOk()->getContent());
            self::assertSame(0, preg_match('/.{0,60}\b1 in \d.{0,20}/', $text, $found), "{$page}: ".implode('', $found));
            self::assertStringNotContainsString('struggling or worse before', $text, "{$page}: drawn without its numbers");
        }
        $told = $this->actingAs($world->trainer)->get("/plans/{$world->plan->id}")->getContent();
        self::assertMatchesRegularExpression('/\b1 in \d/', strip_tags((string) $told), 'a trainer is');
    }
}
