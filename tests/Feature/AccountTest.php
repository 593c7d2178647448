<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\DeviceName;
use App\Account\Devices;
use App\Account\Http\OpenSignIn;
use App\Account\PasswordRule;
use App\Account\SignIn;
use App\Account\Totp;
use App\Account\Tries;
use App\Models\Device;
use App\Models\Person;
use App\Models\Role;
use App\Models\TrailAction;
use App\Models\TrailEntry;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Mail;
use PHPUnit\Framework\Attributes\CoversClass;
use PHPUnit\Framework\Attributes\TestWith;
use Psr\Clock\ClockInterface;
use Tests\TestCase;

/** Signing in and staying in: who, with what, on which device, and how it ends. */
#[CoversClass(Devices::class)]
#[CoversClass(SignIn::class)]
final class AccountTest extends TestCase
{
    use RefreshDatabase;

    private const PASSWORD = 'heather-gorse-and-9-larks';

    protected function setUp(): void
    {
        parent::setUp();
        config(['mail.default' => 'array', 'app.url' => 'https://wheatear.example']);
    }

    /** RFC 6238, appendix B: the SHA-1 column. */
    #[TestWith([59, '94287082'])]
    #[TestWith([1111111109, '07081804'])]
    #[TestWith([1111111111, '14050471'])]
    #[TestWith([1234567890, '89005924'])]
    #[TestWith([2000000000, '69279037'])]
    #[TestWith([20000000000, '65353130'])]
    public function test_codes_are_those_of_the_standard(int $seconds, string $code): void
    {
        self::assertSame($code, Totp::code(Totp::base32('12345678901234567890'), intdiv($seconds, Totp::PERIOD), 8));
    }

    /** RFC 4648, section 10. */
    #[TestWith(['foobar', 'MZXW6YTBOI'])]
    #[TestWith(['fooba', 'MZXW6YTB'])]
    #[TestWith(['f', 'MY'])]
    public function test_secrets_are_written_in_the_letters_of_the_standard(string $bytes, string $letters): void
    {
        self::assertSame($letters, Totp::base32($bytes));
    }

    public function test_a_code_is_good_one_step_around_now_and_once(): void
    {
        $secret = Totp::newSecret();
        $now = (new \DateTimeImmutable)->setTimestamp(3_000_000);
        $step = Totp::step($now);

        foreach ([-1, 0, 1] as $off) {
            self::assertSame($step + $off, Totp::accepted($secret, Totp::code($secret, $step + $off), $now, null));
        }
        self::assertNull(Totp::accepted($secret, Totp::code($secret, $step - 2), $now, null));
        self::assertNull(Totp::accepted($secret, Totp::code($secret, $step + 2), $now, null));
        self::assertNull(Totp::accepted($secret, Totp::code($secret, $step), $now, $step), 'taken before');
    }

    #[TestWith(['Password1234!', true])]
    #[TestWith(['p4$$w0rd2026', true])]
    #[TestWith(['123456789012', true])]
    #[TestWith(['qwertyuiop[]', true])]
    #[TestWith(['mnbvcxzlkjhg', true])]
    #[TestWith(['dogdogdogdog', true])]
    #[TestWith(['aaaaaaaaaaab', true])]
    #[TestWith(['Saltmarsh Lane 1', true])]
    #[TestWith(['Rowan.Thwaite99', true])]
    #[TestWith(['marsh-samphire-42', false])]
    #[TestWith(['the dog eats at noon', false])]
    public function test_what_is_tried_first_is_no_password(string $password, bool $isCommon): void
    {
        self::assertSame($isCommon, PasswordRule::isCommon($password, ['Saltmarsh Lane', 'Rowan Thwaite']));
    }

