<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Cli;

use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** bin/light as a person at a shell meets it. */
final class LightCommandTest extends TestCase
{
    private const SCHEMAS = __DIR__ . '/../../schema';

    public function testAnswersWithTheSameAsTheEngineAndKeepsToItsSchema(): void
    {
        [$exit, $out, $err] = self::light(['solve'], (string) file_get_contents(__DIR__ . '/../../examples/supper.json'));
        self::assertSame([0, ''], [$exit, $err]);
        self::assertJsonStringEqualsJsonString(
            json_encode(SolutionDocument::of(MomentSolver::solve(Moments::with([])), Voice::plain()), JSON_THROW_ON_ERROR),
            $out,
        );
        self::assertKeepsTo('solution.schema.json', $out);
    }

    public function testANightIsSolvedAsAWhole(): void
    {
        $json = (string) file_get_contents(__DIR__ . '/../../examples/night.json');
        [$exit, $out, $err] = self::light(['night'], $json);
        self::assertSame([0, ''], [$exit, $err]);
        self::assertKeepsTo('score.schema.json', $out);
        self::assertSame($out, self::light(['night'], $json)[1]);
        /** @var array{turns: float, turnsAlone: float, bars: list<array{name: string, from: string, until: string, changes: list<array{label: string, why: string}>}>} $score */
        $score = json_decode($out, true, 16, JSON_THROW_ON_ERROR);
        self::assertLessThan($score['turnsAlone'], $score['turns']);
        self::assertSame([['Supper', '19:30', '20:15'], ['Supper', '20:15', '20:20'], ['First dance', '21:20', '21:30']], array_map(
            static fn(array $bar): array => [$bar['name'], $bar['from'], $bar['until']],
            $score['bars'],
        ));
        self::assertSame('shutter 2 slower', $score['bars'][1]['changes'][0]['label']);
        self::assertStringContainsString('the room 0.7 stops darker', $score['bars'][1]['changes'][0]['why']);
    }

    public function testANightOfAnotherKindOrWithAFaultIsRefusedByField(): void
    {
        self::assertSame([2, 'format'], self::refusal('night', (string) file_get_contents(__DIR__ . '/../../examples/bag.json')));
        $night = str_replace('"19:30"', '"25:30"', (string) file_get_contents(__DIR__ . '/../../examples/night.json'));
        self::assertSame([2, 'moments.0.plan.starts'], self::refusal('night', $night));
    }

    public function testAnImpossibleMomentIsStillAnAnswer(): void
    {
        $document = Moments::documentWith(['glow.ev' => -6, 'head' => 'up', 'room.finishes' => Moments::everywhere('open')]);
        [$exit, $out] = self::light(['solve'], json_encode($document, JSON_THROW_ON_ERROR));
        self::assertSame(0, $exit);
        self::assertStringContainsString('"feasible": false', $out);
        self::assertKeepsTo('solution.schema.json', $out);
    }

    public function testTheExampleKeepsToTheMomentSchema(): void
    {
        self::assertKeepsTo('moment.schema.json', json_encode(Moments::supper(), JSON_THROW_ON_ERROR));
    }

    #[DataProvider('refused')]
    public function testRefusesWithExitCodeTwoAndTheFieldsOnStandardError(string $input, string $field): void
    {
        [$exit, $out, $err] = self::light(['solve'], $input);
        self::assertSame([2, ''], [$exit, $out]);
        self::assertStringContainsString(sprintf('"field": "%s"', $field), $err);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'not JSON' => ['NaN', ''];
        yield 'a megabyte' => [str_repeat(' ', 1_000_000), ''];
        yield 'no ceiling' => [json_encode(Moments::documentWith(['room.height' => 0]), JSON_THROW_ON_ERROR), 'room.height'];
        yield 'broken UTF-8' => ["{\"version\": \"\xff\"}", ''];
    }

    public function testTellsWhatAChangeCosts(): void
    {
        [$exit, $out, $err] = self::light(['costs'], (string) file_get_contents(__DIR__ . '/../../examples/supper.json'));
        self::assertSame([0, ''], [$exit, $err]);
        self::assertKeepsTo('costs.schema.json', $out);
    }

    public function testTellsColoursAndTheGelsThatChangeThem(): void
    {
        [$exit, $out, $err] = self::light(['colour'], json_encode(Moments::documentWith(['roomKelvin' => 2900, 'look.balance' => 3200]), JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$exit, $err]);
        self::assertKeepsTo('colour.schema.json', $out);
        self::assertStringContainsString('Full orange, body at 2900 K', $out);
    }

