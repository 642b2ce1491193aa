<?php

declare(strict_types=1);

namespace Tests\Feature\Moments;

use App\Models\Moment;
use App\Models\Piece;
use App\Models\User;
use Illuminate\Support\Arr;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Document\ShortfallDocument;
use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** The moments that docs/physics.md works by hand: engine, shell and page say the same. */
final class WorkedMomentsTest extends TestCase
{
    private const CLICK = 10;

    /** @var array<string, mixed> */
    private const FIRST = [
        'version' => 2,
        'room' => ['length' => 20, 'width' => 10, 'height' => 12, 'finishes' => ['ceiling' => 'open', 'floor' => 'open', 'back' => 'open', 'far' => 'open', 'right' => 'open', 'left' => 'open']],
        'camera' => ['fromBackWall' => 5, 'height' => 1.6],
        'subject' => ['distance' => 3, 'height' => 1.6],
        'glow' => ['ev' => 4],
        'look' => ['roomUnder' => 1.5, 'aperture' => 'f/4'],
        'head' => 'direct',
        'body' => ['step' => 'third', 'sync' => '1/200', 'baseIso' => '100', 'usableIso' => '6400', 'stabiliser' => 0, 'crop' => 1, 'strictness' => 1],
        'lens' => ['focalLength' => 35, 'widest' => 'f/1.8', 'narrowest' => 'f/16'],
        'flash' => ['guideNumber' => 14, 'coverage' => 70, 'lowestUnderFull' => 7, 'step' => 'third'],
    ];

