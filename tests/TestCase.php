<?php

declare(strict_types=1);

namespace Tests;

use App\Account\Http\OpenSignIn;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Session\Session;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Psr\Clock\ClockInterface;

abstract class TestCase extends BaseTestCase
{
    /** Commands run for real: the mocking package is not among ours. */
    public $mockConsoleOutput = false;

    /** Somebody else at another device: what a sign-in is held against belongs to the one before. */
    public function be(Authenticatable $user, $guard = null): static
    {
        $this->app->make(Session::class)->forget(['password_hash_web', OpenSignIn::DEVICE]);

        return parent::be($user, $guard);
    }

    protected function setUp(): void
    {
        // before anything is migrated: a test may only ever see a database made for tests
        $database = (string) getenv('DB_DATABASE');
        if (! str_ends_with($database, '_test')) {
            throw new \RuntimeException("The tests refuse the database \"{$database}\": its name must end in _test. Run bin/test.");
        }
        parent::setUp();
        $this->withoutVite();
        $this->travelTo(new CarbonImmutable(TestClock::START));
        $this->app->instance(ClockInterface::class, new TestClock);
    }
}
