<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Engine\CoreCatalogs;
use App\Library\HelpEntry;
use App\Library\HelpPage;
use App\Library\Http\HelpController;
use Core\Decision\ReasonCode;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

#[CoversClass(HelpPage::class)]
#[CoversClass(HelpEntry::class)]
#[CoversClass(HelpController::class)]
final class HelpTest extends TestCase
{
    use RefreshDatabase;

    /** The settings that the plan form asks for, and every reason that a rule of the core can give. */
    public function test_every_reason_and_every_setting_has_its_entry_and_none_explains_what_is_not_there(): void
    {
        $codes = array_map(static fn (string $setting): string => "setting:{$setting}", [
            'run_length', 'window', 'sessions', 'days', 'most_advances', 'set_minutes', 'session_minutes', 'caution', 'outings_a_week',
            'trials_an_outing', 'method', 'ladder', 'template', 'start', 'goal', 'reaction', 'fine_at', 'play',
            'easy_after', 'without_reason', 'disliked', 'worst', 'children_near', 'corrections', 'recording', 'read_level', 'read_percent',
            'ceiling', 'ceiling_confirmed', 'onset_seconds',
        ]);
        $methods = app(CoreCatalogs::class)->methods();
        foreach (['method' => $methods->methods, 'choice' => $methods->choices, 'skill' => $methods->skills] as $what => $entries) {
            array_push($codes, ...array_map(static fn (string $key): string => "{$what}:{$key}", array_keys($entries)));
        }
        array_push($codes, ...array_map(static fn (ReasonCode $code): string => $code->value, ReasonCode::cases()));
        $covered = array_merge(...array_map(static fn (HelpEntry $entry): array => $entry->covers, app(HelpPage::class)->entries));
        $codes = array_unique($codes);
        sort($codes);
        sort($covered);

        self::assertGreaterThan(50, count($codes));
        self::assertSame($codes, $covered);
    }

    public function test_help_is_searched_by_words(): void
    {
        $this->actingAs(World::make()->trainer)
            ->get('/help?q=fright rest')->assertOk()->assertSee('Still shaken')->assertDontSee('First ever success');
        $this->get('/help?q=zeppelin', ['HX-Request' => 'true'])->assertSee('0 entries')->assertDontSee('<html', false);
    }
}
