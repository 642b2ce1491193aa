<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Form;

use Kaddle\Core\Form\BounceReader;
use Kaddle\Core\Intake\Fault;
use Kaddle\Core\Intake\FaultyDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rooms with lights as the engine is checked with: read whole, or refused by field. */
final class BounceReaderTest extends TestCase
{
    public function testReadsOneAndManyWithTheirNames(): void
    {
        [$one] = BounceReader::fromJson(self::json([]));
        self::assertSame('net-loft', $one->id);
        $many = BounceReader::fromJson('[' . self::json([]) . ',' . self::json(['id' => null]) . ']');
        self::assertSame(['net-loft', '1'], [$many[0]->id, $many[1]->id]);
        self::assertEquals($one->exposures(), $many[1]->exposures());
    }

    public function testTwoFlashesGiveTheLightOfBoth(): void
    {
        $flash = self::room()['flash'];
        [$one] = BounceReader::fromJson(self::json([]));
        [$two] = BounceReader::fromJson(self::json(['flash' => [$flash, $flash]]));
        self::assertEqualsWithDelta(2.0 * $one->exposures()['face']->total()->luminance(), $two->exposures()['face']->total()->luminance(), 1e-9);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('faulty')]
    public function testRefusesByField(array $changes, string $field, string $words): void
    {
        try {
            BounceReader::fromJson(self::json($changes));
            self::fail('taken');
        } catch (FaultyDocument $e) {
            $told = array_values(array_filter($e->faults, static fn(Fault $f): bool => $f->field === $field));
            self::assertNotSame([], $told, $e->getMessage());
            self::assertStringContainsString($words, $told[0]->message);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faulty(): iterable
    {
        $room = self::room();
        yield 'a room of two sides' => [['room' => ['size' => [12, 7]] + $room['room']], 'room.size', 'three numbers'];
        yield 'a room like a box' => [['room' => ['size' => [12, 7, 0.5]] + $room['room']], 'room.size', 'must be'];
        yield 'a ceiling out of reach' => [['room' => ['size' => [12, 7, 90]] + $room['room']], 'room.size', 'The ceiling height must be 2 to 40 m'];
        yield 'paint brighter than light' => [['room' => ['reflectance' => ['floor' => [1.2, 0.3, 0.3]] + $room['room']['reflectance']] + $room['room']], 'room.reflectance.floor', 'one is 1.2'];
        yield 'paint of one number' => [['room' => ['reflectance' => ['floor' => 0.3] + $room['room']['reflectance']] + $room['room']], 'room.reflectance.floor', 'three numbers'];
        yield 'no flash' => [['flash' => null], 'flash', 'must be an object'];
        yield 'no flash in a list' => [['flash' => [1, 2, 3, 4, 5, 6, 7, 8, 9]], 'flash', 'a list of 1 to 8'];
        yield 'a head that points nowhere' => [['flash' => ['direction' => [0, 0, 0]] + $room['flash']], 'flash.direction', 'points nowhere'];
        yield 'a head in the next room' => [['flash' => ['position' => [50, 3, 1]] + $room['flash']], 'flash.position', 'outside the room'];
        yield 'a face in the next room' => [['probes' => ['face' => ['point' => [7, 20, 1.5], 'normal' => [0, 1, 0]]] + $room['probes']], 'probes.face.point', 'outside the room'];
        yield 'a backdrop without a side' => [['probes' => ['background' => ['point' => [7, 0, 1.5]]] + $room['probes']], 'probes.background.normal', 'three numbers'];
        yield 'a beam as wide as the sky' => [['flash' => ['halfAngleDeg' => 120] + $room['flash']], 'flash.halfAngleDeg', '3 to 85'];
    }

    /** @param array<string, mixed> $changes */
    private static function json(array $changes): string
    {
        return json_encode([...self::room(), ...$changes], JSON_THROW_ON_ERROR);
    }

    /** @return array{id: string, room: array{size: list<float>, reflectance: array<string, list<float>>}, flash: array<string, mixed>, probes: array<string, array<string, list<float>>>} */
    private static function room(): array
    {
        return [
            'id' => 'net-loft',
            'room' => ['size' => [12.0, 7.0, 2.8], 'reflectance' => array_fill_keys(['ceiling', 'floor', 'x0', 'x1', 'y0', 'y1'], [0.7, 0.6, 0.5])],
            'flash' => ['position' => [5.0, 3.0, 1.7], 'direction' => [0.0, 0.0, 1.0], 'guideNumber' => 28.0, 'halfAngleDeg' => 40.0],
            'probes' => [
                'face' => ['point' => [8.0, 3.5, 1.6], 'normal' => [-1.0, 0.0, 0.0]],
                'background' => ['point' => [12.0, 3.5, 1.6], 'normal' => [-1.0, 0.0, 0.0]],
            ],
        ];
    }
}
