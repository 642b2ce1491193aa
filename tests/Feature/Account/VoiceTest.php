<?php

declare(strict_types=1);

namespace Tests\Feature\Account;

use App\Models\Moment;
use App\Models\Night;
use App\Models\Piece;
use App\Models\Room;
use App\Models\User;
use App\Models\Venue;
use Database\Seeders\DatabaseSeeder;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** An account is told lengths and times in its own units, and nothing in the other. */
final class VoiceTest extends TestCase
{
    private const METRES = '/(?<![\w.])[−-]?\d+(\.\d+)? ?(m|metres?|cm)\b(?! ?[²³])/u';
    private const FEET = '/\d ?(ft|feet|foot|in)\b(?! (the|a|this|your)\b)/u';
    private const HOURS_24 = '/(?<![\d:T])([01]\d|2[0-3]):[0-5]\d(?! ?[ap]m)(?![\d:])/u';
    private const HOURS_12 = '/\d ?[ap]m\b/u';

    /** What pages tell themselves, and what is stored as it is. */
    private const PLAIN = ['startsAt', 'endsAt', 'at', 'sunset', 'starts', 'from', 'to', 'notes', 'values', 'draft', 'url', 'document'];

    /** @var array<string, string> where a text was first found that is told in the units of others */
    private array $strange = [];

    /** @param list<string> $others */
    #[DataProvider('voices')]
    public function testNothingIsToldInTheUnitsOfOthers(string $unit, string $clock, array $others): void
    {
        $this->seed(DatabaseSeeder::class);
        $user = User::query()->firstOrFail();
        $this->actingAs($user)->put('/account/voice', ['unit' => $unit, 'clock' => $clock])->assertRedirect('/account');
        self::assertSame([LengthUnit::from($unit), Clock::from($clock)], [$user->refresh()->length_unit, $user->clock]);
        $read = 0;
        foreach (self::pages() as $path) {
            $read += $this->read($path, $this->get($path)->assertOk()->inertiaPage(), $others);
        }
        // The page of a moment has its answer; of what is asked for later a few tell as much as all.
        foreach (Moment::query()->with(Moment::WHOLE)->get()->nth(4) as $moment) {
            foreach (['ways', 'costs'] as $asked) {
                $read += $this->read("$asked of $moment->name", json_decode((string) $this->postJson("/moments/$moment->id/$asked", $this->draftOf($moment))->assertOk()->getContent(), true, 64, JSON_THROW_ON_ERROR), $others);
            }
        }
        $moment = Moment::query()->firstOrFail();
        $read += $this->read('refusals', $this->postJson("/moments/$moment->id/solve", $this->draftOf($moment, ['subject.distance' => 500, 'camera.height' => -1, 'room.height' => 1]))->assertUnprocessable()->json(), $others);
        $read += $this->read('refusals', $this->putJson("/moments/$moment->id/time", ['starts' => 'late'])->assertUnprocessable()->json(), $others);
        self::assertSame([], $this->strange);
        self::assertGreaterThan(2000, $read);
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function voices(): iterable
    {
        yield 'feet, am and pm' => ['feet', '12', [self::METRES, self::HOURS_24]];
        yield 'metres, 24 hours' => ['metres', '24', [self::FEET, self::HOURS_12]];
    }

    public function testWhatLeavesAsAFileIsTheSameForEverybody(): void
    {
        $moment = $this->momentOf($user = $this->person());
        $paths = ["/moments/$moment->id/document", "/nights/$moment->night_id/document", "/places/{$moment->night->venue_id}/document", '/bag/document', '/bag.csv', "/nights/$moment->night_id/timetable.csv", "/nights/$moment->night_id/kit.csv", "/nights/$moment->night_id/energy.csv"];
        $files = function () use ($paths): array {
            return array_map(fn(string $path): string => (string) $this->get($path)->assertOk()->getContent(), $paths);
        };
        $this->actingAs($user);
        $metric = $files();
        $this->put('/account/voice', ['unit' => 'feet', 'clock' => '12']);
        self::assertSame($metric, $files());
    }

    public function testAnUnknownUnitIsRefused(): void
    {
        $this->actingAs($this->person())->put('/account/voice', ['unit' => 'ells', 'clock' => '12'])
            ->assertSessionHasErrors(['unit' => 'The lengths must be one of: metres, feet.']);
    }

    /** @return list<string> */
    private static function pages(): array
    {
        // But for the account's own, where both are offered.
        $paths = ['/nights', '/bag', '/places', '/import', '/bag/new/lens', '/bag/new/flash'];
        foreach (Night::query()->get() as $night) {
            array_push($paths, "/nights/$night->id", "/nights/$night->id/kit", "/nights/$night->id/energy");
        }
        foreach ([[Moment::class, '/moments/%d'], [Moment::class, '/moments/%d/plan'], [Venue::class, '/places/%d'], [Room::class, '/rooms/%d'], [Piece::class, '/pieces/%d']] as [$model, $path]) {
            foreach ($model::query()->pluck('id') as $id) {
                $paths[] = sprintf($path, is_int($id) ? $id : 0);
            }
        }

        return $paths;
    }

    /**
     * @param list<string> $others patterns of what must not be there
     *
     * @return int texts that were read
     */
    private function read(string $where, mixed $told, array $others, string $key = ''): int
    {
        if (is_string($told) && !in_array($key, self::PLAIN, true)) {
            foreach ($others as $other) {
                if (preg_match($other, $told) === 1) {
                    $this->strange["$key: $told"] = $where;
                }
            }

            return 1;
        }
        $read = 0;
        foreach (is_array($told) ? $told : [] as $name => $part) {
            if (!in_array($name, self::PLAIN, true)) {
                $read += $this->read($where, $part, $others, is_string($name) ? $name : $key);
            }
        }

        return $read;
    }
}
