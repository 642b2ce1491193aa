<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Room;

use Eris\Generators;
use Eris\TestTrait;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Radiosity\FaceGrid;
use Kaddle\Core\Radiosity\FormFactor;
use Kaddle\Core\Radiosity\Interreflection;
use Kaddle\Core\Radiosity\Patches;
use Kaddle\Core\Radiosity\Transfer;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RoomKind;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoomTest extends TestCase
{
    use TestTrait;

    /** In a closed room the faces fill every point's sky, whatever closed form says how. */
    public function testFormFactorsOfAClosedRoomAddUpToOne(): void
    {
        $this->forAll(Generators::choose(20, 400), Generators::choose(20, 200), Generators::choose(20, 120), Generators::choose(-90, 90), Generators::choose(0, 359))
            ->withMaxSize(20)
            ->then(static function (int $length, int $width, int $height, int $tilt, int $pan): void {
                $patches = Patches::of(self::room($length / 10.0, $width / 10.0, $height / 10.0, 0.5));
                $eye = Vector::of($length / 30.0, $width / 25.0, $height / 18.0);
                $normal = Direction::along(Vector::of(cos(deg2rad($tilt)) * cos(deg2rad($pan)), cos(deg2rad($tilt)) * sin(deg2rad($pan)), sin(deg2rad($tilt))));
                self::assertEqualsWithDelta(1.0, array_sum($patches->seenBy(Probe::at($eye, $normal))), 1e-9);
            });
    }

    /** Two derivations of the same thing: corner formulas against Lambert's edge sum. */
    public function testClosedFormsAgreeWithTheEdgeSum(): void
    {
        $patches = Patches::of(self::room(12.0, 6.0, 3.0, 0.5));
        foreach ([...$patches->all, null] as $eye) {
            $probe = $eye === null
                ? Probe::at(Vector::of(5.0, 2.0, 1.4), Direction::along(Vector::of(-1.0, 0.7, 0.3)))
                : Probe::at(Vector::of(...$eye->middle), $eye->face->inward());
            $seen = $patches->seenBy($probe);
            foreach ($patches->all as $i => $patch) {
                self::assertEqualsWithDelta(FormFactor::between($probe, $patch), $seen[$i], 1e-9, "patch $i");
            }
        }
    }

    public function testNothingOfAPlaneIsSeenFromWithinIt(): void
    {
        [$patch] = Patches::of(self::room(12.0, 6.0, 3.0, 0.5))->all;
        $tilted = Direction::along(Vector::of(1.0, 0.6, 0.4));
        self::assertSame(0.0, FormFactor::between(Probe::at(Vector::of(...$patch->middle), $tilted), $patch));
        self::assertEqualsWithDelta(
            1.0,
            array_sum(Patches::of(self::room(12.0, 6.0, 3.0, 0.5))->seenBy(Probe::at(Vector::of(5.0, 2.0, 3.0), Direction::along(Vector::of(0.0, 0.5, -0.9))))),
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
        $interreflection = Interreflection::in(self::room(5.0, 5.0, 5.0, 0.8));
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
        $room = self::room(13.76, 11.59, 3.83, $share);
        $patches = Patches::of($room);
        $transfer = Transfer::between($patches);
        $probe = Probe::at(Vector::of(7.0, 5.8, 1.6), Direction::along(Vector::of(-1.0, 0.0, 0.0)));
        $term = $patches->seenBy($probe);
        $sum = array_fill(0, count($term), 0.0);
        for ($n = 0; $n < 400; ++$n) {
            $weighed = array_map(static fn(float $v): float => $v * $share, $term);
            [$term] = $transfer->back([$weighed, $weighed, $weighed]);
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

    /** The shortcut over mirror images gives what summing over all pairs would. */
    public function testTransferOverMirrorImagesEqualsTheSumOverAllPairs(): void
    {
        $patches = Patches::of(self::room(9.0, 5.0, 3.0, 0.5));
        $worth = array_map(static fn(int $i): float => fmod(sin($i + 1.0) * 1000.0, 1.0) + 1.0, array_keys($patches->all));
        [$back] = Transfer::between($patches)->back([$worth, $worth, $worth]);
        foreach ($patches->all as $i => $sender) {
            $sum = 0.0;
            foreach ($patches->all as $j => $receiver) {
                $sum += FormFactor::between(Probe::at(Vector::of(...$receiver->middle), $receiver->face->inward()), $sender) * $worth[$j];
            }
            self::assertEqualsWithDelta($sum, $back[$i], 1e-9, "patch $i");
        }
    }

    public function testEveryPointBelongsToThePatchThatHoldsIt(): void
    {
        $room = self::room(11.0, 6.0, 3.0, 0.5);
        $patches = Patches::of($room);
        foreach ($patches->all as $i => $patch) {
            [$x, $y, $z] = $patch->middle;
            $middle = Vector::of(5.5, 3.0, 1.5);
            [$end] = $room->footprints($middle, [$x - 5.5], [$y - 3.0], [$z - 1.5]);
            self::assertSame([$i => 1.0], array_filter(array_map(static fn(float $share): float => round($share, 9), $patches->hits($end)), static fn(float $share): bool => $share !== 0.0), "patch $i");
        }
    }

    /** Straight ahead of the middle of a square, half its side over the distance being s: four corners of Howell's B-3. */
    public function testASquareStraightAhead(): void
    {
        $grid = FaceGrid::of(Face::Far, [2.0, 2.0, 2.0], [1, 1, 1]);
        $side = 0.5 / sqrt(1.25);
        self::assertEqualsWithDelta(4.0 * $side * atan($side) / M_PI, $grid->seenFrom([0.0, 1.0, 1.0], [1.0, 0.0, 0.0])[0], 1e-12);
    }

    public function testARayMeetsTheFaceAhead(): void
    {
        $room = self::room(10.0, 4.0, 3.0, 0.5);
        $from = Vector::of(2.0, 2.0, 1.0);
        self::assertSame(Face::Ceiling, $room->meets($from, 0.1, 0.0, 1.0)->face);
        self::assertEquals(Vector::of(10.0, 2.0, 1.0), $room->meets($from, 3.0, 0.0, 0.0)->point);
        self::assertSame(Face::Right, $room->meets($from, 0.1, -1.0, 0.0)->face);
        self::assertSame(Face::Back, $room->meets($from, -1.0, 0.1, 0.0)->face);
    }

    public function testRefusesWhatNoWallCanDo(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('The green reflectance must be 0 to 0.95; it is 0.96.');
        Reflectance::of(0.5, 0.96, 0.5);
    }

    public function testRefusesADirectionWithoutLength(): void
    {
        $this->expectException(OutOfRange::class);
        Direction::along(Vector::of(0.0, 0.0, 0.0));
    }

    public function testOnlyTheOpenSkySendsNothingBack(): void
    {
        foreach (Finish::cases() as $finish) {
            self::assertSame($finish === Finish::Open, $finish->reflectance()->share->luminance() === 0.0, $finish->value);
        }
    }

    /** Every kind is a room that can be built and lit, and only the open air has no ceiling. */
    public function testKindsOfRoomsAreRooms(): void
    {
        foreach (RoomKind::cases() as $kind) {
            $room = BoxRoom::fromMetres(...[...$kind->metres(), static fn(Face $f): Reflectance => $kind->finish($f)->reflectance()]);
            $sky = $room->reflectance(Face::Ceiling)->share->luminance() === 0.0;
            self::assertSame($kind === RoomKind::OpenAir, $sky, $kind->value);
        }
    }

    public static function room(float $length, float $width, float $height, float $grey): BoxRoom
    {
        return BoxRoom::fromMetres($length, $width, $height, static fn(Face $f): Reflectance => Reflectance::of($grey, $grey, $grey));
    }

    public function testTheFacesOfARoomBelongToIt(): void
    {
        $room = self::room(9.0, 5.0, 3.0, 0.5);
        foreach ([[0.0, 0.0, 0.0], [9.0, 5.0, 3.0], [9.0, 0.0, 3.0], [0.0, 5.0, 0.0]] as $corner) {
            self::assertTrue($room->contains(Vector::of(...$corner)));
        }
        foreach ([[9.01, 1.0, 1.0], [1.0, 5.01, 1.0], [1.0, 1.0, 3.01], [-0.01, 1.0, 1.0], [1.0, -0.01, 1.0], [1.0, 1.0, -0.01]] as $outside) {
            self::assertFalse($room->contains(Vector::of(...$outside)));
        }
    }
}