    public function test_a_password_of_eleven_letters_is_too_short_and_one_of_twelve_is_kept(): void
    {
        $user = User::factory()->createOne(['password' => self::PASSWORD]);
        $this->actingAs($user);
        $try = fn (string $new) => $this->put('/account/password', ['current_password' => self::PASSWORD, 'password' => $new]);

        $try('larks-above')->assertSessionHasErrors('password');
        $try('larks-above1')->assertSessionHasNoErrors();
        self::assertTrue(Hash::check('larks-above1', $user->refresh()->password));
    }

    /** The database takes ó for o, and so did the count of wrong tries not. */
    public function test_another_spelling_of_an_address_does_not_count_anew(): void
    {
        User::factory()->createOne(['email' => 'robin@example.test', 'password' => self::PASSWORD]);
        foreach (['robin', 'róbin', 'robín', 'Robin', 'ròbin'] as $spelling) {
            $this->post('/sign-in', ['email' => "{$spelling}@example.test", 'password' => 'wrong'])->assertSessionHasErrors('email');
        }

        $this->post('/sign-in', ['email' => 'robin@example.test', 'password' => self::PASSWORD])->assertSessionHasErrors('email');
        $this->assertGuest();
    }

    public function test_one_address_on_the_network_cannot_try_all_accounts(): void
    {
        User::factory()->createOne(['email' => 'robin@example.test', 'password' => self::PASSWORD]);
        $wrong = function (int $from, int $to): void {
            for ($i = $from; $i <= $to; $i++) {
                $this->post('/sign-in', ['email' => "nobody-{$i}@example.test", 'password' => 'wrong']);
            }
        };
        $right = fn () => $this->post('/sign-in', ['email' => 'robin@example.test', 'password' => self::PASSWORD]);

        $wrong(1, Tries::AN_ADDRESS - 1);
        $right()->assertRedirect('/');
        $this->post('/sign-out');
        $wrong(Tries::AN_ADDRESS, Tries::AN_ADDRESS);
        $right()->assertSessionHasErrors('email');
    }

    public function test_a_changed_password_ends_the_sign_ins_on_other_devices(): void
    {
        $user = User::factory()->createOne(['password' => self::PASSWORD]);
        $here = $this->signedIn($user);
        $there = $this->signedIn($user);
        $this->onDevice($here)->put('/account/password', ['current_password' => self::PASSWORD, 'password' => 'three new larks above'])
            ->assertSessionHasNoErrors();
        $this->get('/account')->assertOk();

        $this->onDevice($there)->get('/account')->assertRedirect('/sign-in');
        $this->onDevice($here)->get('/account')->assertRedirect('/sign-in');
    }

    public function test_a_device_is_ended_from_another_and_asks_to_sign_in_at_its_next_tap(): void
    {
        $user = User::factory()->createOne(['password' => self::PASSWORD]);
        $here = $this->signedIn($user);
        $there = $this->signedIn($user);
        $this->onDevice($here)->delete("/account/devices/{$there[OpenSignIn::DEVICE]}")->assertRedirect('/account');

        $this->onDevice($here)->get('/account')->assertOk();
        $this->onDevice($there)->get('/account')->assertRedirect('/sign-in');

        $stranger = User::factory()->createOne();
        $this->actingAs($stranger)->delete("/account/devices/{$here[OpenSignIn::DEVICE]}");
        self::assertNull(Device::query()->whereKey($here[OpenSignIn::DEVICE])->sole()->ended_at, 'of somebody else');
    }

    /** What a remembered device keeps opens a sign-in again, until the device is ended. */
    public function test_a_remembered_device_comes_back_until_it_is_ended(): void
    {
        $user = User::factory()->createOne(['password' => self::PASSWORD, 'email' => 'robin@example.test']);
        $answer = $this->post('/sign-in', ['email' => 'robin@example.test', 'password' => self::PASSWORD, 'remember' => '1']);
        $cookies = [];
        foreach ($answer->headers->getCookies() as $cookie) {
            $cookies[$cookie->getName()] = (string) $cookie->getValue();
        }
        $comesBack = function (array $cookies) {
            $this->flushSession();
            $this->app->make('auth')->forgetGuards();

            return $this->withUnencryptedCookies($cookies)->get('/account');
        };
        $remembered = array_filter(
            $cookies, static fn (string $name): bool => str_starts_with($name, 'remember_') || $name === OpenSignIn::COOKIE,
            ARRAY_FILTER_USE_KEY,
        );
        self::assertCount(2, $remembered);

        $comesBack($remembered)->assertOk();
        Device::query()->where('user_id', $user->id)->update(['ended_at' => now()]);
        $comesBack($remembered)->assertRedirect('/sign-in');
    }

