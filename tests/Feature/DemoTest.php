<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\Commands\WriteDemo;
use App\Demo\DemoHistory;
use App\Demo\DemoPractice;
use App\Models\AdviceGiven;
use App\Models\Dog;
use App\Models\Plan;
use App\Models\Practice;
use App\Models\Session;
use App\Models\Trial;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

#[CoversClass(DemoPractice::class)]
#[CoversClass(DemoHistory::class)]
#[CoversClass(WriteDemo::class)]
final class DemoTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_demo_practice_has_something_true_to_show_on_every_page(): void
    {
        Artisan::call('wheatear:demo');

        self::assertGreaterThanOrEqual(3, Dog::query()->count());
        $plan = Plan::query()->withCount('sessions')->orderByDesc('sessions_count')->firstOrFail();
        $trials = Trial::query()->whereIn('session_id', $plan->sessions()->pluck('id'))->get();
        self::assertGreaterThanOrEqual(8, $plan->sessions()->count());
        self::assertGreaterThanOrEqual(300, $trials->count());
        self::assertGreaterThanOrEqual(4, $trials->pluck('band')->unique()->count(), 'not all is easy');
        self::assertSame(
            Trial::query()->count() + Session::query()->count(), AdviceGiven::query()->count(),
            'an answer to every trial, and one to start with',
        );
        self::assertSame(0, Trial::query()->where('occurred_at', '>', now())->count());

        $this->actingAs(User::query()->where('email', 'rowan@saltmarshlane.example')->firstOrFail());
        foreach ([
            '/', '/dogs', '/dogs/'.$plan->responseModel->dog_id, "/plans/{$plan->id}",
            '/sessions/'.$plan->sessions()->reorder()->latest('id')->value('id').'/review',
        ] as $path) {
            $this->get($path)->assertOk();
        }

        // a second run keeps what is there
        Artisan::call('wheatear:demo');
        self::assertSame(1, Practice::query()->count());
    }
}
