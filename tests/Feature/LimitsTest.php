<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Plan\Http\LimitsController;
use App\Plan\LimitsPage;
use App\View\Components\LearnedCurve;
use App\View\Components\LimitTrend;
use App\View\Components\MeasuredAxis;
use Core\Insight\ResponseCurve;
use Core\Insight\Trend;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

/** What the limits page tells: from real trials, nothing from none. */
#[CoversClass(LimitsPage::class)]
#[CoversClass(LimitsController::class)]
#[CoversClass(LimitTrend::class)]
#[CoversClass(LearnedCurve::class)]
#[CoversClass(MeasuredAxis::class)]
final class LimitsTest extends TestCase
{
    use RefreshDatabase;

    public function test_before_any_trial_it_says_so_and_draws_only_the_typical_dog(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer)
            ->get("/plans/{$world->plan->id}/limits")->assertOk()->assertSee('Nothing yet: after the first session')
            ->assertSee('Too little to tell')->assertDontSee('How fast it turns');
    }

    public function test_calm_trials_lower_the_curve_and_slow_ones_raise_the_median(): void
    {
        $world = World::make();
        $this->actingAs($world->trainer);
        foreach ([
            [80.0, 900, 0], [80.0, 1100, 0], [80.0, 1000, 0], [30.0, 2500, 1], [30.0, 3500, 1], [30.0, 3000, 1],
        ] as $i => [$meters, $milliseconds, $band]) {
            $this->postJson("/sessions/{$world->session->id}/trials", [
                ...$world->trial((string) Str::uuid(), $meters), 'sequence' => $i + 1, 'latency' => null, 'latency_ms' => $milliseconds,
                'band' => $band, 'signs' => [],
            ])->assertCreated();
        }
        $page = $this->get("/plans/{$world->plan->id}/limits")->assertOk()->assertSee('6 trials with');

        self::assertSame([1.0, 3.0], array_column((array) $page->viewData('latencies'), 'median'), 'far first');
        [$before, $after, $trend] = [$page->viewData('before'), $page->viewData('after'), $page->viewData('trend')];
        self::assertInstanceOf(ResponseCurve::class, $before);
        self::assertInstanceOf(ResponseCurve::class, $after);
        self::assertInstanceOf(Trend::class, $trend);
        self::assertSame(array_column($before->points, 'value'), array_column($after->points, 'value'));
        foreach (array_filter($after->points, static fn (array $point): bool => $point['value'] >= 30.0) as $i => $point) {
            self::assertLessThan(
                $before->points[$i]['atLeast'][2], $point['atLeast'][2], 'where it was calm, strain is less likely than for a typical dog',
            );
        }
        self::assertCount(1, $trend->points);
        // kept until something is logged, then worked out anew
        $this->postJson("/sessions/{$world->session->id}/trials", [
            ...$world->trial((string) Str::uuid(), 30.0), 'sequence' => 7, 'band' => 4, 'outcome' => 'reacted', 'signs' => ['bark'],
        ])->assertCreated();
        $worse = $this->get("/plans/{$world->plan->id}/limits")->viewData('trend');
        self::assertInstanceOf(Trend::class, $worse);
        self::assertGreaterThan($trend->points[0]->limit->point ?? 0.0, $worse->points[0]->limit->point ?? INF);
    }
}
