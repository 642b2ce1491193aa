<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Models\User;
use App\Notifications\AccountExists;
use App\Notifications\ConfirmAddress;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Notification;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class AccountTest extends TestCase
{
    private const ODILE = ['name' => 'Odile', 'email' => ' Odile@Kaddle.example ', 'password' => self::PASSWORD];

    protected function setUp(): void
    {
        parent::setUp();
        Notification::fake();
    }

    public function testANewPersonRegistersConfirmsTheAddressAndIsSignedIn(): void
    {
        $this->post('/register', self::ODILE)->assertRedirect('/register')->assertSessionHas('notice');
        $user = User::query()->where('email', 'odile@kaddle.example')->firstOrFail();
        self::assertTrue(Hash::check(self::PASSWORD, $user->password));
        $this->assertGuest();
        $this->post('/sign-in', ['email' => 'odile@kaddle.example', 'password' => self::PASSWORD])->assertSessionHasErrors('email');
        $link = $this->confirmation($user);
        $this->get($link)->assertInertia(static fn(AssertableInertia $page) => $page->component('account/Confirm')->where('email', 'odile@kaddle.example'));
        $this->post($link, ['password' => 'some other one'])->assertSessionHasErrors('password');
        $this->assertGuest();
        $this->post($link, ['password' => self::PASSWORD])->assertRedirect('/nights');
        $this->assertAuthenticatedAs($user);
        self::assertNotNull($user->fresh()?->confirmed_at);
        $this->get('/nights')->assertInertia(static fn(AssertableInertia $page) => $page->component('nights/Index')->has('nights', 0));
    }

    public function testALinkThatWasChangedOrIsTooOldIsToldInWords(): void
    {
        $this->post('/register', self::ODILE);
        $link = $this->confirmation(User::query()->firstOrFail());
        $this->get("{$link}0")->assertForbidden()->assertInertia(static fn(AssertableInertia $page) => $page->component('Problem')->where('title', 'The link is too old'));
        $this->travel(4)->days();
        $this->get($link)->assertForbidden();
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('badRegistrations')]
    public function testRefusesARegistrationByField(array $changes, string $field, string $sentence): void
    {
        $this->postJson('/register', [...self::ODILE, ...$changes])->assertUnprocessable()->assertJsonValidationErrors([$field => $sentence]);
        self::assertSame(0, User::query()->count());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badRegistrations(): iterable
    {
        yield 'no name' => [['name' => ''], 'name', 'The name must not be empty.'];
        yield 'endless name' => [['name' => str_repeat('a', 81)], 'name', 'at most 80 characters'];
        yield 'markup in the name' => [['name' => '<b>Odile</b>'], 'name', 'must be plain text'];
        yield 'two lines for a name' => [['name' => "Odile\nAdmin"], 'name', 'must be plain text'];
        yield 'no address' => [['email' => 'odile'], 'email', 'Give a mail address, like you@example.org.'];
        yield 'a list for an address' => [['email' => ['a']], 'email', 'Give a mail address, like you@example.org.'];
        yield 'markup in the address' => [['email' => '"<script>"@kaddle.example'], 'email', 'Give a mail address, like you@example.org.'];
        yield 'a short password' => [['password' => 'short'], 'password', 'Choose a password of at least 10 characters.'];
        yield 'a password of everybody' => [['password' => 'Password123'], 'password', 'among the first that anybody would try'];
        yield 'one key held down' => [['password' => str_repeat('7', 20)], 'password', 'among the first that anybody would try'];
        yield 'an endless password' => [['password' => str_repeat('ab3', 70)], 'password', 'at most 200 characters'];
        yield 'a password with a bell in it' => [['password' => "a long enough\x07 one"], 'password', 'control characters'];
        yield 'a field nobody knows' => [['admin' => true], 'admin', 'is not a field here'];
    }

    public function testThePageSaysTheSameWhetherAnAddressIsTakenAndTheMailSaysTheRest(): void
    {
        $taken = $this->person('Odile');
        $answers = [];
        foreach (['odile', 'nobody'] as $name) {
            $response = $this->post('/register', ['email' => "$name@kaddle.example"] + self::ODILE);
            $answers[] = [$response->getStatusCode(), $response->headers->get('Location'), str_replace($name, '', json_encode(session('notice'), JSON_THROW_ON_ERROR))];
        }
        self::assertSame($answers[0], $answers[1]);
        Notification::assertSentTo($taken, AccountExists::class);
        self::assertTrue(Hash::check(self::PASSWORD, $taken->fresh()->password ?? ''), 'and nothing of the account has changed');
    }

    public function testSignsInAndOut(): void
    {
        $user = $this->person();
        $this->post('/sign-in', ['email' => 'TILDA@kaddle.example', 'password' => self::PASSWORD])->assertRedirect('/nights');
        $this->assertAuthenticatedAs($user);
        $this->post('/sign-out')->assertRedirect('/sign-in')->assertSessionHas('inertia.clear_history', true);
        $this->assertGuest();
    }

    public function testSaysNothingAboutWhichPartIsWrong(): void
    {
        $this->person();
        $sentence = ['email' => 'No account has this address and password, or its address is not confirmed yet: the link in the mail does that.'];
        $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => 'wrong'])->assertSessionHasErrors($sentence);
        $this->post('/sign-in', ['email' => 'nobody@kaddle.example', 'password' => 'wrong'])->assertSessionHasErrors($sentence);
        $this->assertGuest();
    }

    public function testAPasswordIsHashedWhole(): void
    {
        $long = str_repeat('twelve words', 7);
        $user = new User(['name' => 'Odile', 'email' => 'odile@kaddle.example', 'password' => "{$long}x"]);
        $user->forceFill(['confirmed_at' => now()])->save();
        $this->post('/sign-in', ['email' => $user->email, 'password' => "{$long}y"])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => $user->email, 'password' => "{$long}x"])->assertRedirect('/nights');
    }

    public function testAPasswordThatWasHashedInAnOlderWayIsHashedAnew(): void
    {
        $user = $this->person();
        DB::table('users')->update(['password' => password_hash(self::PASSWORD, PASSWORD_BCRYPT, ['cost' => 4])]);
        $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => self::PASSWORD])->assertRedirect('/nights');
        self::assertStringStartsWith('$argon2id$', $user->fresh()->password ?? '');
    }

    public function testAForgottenPasswordIsSetAnewWithTheLinkFromTheMail(): void
    {
        $user = $this->person();
        $token = $this->resetToken($user);
        $this->get("/reset/$token?email=tilda@kaddle.example")
            ->assertInertia(static fn(AssertableInertia $page) => $page->component('account/Reset')->where('email', 'tilda@kaddle.example'));
        $this->post('/reset', ['token' => $token, 'email' => 'tilda@kaddle.example', 'password' => 'another long one'])->assertRedirect('/sign-in');
        $this->post('/reset', ['token' => $token, 'email' => 'tilda@kaddle.example', 'password' => 'a third long one'])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => 'another long one'])->assertRedirect('/nights');
    }

    public function testAResetTakesAnAccountOverFromWhoeverRegisteredIt(): void
    {
        $this->post('/register', ['name' => 'Somebody else'] + self::ODILE);
        $user = User::query()->firstOrFail();
        $token = $this->resetToken($user);
        $this->post('/reset', ['token' => $token, 'email' => $user->email, 'password' => 'mine from now on'])->assertRedirect('/sign-in');
        self::assertNotNull($user->fresh()?->confirmed_at);
        $this->post('/sign-in', ['email' => $user->email, 'password' => self::PASSWORD])->assertSessionHasErrors('email');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'mine from now on'])->assertRedirect('/nights');
    }

    public function testDoesNotTellWhoHasAnAccount(): void
    {
        $this->post('/forgotten', ['email' => 'nobody@kaddle.example'])->assertSessionHas('notice')->assertSessionHasNoErrors();
        Notification::assertNothingSent();
    }

    public function testAStrangerIsSentToTheSignIn(): void
    {
        foreach (['/nights', '/nights/1', '/moments/1', '/moments/1/document', '/account', '/imports/1'] as $path) {
            $this->get($path)->assertRedirect('/sign-in');
        }
        $this->postJson('/moments/1/solve')->assertUnauthorized();
    }

    private function confirmation(User $user): string
    {
        $link = '';
        Notification::assertSentTo($user, ConfirmAddress::class, static function (ConfirmAddress $mail) use ($user, &$link): bool {
            $link = $mail->toMail($user)->actionUrl;

            return true;
        });

        return $link;
    }

    private function resetToken(User $user): string
    {
        $this->post('/forgotten', ['email' => $user->email])->assertSessionHas('notice');
        $token = '';
        Notification::assertSentTo($user, ResetPassword::class, static function (ResetPassword $mail) use (&$token): bool {
            $token = $mail->token;

            return true;
        });

        return $token;
    }
}