    public function test_the_second_step_is_asked_after_the_password_and_a_recovery_code_opens_once(): void
    {
        $user = User::factory()->createOne(['password' => self::PASSWORD, 'email' => 'robin@example.test']);
        $this->actingAs($user)->post('/account/second-factor');
        $secret = (string) $user->refresh()->totp_secret;
        $code = fn (): string => Totp::code($secret, Totp::step($this->app->make(ClockInterface::class)->now()));
        $wrong = static fn (string $code): string => strrev($code) === $code ? '000000' : strrev($code);
        $this->put('/account/second-factor', ['code' => $wrong($code())])->assertSessionHasErrors('code');
        self::assertFalse($user->refresh()->hasSecondFactor());
        $this->put('/account/second-factor', ['code' => $code()])->assertSessionHasNoErrors();
        $codes = session('codes');
        self::assertIsArray($codes);
        self::assertCount(10, $codes);

        $password = function (): void {
            $this->post('/sign-out');
            $this->post('/sign-in', ['email' => 'robin@example.test', 'password' => self::PASSWORD])->assertRedirect('/sign-in/code');
            $this->assertGuest();
        };
        $password();
        $this->post('/sign-in/code', ['code' => $code()])->assertSessionHasErrors('code');
        $this->assertGuest();
        $this->travel(30)->seconds();
        $this->post('/sign-in/code', ['code' => $code()])->assertRedirect('/');
        $this->assertAuthenticatedAs($user);
        $password();
        $this->post('/sign-in/code', ['code' => strtoupper(' '.$codes[3])])->assertRedirect('/');
        $password();
        $this->post('/sign-in/code', ['code' => $codes[3]])->assertSessionHasErrors('code');
        $this->assertGuest();
        $password();
        $this->travel(600)->seconds();
        $this->get('/sign-in/code')->assertOk();
        $this->travel(1)->seconds();
        $this->get('/sign-in/code')->assertRedirect('/sign-in');
        $this->post('/sign-in/code', ['code' => $code()])->assertRedirect('/sign-in');
        $this->assertGuest();
        self::assertStringNotContainsString(
            $secret, (string) User::query()->toBase()->where('id', $user->id)->value('totp_secret'), 'encrypted',
        );
    }

    /** Not with every request, and often enough to be recognized by. */
    public function test_when_a_device_was_seen_last_is_noted_every_ten_minutes(): void
    {
        $user = User::factory()->createOne();
        [$device, $secret] = app(Devices::class)->register($user, 'A browser', '127.0.0.1', false);
        $seen = function (int $after) use ($user, $device, $secret): string {
            $this->travel($after)->seconds();
            self::assertTrue(app(Devices::class)->goesOn($user, $device->id, $secret));

            return (string) Device::query()->whereKey($device->id)->toBase()->value('seen_at');
        };
        $first = (string) Device::query()->whereKey($device->id)->toBase()->value('seen_at');

        self::assertSame($first, $seen(600));
        self::assertNotSame($first, $seen(1));
        self::assertFalse(app(Devices::class)->goesOn($user, $device->id, 'another'));
        self::assertTrue(app(Devices::class)->goesOn($user, $device->id, null), 'its sign-in is open');
        self::assertFalse(app(Devices::class)->goesOn(User::factory()->createOne(), $device->id, $secret));
    }

