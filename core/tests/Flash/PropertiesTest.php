<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Eris\Generators;
use Eris\TestTrait;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\BeamRays;
use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Radiosity\FormFactor;
use Kaddle\Core\Radiosity\Interreflection;
use Kaddle\Core\Radiosity\Patch;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\TestCase;

/** What must hold in every room, whatever the numbers. */
final class PropertiesTest extends TestCase
{
    use TestTrait;

    /** All light of the beam ends on a face, and the faces are those of the room. */
    public function testTheBeamLosesNothing(): void
    {
        $this->limitTo(30)->forAll(Generators::choose(3, 85), Generators::choose(-90, 90), Generators::choose(0, 359))
            ->then(static function (int $halfAngle, int $tilt, int $pan): void {
                $room = self::room(12.0, 7.0, 3.0, 0.5);
                $head = Head::at(Vector::of(4.0, 3.0, 1.8), self::pointing($tilt, $pan), Beam::fromGuideNumber(30.0, $halfAngle));
                $rays = BeamRays::of($head->lobes[0], 200);
                $ends = 0;
                foreach ($rays->endsIn($room) as $on) {
                    $ends += count($on->x);
                    [$places, $plane] = match ($on->face) {
                        Face::Back => [$on->x, 0.0],
                        Face::Far => [$on->x, 12.0],
                        Face::Right => [$on->y, 0.0],
                        Face::Left => [$on->y, 7.0],
                        Face::Floor => [$on->z, 0.0],
                        Face::Ceiling => [$on->z, 3.0],
                    };
                    self::assertEqualsWithDelta($plane, min($places), 1e-9);
                    self::assertEqualsWithDelta($plane, max($places), 1e-9);
                }
                self::assertEqualsWithDelta($head->beam->energy(), $ends * $rays->energy(), 1e-6);
            });
    }

    /** Energy balance: what a room of one grey swallows is what the head gave. */
    public function testWhatGoesInIsSwallowed(): void
    {
        $this->limitTo(20)->forAll(Generators::choose(5, 90), Generators::choose(-90, 90), Generators::choose(0, 359))
            ->then(static function (int $percent, int $tilt, int $pan): void {
                $grey = $percent / 100.0;
                $room = self::room(8.0, 6.0, 3.0, $grey);
                $head = Head::at(Vector::of(3.0, 2.0, 1.8), self::pointing($tilt, $pan), Beam::fromGuideNumber(30.0, 40.0));
                $patches = Interreflection::in($room)->patches->all;
                $probes = [];
                foreach ($patches as $i => $patch) {
                    $probes["p$i"] = self::onPatch($patch);
                }
                $light = FlashInRoom::of($room)->at($probes)->exposures($head);
                $later = 0.0;
                foreach ($patches as $i => $patch) {
                    $later += $light["p$i"]->later->luminance() * $patch->area;
                }
                // By two and more reflections the share ρ²/(1 − ρ) of the beam's light arrives, over all faces.
                $expected = $head->beam->energy() * $grey ** 2 / (1.0 - $grey);
                self::assertEqualsWithDelta(1.0, $later / $expected, 0.06);
            });
    }

    /** Reciprocity: A's share of B times B's area equals the other way round, within the cutting's coarseness. */
    public function testReciprocityOfPatches(): void
    {
        $patches = Interreflection::in(self::room(10.0, 6.0, 3.0, 0.5))->patches->all;
        $pairs = 0;
        foreach ($patches as $i => $a) {
            for ($j = $i % 5; $j < $i; $j += 5) {
                $b = $patches[$j];
                $apart = Vector::of(...$a->middle())->minus(Vector::of(...$b->middle()))->length();
                if ($apart > 2.5 * max($a->u[1] - $a->u[0], $a->v[1] - $a->v[0], $b->u[1] - $b->u[0], $b->v[1] - $b->v[0])) {
                    $there = FormFactor::between(self::onPatch($b), $a) * $b->area;
                    $back = FormFactor::between(self::onPatch($a), $b) * $a->area;
                    self::assertEqualsWithDelta($there, $back, 0.1 * max($there, $back) + 1e-9, "$i and $j");
                    ++$pairs;
                }
            }
        }
        self::assertGreaterThan(1000, $pairs);
    }

