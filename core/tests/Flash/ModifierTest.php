<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ImpossibleUnit;
use Kaddle\Core\Flash\Lobe;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Flash\Outfit;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\Vector;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ModifierTest extends TestCase
{
    /** What comes out is what went in less the loss; a grid's cells swallow more. */
    #[DataProvider('kinds')]
    public function testNoLightIsMade(ModifierKind $kind): void
    {
        $bare = self::beam();
        $out = array_sum(array_map(
            static fn(Lobe $lobe): float => $lobe->beam->energy(),
            Modifier::fromCatalogue($kind)->shaped(Lobe::bare(self::place(), Direction::up(), $bare), self::ahead()),
        ));
        $kept = $bare->energy() * 2.0 ** -$kind->loss();
        if ($kind === ModifierKind::Grid) {
            self::assertLessThan(0.5 * $kept, $out);
        } else {
            self::assertEqualsWithDelta($kept, $out, 1e-6);
        }
    }

    /** A meter on the axis reads less by exactly what was measured. */
    #[DataProvider('kinds')]
    public function testADimmingThatWasMeasuredComesOutAgain(ModifierKind $kind): void
    {
        $modifier = Modifier::measured($kind, 3.0, self::beam());
        $meter = Probe::at(self::place()->plus(Vector::of(2.0, 0.0, 0.0)), self::ahead()->opposite());
        $read = static fn(Outfit $outfit): float => Head::dressed(self::place(), self::ahead(), self::beam(), $outfit, Direction::up(), Kelvin::of(5500.0))->straightTo($meter);
        self::assertEqualsWithDelta(3.0, log($read(Outfit::bare()) / $read(Outfit::of(1, $modifier, null)), 2), 1e-9);
    }

    /** @return iterable<string, array{ModifierKind}> */
    public static function kinds(): iterable
    {
        foreach (ModifierKind::cases() as $kind) {
            yield $kind->inWords() => [$kind];
        }
    }

    public function testASpreadThatDimsLessThanItMustIsRefused(): void
    {
        $this->expectException(ImpossibleUnit::class);
        $this->expectExceptionMessage('By spreading the light alone a sphere dims the axis of this head by 2.4 stops; a meter cannot have shown less.');
        Modifier::measured(ModifierKind::Sphere, 1.0, Beam::fromGuideNumber(30.0, 35.0));
    }

    public function testACardSendsLightForwardUnderAnOpenSky(): void
    {
        $sky = self::room(0.0);
        self::assertSame(0.0, self::onFace($sky, Outfit::bare())->total()->luminance());
        self::assertGreaterThan(0.0, self::onFace($sky, Outfit::of(1, Modifier::fromCatalogue(ModifierKind::Card), null))->direct->luminance());
    }

    public function testASphereShinesBackToo(): void
    {
        $behind = Probe::at(self::place()->minus(Vector::of(0.0, 0.0, 1.0)), Direction::up());
        $head = Head::dressed(self::place(), Direction::up(), self::beam(), Outfit::of(1, Modifier::fromCatalogue(ModifierKind::Sphere), null), self::ahead(), Kelvin::of(5500.0));
        self::assertGreaterThan(0.0, $head->straightTo($behind));
    }

    public function testAGridKeepsLightOffTheSide(): void
    {
        $share = static fn(Outfit $outfit): float => self::beyond($outfit, 45.0) / self::beyond($outfit, 0.0);
        self::assertLessThan(0.1 * $share(Outfit::bare()), $share(Outfit::of(1, Modifier::fromCatalogue(ModifierKind::Grid), null)));
    }

    public function testUnitsAddUp(): void
    {
        $room = self::room(0.6);
        $one = self::onFace($room, Outfit::bare())->total()->luminance();
        self::assertEqualsWithDelta(3.0 * $one, self::onFace($room, Outfit::of(3, null, null))->total()->luminance(), 1e-9 * $one);
        $heads = [self::up(Outfit::bare()), Head::at(Vector::of(9.0, 1.0, 1.0), Direction::along(Vector::of(-1.0, 1.0, 1.0)), self::beam())];
        $probed = FlashInRoom::of($room)->at(['face' => self::face()]);
        $light = static fn(Head ...$lit): float => $probed->exposures(...$lit)['face']->total()->luminance();
        self::assertEqualsWithDelta($light($heads[0]) + $light($heads[1]), $light(...$heads), 1e-9);
    }

    public function testAGelColoursAndDims(): void
    {
        $room = self::room(0.6);
        $bare = self::onFace($room, Outfit::bare())->total();
        $warm = self::onFace($room, Outfit::of(1, null, GelKind::HalfOrange->gel()))->total();
        self::assertEqualsWithDelta(-0.5, log($warm->luminance() / $bare->luminance(), 2), 1e-9);
        self::assertGreaterThan($warm->b, $warm->r);
    }

    public function testUnitsUnderDifferentGelsGiveTheSumOfTheirLight(): void
    {
        $room = self::room(0.6);
        [$orange, $blue] = [GelKind::FullOrange->gel(), GelKind::HalfBlue->gel()];
        $light = static fn(?Gel $gel): Rgb => self::onFace($room, Outfit::of(1, null, $gel))->total();
        foreach ([[1, 2, null], [1, 2, $blue], [2, 3, $blue], [1, 4, $blue]] as [$gelled, $units, $other]) {
            $apart = $light($orange)->times($gelled)->plus($light($other)->times($units - $gelled));
            $outfit = Outfit::of($units, null, $orange, $gelled, $other);
            $together = self::onFace($room, $outfit)->total();
            foreach (['r', 'g', 'b'] as $band) {
                self::assertEqualsWithDelta($apart->{$band}, $together->{$band}, 1e-9 * $apart->luminance(), "$gelled of $units, $band");
            }
            self::assertEqualsWithDelta(
                log($units * $light(null)->luminance() / $apart->luminance(), 2),
                $outfit->loss(Kelvin::of(5500.0))->value,
                1e-9,
            );
        }
    }

    public function testTheSameGelOnEachIsOneGel(): void
    {
        $gel = GelKind::HalfOrange->gel();
        $head = Kelvin::of(5500.0);
        foreach ([Outfit::of(2, null, $gel), Outfit::of(2, null, $gel, 1, $gel), Outfit::of(2, null, $gel, 2, GelKind::HalfBlue->gel())] as $outfit) {
            self::assertEquals($gel->transmission($head), $outfit->transmission($head));
            self::assertEquals($gel->loss, $outfit->loss($head));
            self::assertFalse($outfit->isMixed());
        }
        self::assertEqualsWithDelta(
            $head->mired()->mired + 159.0,
            Outfit::of(4, null, GelKind::FullOrange->gel(), 3, GelKind::FullOrange->gel())->shifted(LightColour::ofKelvin($head))->warmth->mired,
            1e-9,
        );
    }

    public function testTwiceTheUnitsCarryTheirGelsInTheSameShares(): void
    {
        $pair = Outfit::of(2, null, GelKind::FullOrange->gel(), 1)->times(2);
        self::assertSame([4, 2], [$pair->units, $pair->gelled]);
    }

    public function testAGelDimsDirectLightToo(): void
    {
        $ahead = Probe::at(self::place()->plus(Vector::of(0.0, 0.0, 2.0)), Direction::up()->opposite());
        $straight = static fn(Outfit $outfit): float => Head::dressed(self::place(), Direction::up(), self::beam(), $outfit, self::ahead(), Kelvin::of(5500.0))->straightTo($ahead);
        self::assertEqualsWithDelta(-0.5, log($straight(Outfit::of(1, null, GelKind::HalfOrange->gel())) / $straight(Outfit::bare()), 2), 1e-9);
        self::assertEqualsWithDelta(1.0, log($straight(Outfit::of(2, null, null)) / $straight(Outfit::bare()), 2), 1e-9);
    }

    /** Nothing reflects, so the light is as wide as the window of the head: 2·atan(0.03 m / 3 m). */
    public function testABareHeadLooksAsLargeAsItIs(): void
    {
        $lit = FlashInRoom::of(self::room(0.0))->at(['face' => self::face()])
            ->lit(Head::at(self::place(), self::ahead(), self::beam()));
        self::assertEqualsWithDelta(2.0 * rad2deg(atan(0.03 / 3.0)), $lit->apparentSize('face', $lit->exposures()['face']), 0.001);
    }

    public function testACeilingIsALargeLight(): void
    {
        $lit = FlashInRoom::of(self::room(0.8))->at(['face' => self::face()])->lit(self::up(Outfit::bare()));
        $size = $lit->apparentSize('face', $lit->exposures()['face']);
        self::assertGreaterThan(60.0, $size);
        self::assertLessThan(180.0, $size);
    }

    public function testWhereNoLightComesNothingIsSeen(): void
    {
        $lit = FlashInRoom::of(self::room(0.0))->at(['face' => self::face()])->lit(self::up(Outfit::bare()));
        self::assertSame(0.0, $lit->apparentSize('face', $lit->exposures()['face']));
    }

    public function testUnderADomeThereIsNoCard(): void
    {
        self::assertContains(HeadAim::Card, HeadAim::with(Outfit::bare()));
        self::assertNotContains(HeadAim::Card, HeadAim::with(Outfit::of(1, Modifier::fromCatalogue(ModifierKind::Dome), null)));
    }

    public function testFiveUnitsAreTooManyForOneHand(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('number of units');
        Outfit::of(5, null, null);
    }

    private static function beyond(Outfit $outfit, float $degrees): float
    {
        $way = Vector::of(cos(deg2rad($degrees)), sin(deg2rad($degrees)), 0.0);

        return Head::dressed(self::place(), self::ahead(), self::beam(), $outfit, Direction::up(), Kelvin::of(5500.0))
            ->straightTo(Probe::at(self::place()->plus($way->times(2.0)), Direction::along($way)->opposite()));
    }

    private static function onFace(BoxRoom $room, Outfit $outfit): Exposure
    {
        return FlashInRoom::of($room)->at(['face' => self::face()])->exposures(self::up($outfit))['face'];
    }

    private static function up(Outfit $outfit): Head
    {
        return Head::dressed(self::place(), Direction::up(), self::beam(), $outfit, self::ahead(), Kelvin::of(5500.0));
    }

    private static function face(): Probe
    {
        return Probe::at(Vector::of(6.0, 3.0, 1.8), self::ahead()->opposite());
    }

    private static function place(): Vector
    {
        return Vector::of(3.0, 3.0, 1.8);
    }

    private static function ahead(): Direction
    {
        return Direction::along(Vector::of(1.0, 0.0, 0.0));
    }

    private static function beam(): Beam
    {
        return Beam::fromGuideNumber(30.0, 40.0);
    }

    private static function room(float $share): BoxRoom
    {
        return BoxRoom::fromMetres(12.0, 6.0, 3.0, static fn(Face $f): Reflectance => Reflectance::of($share, $share, $share));
    }
}
