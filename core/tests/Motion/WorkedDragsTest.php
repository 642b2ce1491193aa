<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Motion;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Exposure\ZoneFocus;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Flash\PopLength;
use Kaddle\Core\Motion\CameraMove;
use Kaddle\Core\Motion\CameraMoveKind;
use Kaddle\Core\Motion\Curtain;
use Kaddle\Core\Motion\Exposing;
use Kaddle\Core\Motion\Flicker;
use Kaddle\Core\Motion\FramePoint;
use Kaddle\Core\Motion\Ghost;
use Kaddle\Core\Motion\Going;
use Kaddle\Core\Motion\OpenTime;
use Kaddle\Core\Motion\PopTimes;
use Kaddle\Core\Motion\Shake;
use Kaddle\Core\Motion\Spot;
use Kaddle\Core\Motion\Way;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The table of worked drags in docs/physics.md, figure by figure. */
final class WorkedDragsTest extends TestCase
{
    /** @param list<float> $given */
    #[DataProvider('rows')]
    public function testTheEngineFindsWhatWasWorkedApart(string $what, array $given, string $result): void
    {
        $told = (float) strtr($result, ['−' => '-']);
        $decimals = strlen((string) preg_replace('/^\S*?\.?(?=\d*\s)|\s.*$/', '', $result));
        self::assertEqualsWithDelta($told, self::worked($what, $given), max(0.6 * 10.0 ** -$decimals, 0.002 * abs($told)), $what);
    }

    /** @return iterable<string, array{string, list<float>, string}> */
    public static function rows(): iterable
    {
        $text = (string) file_get_contents(__DIR__ . '/../../../docs/physics.md');
        $table = substr($text, (int) strpos($text, '### Twenty-four worked drags and three'));
        preg_match_all('/^\| (\d+) \| ([a-z ]+) \| ([^|]+) \| ([^|]+) \|$/m', substr($table, 0, (int) strpos($table, "\n## ")), $rows, PREG_SET_ORDER);
        self::assertCount(27, $rows);
        foreach ($rows as [, $number, $what, $given, $result]) {
            yield "$number $what" => [$what, array_map(static fn(string $n): float => (float) strtr($n, ['−' => '-']), explode(', ', $given)), $result];
        }
    }

    /** @param list<float> $g */
    private static function worked(string $what, array $g): float
    {
        return match ($what) {
            'smear' => 36.0 * self::exposing($g[2], $g[3])->smearOf(Going::ofMetresPerSecond($g[0]), 0.225, $g[1]),
            'ghost under' => self::ghost($g)->under->value,
            'ghost against' => self::ghost($g)->against->value,
            'seen through' => 100.0 * self::ghost($g)->seenThrough,
            'trail' => $g[0] + log(self::line($g[2])->dwells($g[1])[24], 2),
            'lamp' => self::exposing(35.0, $g[1], $g[2], $g[3])->time->offsetOf(ExposureValue::atIso100($g[0]))->value,
            'disc' => 36.0 * Spot::disc(self::exposing($g[0], 1.0, $g[1]), $g[2], $g[3]),
            'twist' => 6000.0 * self::moved(CameraMove::ofDegrees(CameraMoveKind::Twist, $g[0], 1.0, null), $g[1] / 6000.0, 35.0)->length(),
            'sweep' => $g[3] * self::moved(CameraMove::ofDegrees(CameraMoveKind::Sweep, -$g[0], 1.0, null), $g[1] / $g[3], $g[2])->length(),
            'zoom' => 6000.0 * self::moved(CameraMove::ofDegrees(CameraMoveKind::Zoom, 0.0, $g[1] / $g[0], null), $g[2] / 6000.0, $g[0])->length(),
            'pop' => 1000.0 * PopLength::usual()->blurring(Output::of(ExactStops::fromWhole((int) $g[0]))),
            'between frames' => Flicker::of(...$g)->between->value,
            'across the frame' => Flicker::of(...$g)->across->value,
            'shake' => 36.0 * Shake::share(Optics::ofMillimetres($g[0], 1.0), $g[2], $g[1]),
            'hyperfocal' => self::zone($g[0], $g[1], 3.0, 0.3)->hyperfocal(),
            'turn' => self::zone($g[0], 8.0, $g[1], $g[2])->turn(),
            'pose' => PopTimes::of(Curtain::Second, $g[0], Shutter::fromLabel('1/' . (int) $g[1], Step::Third), $g[2] > 0.0)->pops,
            default => self::fail("nothing works “{$what}”"),
        };
    }

    /** @param list<float> $g */
    private static function ghost(array $g): Ghost
    {
        return Ghost::of($g[0], $g[1], $g[2], $g[3], $g[4], $g[5] / 6000.0, $g[6] / 6000.0);
    }

    private static function line(float $length): Way
    {
        return Way::during(1.0, static fn(float $at): FramePoint => new FramePoint($length * $at, 0.0));
    }

    private static function exposing(float $focal, float $seconds, float $number = 8.0, float $iso = 100.0): Exposing
    {
        $settings = ExposureSettings::of(
            Shutter::fromLabel('1 s', Step::Third),
            Aperture::of(ExactStops::fromWhole((int) round(2.0 * log($number, 2)))),
            Iso::of(ExactStops::fromWhole((int) round(log($iso / 100.0, 2)))),
        );

        return new Exposing(Optics::ofMillimetres($focal, 1.0), OpenTime::of($settings, $seconds), CameraMove::none());
    }

    private static function moved(CameraMove $move, float $from, float $focal): Way
    {
        $optics = Optics::ofMillimetres($focal, 1.0);

        return Way::during(1.0, static fn(float $at): FramePoint => $move->moved(new FramePoint($from, 0.0), $move->done($at, 1.0), $optics));
    }

    private static function zone(float $focal, float $number, float $focus, float $closest): ZoneFocus
    {
        return ZoneFocus::atMetres(
            Optics::ofMillimetres($focal, 1.0),
            Aperture::of(ExactStops::fromWhole((int) round(2.0 * log($number, 2)))),
            $focus,
            $closest,
        );
    }
}
