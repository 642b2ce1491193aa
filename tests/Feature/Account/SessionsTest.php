<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Auth\SessionGuard;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Password;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** A new password ends every other session, and every browser that is remembered. */
final class SessionsTest extends TestCase
{
    private const IN = ['email' => 'tilda@kaddle.example', 'password' => self::PASSWORD];

    protected function setUp(): void
    {
        parent::setUp();
        config(['session.driver' => 'rows']);
    }

    public function testAResetEndsEverySessionAndEveryRememberedBrowser(): void
    {
        $user = $this->person();
        [$session, $remembered] = $this->signIn();
        $this->asBrowser(['kaddle_session' => $session])->get('/account')->assertOk();
        $this->asBrowser(['remember' => $remembered])->get('/account')->assertOk();
        $this->asBrowser([]);
        $token = Password::broker()->createToken($user);
        $this->post('/reset', ['token' => $token, 'email' => $user->email, 'password' => 'another long one'])->assertRedirect('/sign-in');
        self::assertSame(0, DB::table('sessions')->whereNotNull('user_id')->count());
        $this->asBrowser(['kaddle_session' => $session])->get('/account')->assertRedirect('/sign-in');
        $this->asBrowser(['remember' => $remembered])->get('/account')->assertRedirect('/sign-in');
    }

    public function testAChangeOfThePasswordEndsTheOthersAndKeepsThisOne(): void
    {
        $this->person();
        [$other, $remembered] = $this->signIn();
        [$own] = $this->signIn();
        $this->asBrowser(['kaddle_session' => $own])->get('/account')
            ->assertInertia(static fn(AssertableInertia $page) => $page->component('account/Account')->where('elsewhere', 1));
        $changed = $this->putJson('/account/password', ['current' => self::PASSWORD, 'password' => 'another long one'])->assertRedirect('/account');
        $this->asBrowser(['kaddle_session' => (string) $changed->getCookie('kaddle_session')?->getValue()])->get('/account')->assertOk();
        $this->asBrowser(['kaddle_session' => $other])->get('/account')->assertRedirect('/sign-in');
        $this->asBrowser(['remember' => $remembered])->get('/account')->assertRedirect('/sign-in');
    }

    public function testASessionThatDoesNotChangeIsWrittenOnceAMinute(): void
    {
        $this->person();
        [$session] = $this->signIn();
        $row = static fn(): mixed => DB::scalar('select xmin::text || last_activity from sessions where user_id is not null');
        $this->asBrowser(['kaddle_session' => $session])->get('/alive')->assertOk();
        $written = $row();
        $this->asBrowser(['kaddle_session' => $session])->get('/alive')->assertOk();
        self::assertSame($written, $row());
        DB::table('sessions')->update(['last_activity' => time() - 100]);
        $this->asBrowser(['kaddle_session' => $session])->get('/alive')->assertOk();
        self::assertGreaterThan(time() - 10, DB::table('sessions')->max('last_activity'));
    }

    public function testWhoDoesNotKnowThePasswordCannotChangeIt(): void
    {
        $this->actingAs($user = $this->person());
        $hash = $user->password;
        $this->putJson('/account/password', ['current' => 'a wrong guess', 'password' => 'another long one'])
            ->assertUnprocessable()->assertJsonValidationErrors(['current' => 'This is not the password of this account.']);
        for ($try = 0; $try < 12; ++$try) {
            $this->waitNoMore();
            $this->putJson('/account/password', ['current' => "guess $try", 'password' => 'another long one']);
        }
        $this->putJson('/account/password', ['current' => self::PASSWORD, 'password' => 'another long one'])->assertTooManyRequests();
        self::assertSame($hash, $user->fresh()?->password);
    }

    public function testNeitherAnswerNorLinkFollowsTheHostThatARequestNames(): void
    {
        Notification::fake();
        $user = $this->person();
        foreach (['evil.example', '127.0.0.1.evil.example', '127.0.0.1:99', 'localhost'] as $host) {
            $this->postJson("http://$host/forgotten", ['email' => $user->email])->assertStatus(421)->assertExactJson(['message' => 'Kaddle is at http://127.0.0.1.']);
        }
        Notification::assertNothingSent();
        $this->post('/forgotten', ['email' => $user->email], ['X-Forwarded-Host' => 'evil.example', 'Referer' => 'http://evil.example/x'])->assertRedirect('/forgotten');
        Notification::assertSentTo($user, ResetPassword::class, static function (ResetPassword $mail) use ($user): bool {
            self::assertStringStartsWith('http://127.0.0.1/reset/', $mail->toMail($user)->actionUrl);

            return true;
        });
    }

    /** @return array{string, string} what a browser holds: its session, and what it is remembered by */
    private function signIn(): array
    {
        $this->asBrowser([]);
        $response = $this->post('/sign-in', self::IN + ['remember' => true])->assertRedirect('/nights');

        return [(string) $response->getCookie('kaddle_session')?->getValue(), (string) $response->getCookie(self::remember())?->getValue()];
    }

    /**
     * Forgets everything, as another browser would not know it, and holds these cookies only.
     *
     * @param array<string, string> $cookies
     */
    private function asBrowser(array $cookies): self
    {
        foreach (['session', 'session.store', 'auth.driver', StartSession::class] as $kept) {
            $this->app->forgetInstance($kept);
        }
        $this->app->make('auth')->forgetGuards();
        $this->defaultCookies = [];
        foreach ($cookies as $name => $value) {
            $this->defaultCookies[$name === 'remember' ? self::remember() : $name] = $value;
        }

        return $this;
    }

    private static function remember(): string
    {
        return 'remember_web_' . sha1(SessionGuard::class);
    }
}
