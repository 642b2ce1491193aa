<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Gear;

use Kaddle\Core\Gear\BatteryKind;
use Kaddle\Core\Gear\Feed;
use Kaddle\Core\Gear\PieceFigures;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\StarterGear;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FeedTest extends TestCase
{
    private const FLASH = ['feeds' => [
        ['battery' => 'alkaline', 'fullSeconds' => 4.5, 'fullPops' => 150],
        ['battery' => 'external', 'fullSeconds' => 1.2, 'fullPops' => 600],
    ]];

    /** @param list<BatteryKind> $carried */
    #[DataProvider('bags')]
    public function testTakesWhatIsCarriedAndElseTheFirst(array $carried, ?BatteryKind $battery, float $seconds): void
    {
        $feed = Feed::of(PieceKind::Flash->shape()->stored(self::FLASH), $carried);
        self::assertSame([$battery, $seconds], [$feed->battery, $feed->source->fullSeconds]);
    }

    /** @return iterable<string, array{list<BatteryKind>, BatteryKind, float}> */
    public static function bags(): iterable
    {
        yield 'nothing carried' => [[], BatteryKind::Alkaline, 4.5];
        yield 'the second kind carried' => [[BatteryKind::External], BatteryKind::External, 1.2];
        yield 'both carried: the order of the unit' => [[BatteryKind::External, BatteryKind::Alkaline], BatteryKind::Alkaline, 4.5];
        yield 'something it does not take' => [[BatteryKind::Nimh], BatteryKind::Alkaline, 4.5];
    }

    public function testAUnitThatSaysNothingGetsUsualFigures(): void
    {
        $feed = Feed::of(PieceKind::Flash->shape()->stored([]), [BatteryKind::Nimh]);
        self::assertSame([null, 3.0, 150.0], [$feed->battery, $feed->source->fullSeconds, $feed->source->fullPops]);
    }

    #[DataProvider('lines')]
    public function testAPieceIsToldInALine(PieceKind $kind, string $name, string $line): void
    {
        foreach (StarterGear::all() as [$of, $data]) {
            if ($of === $kind && $data['name'] === $name) {
                self::assertSame($line, PieceFigures::inALine($kind, $kind->shape()->stored($data)));
            }
        }
        self::assertCount(1, array_filter(StarterGear::all(), static fn(array $g): bool => $g[1]['name'] === $name));
    }

    /** @return iterable<string, array{PieceKind, string, string}> */
    public static function lines(): iterable
    {
        yield 'a body' => [PieceKind::Body, 'Small-sensor body', 'half steps, sync 1/180 s, to ISO 3200'];
        yield 'a lens' => [PieceKind::Lens, 'Fast 35', '35 mm, f/1.8'];
        yield 'a zoom' => [PieceKind::Lens, 'Standard zoom', '24–70 mm, f/2.8'];
        yield 'a flash' => [PieceKind::Flash, 'Full-size flash', 'guide number 28–58 m, down to 1/128'];
        yield 'a modifier' => [PieceKind::Modifier, 'Honeycomb', 'grid'];
        yield 'a gel' => [PieceKind::Gel, 'Half orange', '+81 mired, 0.5 stops'];
        yield 'batteries' => [PieceKind::Battery, 'Charged cells', 'rechargeable NiMH cells, 3 sets'];
    }
}