    public function test_a_forgotten_password_is_chosen_anew_once_and_an_unknown_address_is_answered_alike(): void
    {
        $user = User::factory()->createOne(['email' => 'robin@example.test', 'password' => self::PASSWORD]);
        $known = $this->post('/password', ['email' => 'robin@example.test']);
        $unknown = $this->post('/password', ['email' => 'nobody@example.test']);
        self::assertSame([$known->getStatusCode(), session('status')], [$unknown->getStatusCode(), session('status')]);
        self::assertCount(1, $this->mails());
        $path = $this->linkIn($this->mails()[0]);

        $this->withHeader('Host', 'evil.example')->post('/password', ['email' => 'robin@example.test']);
        self::assertStringContainsString('https://wheatear.example/password/', $this->mails()[1], 'where a mail leads is a setting');

        $this->get($path)->assertOk()->assertSee('no longer works');
        $path = $this->linkIn($this->mails()[1]);
        $this->post($path, ['password' => 'three new larks above'])->assertRedirect('/');
        $this->assertAuthenticatedAs($user);
        $this->post('/sign-out');
        $this->post($path, ['password' => 'four new larks above'])->assertOk()->assertSee('no longer works');
        self::assertTrue(Hash::check('three new larks above', $user->refresh()->password));
    }

    public function test_a_link_to_a_new_password_ends_after_an_hour(): void
    {
        User::factory()->createOne(['email' => 'robin@example.test', 'password' => self::PASSWORD]);
        $this->post('/password', ['email' => 'robin@example.test']);
        $path = $this->linkIn($this->mails()[0]);

        $this->travel(59)->minutes();
        $this->get($path)->assertSee('New password');
        $this->travel(2)->minutes();
        $this->get($path)->assertSee('no longer works');
    }

    public function test_somebody_invited_joins_once_as_what_they_were_invited(): void
    {
        $world = World::make();
        $person = Person::query()->create(['practice_id' => $world->practice->id, 'name' => 'Nell Fenby']);
        $this->actingAs($world->user(Role::Owner))
            ->post("/people/{$person->id}/invitation", ['email' => 'nell@example.test', 'role' => 'guardian', 'dog_id' => $world->dog->id])
            ->assertSessionHasNoErrors();
        $path = $this->linkIn($this->mails()[0]);
        $this->post('/sign-out');

        $this->get($path)->assertOk()->assertSee('Nell Fenby')->assertSee('Moss');
        $this->post($path, ['name' => 'Nell Fenby', 'password' => 'nellfenby123'])->assertSessionHasErrors('password');
        $this->post($path, ['name' => 'Nell Fenby', 'password' => self::PASSWORD])->assertRedirect('/');
        $joined = User::query()->where('email', 'nell@example.test')->firstOrFail();
        self::assertSame([Role::Guardian, $world->practice->id], [$joined->role, $joined->practice_id]);
        self::assertSame($joined->id, $person->refresh()->user_id);
        $this->get("/dogs/{$world->dog->id}")->assertOk();
        $this->post('/sign-out');
        $this->get($path)->assertSee('no longer works');
        $this->post($path, ['name' => 'Other', 'password' => self::PASSWORD])->assertSee('no longer works');
        self::assertSame(1, User::query()->where('email', 'nell@example.test')->count());
        self::assertSame(
            [TrailAction::Invited, TrailAction::Joined],
            TrailEntry::query()->where('practice_id', $world->practice->id)->orderBy('id')->pluck('action')->all(),
        );
    }

