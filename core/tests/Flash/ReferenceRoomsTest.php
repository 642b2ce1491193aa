<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\TestCase;

/**
 * The engine against path-traced rooms; source: golden/README.md.
 *
 * @phpstan-type Triple array{float, float, float}
 * @phpstan-type Traced array{
 *     id: string,
 *     room: array{size: Triple, reflectance: array<string, Triple>},
 *     flash: array{position: Triple, direction: Triple, guideNumber: float, halfAngleDeg: float},
 *     probes: array<string, array{point: Triple, normal: Triple}>,
 *     expected: array<string, array{direct: Triple, first: Triple, total: Triple}>
 * }
 */
final class ReferenceRoomsTest extends TestCase
{
    private const NAMES = ['ceiling' => 'ceiling', 'floor' => 'floor', 'back' => 'x0', 'far' => 'x1', 'right' => 'y0', 'left' => 'y1'];

    public function testFaceTotalsAgreeWithThePathTracer(): void
    {
        $errors = [];
        foreach (self::rooms() as $room) {
            $expected = Rgb::of(...$room['expected']['face']['total'])->luminance();
            $errors[$room['id']] = abs(log(self::computed($room)['face']->total()->luminance() / $expected, 2.0));
        }
        asort($errors);
        $sorted = array_values($errors);
        self::assertCount(50, $sorted);
        self::assertLessThan(0.03, $sorted[24], 'median of |error| in stops');
        self::assertLessThan(0.12, $sorted[47], '95th percentile');
        self::assertLessThan(0.2, $sorted[49], 'worst: ' . array_key_last($errors));
    }

    public function testFirstReflectionsAgreeWithThePathTracer(): void
    {
        foreach (self::rooms() as $room) {
            $expected = Rgb::of(...$room['expected']['face']['first'])->luminance();
            $total = Rgb::of(...$room['expected']['face']['total'])->luminance();
            if ($expected > 0.01 * $total) {
                $error = log(self::computed($room)['face']->first->luminance() / $expected, 2.0);
                self::assertEqualsWithDelta(0.0, $error, 0.1, $room['id']);
            }
        }
    }

    /** @return list<Traced> */
    private static function rooms(): array
    {
        /** @var list<Traced> */
        return json_decode((string) file_get_contents(__DIR__ . '/../golden/rooms.json'), true, 16, JSON_THROW_ON_ERROR);
    }

    /**
     * @param Traced $traced
     *
     * @return array<string, Exposure>
     */
    private static function computed(array $traced): array
    {
        $reflectances = $traced['room']['reflectance'];
        $room = BoxRoom::fromMetres(
            ...[...$traced['room']['size'], static fn(Face $f): Reflectance => Reflectance::of(...$reflectances[self::NAMES[$f->value]])],
        );
        $flash = $traced['flash'];
        $face = $traced['probes']['face'];

        return FlashInRoom::of($room)
            ->at(['face' => Probe::at(Vector::of(...$face['point']), Direction::along(Vector::of(...$face['normal'])))])
            ->exposures(Head::at(
                Vector::of(...$flash['position']),
                Direction::along(Vector::of(...$flash['direction'])),
                Beam::fromGuideNumber($flash['guideNumber'], $flash['halfAngleDeg']),
            ));
    }
}
