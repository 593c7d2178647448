<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\ForgetEnded;
use App\Mail\Post;
use App\Mail\SendLetter;
use App\Models\Device;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\TrailEntry;
use App\Models\User;
use App\Support\Fields;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Clock\ClockInterface;
use Tests\TestCase;

/** Letters wait for the worker: nobody waits for a mail server, and none is lost while it is down. */
#[CoversClass(SendLetter::class)]
#[CoversClass(ForgetEnded::class)]
final class LetterTest extends TestCase
{
    use RefreshDatabase;

    private User $owner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = User::factory()->createOne(['role' => Role::Owner]);
        config(['queue.default' => 'database', 'mail.default' => 'array']);
    }

    public function test_a_letter_waits_where_nobody_can_read_it_and_is_sent_by_the_worker(): void
    {
        $this->write();
        $payload = DB::table('jobs')->value('payload');
        self::assertIsString($payload);
        self::assertStringNotContainsString('the-link', $payload);
        self::assertStringNotContainsString('nell@fenby.example', $payload);

        $this->work();
        self::assertSame(0, DB::table('jobs')->count());
        self::assertSame(0, DB::table('failed_jobs')->count());
    }

    /** Half a minute, then five, half an hour, two hours, most of a day: a server that restarts and one that is mended tomorrow. */
    public function test_while_the_mail_server_is_down_it_is_tried_for_a_day_and_then_the_owner_is_told(): void
    {
        // port 9 of this machine: nobody listens
        config(['mail.default' => 'smtp', 'mail.mailers.smtp.port' => 9, 'mail.mailers.smtp.timeout' => 1]);
        $this->freezeSecond();
        $this->write();
        $waits = [];
        for ($try = 1; $try <= 5; $try++) {
            $this->work();
            self::assertSame($try, DB::table('jobs')->value('attempts'));
            self::assertSame(0, TrailEntry::query()->where('action', TrailAction::LetterNotSent)->count(), "after {$try} tries");
            $waits[] = Fields::of(['at' => DB::table('jobs')->value('available_at')])->int('at') - now()->getTimestamp();
            DB::table('jobs')->update(['available_at' => 0]);
        }
        self::assertSame([30, 5 * 60, 30 * 60, 2 * 3600, 20 * 3600], $waits);
        $this->work();
        self::assertSame(0, DB::table('jobs')->count());
        $exception = DB::table('failed_jobs')->value('exception');
        self::assertIsString($exception);
        self::assertStringNotContainsString('nell@', $exception);
        $this->actingAs($this->owner)->get('/trail')->assertOk()
            ->assertSee('A letter could not be sent')->assertSee('You are invited')->assertDontSee('nell@');
    }

    #[TestWith([599, 'ok'])]
    #[TestWith([601, 'ok, but 1 letters have waited'])]
    public function test_health_says_when_letters_have_waited_for_long(int $seconds, string $told): void
    {
        $this->write();
        DB::table('jobs')->update(['available_at' => $this->app->make(ClockInterface::class)->now()->getTimestamp() - $seconds]);
        self::assertStringContainsString($told, trim((string) $this->get('/health')->assertOk()->getContent()));
        self::assertSame($seconds > 600, str_contains((string) $this->get('/health')->getContent(), 'worker'));
    }

    #[TestWith([89, 1])]
    #[TestWith([91, 0])]
    public function test_the_address_of_a_device_that_is_signed_out_is_forgotten_after_ninety_days(int $days, int $left): void
    {
        $now = $this->app->make(ClockInterface::class)->now();
        $device = ['user_id' => $this->owner->id, 'name' => 'Firefox', 'address' => '192.0.2.7', 'signed_in_at' => $now, 'seen_at' => $now];
        Device::query()->create([...$device, 'secret' => 'a', 'ended_at' => $now->modify("-{$days} days")]);
        Device::query()->create([...$device, 'secret' => 'b']);
        Artisan::call('wheatear:forget-ended');
        self::assertSame($left, Device::query()->where('secret', 'a')->count());
        self::assertSame(1, Device::query()->where('secret', 'b')->count(), 'one that is signed in stays');
    }

    private function write(): void
    {
        $this->app->make(Post::class)->send($this->owner->practice_id, 'nell@fenby.example', 'You are invited', 'Open the-link.');
    }

    private function work(): void
    {
        Artisan::call('queue:work', ['--once' => true, '--quiet' => true]);
    }
}