    public function test_an_invitation_that_was_taken_back_or_is_a_week_old_opens_nothing(): void
    {
        $world = World::make();
        $owner = $world->user(Role::Owner);
        $paths = [];
        foreach (['taken back', 'old', 'good'] as $i => $name) {
            $person = Person::query()->create(['practice_id' => $world->practice->id, 'name' => $name]);
            $this->actingAs($owner)->post("/people/{$person->id}/invitation", ['email' => "p{$i}@example.test", 'role' => 'helper']);
            $paths[$name] = $this->linkIn($this->mails()[$i]);
            if ($name === 'taken back') {
                $this->delete("/people/{$person->id}/invitation");
            }
            $this->travel($name === 'old' ? 7 : 0)->days();
        }
        $this->post('/sign-out');

        $this->get($paths['taken back'])->assertSee('no longer works');
        $this->get($paths['old'])->assertSee('no longer works');
        $this->get($paths['good'])->assertSee('Join');
    }

    public function test_a_sign_in_that_is_turned_off_ends_at_the_next_tap_and_nothing_the_device_holds_is_lost(): void
    {
        $world = World::make();
        $there = $this->signedIn($world->trainer, 'correct horse battery');
        $person = Person::query()->where('user_id', $world->trainer->id)->firstOrFail();
        $this->actingAs($world->user(Role::Owner))->delete("/people/{$person->id}/sign-in")->assertSessionHasNoErrors();

        $entry = ['entries' => [$world->trial('0198c1f0-0000-7000-8000-000000000001')]];
        $this->onDevice($there)->postJson("/sessions/{$world->session->id}/entries", $entry)->assertUnauthorized();
        $this->onDevice($there)->get('/')->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => $world->trainer->email, 'password' => 'correct horse battery'])
            ->assertSessionHasErrors('email');
    }

    public function test_a_practice_keeps_an_owner(): void
    {
        $world = World::make();
        $owner = $world->user(Role::Owner);
        $person = Person::query()->create(['practice_id' => $world->practice->id, 'user_id' => $owner->id, 'name' => 'Owner']);
        $this->actingAs($owner)->put("/people/{$person->id}/sign-in", ['role' => 'trainer'])->assertSessionHasErrors('role');
        $this->actingAs($owner)->delete("/people/{$person->id}/sign-in")->assertSessionHasErrors('role');
        $this->actingAs($owner)->delete("/people/{$person->id}/data", ['confirm_name' => 'Owner'])->assertSessionHasErrors('confirm_name');
        self::assertSame([Role::Owner, null], [$owner->refresh()->role, $owner->disabled_at]);

        $world->user(Role::Owner);
        $this->actingAs($owner)->put("/people/{$person->id}/sign-in", ['role' => 'trainer'])->assertSessionHasNoErrors();
        self::assertSame(Role::Trainer, $owner->refresh()->role);
    }

    #[TestWith([
        'Mozilla/5.0 (Linux; Android 14) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/130.0 Mobile Safari/537.36', 'Chrome, Android',
    ])]
    #[TestWith([
        'Mozilla/5.0 (Macintosh; Intel Mac OS X 14_4) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.4 Safari/605.1.15',
        'Safari, Mac',
    ])]
    #[TestWith(['curl/8', '?'])]
    public function test_a_device_is_called_by_its_browser_and_system(string $userAgent, string $name): void
    {
        self::assertSame($name, DeviceName::of($userAgent));
    }

    /** @return array<string, mixed> what a device keeps of its sign-in */
    private function signedIn(User $user, string $password = self::PASSWORD): array
    {
        $this->onDevice([])->post('/sign-in', ['email' => $user->email, 'password' => $password])->assertRedirect('/');
        $this->get('/account')->assertOk();

        return session()->all();
    }

    /** @param  array<string, mixed>  $session */
    private function onDevice(array $session): self
    {
        $this->flushSession();
        $this->app->make('auth')->forgetGuards();

        return $this->withSession($session);
    }

    /** @return list<string> */
    private function mails(): array
    {
        $transport = Mail::getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $transport);

        return array_values($transport->messages()->map(static fn ($mail): string => quoted_printable_decode($mail->toString()))->all());
    }

    private function linkIn(string $mail): string
    {
        preg_match('~https://wheatear\.example(/\S+)~', $mail, $found);

        return $found[1] ?? self::fail('No link in the mail.');
    }
}
