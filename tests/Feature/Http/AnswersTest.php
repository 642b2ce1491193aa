<?php

declare(strict_types=1);

namespace Tests\Feature\Http;

use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\Route;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What holds for every answer: headers, sizes, and problems told in words. */
final class AnswersTest extends TestCase
{
    public function testNothingMayComeFromElsewhereOrFrameThePage(): void
    {
        $response = $this->get('/sign-in')->assertOk();
        self::assertStringContainsString("default-src 'none'; script-src 'self'; style-src 'self' 'nonce-", (string) $response->headers->get('Content-Security-Policy'));
        self::assertStringContainsString("frame-ancestors 'none'", (string) $response->headers->get('Content-Security-Policy'));
        $response->assertHeader('X-Content-Type-Options', 'nosniff');
    }

    public function testAMissingPageIsToldInWordsToAPersonAndInJsonToAProgram(): void
    {
        $this->actingAs($this->person());
        $this->get('/nights/4711')->assertNotFound()->assertInertia(static fn(AssertableInertia $page) => $page
            ->component('Problem')
            ->where('status', 404)
            ->where('account.name', 'Tilda'));
        $this->getJson('/nights/4711')->assertNotFound()->assertExactJson(['message' => 'There is no such page, or it belongs to another account.']);
    }

    #[DataProvider('strangePaths')]
    public function testStrangePathsAreNeverAFault(string $path): void
    {
        $this->actingAs($this->person());
        $this->get($path)->assertNotFound();
    }

    /** @return iterable<string, array{string}> */
    public static function strangePaths(): iterable
    {
        yield 'no number' => ['/moments/abc'];
        yield 'a negative number' => ['/moments/-1'];
        yield 'beyond all numbers' => ['/moments/99999999999999999999'];
        yield 'a path out' => ['/moments/..%2F..%2Fetc'];
        yield 'a script' => ['/nights/%3Cscript%3E'];
    }

    public function testAFaultOfOursIsToldWithoutItsInsides(): void
    {
        config(['app.debug' => false]);
        Route::get('/break', static fn() => throw new \RuntimeException('secret insides'))->middleware('web');
        $this->get('/break')->assertStatus(500)->assertDontSee('secret insides')
            ->assertInertia(static fn(AssertableInertia $page) => $page->component('Problem')->where('title', 'Something broke'));
        $this->getJson('/break')->assertStatus(500)->assertExactJson(['message' => 'The fault is ours and is in the log. What you saved before is safe.']);
    }

    #[DataProvider('themes')]
    public function testTheServerWritesTheChosenThemeIntoThePage(?string $cookie, string $theme): void
    {
        $this->withUnencryptedCookies($cookie === null ? [] : ['theme' => $cookie])
            ->get('/sign-in')
            ->assertSee("data-theme=\"$theme\"", false);
    }

    /** @return iterable<string, array{string|null, string}> */
    public static function themes(): iterable
    {
        yield 'none chosen' => [null, 'system'];
        yield 'dark' => ['dark', 'dark'];
        yield 'light' => ['light', 'light'];
        yield 'something else' => ['"><script>', 'system'];
    }

    public function testAnOversizedBodyIsTurnedAwayBeforeAnything(): void
    {
        $this->postJson('/sign-in', ['email' => str_repeat('a', 70_000)])->assertStatus(413)->assertJsonPath('message', 'The request is too long: at most 65536 bytes.');
    }

    /** What the database refuses for a while, or twice, is told as what it is; anything else is a fault of ours. */
    #[DataProvider('refusals')]
    public function testWhatTheDatabaseRefusesIsToldInWords(string $sqlState, int $status, string $words): void
    {
        config(['app.debug' => false]);
        $refused = new \PDOException('refused');
        (new \ReflectionProperty(\Exception::class, 'code'))->setValue($refused, $sqlState);
        Route::get('/refused', static fn() => throw ($sqlState === '23505'
            ? new UniqueConstraintViolationException('pgsql', 'insert', [], $refused)
            : new QueryException('pgsql', 'select', [], $refused)))->middleware('web');
        self::assertStringContainsString($words, (string) $this->getJson('/refused')->assertStatus($status)->getContent());
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function refusals(): iterable
    {
        yield 'the same twice' => ['23505', 409, 'was stored a moment ago'];
        yield 'a deadlock' => ['40P01', 503, 'What you saved before is safe. Try again'];
        yield 'a lock that took too long' => ['55P03', 503, 'What you saved before is safe. Try again'];
        yield 'no connection' => ['08006', 503, 'What you saved before is safe. Try again'];
        yield 'a disk that is full' => ['53100', 503, 'What you saved before is safe. Try again'];
        yield 'a column that is not there' => ['42703', 500, 'The fault is ours'];
    }

    public function testBackLeadsToOurOwnPagesOnly(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $change = ['name' => 'Gala', 'heldOn' => '2027-02-06'];
        $this->actingAs($user)->put("/nights/{$moment->night_id}", $change, ['Referer' => 'http://127.0.0.1/nights'])->assertRedirect('/nights');
        foreach (['http://evil.example/nights', 'http://127.0.0.1.evil.example/', 'javascript:alert(1)', '//evil.example', 'http://127.0.0.1:99/'] as $elsewhere) {
            $to = (string) $this->put("/nights/{$moment->night_id}", $change, ['Referer' => $elsewhere])->headers->get('Location');
            self::assertStringStartsWith('http://127.0.0.1/', $to . '/', $elsewhere);
        }
    }
}
