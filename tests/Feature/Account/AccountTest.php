<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Models\User;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    public function testANewPersonRegistersAndIsSignedIn(): void
    {
        $this->post('/register', ['name' => 'Odile', 'email' => ' Odile@Kaddle.example ', 'password' => self::PASSWORD])
            ->assertRedirect('/nights');
        $user = User::query()->where('email', 'odile@kaddle.example')->firstOrFail();
        $this->assertAuthenticatedAs($user);
        self::assertTrue(Hash::check(self::PASSWORD, $user->password));
        $this->get('/nights')->assertInertia(static fn(AssertableInertia $page) => $page->component('nights/Index')->has('nights', 0));
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('badRegistrations')]
    public function testRefusesARegistrationByField(array $changes, string $field, string $sentence): void
    {
        $this->person('Taken');
        $this->post('/register', [...['name' => 'Odile', 'email' => 'odile@kaddle.example', 'password' => self::PASSWORD], ...$changes])
            ->assertSessionHasErrors([$field => $sentence]);
        self::assertSame(1, User::query()->count());
        $this->assertGuest();
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badRegistrations(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'Give your name, at most 80 characters.'];
        yield 'endless name' => [['name' => str_repeat('a', 81)], 'name', 'Give your name, at most 80 characters.'];
        yield 'no address' => [['email' => 'odile'], 'email', 'Give a mail address, like you@example.org.'];
        yield 'a list for an address' => [['email' => ['a']], 'email', 'Give a mail address, like you@example.org.'];
        yield 'an address that is taken' => [['email' => 'TAKEN@kaddle.example'], 'email', 'An account with this address exists. Sign in instead, or reset its password.'];
        yield 'a short password' => [['password' => 'short'], 'password', 'Choose a password of at least 10 characters.'];
    }

    public function testSignsInAndOut(): void
    {
        $user = $this->person();
        $this->post('/sign-in', ['email' => 'TILDA@kaddle.example', 'password' => self::PASSWORD])->assertRedirect('/nights');
        $this->assertAuthenticatedAs($user);
        $this->post('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function testSaysNothingAboutWhichPartIsWrong(): void
    {
        $this->person();
        $sentence = ['email' => 'No account has this address and password.'];
        $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => 'wrong'])->assertSessionHasErrors($sentence);
        $this->post('/sign-in', ['email' => 'nobody@kaddle.example', 'password' => 'wrong'])->assertSessionHasErrors($sentence);
        $this->assertGuest();
    }

    public function testSlowsDownGuessing(): void
    {
        $this->person();
        for ($try = 0; $try < 8; ++$try) {
            $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => "guess $try"]);
        }
        $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => self::PASSWORD])->assertSessionHasErrors('email');
        self::assertStringStartsWith('Too many tries. Wait ', $this->sentenceFor('email'));
        $this->assertGuest();
    }

    public function testAForgottenPasswordIsSetAnewWithTheLinkFromTheMail(): void
    {
        Notification::fake();
        $user = $this->person();
        $this->post('/forgotten', ['email' => 'tilda@kaddle.example'])->assertSessionHas('notice');
        $token = '';
        Notification::assertSentTo($user, ResetPassword::class, static function (ResetPassword $mail) use (&$token): bool {
            $token = $mail->token;

            return true;
        });
        $this->get("/reset/$token?email=tilda@kaddle.example")
            ->assertInertia(static fn(AssertableInertia $page) => $page->component('account/Reset')->where('email', 'tilda@kaddle.example'));
        $this->post('/reset', ['token' => $token, 'email' => 'tilda@kaddle.example', 'password' => 'another long one'])->assertRedirect('/sign-in');
        $this->post('/reset', ['token' => $token, 'email' => 'tilda@kaddle.example', 'password' => 'a third long one'])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => 'another long one'])->assertRedirect('/nights');
    }

    public function testDoesNotTellWhoHasAnAccount(): void
    {
        Notification::fake();
        $this->post('/forgotten', ['email' => 'nobody@kaddle.example'])->assertSessionHas('notice')->assertSessionHasNoErrors();
        Notification::assertNothingSent();
    }

    public function testAStrangerIsSentToTheSignIn(): void
    {
        foreach (['/nights', '/nights/1', '/moments/1', '/moments/1/document'] as $path) {
            $this->get($path)->assertRedirect('/sign-in');
        }
        $this->postJson('/moments/1/solve')->assertUnauthorized();
    }
}
