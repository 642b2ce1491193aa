<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Kit;

use Kaddle\Core\Kit\KitBound;
use Kaddle\Core\Kit\KitMargin;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Worked by hand from docs/physics.md, “The kit check”, for the supper: hands hold 1/35 s (Tv 5.129),
 * f/1.8 is Av 1.667, ISO 6400 is Sv 6, sync 1/200 s is Tv 7.667, the unit goes to 1/128; the face is to be
 * right beside a room 1.5 stops under, so the flash gives log2(1 − 2^−1.5) = −0.630 of it, and a full
 * pop of H lx·s needs n = −0.630 + log2(2.5/H).
 */
final class KitMarginTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    #[DataProvider('margins')]
    public function testByHand(array $changes, float $exposure, float $room, float $flash, float $floor, KitBound $bound): void
    {
        $margin = KitMargin::ofLuxSeconds(Moments::with($changes), $exposure);
        self::assertEqualsWithDelta($room, $margin->room->value, 0.003, 'room');
        self::assertEqualsWithDelta($flash, $margin->flash->value, 0.003, 'full output');
        self::assertEqualsWithDelta($floor, $margin->floor->value, 0.003, 'lowest output');
        self::assertEqualsWithDelta(min($room, $flash, $floor), $margin->stops()->value, 0.003);
        self::assertSame($bound, $margin->bound());
    }

    /** @return iterable<string, array{array<string, mixed>, float, float, float, float, KitBound}> */
    public static function margins(): iterable
    {
        // Want 5.5. Room 5.5 − (5.129 + 1.667 − 6) = 4.704. Fastest that fits: 5.5 − 1.667 + 6 = 9.83, so sync. H = 10: n = −2.630;
        // full −n − (5.5 − 7.667) = 4.796; lowest n + (5.5 − 5.129) + 7 = 4.741.
        yield 'to spare' => [[], 10.0, 4.704, 4.796, 4.741, KitBound::IsoAndAperture];
        yield 'as much light again' => [[], 20.0, 4.704, 5.796, 3.741, KitBound::LowestOutput];
        yield 'a weak unit' => [[], 0.3, 4.704, -0.263, 9.801, KitBound::FullOutput];
        yield 'no light at all' => [[], 0.0, 4.704, -INF, INF, KitBound::NoLight];
        // 3 to 7 m: focused at 4.2 m it wants N = 0.4·0.035²/(0.00003·4.165) = 3.92, so f/4, Av 4: room 5.5 − (5.129 + 4 − 6) = 2.371; fastest that fits 5.5 − 4 + 6 = 7.5: full 2.630 − (5.5 − 7.5) = 4.630.
        yield 'a deep group' => [['people.depth' => 4], 10.0, 2.371, 4.630, 4.741, KitBound::Depth];
        // Want 1.3: room 0.504; fastest that fits 1.3 − 1.667 + 6 = 5.633: full 2.630 − (1.3 − 5.633) = 6.963; lowest −2.630 + (1.3 − 5.129) + 7 = 0.541.
        yield 'just light enough' => [['glow.ev' => -0.2], 10.0, 0.504, 6.963, 0.541, KitBound::IsoAndAperture];
        // Want −0.5: room −1.296, and the face beside a room 2.796 under: log2(1 − 2^−2.796) = −0.2254, n = −2.2254;
        // full 2.2254 − (1.667 − 6) = 6.559; lowest −2.2254 + 1.667 − 6 + 7 = 0.441.
        yield 'too dark' => [['glow.ev' => -2], 10.0, -1.296, 6.559, 0.441, KitBound::IsoAndAperture];
    }
}
