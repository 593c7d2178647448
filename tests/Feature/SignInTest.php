<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\Http\SignInController;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Hash;
use PHPUnit\Framework\Attributes\CoversClass;
use Tests\TestCase;

#[CoversClass(SignInController::class)]
final class SignInTest extends TestCase
{
    use RefreshDatabase;

    public function test_the_right_password_signs_in_and_is_stored_only_as_a_hash(): void
    {
        $user = User::factory()->createOne(['email' => 'a@example.test', 'password' => 'heather-and-gorse']);

        $this->post('/sign-in', ['email' => 'a@example.test', 'password' => 'heather-and-gorse'])->assertRedirect('/');
        $this->assertAuthenticatedAs($user);
        self::assertTrue(Hash::check('heather-and-gorse', $user->refresh()->password));
        self::assertStringNotContainsString('heather', $user->password);
    }

    /** Whoever knew the number of the session before knows nothing after: with a code, already when the password was right. */
    public function test_a_session_gets_another_number_when_somebody_comes_in(): void
    {
        foreach ([null, 'JBSWY3DPEHPK3PXP'] as $i => $secret) {
            User::factory()->createOne([
                'email' => "a{$i}@example.test", 'password' => 'heather-and-gorse', 'totp_secret' => $secret,
                'totp_since' => $secret === null ? null : now(),
            ]);
            $this->flushSession();
            $this->app->make('auth')->forgetGuards();
            $this->get('/sign-in')->assertOk();
            $before = session()->getId();
            $this->withCookie(session()->getName(), $before)->get('/sign-in')->assertOk();
            self::assertSame($before, session()->getId(), 'it lasts until then');

            $this->withCookie(session()->getName(), $before)
                ->post('/sign-in', ['email' => "a{$i}@example.test", 'password' => 'heather-and-gorse'])
                ->assertRedirect($secret === null ? '/' : '/sign-in/code');

            self::assertNotSame($before, session()->getId());
        }
    }

    public function test_whoever_signs_out_leaves_neither_the_session_nor_its_token(): void
    {
        $this->actingAs(User::factory()->createOne())->get('/account')->assertOk();
        [$session, $token] = [session()->getId(), session()->token()];

        $this->post('/sign-out')->assertRedirect();

        $this->assertGuest();
        self::assertNotSame($session, session()->getId());
        self::assertNotContains(session()->token(), [$token, null]);
    }

    public function test_after_five_wrong_tries_even_the_right_password_has_to_wait(): void
    {
        User::factory()->createOne(['email' => 'a@example.test', 'password' => 'heather-and-gorse']);
        for ($try = 1; $try <= 5; $try++) {
            $this->post('/sign-in', ['email' => 'a@example.test', 'password' => 'wrong'])->assertSessionHasErrors('email');
        }
        $this->post('/sign-in', ['email' => 'a@example.test', 'password' => 'heather-and-gorse'])->assertSessionHasErrors('email');
        $this->assertGuest();

        $this->travel(61)->seconds();
        $this->post('/sign-in', ['email' => 'a@example.test', 'password' => 'heather-and-gorse'])->assertRedirect('/');
    }

    public function test_every_page_carries_a_strict_content_security_policy(): void
    {
        $policy = (string) $this->get('/sign-in')->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
    }

    /** Only over a connection that is safe: a browser would not come back to one that is not. */
    public function test_a_safe_connection_stays_one(): void
    {
        $this->get('http://localhost/sign-in')->assertOk()->assertHeaderMissing('Strict-Transport-Security');
        $this->get('https://localhost/sign-in')->assertOk()->assertHeader('Strict-Transport-Security', 'max-age=31536000');
    }
}
