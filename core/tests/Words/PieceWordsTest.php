<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Words;

use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\StarterGear;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;
use Kaddle\Core\Words\PieceWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PieceWordsTest extends TestCase
{
    #[DataProvider('lines')]
    public function testAPieceIsToldInALine(PieceKind $kind, string $name, string $line): void
    {
        foreach (StarterGear::all() as [$of, $data]) {
            if ($of === $kind && $data['name'] === $name) {
                self::assertSame($line, PieceWords::inALine($kind, $kind->shape()->stored($data), Voice::plain()));
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
        yield 'a flash' => [PieceKind::Flash, 'Full-size flash', 'guide number 30–58 m, down to 1/128'];
        yield 'a modifier' => [PieceKind::Modifier, 'Honeycomb', 'grid'];
        yield 'a gel' => [PieceKind::Gel, 'Half orange', '+81 mired, 0.5 stops'];
        yield 'batteries' => [PieceKind::Battery, 'Charged cells', 'rechargeable NiMH cells, 12 cells'];
    }

    public function testAGuideNumberIsToldInFeetToThoseWhoMeasureInFeet(): void
    {
        $unit = PieceKind::Flash->shape()->stored(['zoom' => [['focalLength' => 35, 'guideNumber' => 28.0]], 'lowestUnderFull' => 7]);
        self::assertSame('guide number 92 ft, down to 1/128', PieceWords::inALine(PieceKind::Flash, $unit, Voice::of(LengthUnit::Feet, Clock::Hours24)));
    }
}
