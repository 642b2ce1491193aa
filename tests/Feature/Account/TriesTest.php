<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Guessing gets slower and slower, for whoever guesses. */
final class TriesTest extends TestCase
{
    #[DataProvider('spellings')]
    public function testGuessesAtOneAccountWaitHoweverThePathIsSpelt(string $path): void
    {
        $this->person();
        for ($try = 0; $try < 12; ++$try) {
            $this->waitNoMore();
            $this->guess($path, "guess $try");
        }
        $this->postJson('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => self::PASSWORD])
            ->assertTooManyRequests()->assertJsonValidationErrors(['email' => 'Too many tries. Wait ']);
        $this->assertGuest();
    }

    /** @return iterable<string, array{string}> */
    public static function spellings(): iterable
    {
        yield 'as it is' => ['/sign-in'];
        yield 'an encoded letter' => ['/%73ign-in'];
        yield 'a slash more' => ['/sign-in/'];
    }

    public function testTheWaitGrowsWithEachTryAndEndsWithAGoodOne(): void
    {
        $this->person();
        $waits = [];
        for ($try = 0; $try < 9; ++$try) {
            $this->guess('/sign-in', 'wrong');
            $waits[] = DB::scalar('select round(extract(epoch from max(free_at - last_at)))::int from tries');
            $this->waitNoMore();
        }
        self::assertSame([0, 0, 0, 0, 0, 1, 2, 4, 8], $waits);
        $this->postJson('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => self::PASSWORD])->assertRedirect('/nights');
        self::assertSame(9, DB::table('tries')->sum('count'), 'of the account nothing is left, of the place what went wrong');
    }

    public function testAnHourWithoutTriesBeginsAnew(): void
    {
        $this->person();
        for ($try = 0; $try < 7; ++$try) {
            $this->guess('/sign-in', 'wrong');
        }
        DB::table('tries')->update(['last_at' => now()->subMinutes(61), 'free_at' => now()->subMinutes(60)]);
        $this->guess('/sign-in', 'wrong')->assertUnprocessable();
        self::assertSame(1, DB::table('tries')->max('count'));
    }

    public function testManyBehindOneAddressDoNotWaitForTheGuessesOfOne(): void
    {
        $this->person();
        $this->person('Odile');
        for ($try = 0; $try < 7; ++$try) {
            $this->guess('/sign-in', 'wrong');
        }
        $this->postJson('/sign-in', ['email' => 'odile@kaddle.example', 'password' => self::PASSWORD])->assertRedirect('/nights');
    }

    public function testABrowserThatIsKnownDoesNotWaitForGuessesFromElsewhere(): void
    {
        $this->person();
        $device = $this->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => self::PASSWORD])->getCookie('kaddle_device')?->getValue();
        $this->post('/sign-out');
        $this->withServerVariables(['REMOTE_ADDR' => '127.0.0.9']);
        for ($try = 0; $try < 40; ++$try) {
            $this->guess('/sign-in', 'wrong');
            $this->waitNoMore();
        }
        DB::table('tries')->update(['free_at' => now()->addMinute()]);
        $this->guess('/sign-in', self::PASSWORD)->assertTooManyRequests();
        $this->withCookie('kaddle_device', (string) $device)->post('/sign-in', ['email' => 'tilda@kaddle.example', 'password' => self::PASSWORD])->assertRedirect('/nights');
    }

    public function testMailsToOneAddressAreFew(): void
    {
        for ($try = 0; $try < 10; ++$try) {
            $this->waitNoMore();
            $this->postJson('/forgotten', ['email' => 'tilda@kaddle.example']);
        }
        $this->postJson('/forgotten', ['email' => 'tilda@kaddle.example'])->assertTooManyRequests();
        $this->postJson('/register', ['name' => 'x', 'email' => 'tilda@kaddle.example', 'password' => self::PASSWORD])->assertTooManyRequests();
    }

    /** @return TestResponse<Response> */
    private function guess(string $path, string $password): TestResponse
    {
        return $this->postJson($path, ['email' => 'tilda@kaddle.example', 'password' => $password]);
    }
}