    /**
     * @param array<string, mixed> $changes
     * @param array{shutter: string, aperture: string, iso: string, output: string} $expected
     * @param string $misses kind and stops of what falls short; "–" for nothing
     */
    #[DataProvider('rows')]
    public function testEngineShellAndPageAgreeWithTheSumsByHand(array $changes, array $expected, string $misses): void
    {
        $moment = $this->momentOf($user = $this->person());
        $this->actingAs($user);
        $document = self::firstWith($changes);
        $engine = SolutionDocument::of(MomentSolver::solve(MomentReader::fromArray($document)), Voice::plain());
        self::assertSame($misses, $engine->shortfalls === [] ? '–' : implode(', ', array_map(
            static fn(ShortfallDocument $s): string => sprintf('%s %.1f', $s->kind->value, $s->stops),
            $engine->shortfalls,
        )));
        $controls = ['shutter' => $engine->shutter, 'aperture' => $engine->aperture, 'iso' => $engine->iso, 'output' => $engine->output];
        foreach ($controls as $control => $at) {
            if ($expected[$control] === 'off') {
                self::assertSame('off', $at->label);
                continue;
            }
            $off = abs(self::thirtieths($control, $expected[$control]) - $at->thirtieths);
            self::assertLessThanOrEqual(self::CLICK, $off, "$control {$at->label} instead of {$expected[$control]}");
        }
        foreach ([$this->shell($document), $this->page($user, $moment, $document)] as $answer) {
            $told = array_map(static fn(string $control): mixed => Arr::get($answer, "$control.label"), array_keys($controls));
            self::assertSame(array_column($controls, 'label'), $told);
        }
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('groupRows')]
    public function testEngineShellAndPageTellTheSameOfAGroup(array $changes, string $fitsFrom): void
    {
        $document = self::firstWith($changes);
        foreach ([$this->shell($document), $this->page($user = $this->signedIn(), $this->momentOf($user), $document)] as $answer) {
            self::assertStringContainsString("from $fitsFrom m", json_encode(Arr::get($answer, 'group.sentences'), JSON_THROW_ON_ERROR));
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function groupRows(): iterable
    {
        foreach (self::lines('/^\| ([^|]+) \| ((?:`people[^|]+)) \| ([\d.]+) \| ([−\d.–]+) \|$/mu') as [, $name, $told, $fitsFrom]) {
            yield $name => [self::changes($told), rtrim(rtrim(sprintf('%.1f', (float) $fitsFrom), '0'), '.')];
        }
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('colours')]
    public function testShellAndPageAgreeWithTheColoursByHand(array $changes, string $flash, string $room): void
    {
        $document = self::firstWith($changes);
        foreach ([$this->shell($document, 'colour'), $this->page($user = $this->signedIn(), $this->momentOf($user), $document, 'colour')] as $answer) {
            $looks = array_column((array) $answer['patches'], 'looks', 'name');
            foreach (['Flash on the face' => $flash, 'Room’s light' => $room] as $name => $mired) {
                $told = preg_match('/([+−]\d+) mired/u', json_encode($looks[$name], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR), $found) === 1 ? self::number($found[1]) : null;
                self::assertTrue($told === null ? abs(self::number($mired)) < 11.0 : abs($told - self::number($mired)) <= 1.0, "$name looks $mired");
            }
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function colours(): iterable
    {
        foreach (self::lines('/^\| ([^|]+) \| (\d+) \| `([\w-]+)` \| (\d+) \| (\d+) \| ([−+\d]+) \| ([−+\d]+) \|$/mu') as [, $name, $head, $gel, $room, $balance, $flash, $byRoom]) {
            yield $name => [
                ['flash.kelvin' => (int) $head, 'roomKelvin' => (int) $room, 'look.balance' => (int) $balance] + ($gel === 'none' ? [] : ['flash.gel' => ['kind' => $gel]]),
                $flash,
                $byRoom,
            ];
        }
    }

    #[DataProvider('wishes')]
    public function testShellAndPageFindTheSameGelForAWish(string $wish, int $room, string $gel, int $balance): void
    {
        $document = self::firstWith(['roomKelvin' => $room]);
        $user = $this->signedIn();
        $pieces = array_map(fn(GelKind $kind): ?int => $this->gelBefore($user, ['kind' => $kind->value]), GelKind::cases());
        $at = $gel === 'none' ? null : (int) array_search(GelKind::from($gel), GelKind::cases(), true);
        $asked = [
            [$this->shell($document, 'colour'), $at],
            [$this->page($user, $this->momentOf($user), $document, 'colour'), $at === null ? null : $pieces[$at]],
        ];
        foreach ($asked as [$answer, $expected]) {
            $plans = array_column((array) $answer['plans'], null, 'wish');
            self::assertEqualsWithDelta($balance, data_get($plans, "$wish.balance"), 10.0);
            self::assertSame($expected, data_get($plans, "$wish.gel"));
        }
    }

    /** @return iterable<string, array{string, int, string, int}> */
    public static function wishes(): iterable
    {
        foreach (self::lines('/^\| `([\w-]+)` \| (\d+) \| `([\w-]+)` \| (\d+) \| ([−+\d]+) \|$/mu') as [, $wish, $room, $gel, $balance]) {
            yield "$wish at $room K" => [$wish, (int) $room, $gel, (int) $balance];
        }
    }

    public function testNoneIsLeftOut(): void
    {
        self::assertSame([4, 12, 8], array_map(static fn(iterable $rows): int => count(iterator_to_array($rows)), [self::groupRows(), self::colours(), self::wishes()]));
    }

    public function testThereAreThirtyEight(): void
    {
        self::assertCount(38, iterator_to_array(self::rows()));
    }

    /** @return iterable<string, array{array<string, mixed>, array{shutter: string, aperture: string, iso: string, output: string}, string}> by what the table calls it */
    public static function rows(): iterable
    {
        foreach (self::lines('/^\| \d+ \| ([^|]+) \| ([^|]+) \| ([^|]+) \| ([^|]+) \| ([^|]+) \| ([^|]+) \|(?: ([^|]+) \|)?$/mu') as $cells) {
            yield $cells[1] => [self::changes($cells[2]), ['shutter' => $cells[3], 'aperture' => $cells[4], 'iso' => $cells[5], 'output' => $cells[6]], $cells[7] ?? '–'];
        }
    }

    /** @return list<array<string>> lines of docs/physics.md, by cells */
    private static function lines(string $pattern): array
    {
        preg_match_all($pattern, (string) file_get_contents(__DIR__ . '/../../../docs/physics.md'), $lines, PREG_SET_ORDER);

        return $lines;
    }

    /** @return array<string, mixed> what a cell says, by dotted path */
    private static function changes(string $told): array
    {
        preg_match_all('/`([\w.]+)=([^`]+)`/', $told, $changes);

        return array_combine($changes[1], array_map(static fn(string $v): mixed => json_decode($v, true) ?? $v, $changes[2]));
    }

    private static function number(string $told): float
    {
        return (float) str_replace('−', '-', $told);
    }

    private static function thirtieths(string $control, string $label): int
    {
        return match ($control) {
            'shutter' => Shutter::fromLabel($label, Step::Third)->tv->thirtieths,
            'aperture' => Aperture::fromLabel($label, Step::Third)->av->thirtieths,
            'iso' => Iso::fromLabel($label, Step::Third)->sv->thirtieths,
            default => -30 * (int) log((int) substr(explode(' ', $label)[0], 2), 2) + (str_contains($label, '⅓') ? 10 : 0) + (str_contains($label, '⅔') ? 20 : 0),
        };
    }

    /**
     * @param array<string, mixed> $changes by dotted path
     *
     * @return array<string, mixed>
     */
    private static function firstWith(array $changes): array
    {
        $document = self::FIRST;
        foreach ($changes as $path => $value) {
            data_set($document, $path, $value);
        }

        return \is_array($document) ? array_filter($document, is_string(...), ARRAY_FILTER_USE_KEY) : [];
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    private function shell(array $document, string $command = 'solve'): array
    {
        $light = new Process([PHP_BINARY, base_path('core/bin/light'), $command], input: json_encode($document, JSON_THROW_ON_ERROR));

        return (array) json_decode($light->mustRun()->getOutput(), true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * The gear goes into the bag, the rest over the page's route.
     *
     * @param array<string, mixed> $document
     *
     * @return array<array-key, mixed>
     */
    private function page(User $user, Moment $moment, array $document, string $route = 'solve'): array
    {
        ['body' => $body, 'lens' => $lens, 'flash' => $flash] = $document;
        assert(is_array($body) && is_array($lens) && is_array($flash));
        $zoom = ['focalLength' => 35, 'guideNumber' => $flash['guideNumber'], 'coverage' => $flash['coverage']];
        $this->give($moment->body, ['name' => 'Body'] + $body);
        $this->give($moment->lens, ['name' => 'Lens', 'openings' => [['focalLength' => $lens['focalLength'], 'widest' => $lens['widest']]], 'narrowest' => $lens['narrowest']]);
        $this->give($moment->flash, ['name' => 'Unit', 'zoom' => [$zoom], 'bounceZoom' => 35] + array_diff_key($flash, ['guideNumber' => 0, 'coverage' => 0, 'gel' => 0]));
        $moment->update(['plan' => [...$moment->plan->toArray(), ...(array) ($document['people'] ?? [])]]);
        $draft = ['focalLength' => $lens['focalLength'], 'outfit' => ['units' => 1, 'modifierId' => null, 'gelId' => $this->gelBefore($user, $flash['gel'] ?? null)]]
            + array_intersect_key($document, array_flip(['room', 'camera', 'subject', 'glow', 'roomKelvin', 'onFace', 'look', 'head']))
            + $this->draftOf($moment);

        return (array) $this->postJson("/moments/{$moment->id}/$route", $draft)->assertOk()->json();
    }

    private function signedIn(): User
    {
        $this->actingAs($user = $this->person());

        return $user;
    }

    /** @param mixed $gel as a document has it: its kind */
    private function gelBefore(User $user, mixed $gel): ?int
    {
        if ($gel === null) {
            return null;
        }
        $figures = GelKind::from(\is_string(data_get($gel, 'kind')) ? data_get($gel, 'kind') : '')->gel();

        return $user->pieces()->create([
            'kind' => PieceKind::Gel,
            'data' => ['name' => 'Gel', 'shift' => $figures->shift->mired, 'loss' => $figures->loss->value],
        ])->id;
    }

    /** @param array<array-key, mixed> $data */
    private function give(Piece $piece, array $data): void
    {
        $piece->forceFill(['data' => $data])->saveQuietly();
    }
}