    public function testAMirroredRoomMirrorsTheAnswer(): void
    {
        $this->limitTo(25)->forAll(Generators::choose(10, 60), Generators::choose(-80, 80), Generators::choose(-170, 170))
            ->then(static function (int $across, int $tilt, int $pan): void {
                $y = $across / 10.0;
                $one = self::light(self::twoWalls(0.8, 0.2), $y, self::pointing($tilt, $pan));
                $other = self::light(self::twoWalls(0.2, 0.8), 7.0 - $y, self::pointing($tilt, -$pan));
                // A head that looks along the room has one spiral of rays for both; any other has its mirror image.
                self::assertEqualsWithDelta(self::stops($one['face']), self::stops($other['face']), $pan === 0 ? 0.05 : 0.01);
                self::assertEqualsWithDelta(self::stops($one['left']), self::stops($other['right']), $pan === 0 ? 0.15 : 0.01);
            });
    }

    public function testLengthsTimesKGiveExposureOverKSquared(): void
    {
        $this->limitTo(25)->forAll(Generators::choose(11, 60), Generators::choose(-80, 90), Generators::choose(0, 359))
            ->then(static function (int $factor, int $tilt, int $pan): void {
                $k = $factor / 10.0;
                $at = static fn(float $k): Exposure => FlashInRoom::of(self::room(6.0 * $k, 4.0 * $k, 2.5 * $k, 0.6))
                    ->at(['face' => Probe::at(Vector::of(4.5 * $k, 2.0 * $k, 1.4 * $k), Direction::along(Vector::of(-1.0, 0.0, 0.0)))])
                    ->exposures(Head::at(Vector::of(1.5 * $k, 2.0 * $k, 1.6 * $k), self::pointing($tilt, $pan), Beam::fromGuideNumber(30.0, 40.0)))['face'];
                self::assertEqualsWithDelta($k ** 2, $at(1.0)->total()->luminance() / $at($k)->total()->luminance(), 1e-6 * $k ** 2);
            });
    }

    /** No face can be painted lighter and take light away. */
    public function testMonotonyInEveryFace(): void
    {
        $this->limitTo(30)->forAll(Generators::elements(...Face::cases()), Generators::choose(-80, 90), Generators::choose(0, 359))
            ->then(static function (Face $face, int $tilt, int $pan): void {
                $painted = static fn(float $grey): BoxRoom => BoxRoom::fromMetres(
                    12.0,
                    7.0,
                    3.0,
                    static fn(Face $f): Reflectance => $f === $face ? Reflectance::of($grey, $grey, $grey) : Reflectance::of(0.4, 0.4, 0.4),
                );
                $dark = self::light($painted(0.1), 3.0, self::pointing($tilt, $pan));
                $light = self::light($painted(0.8), 3.0, self::pointing($tilt, $pan));
                foreach ($dark as $probe => $exposure) {
                    self::assertGreaterThanOrEqual($exposure->total()->luminance() - 1e-9, $light[$probe]->total()->luminance(), $probe);
                }
            });
    }

    /** Each band lives its own life: a red wall changes nothing in blue. */
    public function testBandsDoNotMix(): void
    {
        $walls = static fn(float $red): BoxRoom => BoxRoom::fromMetres(12.0, 7.0, 3.0, static fn(Face $f): Reflectance => Reflectance::of($red, 0.5, 0.5));
        $pale = self::light($walls(0.5), 3.0, Direction::up())['face']->total();
        $deep = self::light($walls(0.9), 3.0, Direction::up())['face']->total();
        self::assertGreaterThan($pale->r, $deep->r);
        self::assertSame($pale->b, $deep->b);
    }

