<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exposure;

use Eris\Generators;
use Eris\TestTrait;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\ImpossibleGear;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\Steadiness;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\TestCase;

final class ExposureTest extends TestCase
{
    use TestTrait;

    /** By hand: log2(4²·64) − log2(1600/100) = 4 + 6 − 4 = 6. */
    public function testMeteredGlowByHand(): void
    {
        self::assertEqualsWithDelta(6.0, self::settings('1/60', 'f/4', '1600')->meteredLevel()->ev, 1e-12);
    }

    /** By hand: a room of EV 4 under settings for EV 6 reads two stops down. */
    public function testOffsetByHand(): void
    {
        $offset = self::settings('1/60', 'f/4', '1600')->offsetOf(ExposureValue::atIso100(4.0));
        self::assertEqualsWithDelta(-2.0, $offset->value, 1e-12);
    }

    /** By hand: H = 250·N²/S = 250·16/1600 = 2.5 lx·s is correct; four times as much is two stops over. */
    public function testFlashLevelByHand(): void
    {
        $settings = self::settings('1/60', 'f/4', '1600');
        self::assertEqualsWithDelta(0.0, $settings->levelOfFlash(2.5)->value, 1e-12);
        self::assertEqualsWithDelta(2.0, $settings->levelOfFlash(10.0)->value, 1e-12);
        self::assertSame(-INF, $settings->levelOfFlash(0.0)->value);
    }

    public function testShutterMovesTheRoomOnlyApertureAndIsoMoveBoth(): void
    {
        $this->forAll(Generators::choose(0, 23), Generators::choose(0, 29), Generators::choose(0, 25))
            ->then(static function (int $tv, int $av, int $sv): void {
                $at = static fn(int $tv, int $av, int $sv): ExposureSettings => ExposureSettings::of(
                    Shutter::of(ExactStops::fromThirtieths(10 * $tv)),
                    Aperture::of(ExactStops::fromThirtieths(10 * $av)),
                    Iso::of(ExactStops::fromThirtieths(10 * $sv)),
                );
                $glow = ExposureValue::atIso100(4.0);
                $base = $at($tv, $av, $sv);
                $slower = $at($tv + 1, $av, $sv);
                $narrower = $at($tv, $av + 1, $sv);
                self::assertEqualsWithDelta(-1.0 / 3.0, $slower->offsetOf($glow)->minus($base->offsetOf($glow))->value, 1e-9);
                self::assertSame($base->levelOfFlash(3.0)->value, $slower->levelOfFlash(3.0)->value);
                self::assertEqualsWithDelta(
                    $narrower->offsetOf($glow)->minus($base->offsetOf($glow))->value,
                    $narrower->levelOfFlash(3.0)->minus($base->levelOfFlash(3.0))->value,
                    1e-9,
                );
            });
    }

    /** By hand: 50 mm at crop 1.5 is 75 mm; k = 2 gives 1/150 s; two stops of stabiliser 4/150 s. */
    public function testHandHeldLimitByHand(): void
    {
        self::assertEqualsWithDelta(4.0 / 150.0, Steadiness::handHeld(Optics::ofMillimetres(50.0, 1.5), 2.0, 2.0)->seconds, 1e-12);
    }

    public function testRefusesGearThatContradictsItself(): void
    {
        $iso = static fn(string $label): Iso => Iso::fromLabel($label, Step::Third);
        $sync = Shutter::fromLabel('1/200', Step::Third);
        $this->assertRefused('lies below', static fn(): Body => Body::of(Step::Third, $sync, $iso('400'), $iso('200'), 0.0, 1.0, 1.0));
        $this->assertRefused('third or half', static fn(): Body => Body::of(Step::Tenth, $sync, $iso('100'), $iso('200'), 0.0, 1.0, 1.0));
        $wide = Aperture::fromLabel('f/2.8', Step::Third);
        $this->assertRefused('must be wider', static fn(): Lens => Lens::ofMillimetres(50.0, $wide, $wide));
    }

    /** @param callable(): object $make */
    private function assertRefused(string $words, callable $make): void
    {
        try {
            $make();
            self::fail("nothing said “{$words}”");
        } catch (ImpossibleGear $e) {
            self::assertStringContainsString($words, $e->getMessage());
        }
    }

    private static function settings(string $shutter, string $aperture, string $iso): ExposureSettings
    {
        return ExposureSettings::of(
            Shutter::fromLabel($shutter, Step::Third),
            Aperture::fromLabel($aperture, Step::Third),
            Iso::fromLabel($iso, Step::Third),
        );
    }
}
