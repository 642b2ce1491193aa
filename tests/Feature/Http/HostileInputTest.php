<?php

declare(strict_types=1);

namespace Tests\Feature\Http;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Testing\TestResponse;
use Kaddle\Core\Gear\PieceKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** Whatever a field gets, it is told or taken, and never a fault of ours; what is told changes nothing. */
final class HostileInputTest extends TestCase
{
    private const TABLES = ['users', 'nights', 'moments', 'moment_steps', 'rooms', 'venues', 'pieces', 'imports', 'jobs', 'password_reset_tokens'];

    /** @var array<string, mixed>|null */
    private ?array $before = null;

    protected function setUp(): void
    {
        parent::setUp();
        Notification::fake();
    }

    /** @param list<string> $fields */
    #[DataProvider('routes')]
    public function testEveryKindOfValueInEveryFieldOfEveryRoute(string $method, string $path, array $fields): void
    {
        $moment = $this->momentOf($user = $this->person());
        $path = $path === '/confirm/1' ? URL::temporarySignedRoute('confirm', now()->addHour(), ['account' => $user->id], false) : $this->pathFor($path, $moment);
        $sound = $this->soundBody($path, $moment, $fields);
        $this->before = $this->rows();
        foreach (self::values() as $name => $value) {
            $this->send($user, $method, $path, array_fill_keys($fields, $value), "all fields: $name");
        }
        // All routes of a draft read it by the same reader; one of them is enough for one field after the other.
        foreach (str_starts_with($path, '/moments') && $method === 'POST' ? ['revision', 'strip', 'ask'] : $fields as $field) {
            foreach (self::kinds() as $name => $value) {
                $this->send($user, $method, $path, [$field => $value] + $sound, "$field: $name");
            }
        }
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function routes(): iterable
    {
        $draft = ['revision', 'name', 'startsAt', 'room', 'camera', 'subject', 'glow', 'look', 'head', 'pointing', 'zoom', 'bodyId', 'lensId', 'flashId', 'outfit', 'focalLength', 'dialled', 'drag', 'strip', 'ask'];
        yield 'save a draft' => ['PUT', '/moments/MOMENT', $draft];
        foreach (['solve', 'strip', 'ways', 'costs', 'colour', 'picture', 'pictured', 'drag', 'ask', 'compare', 'pins'] as $what) {
            yield "$what of a draft" => ['POST', "/moments/MOMENT/$what", $draft];
        }
        yield 'undo' => ['POST', '/moments/MOMENT/undo', ['revision']];
        yield 'redo' => ['POST', '/moments/MOMENT/redo', ['revision']];
        yield 'time' => ['PUT', '/moments/MOMENT/time', ['starts', 'minutes']];
        yield 'hold' => ['PUT', '/moments/MOMENT/hold', ['revision', 'shutter', 'aperture', 'iso', 'lens', 'all']];
        $change = ['what', 'from', 'until', 'stops', 'minutes', 'room', 'to', 'finish', 'piece', 'other', 'keepsPast'];
        yield 'a change, tried' => ['POST', '/nights/NIGHT/change', $change];
        yield 'a moment at other times' => ['POST', '/nights/NIGHT/slide', ['moment', 'starts']];
        yield 'a change, kept' => ['PUT', '/nights/NIGHT/change', $change];
        yield 'a change, taken back' => ['DELETE', '/nights/NIGHT/change', ['x']];
        yield 'favour' => ['PUT', '/nights/NIGHT/favour', ['favour']];
        yield 'plan' => ['PUT', '/moments/MOMENT/plan', ['revision', 'roomId', 'name', 'starts', 'minutes', 'nearest', 'farthest', 'depth', 'clothing', 'movement', 'behind', 'view', 'presence', 'framesPerMinute', 'skipped', 'notes', 'marks']];
        yield 'delete a moment' => ['DELETE', '/moments/MOMENT', ['x']];
        yield 'unpin' => ['DELETE', '/moments/MOMENT/pins/00000000-0000-4000-8000-000000000000', ['x']];
        yield 'start a night' => ['POST', '/nights', ['name', 'place', 'heldOn', 'template', 'zone']];
        yield 'rename a night' => ['PUT', '/nights/NIGHT', ['name', 'heldOn']];
        yield 'copy a night' => ['POST', '/nights/NIGHT/copy', ['name', 'heldOn']];
        yield 'add a moment' => ['POST', '/nights/NIGHT/moments', ['x']];
        yield 'a place' => ['POST', '/places', ['name', 'zone']];
        yield 'change a place' => ['PUT', '/places/VENUE', ['name', 'zone', 'latitude', 'longitude', 'mains', 'rules']];
        yield 'delete a place' => ['DELETE', '/places/VENUE', ['x']];
        yield 'a room' => ['POST', '/places/VENUE/rooms', ['kind']];
        yield 'change a room' => ['PUT', '/rooms/ROOM', ['revision', 'name', 'length', 'width', 'height', 'roof', 'finishes', 'windows', 'lamps', 'readings']];
        yield 'delete a room' => ['DELETE', '/rooms/ROOM', ['x']];
        foreach (PieceKind::cases() as $kind) {
            yield "a new {$kind->value}" => ['POST', "/bag/new/{$kind->value}", array_column($kind->shape()->fields, 'name')];
        }
        yield 'change a lens' => ['PUT', '/pieces/PIECE', array_column(PieceKind::Lens->shape()->fields, 'name')];
        foreach (['copy', 'archive', 'undo'] as $what) {
            yield "$what a piece" => ['POST', "/pieces/PIECE/$what", ['x']];
        }
        yield 'starter gear' => ['POST', '/bag/starter', ['x']];
        yield 'lengths and times' => ['PUT', '/account/voice', ['unit', 'clock']];
        yield 'another password' => ['PUT', '/account/password', ['current', 'password']];
        yield 'sign out' => ['POST', '/sign-out', ['x']];
        yield 'sign in' => ['POST', '/sign-in', ['email', 'password', 'remember']];
        yield 'register' => ['POST', '/register', ['name', 'email', 'password']];
        yield 'forgotten' => ['POST', '/forgotten', ['email']];
        yield 'reset' => ['POST', '/reset', ['token', 'email', 'password']];
        yield 'confirm' => ['POST', '/confirm/1', ['password']];
        yield 'import' => ['POST', '/import', ['format', 'version', 'pieces']];
        yield 'preview' => ['POST', '/import/preview', ['format', 'version', 'uid', 'name', 'date', 'place', 'pieces', 'moments']];
        yield 'delete a night' => ['DELETE', '/nights/NIGHT', ['x']];
    }

    /** No route may be added without a line above. */
    public function testNoRouteThatTakesABodyIsLeftOut(): void
    {
        $known = array_map(static fn(array $r): string => "$r[0] " . preg_replace(['~/[A-Z]+(?=/|$)~', '~/bag/new/.*~', '~/pins/.*~', '~/confirm/.*~'], ['/*', '/bag/new/*', '/pins/*', '/confirm/*'], $r[1]), [...self::routes()]);
        foreach (Route::getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['GET', 'HEAD']) as $method) {
                if ($route->uri() !== '/') { // leads on, whatever the method
                    self::assertContains("$method /" . preg_replace('~\{[a-z]+\}~', '*', $route->uri()), $known);
                }
            }
        }
    }

    #[DataProvider('addresses')]
    public function testAddressesAreToldInWords(string $path): void
    {
        $moment = $this->momentOf($user = $this->person());
        $response = $this->actingAs($user)->get($this->pathFor($path, $moment));
        self::assertLessThan(500, $response->getStatusCode(), $path);
        $this->app->make('auth')->forgetGuards();
        self::assertLessThan(500, $this->get($this->pathFor($path, $moment))->getStatusCode(), $path);
    }

    /** @return iterable<array{string}> */
    public static function addresses(): iterable
    {
        foreach (['/nights?page=', '/places?page=', '/rooms/ROOM?on=', '/reset/x?email=', '/nights/NIGHT?x=', '/confirm/1?signature=', '/schema/', '/bag/new/', '/moments/', '/imports/', '/confirm/', '/reset/'] as $before) {
            foreach (['', '0', '-1', '99999999999999999999', '1e9', 'x', '%00', '%FF', '%C3%28', '..%2F..', '%3Cscript%3E', str_repeat('9', 400), '[]=1'] as $value) {
                yield [$before . $value];
            }
        }
        yield ['/reset/x?email[]=1'];
        yield ['/reset/x?email[a][b]=1'];
        yield ['/nights?page[]=1'];
        yield ['/rooms/ROOM?on[]=1'];
        yield ['/%ff%fe'];
    }

    /** @param array<string, string> $cookies */
    #[DataProvider('cookies')]
    public function testCookiesThatNobodyGaveAreNobody(array $cookies): void
    {
        foreach ($cookies as $name => $value) {
            $this->withUnencryptedCookie($name === 'remember' ? 'remember_web_' . sha1(SessionGuard::class) : $name, $value);
        }
        $this->get('/nowhere')->assertNotFound();
        $this->get('/nights')->assertRedirect('/sign-in');
        $this->withUnencryptedCookies([])->withCookie('remember_web_' . sha1(SessionGuard::class), 'x|y|z')->get('/nights')->assertRedirect('/sign-in');
    }

    /** @return iterable<string, array{array<string, string>}> */
    public static function cookies(): iterable
    {
        yield 'remembered as a word' => [['remember' => 'x|y|z']];
        yield 'remembered as a number beyond all' => [['remember' => str_repeat('9', 40) . '|y|z']];
        yield 'a session of somebody' => [['kaddle_session' => str_repeat('a', 40)]];
        yield 'a device by hand' => [['kaddle_device' => 'x|' . hash('sha256', 'tilda@kaddle.example')]];
        yield 'a theme with markup' => [['theme' => '"><script>']];
    }

    public function testTextThatIsNoUtf8OrHoldsANulIsToldInAFormToo(): void
    {
        $this->actingAs($this->person());
        foreach (["Ball\xff", "Ball\0"] as $name) {
            $this->post('/nights', ['name' => $name, 'place' => 'Mint', 'heldOn' => '2027-02-06'])->assertSessionHasErrors('name');
        }
        $this->call('POST', '/nights', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: "{\"name\": \"\xff\"}")->assertUnprocessable();
        self::assertSame(0, DB::table('nights')->count());
    }

    /** @param array<string, mixed> $body */
    private function send(User $user, string $method, string $path, array $body, string $what): void
    {
        DB::beginTransaction();
        DB::table('tries')->delete();
        $this->app->make('auth')->forgetGuards();
        if (preg_match('~^/(sign-in|register|forgotten|reset|confirm)~', $path) === 0) {
            $this->actingAs($user);
        }
        $response = $this->json($method, $path, $body);
        self::assertLessThan(500, $response->getStatusCode(), "$method $path, $what: " . substr((string) $response->getContent(), 0, 300));
        if (self::isRefused($response)) {
            self::assertSame($this->before, $this->rows(), "$method $path, $what: refused, and yet something has changed");
        }
        DB::rollBack();
    }

    /** @param TestResponse<Response> $response */
    private static function isRefused(TestResponse $response): bool
    {
        return $response->getStatusCode() >= 400;
    }

    /** @return array<string, mixed> how many there are of everything, and what the last of it is */
    private function rows(): array
    {
        $rows = [];
        foreach (self::TABLES as $table) {
            $rows[$table] = DB::scalar("select md5(coalesce(string_agg(t::text, '' order by t::text), '')) from $table t");
        }

        return $rows;
    }

    private function pathFor(string $path, Moment $moment): string
    {
        return str_replace(['NIGHT', 'MOMENT', 'VENUE', 'ROOM', 'PIECE'], array_map(strval(...), [$moment->night_id, $moment->id, $moment->night->venue_id, $moment->room_id, $moment->lens_id]), $path);
    }

    /**
     * @param list<string> $fields
     *
     * @return array<string, mixed>
     */
    private function soundBody(string $path, Moment $moment, array $fields): array
    {
        $body = match (true) {
            str_contains($path, '/plan') => ['name' => 'Vows', 'starts' => '19:30', 'minutes' => 20, 'roomId' => $moment->room_id, 'revision' => $moment->revision],
            str_contains($path, '/time') => ['starts' => '20:00', 'minutes' => 20],
            str_starts_with($path, '/moments') => $this->draftOf($moment),
            str_starts_with($path, '/rooms') => ['revision' => $moment->room->revision] + array_diff_key($moment->room->wholeDocument(), ['uid' => null]),
            str_starts_with($path, '/pieces') => $moment->lens->data,
            str_starts_with($path, '/bag/new') => Piece::query()->where('kind', basename($path))->first()->data ?? [],
            str_starts_with($path, '/places/') => array_diff_key($moment->night->venue->document(), ['uid' => null]),
            default => ['name' => 'Gala', 'place' => 'Mint', 'heldOn' => '2027-02-06', 'zone' => 'UTC', 'email' => 'x@kaddle.example', 'password' => self::PASSWORD, 'current' => self::PASSWORD, 'token' => 'x', 'kind' => 'barn', 'unit' => 'feet', 'clock' => '12'],
        };

        return array_intersect_key($body, array_flip($fields)) + (str_starts_with($path, '/moments') ? $body : []);
    }

    /** @return array<string, mixed> of each kind of thing one, for one field after the other */
    private static function kinds(): array
    {
        return array_intersect_key(self::values(), array_flip(['null', 'true', 'beyond all', 'a word', 'a list of lists', 'an object in an object']));
    }

    /** @return array<string, mixed> 40 kinds of values */
    private static function values(): array
    {
        $deep = 'x';
        for ($i = 0; $i < 12; ++$i) {
            $deep = ['a' => $deep];
        }

        return [
            'null' => null, 'true' => true, 'false' => false, 'nought' => 0, 'a negative number' => -1, 'a half' => 0.5,
            'beyond all' => 1e308, 'beyond all, negative' => -1e308, 'next to nothing' => 1e-320, 'the largest whole' => PHP_INT_MAX, 'the smallest whole' => PHP_INT_MIN,
            'empty text' => '', 'blanks' => " \t ", 'a word' => 'x', 'a number as text' => '1', 'a power as text' => '1e400', 'NaN as text' => 'NaN', 'hexadecimal' => '0x1F',
            'NUL' => "a\0b", 'a line break' => "a\nb", 'text turned round' => "a\u{202E}b", 'half a pair' => "\u{FFFD}", 'digits of another script' => '٣٤', 'a picture' => '🎞', 'very long text' => str_repeat('x', 5000),
            'markup' => '<img src=x onerror=alert(1)>', 'SQL' => "'; drop table moments; --", 'a path' => '../../etc/passwd', 'a formula' => '=1+1', 'a template' => '{{7*7}}', 'a time of no day' => '99:99', 'a day of no month' => '2027-02-30', 'a fraction by nought' => '1/0', 'an aperture of nought' => 'f/0',
            'an empty list' => [], 'a list of lists' => [[], [[]]], 'a list of numbers' => range(1, 300), 'an object' => ['a' => 1], 'an object in an object' => ['value' => ['value' => ['x' => null]]], 'a deep object' => $deep,
        ];
    }
}