    public function testTellsThePictureToExpect(): void
    {
        [$exit, $out, $err] = self::light(['picture'], json_encode(Moments::documentWith(['people' => ['behind' => 'window', 'count' => 3]]), JSON_THROW_ON_ERROR));
        self::assertSame([0, ''], [$exit, $err]);
        self::assertKeepsTo('picture.schema.json', $out);
    }

    public function testShowsADragAndItsExampleKeepsToTheMomentSchema(): void
    {
        $example = (string) file_get_contents(__DIR__ . '/../../examples/first-dance-drag.json');
        self::assertKeepsTo('moment.schema.json', $example);
        [$exit, $out, $err] = self::light(['drag'], $example);
        self::assertSame([0, ''], [$exit, $err]);
        self::assertKeepsTo('drag.schema.json', $out);
    }

    /** @param array<string, mixed> $drag */
    #[DataProvider('impossibleDrags')]
    public function testRefusesADragThatCannotBeByItsField(array $drag, string $field, string $range): void
    {
        [$exit, $out, $err] = self::light(['drag'], json_encode(Moments::documentWith(['drag' => $drag, 'lens.closest' => 0.45]), JSON_THROW_ON_ERROR));
        self::assertSame([2, ''], [$exit, $out]);
        self::assertStringContainsString(sprintf('"field": "drag.%s"', $field), $err);
        self::assertStringContainsString($range, $err);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function impossibleDrags(): iterable
    {
        $lamp = ['across' => 1, 'up' => 1, 'away' => 9, 'ev' => 12];
        yield 'faster than anybody' => [['speed' => 15.5], 'speed', '0 to 15 m'];
        yield 'no time' => [['seconds' => 0], 'seconds', '3600 s'];
        yield 'more than an hour' => [['seconds' => 3601], 'seconds', '3600 s'];
        yield 'more lamps than anybody enters' => [['lamps' => array_fill(0, 201, $lamp)], 'lamps', '200'];
        yield 'beyond a turn' => [['camera' => 'twist', 'angle' => 361], 'angle', '360'];
        yield 'a zoom to nothing' => [['camera' => 'zoom', 'ratio' => 0], 'ratio', '0.1 to 10'];
        yield 'nearer than the lens goes' => [['focus' => 0.4], 'focus', 'from 0.45 m on'];
        yield 'a zone that ends before it begins' => [['zoneFrom' => 3, 'zoneTo' => 1], 'zoneTo', 'farther away'];
    }

    public function testBouncesManyRoomsOrOne(): void
    {
        $rooms = json_decode((string) file_get_contents(__DIR__ . '/../golden/rooms.json'), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($rooms);
        foreach ([[$rooms[0], $rooms[1]], $rooms[0]] as $input) {
            [$exit, $out, $err] = self::light(['bounce'], json_encode($input, JSON_THROW_ON_ERROR));
            self::assertSame([0, ''], [$exit, $err]);
            $answers = json_decode($out, true, 16, JSON_THROW_ON_ERROR);
            self::assertIsArray($answers);
            self::assertIsArray($answers[0]);
            self::assertSame(['id', 'face', 'crown', 'left', 'right', 'background'], array_keys($answers[0]));
            self::assertKeepsTo('exposures.schema.json', $out);
            self::assertKeepsTo('bounce.schema.json', json_encode($input, JSON_THROW_ON_ERROR));
        }
    }

    public function testBouncesSeveralFlashesUnderARoof(): void
    {
        $rooms = json_decode((string) file_get_contents(__DIR__ . '/../golden/rooms.json'), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($rooms);
        $room = array_replace_recursive((array) $rooms[0], ['room' => ['roof' => ['ridge' => 12, 'runs' => 'along']]]);
        $one = $room['flash'];
        self::assertIsArray($one);
        $room['flash'] = [$one, $one, $one + ['modifier' => ['kind' => 'dome'], 'gel' => ['kind' => 'full-orange']]];
        $input = json_encode($room, JSON_THROW_ON_ERROR);
        self::assertKeepsTo('bounce.schema.json', $input);
        [$exit, $out, $err] = self::light(['bounce'], $input);
        self::assertSame([0, ''], [$exit, $err]);
        self::assertKeepsTo('exposures.schema.json', $out);
        $room['flash'][2] = ['position' => [99, 1, 1]] + $one;
        [$exit, , $err] = self::light(['bounce'], json_encode($room, JSON_THROW_ON_ERROR));
        self::assertSame(2, $exit);
        self::assertStringContainsString('"field": "flash.2.position"', $err);
    }

    #[DataProvider('badRooms')]
    public function testRefusesImpossibleRoomsByField(string $path, mixed $value, string $field, string $sentence): void
    {
        $rooms = json_decode((string) file_get_contents(__DIR__ . '/../golden/rooms.json'), true, 16, JSON_THROW_ON_ERROR);
        self::assertIsArray($rooms);
        self::assertIsArray($rooms[0]);
        $room = $rooms[0];
        $place = &$room;
        foreach (explode('.', $path) as $name) {
            self::assertIsArray($place);
            $place = &$place[$name];
        }
        $place = $value;
        [$exit, $out, $err] = self::light(['bounce'], json_encode([$room], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
        self::assertSame([2, ''], [$exit, $out]);
        self::assertStringContainsString(sprintf('"field": "0.%s"', $field), $err);
        self::assertStringContainsString($sentence, $err);
    }

    /** @return iterable<string, array{string, mixed, string, string}> */
    public static function badRooms(): iterable
    {
        yield 'head inside a wall' => ['flash.position', [30, 1, 1], 'flash.position', 'outside the room'];
        yield 'subject outside' => ['probes.face.point', [5, 50, 1], 'probes.face.point', 'outside the room'];
        yield 'too white' => ['room.reflectance.ceiling', [0.96, 0.9, 0.9], 'room.reflectance.ceiling', '0 to 0.95 in each number; one is 0.96'];
        yield 'pointing nowhere' => ['flash.direction', [0, 0, 0], 'flash.direction', 'must have a length'];
        yield 'no light' => ['flash.guideNumber', 0, 'flash.guideNumber', 'must be 2 to 120 m; it is 0.'];
        yield 'no width' => ['flash.halfAngleDeg', 0, 'flash.halfAngleDeg', 'must be 3 to 85 °; it is 0.'];
        yield 'half a sphere' => ['flash.halfAngleDeg', 90, 'flash.halfAngleDeg', 'must be 3 to 85 °; it is 90.'];
        yield 'two numbers' => ['room.size', [5, 5], 'room.size', 'must be three numbers'];
        yield 'a mile high' => ['room.size', [5, 5, 99], 'room.size', 'ceiling height must be 2 to 40 m'];
    }

    public function testTellsWhereTheSunStands(): void
    {
        [$exit, $out] = self::light(['sun'], '[{"lat": 0, "lon": 0, "time": "2027-03-20T12:00:00Z"}]');
        self::assertSame(0, $exit);
        /** @var list<array{altitude: float, azimuth: float, lux: float}> $sun */
        $sun = json_decode($out, true, 4, JSON_THROW_ON_ERROR);
        self::assertEqualsWithDelta(88.1, $sun[0]['altitude'], 0.05);
        self::assertGreaterThan(100_000.0, $sun[0]['lux']);
        [$exit, , $err] = self::light(['sun'], '[{"lat": 0, "lon": 0, "time": "noon"}]');
        self::assertSame(2, $exit);
        self::assertStringContainsString('"field": "0.time"', $err);
    }

    public function testChecksDocuments(): void
    {
        self::assertSame(0, self::light(['check'], (string) file_get_contents(__DIR__ . '/../../examples/night.json'))[0]);
        self::assertSame(2, self::light(['check'], '{"format": "kaddle-night", "version": 1}')[0]);
    }

    public function testAnUnknownCommandShowsTheUsage(): void
    {
        [$exit, , $err] = self::light(['shine'], '');
        self::assertSame(2, $exit);
        self::assertStringContainsString('light solve < moment.json', $err);
    }

    /** @return array{int, string} exit code, and the field of the first fault */
    private static function refusal(string $command, string $input): array
    {
        [$exit, $out, $err] = self::light([$command], $input);
        self::assertSame('', $out);
        preg_match('/"field": "(.*)"/', $err, $field);

        return [$exit, $field[1] ?? ''];
    }

    private static function assertKeepsTo(string $schema, string $json): void
    {
        $result = (new Validator())->validate(
            json_decode($json, false, 32, JSON_THROW_ON_ERROR),
            (string) file_get_contents(self::SCHEMAS . "/$schema"),
        );
        $error = $result->error();
        self::assertNull($error, $error === null ? '' : json_encode((new ErrorFormatter())->format($error), JSON_THROW_ON_ERROR));
    }

    /**
     * @param list<string> $arguments
     *
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private static function light(array $arguments, string $input): array
    {
        $in = tmpfile();
        self::assertIsResource($in);
        fwrite($in, $input);
        rewind($in);
        $process = proc_open([PHP_BINARY, __DIR__ . '/../../bin/light', ...$arguments], [$in, ['pipe', 'w'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $err];
    }
}
