<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Helper\DirectHelper;
use App\Models\AdviceGiven;
use App\Models\HelperPass;
use App\Models\SessionHelper;
use Carbon\CarbonImmutable;
use Core\Decision\Action;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Clock\ClockInterface;
use Tests\TestCase;

/** A helper's screen: words from whoever handles, safety always, history never. */
#[CoversClass(DirectHelper::class)]
final class HelperTest extends TestCase
{
    use RefreshDatabase;

    private World $world;

    protected function setUp(): void
    {
        parent::setUp();
        $this->world = World::make();
        $this->actingAs($this->world->trainer);
    }

    public function test_a_word_reaches_the_helper_who_sees_safety_and_no_history(): void
    {
        $this->world->dog->update(['bite_history' => true, 'description' => 'lunges at carts']);
        $screen = $this->screen('yes');
        $this->get($screen)->assertOk()->assertSee('Helping with Moss')->assertSee('Has bitten')
            ->assertSee('Wears a muzzle.')
            ->assertSee('If the dog comes loose')->assertDontSee('lunges')->assertDontSee('Kites')
            ->assertDontSee($this->world->trainer->name);
        $first = $this->getJson("{$screen}/word")->assertOk()->assertJsonPath('word', 'stop')->json('keep');
        self::assertIsString($first, 'the farthest step, before anything was advised');
        $this->postJson($this->path('/trials'), $this->world->trial((string) Str::uuid()))->assertCreated();
        $this->world->practice->update(['distance_unit' => 'yd']);
        self::assertStringEndsWith('yd', $this->getJson("{$screen}/word")->json('keep'), 'in the units of the practice');

        $keep = $this->getJson("{$screen}/word")->json('keep');
        AdviceGiven::query()->create([...AdviceGiven::query()->latest('id')->firstOrFail()->only([
            'practice_id', 'session_id', 'reasons', 'alternatives', 'engine', 'given_at',
        ]), 'action' => Action::Stop, 'exposure' => null]);
        self::assertSame($keep, $this->getJson("{$screen}/word")->json('keep'), 'also while the advice is to end');

        $this->putJson($this->path('/helper/word'), ['word' => 'walk_by'])->assertOk();
        $this->getJson("{$screen}/word")->assertJsonPath('word', 'walk_by');
        $this->putJson($this->path('/helper/word'), ['word' => 'run'])->assertJsonValidationErrorFor('word');
        $this->getJson("{$screen}/word")->assertJsonPath('word', 'walk_by');
    }

    /** Three seconds without a sign of life. */
    #[TestWith([3000, true])]
    #[TestWith([3001, false])]
    public function test_the_handler_sees_whether_the_screen_is_there(int $milliseconds, bool $isThere): void
    {
        $this->screen();
        $this->getJson($this->path('/helper/word'))->assertJsonPath('isThere', false);
        $now = $this->app->make(ClockInterface::class)->now();
        SessionHelper::query()->sole()->update(['seen_at' => CarbonImmutable::instance($now)->subMilliseconds($milliseconds)]);
        $this->getJson($this->path('/helper/word'))->assertJsonPath('isThere', $isThere);
    }

    public function test_a_pass_counts_once_and_the_screen_ends_with_the_session_or_a_newer_link(): void
    {
        $screen = $this->screen();
        $uuid = (string) Str::uuid();
        $this->postJson("{$screen}/passes", ['uuid' => $uuid])->assertJsonPath('passes', 1);
        $this->postJson("{$screen}/passes", ['uuid' => $uuid])->assertJsonPath('passes', 1);
        $this->postJson("{$screen}/passes", ['uuid' => 'x'])->assertUnprocessable();
        self::assertSame(1, HelperPass::query()->count());

        $newer = $this->screen();
        $this->get($screen)->assertStatus(410);
        $this->get($newer)->assertOk();
        $this->world->session->update(['ended_at' => now()]);
        $this->get($newer)->assertStatus(410)->assertSee('This session is over');
        $this->get($this->path('/review'))->assertSee('The helper walked by once.');
        $this->get($this->path('/helper'))->assertRedirect($this->path('/review'));
        $this->getJson("{$newer}/word")->assertStatus(410)->assertJsonPath('word', 'stop');
        $this->postJson("{$newer}/passes", ['uuid' => (string) Str::uuid()])->assertStatus(410);
    }

    private function path(string $of): string
    {
        return "/sessions/{$this->world->session->id}{$of}";
    }

    private function screen(string $muzzle = 'no'): string
    {
        $this->post($this->path('/helper'), ['muzzle' => $muzzle])->assertRedirect($this->path('/helper'));
        $link = session('helper-link');
        self::assertIsString($link);

        return (string) parse_url($link, PHP_URL_PATH);
    }
}
