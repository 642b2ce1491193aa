<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Gear;

use Kaddle\Core\Gear\BatteryKind;
use Kaddle\Core\Gear\Feed;
use Kaddle\Core\Gear\PieceKind;
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
}
