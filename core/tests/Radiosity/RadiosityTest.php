<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Radiosity;

use Closure;
use Eris\Generators;
use Eris\TestTrait;
use Kaddle\Core\Radiosity\FaceGrid;
use Kaddle\Core\Radiosity\FormFactor;
use Kaddle\Core\Radiosity\Interreflection;
use Kaddle\Core\Radiosity\MirrorImages;
use Kaddle\Core\Radiosity\Patch;
use Kaddle\Core\Radiosity\Patches;
use Kaddle\Core\Radiosity\Reflection;
use Kaddle\Core\Radiosity\Transfer;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Tests\Room\RoomTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RadiosityTest extends TestCase
{
    use TestTrait;

    /** In a closed room the faces fill every point's sky, whatever closed form says how. */
    public function testFormFactorsOfAClosedRoomAddUpToOne(): void
    {
        $this->forAll(Generators::choose(20, 400), Generators::choose(20, 200), Generators::choose(20, 120), Generators::choose(-90, 90), Generators::choose(0, 359))
            ->withMaxSize(20)
            ->then(static function (int $length, int $width, int $height, int $tilt, int $pan): void {
                $patches = Patches::of(RoomTest::room($length / 10.0, $width / 10.0, $height / 10.0, 0.5));
                $eye = Vector::of($length / 30.0, $width / 25.0, $height / 18.0);
                $normal = Direction::along(Vector::of(cos(deg2rad($tilt)) * cos(deg2rad($pan)), cos(deg2rad($tilt)) * sin(deg2rad($pan)), sin(deg2rad($tilt))));
                self::assertEqualsWithDelta(1.0, array_sum($patches->seenBy(Probe::at($eye, $normal))), 1e-9);
            });
    }

    /** Two derivations of the same thing: corner formulas against Lambert's edge sum. */
    public function testClosedFormsAgreeWithTheEdgeSum(): void
    {
        $patches = Patches::of(RoomTest::room(12.0, 6.0, 3.0, 0.5));
        foreach ([...$patches->all, null] as $eye) {
            $probe = $eye === null
                ? Probe::at(Vector::of(5.0, 2.0, 1.4), Direction::along(Vector::of(-1.0, 0.7, 0.3)))
                : Probe::at(Vector::of(...$eye->middle()), $eye->face->inward());
            $seen = $patches->seenBy($probe);
            foreach ($patches->all as $i => $patch) {
                self::assertEqualsWithDelta(FormFactor::between($probe, $patch), $seen[$i], 1e-9, "patch $i");
            }
        }
    }

    public function testNothingOfAPlaneIsSeenFromWithinIt(): void
    {
        [$patch] = Patches::of(RoomTest::room(12.0, 6.0, 3.0, 0.5))->all;
        $tilted = Direction::along(Vector::of(1.0, 0.6, 0.4));
        self::assertSame(0.0, FormFactor::between(Probe::at(Vector::of(...$patch->middle()), $tilted), $patch));
        self::assertEqualsWithDelta(
            1.0,
            array_sum(Patches::of(RoomTest::room(12.0, 6.0, 3.0, 0.5))->seenBy(Probe::at(Vector::of(5.0, 2.0, 3.0), Direction::along(Vector::of(0.0, 0.5, -0.9))))),
            1e-5,
            'a slope through the ceiling sees all around what lies before it, once',
        );
    }

    /**
     * Evenly lit evenly grey room: every reflection keeps the share ρ, so what arrives
     * anywhere by two and more is E·ρ²/(1 − ρ) (the integrating sphere).
     */
    public function testIntegratingSphere(): void
    {
        $interreflection = Interreflection::in(RoomTest::room(5.0, 5.0, 5.0, 0.8));
        $importance = $interreflection->importance(Probe::at(Vector::of(1.0, 2.0, 1.5), Direction::along(Vector::of(1.0, 0.3, -0.2))));
        $arriving = 0.0;
        foreach ($interreflection->patches->all as $i => $patch) {
            $arriving += $importance[1][$i] * 10.0 * $patch->area;
        }
        self::assertEqualsWithDelta(1.0, $arriving / (10.0 * 0.8 ** 2 / (1.0 - 0.8)), 0.005);
    }

    /** However bright the faces: in one of 0.93 three terms and a tail were 0.28 stop off; the sum to the end is g·(1 − ρF)⁻¹. */
    #[DataProvider('shares')]
    public function testTheSumOfReflectionsIsWorkedOutToItsEnd(float $share): void
    {
        $room = RoomTest::room(13.76, 11.59, 3.83, $share);
        $patches = Patches::of($room);
        $transfer = Transfer::between($patches);
        $probe = Probe::at(Vector::of(7.0, 5.8, 1.6), Direction::along(Vector::of(-1.0, 0.0, 0.0)));
        $term = $patches->seenBy($probe);
        $sum = array_fill(0, count($term), 0.0);
        for ($n = 0; $n < 400; ++$n) {
            $weighed = array_map(static fn(float $v): float => $v * $share, $term);
            $term = self::led($transfer, $patches->all, $weighed);
            $sum = array_map(static fn(float $a, float $b): float => $a + $b, $sum, $term);
        }
        $importance = Interreflection::in($room)->importance($probe)[0];
        foreach ($patches->all as $i => $patch) {
            self::assertEqualsWithDelta(0.0, log($importance[$i] * $patch->area / $share / $sum[$i], 2), 0.08, "patch $i, stops");
        }
    }

    /** @return iterable<string, array{float}> */
    public static function shares(): iterable
    {
        yield 'grey' => [0.5];
        yield 'white' => [0.85];
        yield 'as white as they come' => [0.95];
    }

    /** Each face sends back its own share, also where light is told as sums and differences over mirror images. */
    public function testEveryFaceReflectsByItself(): void
    {
        $room = BoxRoom::fromMetres(9.0, 5.0, 3.0, static fn(Face $f): Reflectance => match ($f) {
            Face::Back => Reflectance::of(0.1, 0.9, 0.2),
            Face::Far => Reflectance::of(0.7, 0.3, 0.4),
            Face::Floor => Reflectance::of(0.0, 0.2, 0.6),
            Face::Ceiling => Reflectance::of(0.8, 0.5, 0.3),
            Face::Left => Reflectance::of(0.4, 0.6, 0.9),
            Face::Right => Reflectance::of(0.3, 0.1, 0.0),
        });
        $patches = Patches::of($room);
        $light = array_map(static fn(int $i): float => 1.0 + sin(3.0 * $i), array_keys($patches->all));
        $sent = MirrorImages::apart(Reflection::in($room, $patches, 'g')->of(MirrorImages::combined($light)));
        foreach ($patches->all as $i => $patch) {
            self::assertEqualsWithDelta($room->reflectance($patch->face)->share->g * $light[$i], $sent[$i], 1e-12, "patch $i");
        }
    }

    /** The shortcut over mirror images gives what all pairs would, but for a scale of each patch. */
    public function testTransferOverMirrorImagesEqualsTheSumOverAllPairs(): void
    {
        [$patches, $transfer] = self::transferIn(9.0, 5.0, 3.0);
        $mean = $scales = [];
        foreach ($patches as $i => $sender) {
            foreach ($patches as $j => $receiver) {
                $mean[$i][$j] = 0.5 * (self::seen($receiver, $sender) + self::seen($sender, $receiver) * $sender->area / $receiver->area);
                if ($receiver->face === $sender->face->opposite() && $receiver->cell === $sender->cell) {
                    $scales[$i] = sqrt($transfer[$i][$j] / $mean[$i][$j]);
                }
            }
        }
        foreach ($patches as $i => $sender) {
            self::assertEqualsWithDelta(1.0, $scales[$i], 0.06);
            foreach ($patches as $j => $receiver) {
                self::assertEqualsWithDelta($scales[$i] * $scales[$j] * $mean[$i][$j], $transfer[$i][$j], 1e-9, "from $i to $j");
            }
        }
    }

    /** Nothing gets lost on the way, and light goes back the way it came. */
    #[TestWith([9.0, 5.0, 3.0])]
    #[TestWith([20.0, 5.0, 3.0])]
    #[TestWith([30.0, 20.0, 4.0])]
    #[TestWith([40.0, 2.5, 2.5])]
    public function testPatchesSeeOnePatchAnotherAlikeAndAllOfThemOne(float $depth, float $width, float $height): void
    {
        [$patches, $transfer] = self::transferIn($depth, $width, $height);
        foreach ($patches as $j => $receiver) {
            self::assertEqualsWithDelta(1.0, array_sum(array_column($transfer, $j)), 0.002, "all that $j sees");
            foreach ($patches as $i => $sender) {
                self::assertEqualsWithDelta($transfer[$j][$i] * $sender->area, $transfer[$i][$j] * $receiver->area, 1e-9, "$i and $j");
            }
        }
    }

    /**
     * What bends no more than a square does is known at any place from its means over patches; where there are
     * only two, what runs straight.
     */
    #[TestWith([11.0, 6.0, 4.0, 1.0])]
    #[TestWith([30.0, 20.0, 4.0, 0.0])]
    public function testACurveIsKnownAnywhereFromItsMeansOverPatches(float $depth, float $width, float $height, float $upwards): void
    {
        $room = RoomTest::room($depth, $width, $height, 0.5);
        $patches = Patches::of($room);
        $curve = static fn(float $x, float $y, float $z): float => 2.0 + 0.3 * $x - 0.7 * $y + 0.4 * $z + 0.2 * $x * $y + 0.11 * $x * $x - 0.05 * $y * $y + $upwards * $z * $z;
        $from = Vector::of(0.4 * $depth, 0.55 * $width, 0.5 * $height);
        for ($turn = 0; $turn < 60; ++$turn) {
            [$x, $y, $z] = [cos($turn), sin($turn), cos(2.7 * $turn)];
            [$end] = $room->footprints($from, [$x], [$y], [$z], [0.0]);
            $sum = 0.0;
            foreach ($patches->hits($end) as $i => $share) {
                $sum += $share * self::meanOf($patches->all[$i], $curve);
            }
            self::assertEqualsWithDelta($curve($end->x[0], $end->y[0], $end->z[0]), $sum, 1e-9, "ray $turn");
        }
    }

    /** Straight ahead of the middle of a square, half its side over the distance being s: four corners of Howell's B-3. */
    public function testASquareStraightAhead(): void
    {
        $grid = FaceGrid::of(Face::Far, [2.0, 2.0, 2.0], [1, 1, 1]);
        $side = 0.5 / sqrt(1.25);
        self::assertEqualsWithDelta(4.0 * $side * atan($side) / M_PI, $grid->seenFrom([0.0, 1.0, 1.0], [1.0, 0.0, 0.0])[0], 1e-12);
    }

    /**
     * @return array{list<Patch>, array<int, list<float>>} patches, and shares by sender and receiver
     */
    private static function transferIn(float $depth, float $width, float $height): array
    {
        $patches = Patches::of(RoomTest::room($depth, $width, $height, 0.5));
        $transfer = Transfer::between($patches);
        $shares = [];
        foreach ($patches->all as $j => $receiver) {
            foreach (self::led($transfer, $patches->all, array_map(static fn(int $i): float => $i === $j ? 1.0 : 0.0, array_keys($patches->all))) as $i => $share) {
                $shares[$i][] = $share;
            }
        }

        return [$patches->all, $shares];
    }

    /**
     * From what light is worth where it arrives to what it is worth where it leaves.
     *
     * @param list<Patch> $patches
     * @param list<float> $worth by patch
     *
     * @return list<float> by patch
     */
    private static function led(Transfer $transfer, array $patches, array $worth): array
    {
        $combined = MirrorImages::combined(array_map(static fn(float $worth, Patch $patch): float => $worth / sqrt($patch->area), $worth, $patches));

        return array_map(static fn(float $led, Patch $patch): float => $led * sqrt($patch->area), MirrorImages::apart($transfer->led($combined, $combined, $combined)[0]), $patches);
    }

    /** Share of what the middle of a patch sees that is another. */
    private static function seen(Patch $from, Patch $other): float
    {
        return FormFactor::between(Probe::at(Vector::of(...$from->middle()), $from->face->inward()), $other);
    }

    /**
     * By Simpson's rule both ways, which is exact for what bends no more than a square does.
     *
     * @param Closure(float, float, float): float $curve
     */
    private static function meanOf(Patch $patch, Closure $curve): float
    {
        [$a, $b, $c, $d] = $patch->corners();
        $mean = 0.0;
        foreach ([[0.0, 1.0], [0.5, 4.0], [1.0, 1.0]] as [$s, $weightS]) {
            foreach ([[0.0, 1.0], [0.5, 4.0], [1.0, 1.0]] as [$t, $weightT]) {
                $point = array_map(static fn(float $a, float $b, float $c, float $d): float => (1.0 - $s) * ((1.0 - $t) * $a + $t * $d) + $s * ((1.0 - $t) * $b + $t * $c), $a, $b, $c, $d);
                $mean += $weightS * $weightT / 36.0 * $curve(...$point);
            }
        }

        return $mean;
    }
}
