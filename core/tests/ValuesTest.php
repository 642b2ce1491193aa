<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\Steadiness;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\Beam;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Flash\PopLength;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Flash\ZoomTable;
use Kaddle\Core\Gear\Compensation;
use Kaddle\Core\Gear\CompensationSum;
use Kaddle\Core\Glow\Lamp;
use Kaddle\Core\Glow\Openings;
use Kaddle\Core\Glow\Place;
use Kaddle\Core\Glow\Window;
use Kaddle\Core\KaddleException;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\People\Behind;
use Kaddle\Core\People\Clothing;
use Kaddle\Core\People\Movement;
use Kaddle\Core\People\People;
use Kaddle\Core\People\Shining;
use Kaddle\Core\Power\PlannedUse;
use Kaddle\Core\Power\PowerSource;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Illuminance;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Room\RidgeWay;
use Kaddle\Core\Room\Vector;
use Kaddle\Core\Situation\Scene;
use Kaddle\Core\Wish\Look;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** No value can be built that means nothing: each number of each factory is tried with nonsense. */
final class ValuesTest extends TestCase
{
    private const NONSENSE = [NAN, INF, -INF, 1e9, -1e9];

    /** Values that may be any finite number, or endless. */
    private const WIDE = ['vector', 'light', 'stops', 'ratio of light', 'nearest click', 'part of a lobe', 'range'];

    /**
     * @param non-empty-list<float> $legal
     */
    #[DataProvider('factories')]
    public function testWhatIsSoundCanBeBuilt(\Closure $make, array $legal): void
    {
        self::assertIsObject($make(...$legal));
    }

    /**
     * @param non-empty-list<float> $legal
     */
    #[DataProvider('factories')]
    public function testNonsenseCannotBeBuilt(\Closure $make, array $legal, string $name): void
    {
        foreach (array_keys($legal) as $i) {
            foreach (in_array($name, self::WIDE, true) ? [NAN] : self::NONSENSE as $nonsense) {
                $numbers = $legal;
                $numbers[$i] = $nonsense;
                try {
                    $make(...$numbers);
                    self::fail("number $i of $name may be $nonsense");
                } catch (KaddleException $e) {
                    self::assertNotSame('', $e->getMessage());
                }
            }
        }
    }

    /** @return iterable<string, array{\Closure, non-empty-list<float>, string}> */
    public static function factories(): iterable
    {
        foreach (self::all() as $name => [$make, $legal]) {
            yield $name => [$make, $legal, $name];
        }
    }