    /** A pool much smaller than a patch, in a corner where what light is worth changes steeply from one patch to the next. */
    public function testASmallPoolInACornerTakesNoLightAway(): void
    {
        $room = BoxRoom::fromMetres(14.08, 27.05, 9.04, static fn(Face $f): Reflectance => match ($f) {
            Face::Ceiling => Reflectance::of(0.33, 0.33, 0.33),
            Face::Far => Reflectance::of(0.3, 0.3, 0.3),
            Face::Left => Reflectance::of(0.51, 0.51, 0.51),
            default => Reflectance::of(0.0, 0.0, 0.0),
        });
        $head = Head::at(Vector::of(13.11, 16.44, 8.16), Direction::along(Vector::of(0.82, 0.04, 0.57)), Beam::fromGuideNumber(30.0, 15.81));
        $engine = FlashInRoom::of($room);
        $forwards = $engine->lit($head);
        $probes = array_map(static fn(array $p): Probe => Probe::at(Vector::of(...$p[0]), Direction::along(Vector::of(...$p[1]))), [
            'at the side' => [[13.65, 7.79, 8.84], [0.21, 0.91, 0.36]],
            'far off' => [[2.52, 4.13, 0.46], [-0.3, -0.76, 0.57]],
            'across' => [[0.95, 2.27, 5.22], [0.67, 0.51, 0.55]],
            'below' => [[11.1, 26.25, 0.3], [0.68, 0.53, -0.5]],
        ]);
        foreach ($engine->at($probes)->exposures($head) as $place => $light) {
            self::assertGreaterThan(0.0, $light->later->luminance(), $place);
            self::assertGreaterThan(0.0, $forwards->reflected($probes[$place])->luminance(), $place);
        }
    }

    private static function onPatch(Patch $patch): Probe
    {
        return Probe::at(Vector::of(...$patch->middle()), $patch->face->inward());
    }

    /** @return array<string, Exposure> */
    private static function light(BoxRoom $room, float $y, Direction $direction): array
    {
        $towards = Direction::along(Vector::of(-1.0, 0.0, 0.0));
        $face = Vector::of(7.0, $y, 1.5);

        return FlashInRoom::of($room)->at([
            'face' => Probe::at($face, $towards),
            'crown' => Probe::at($face, Direction::up()),
            'left' => Probe::at($face, Direction::along(Vector::of(0.0, 1.0, 0.0))),
            'right' => Probe::at($face, Direction::along(Vector::of(0.0, -1.0, 0.0))),
        ])->exposures(Head::at(Vector::of(4.0, $y, 1.8), $direction, Beam::fromGuideNumber(30.0, 40.0)));
    }

    private static function stops(Exposure $exposure): float
    {
        return log($exposure->total()->luminance(), 2.0);
    }

    /** Degrees: tilt from the horizon, pan from the room's length to the left. */
    private static function pointing(int $tilt, int $pan): Direction
    {
        return Direction::along(Vector::of(
            cos(deg2rad($tilt)) * cos(deg2rad($pan)),
            cos(deg2rad($tilt)) * sin(deg2rad($pan)),
            sin(deg2rad($tilt)),
        ));
    }

    private static function room(float $length, float $width, float $height, float $grey): BoxRoom
    {
        return BoxRoom::fromMetres($length, $width, $height, static fn(Face $f): Reflectance => Reflectance::of($grey, $grey, $grey));
    }

    private static function twoWalls(float $left, float $right): BoxRoom
    {
        return BoxRoom::fromMetres(12.0, 7.0, 3.0, static fn(Face $f): Reflectance => match ($f) {
            Face::Left => Reflectance::of($left, $left, $left),
            Face::Right => Reflectance::of($right, $right, $right),
            default => Reflectance::of(0.5, 0.5, 0.5),
        });
    }
}
