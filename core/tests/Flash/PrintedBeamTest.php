<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\BeamRays;
use Kaddle\Core\Flash\Lobe;
use Kaddle\Core\Form\BounceReader;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A head told by what is printed on its box. */
final class PrintedBeamTest extends TestCase
{
    /** 20 rectangles of 3:2 with a steep edge, traced by core/bench/beams.php --trace (150 000 photons each). */
    public function testAgreesWithTracedHeads(): void
    {
        $json = (string) file_get_contents(__DIR__ . '/../golden/beams.json');
        /** @var list<array{expected: array{face: array{total: array{float, float, float}}}}> $traced */
        $traced = json_decode($json, true, 16, JSON_THROW_ON_ERROR);
        $errors = [];
        foreach (BounceReader::fromJson($json) as $i => $case) {
            $errors[] = abs(log($case->exposures()['face']->total()->luminance() / Rgb::of(...$traced[$i]['expected']['face']['total'])->luminance(), 2));
        }
        sort($errors);
        self::assertCount(20, $errors);
        self::assertLessThan(0.15, $errors[10], 'median, stops');
        self::assertLessThan(0.35, $errors[18], '95 %');
        self::assertLessThan(0.35, $errors[19], 'up and forward in a dark barn included');
    }

    /** By hand: a = tan 38°, b = ⅔a, 0.97·4·atan(ab/√(1 + a² + b²)) = 1.119 sr of a beam of one candela. */
    #[DataProvider('coverages')]
    public function testHoldsTheLightOfItsRectangle(float $coverage, float $steradians): void
    {
        $beam = Beam::printed(30.0, $coverage);
        self::assertEqualsWithDelta($steradians, $beam->energy() / $beam->axial, 0.001 * $steradians);
        self::assertEqualsWithDelta(2.5 * 900.0, $beam->axial, 1e-9);
        self::assertEqualsWithDelta($beam->axial / 2.0, $beam->towards(cos($beam->halfAngle())), 1e-6 * $beam->axial);
        self::assertLessThan(0.005 * $beam->axial, $beam->towards(cos(min(M_PI_2, 2.0 * $beam->halfAngle()))), 'next to nothing beyond twice the angle');
    }

    /** @return iterable<string, array{float, float}> */
    public static function coverages(): iterable
    {
        yield '76°' => [76.0, 1.1189];
        yield '50°' => [50.0, 0.4881];
        yield '28°' => [28.0, 0.1540];
    }

    /** Rays carry the same light each, so their share within an angle is the light within it. */
    public function testRaysLieWhereTheLightIs(): void
    {
        $beam = Beam::printed(30.0, 76.0);
        $sum = 0.0;
        for ($i = 0; $i < 20_000; ++$i) {
            $cosine = 0.8 + 0.2 * ($i + 0.5) / 20_000;
            $sum += 2.0 * M_PI * $beam->towards($cosine) * 0.2 / 20_000;
        }
        $room = BoxRoom::fromMetres(10.0, 10.0, 10.0, static fn(Face $f): Reflectance => Reflectance::of(0.5, 0.5, 0.5));
        $within = 0;
        foreach (BeamRays::of(Lobe::bare(Vector::of(5.0, 5.0, 1.0), Direction::up(), $beam), 2000)->endsIn($room) as $ends) {
            foreach ($ends->x as $i => $x) {
                $way = Vector::of($x - 5.0, $ends->y[$i] - 5.0, $ends->z[$i] - 1.0);
                $within += $way->z / $way->length() > 0.8 ? 1 : 0;
            }
        }
        self::assertEqualsWithDelta($sum / $beam->energy(), $within / 2000, 0.002);
    }

    public function testAGridLeavesTheAxisAndNarrowsTheRest(): void
    {
        $beam = Beam::printed(30.0, 76.0);
        $narrow = $beam->narrowedBy(20.0);
        self::assertSame($beam->axial, $narrow->axial);
        self::assertLessThan(0.5 * $beam->energy(), $narrow->energy());
        self::assertEqualsWithDelta(20.0, rad2deg($narrow->halfAngle()), 2.0);
    }
}
