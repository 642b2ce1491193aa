<?php

declare(strict_types=1);

namespace Tests;

use App\Http\UnreadRequest;
use App\Models\Moment;
use App\Models\Night;
use App\Models\User;
use App\Planning\BenchHistory;
use App\Starter\StarterNight;
use App\Starter\StarterVenue;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\ViewErrorBag;
use Kaddle\Core\Intake\Leaves;

/** Feature tests run against a real PostgreSQL, which bin/test starts. */
abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    protected const PASSWORD = 'a long enough one';

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__ . '/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    protected function person(string $name = 'Tilda'): User
    {
        $user = new User([
            'name' => $name,
            'email' => strtolower($name) . '@kaddle.example',
            'password' => self::PASSWORD,
        ]);
        $user->forceFill(['confirmed_at' => now()])->save();

        return $user->refresh();
    }

    /** Somebody else before the same browser, who is no thief of the session. */
    public function actingAs(Authenticatable $user, $guard = null)
    {
        $this->app->make('session')->forget('password_hash_web');

        return parent::actingAs($user, $guard);
    }

    /** As public/index.php makes it: what is sent is read late. */
    protected function createTestRequest($symfonyRequest): Request
    {
        return UnreadRequest::createFromBase($symfonyRequest);
    }

    /** Ends the wait after a try, so that more of them make the next too long for a machine that stalls to sit out. */
    protected function waitNoMore(): void
    {
        DB::table('tries')->update(['free_at' => now()->subSecond()]);
    }

    /** The first moment of a new night. */
    protected function momentOf(User $user): Moment
    {
        $night = new Night(['name' => 'A wedding', 'held_on' => '2027-05-08']);
        StarterNight::store($user, $night, StarterVenue::store($user, 'A hall', 'Europe/Oslo', 'place'), null);

        return $night->moments()->firstOrFail()->fresh() ?? self::fail('not stored');
    }

    /**
     * What the page would send for a stored moment, with changes by dotted path.
     *
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    protected function draftOf(Moment $moment, array $changes = []): array
    {
        $document = $moment->fresh(Moment::WHOLE)?->document() ?? [];
        $draft = [
            'revision' => BenchHistory::of($moment->fresh('room') ?? $moment)->revision(),
            'name' => $moment->name,
            'startsAt' => '19:30',
            'room' => $document['room'] ?? [],
            'camera' => $document['camera'] ?? [],
            'subject' => $document['subject'] ?? [],
            'glow' => $moment->isGlowFromCurve() ? ['curve' => true] : $document['glow'] ?? [],
            'look' => $document['look'] ?? [],
            'head' => null,
            'bodyId' => $moment->body_id,
            'lensId' => $moment->lens_id,
            'flashId' => $moment->flash_id,
            'outfit' => ['units' => $moment->settings->whole('units'), 'modifierId' => $moment->modifier_id, 'gelId' => $moment->gel_id, 'gelled' => null, 'otherGelId' => $moment->other_gel_id],
            'focalLength' => $moment->settings->number('focalLength'),
        ];
        foreach ($changes as $path => $value) {
            Arr::set($draft, $path, $value);
        }

        /** @var array<string, mixed> $draft */
        return $draft;
    }

    /**
     * The settings of a moment with changes by dotted path; null takes one out.
     *
     * @param array<string, mixed> $changes
     *
     * @return array<string, mixed>
     */
    protected static function settingsOf(Moment $moment, array $changes): array
    {
        return Leaves::put($moment->settings->toArray(), $changes);
    }

    /** The sentence that the last request left for a field. */
    protected function sentenceFor(string $field): string
    {
        $errors = session('errors');

        return $errors instanceof ViewErrorBag ? $errors->getBag('default')->first($field) : '';
    }
}