    /** @return iterable<string, array{\Closure, non-empty-list<float>}> */
    private static function all(): iterable
    {
        $optics = Optics::ofMillimetres(35.0, 1.0);
        $wide = Aperture::fromLabel('f/2.8', Step::Third);
        $narrow = Aperture::fromLabel('f/16', Step::Third);
        $beam = Beam::fromGuideNumber(28.0, 38.0);
        $zoom = ZoomTable::fixed(ZoomStep::ofMillimetres(35.0, 28.0, 76.0));
        $white = static fn(): Reflectance => Reflectance::of(0.8, 0.8, 0.8);
        $box = BoxRoom::fromMetres(10.0, 6.0, 3.0, $white);
        $zone = new \DateTimeZone('UTC');

        yield 'vector' => [Vector::of(...), [1.0, 2.0, 3.0]];
        yield 'light' => [Rgb::of(...), [1.0, 2.0, 3.0]];
        yield 'stops' => [Stops::of(...), [1.0]];
        yield 'ratio of light' => [Stops::ofRatio(...), [1.0]];
        yield 'nearest click' => [static fn(float $s): ExactStops => ExactStops::nearest($s, Step::Third), [1.0]];
        yield 'range' => [static fn(float $min, float $max): Range => Range::between($min, $max, 'm', 0.1), [0.0, 1.0]];
        yield 'exposure value' => [ExposureValue::atIso100(...), [4.0]];
        yield 'optics' => [Optics::ofMillimetres(...), [35.0, 1.5]];
        yield 'steadiness' => [static fn(float ...$n): Steadiness => Steadiness::handHeld($optics, ...$n), [2.0, 1.0]];
        yield 'body' => [
            static fn(float ...$n): Body => Body::of(Step::Third, Shutter::fromLabel('1/200', Step::Third), Iso::fromLabel('100', Step::Third), Iso::fromLabel('6400', Step::Third), ...$n),
            [2.0, 1.5, 1.0],
        ];
        yield 'lens' => [static fn(float $f): Lens => Lens::ofMillimetres($f, $wide, $narrow), [35.0]];
        yield 'aids' => [static fn(float $nd): Aids => Aids::ofStops($nd, null), [3.0]];
        yield 'depth of field' => [static fn(float $d): DepthOfField => DepthOfField::atMetres($optics, $wide, $d), [3.0]];
        yield 'blur' => [static fn(float ...$n): SubjectBlur => SubjectBlur::atMetres($optics, ...$n), [3.0, 1.2]];
        yield 'gel' => [static fn(float $shift, float $loss): Gel => Gel::of(Mired::of($shift), Stops::of($loss)), [159.0, 0.6]];
        yield 'lamp' => [static fn(float $lux, float $kelvin, float $level): Lamp => Lamp::of('Lamps', Illuminance::ofLux($lux), Kelvin::of($kelvin), [['20:00', $level]]), [100.0, 2900.0, 0.5]];
        yield 'place' => [static fn(float ...$n): Place => Place::at($n[0], $n[1], $zone), [58.0, 8.0]];
        yield 'openings' => [static fn(float $sky): Openings => Openings::of([], $sky), [0.02]];
        yield 'window' => [static fn(float $percent): Window => Window::ofPercent($percent, null), [2.0]];
        yield 'what shines' => [static fn(float $percent): Shining => Shining::ofPercent($percent, null), [25.0]];
        yield 'pop' => [static fn(float $seconds): PopLength => PopLength::ofSeconds([[0.0, $seconds]]), [0.001]];
        yield 'beam as printed' => [Beam::printed(...), [28.0, 76.0]];
        yield 'planned use' => [static fn(float ...$n): PlannedUse => PlannedUse::ofMinutes('Supper', ...$n), [30.0, 2.0, 0.25]];
        yield 'power source' => [PowerSource::ofSeconds(...), [2.6, 200.0]];
        yield 'reflectance' => [Reflectance::of(...), [0.5, 0.5, 0.5]];
        yield 'box' => [static fn(float ...$n): BoxRoom => BoxRoom::fromMetres($n[0], $n[1], $n[2], $white), [10.0, 6.0, 3.0]];
        yield 'roof' => [static fn(float $ridge): PitchedRoof => PitchedRoof::over(3.0, $ridge, RidgeWay::Along), [5.0]];
        yield 'scene' => [static fn(float ...$n): Scene => Scene::ofMetres($box, ...$n), [2.0, 1.6, 3.0, 1.6]];
        yield 'angles' => [Angles::ofDegrees(...), [20.0, 60.0]];
        yield 'beam' => [Beam::fromGuideNumber(...), [28.0, 38.0]];
        yield 'part of a lobe' => [static fn(float ...$n): Beam => Beam::fromEnergy($n[0], $n[1]), [100.0, 1.0]];
        yield 'narrowed beam' => [static fn(float $angle): Beam => $beam->narrowedBy($angle), [20.0]];
        yield 'zoom step' => [ZoomStep::ofMillimetres(...), [35.0, 28.0, 38.0]];
        yield 'modifier' => [static fn(float $dimming): Modifier => Modifier::measured(ModifierKind::Dome, $dimming, $beam), [2.5]];
        yield 'unit' => [static fn(float $bounce): FlashUnit => FlashUnit::of($zoom, $bounce, 7, Step::Third), [24.0]];
        yield 'compensation' => [static fn(float ...$n): Compensation => Compensation::ofStops(CompensationSum::AllAddUp, ...$n), [1.0, -1.0]];
        yield 'people' => [static fn(float $depth): People => People::ofMetres(Movement::Talk, $depth, Clothing::Mixed, Behind::Guests), [1.0]];
        yield 'look' => [static fn(float $under, float $fill): Look => Look::ofStops($under, $wide, fillUnder: $fill), [1.5, 2.0]];
    }
}
