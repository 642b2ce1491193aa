<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Gear;

use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Gear\MomentParts;
use Kaddle\Core\Gear\PieceKind;
use Kaddle\Core\Gear\StarterGear;
use Kaddle\Core\Intake\Fault;
use Kaddle\Core\Intake\FaultyDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PieceKindTest extends TestCase
{
    public function testTheStarterGearIsPossibleAndComesBackAsItIs(): void
    {
        foreach (StarterGear::all() as [$kind, $piece]) {
            self::assertEquals($piece, $kind->shape()->whole($piece)->toArray(), $kind->value);
        }
    }

    public function testAZoomThatClosesHasItsOpeningBetween(): void
    {
        $lens = ['name' => 'Long zoom', 'openings' => [['focalLength' => 24, 'widest' => 'f/3.5'], ['focalLength' => 120, 'widest' => 'f/5.6']], 'narrowest' => 'f/22'];
        $lens = PieceKind::Lens->shape()->whole($lens);
        $table = LensForm::openings($lens);
        self::assertSame(['f/3.5', 'f/4.5', 'f/5.6'], [$table->at(24.0)->label(), $table->at(53.0)->label(), $table->at(120.0)->label()]);
        self::assertSame('f/5.6', MomentParts::lens($lens, 120)['widest']);
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('impossible')]
    public function testRefusesWhatCannotBeByField(PieceKind $kind, array $changes, string $field, string $sentence): void
    {
        [$piece] = array_values(array_filter(StarterGear::all(), static fn(array $p): bool => $p[0] === $kind));
        try {
            $kind->shape()->whole([...$piece[1], ...$changes]);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            $told = array_column(array_map(static fn(Fault $f): array => [$f->field, $f->message], $e->faults), 1, 0);
            self::assertArrayHasKey($field, $told, json_encode($told, JSON_THROW_ON_ERROR));
            self::assertStringContainsString($sentence, $told[$field]);
        }
    }

    /** @return iterable<string, array{PieceKind, array<string, mixed>, string, string}> */
    public static function impossible(): iterable
    {
        yield 'a name with markup' => [PieceKind::Body, ['name' => '<b>Body</b>'], 'name', 'must be plain text'];
        yield 'a name that is too long' => [PieceKind::Body, ['name' => str_repeat('a', 81)], 'name', 'at most 80 characters'];
        yield 'no name' => [PieceKind::Body, ['name' => ' '], 'name', 'must not be empty'];
        yield 'a name with a line in it' => [PieceKind::Body, ['name' => "a\nb"], 'name', 'must be plain text'];
        yield 'usable ISO under the lowest' => [PieceKind::Body, ['usableIso' => '50'], 'name', 'lies below the lowest ISO'];
        yield 'a shutter nobody has' => [PieceKind::Body, ['sync' => '1/201'], 'sync', 'not a customary shutter time'];
        yield 'a body in tenths' => [PieceKind::Body, ['step' => 'tenth'], 'step', 'must be one of: third, half'];
        yield 'focal lengths upside down' => [PieceKind::Lens, ['openings' => [['focalLength' => 70, 'widest' => 'f/2.8'], ['focalLength' => 24, 'widest' => 'f/2.8']]], 'openings', 'from short to long'];
        yield 'a lens that cannot close' => [PieceKind::Lens, ['narrowest' => 'f/1.4'], 'narrowest', 'must be narrower than the widest'];
        yield 'no opening' => [PieceKind::Lens, ['openings' => []], 'openings', 'must be a list of 1 to 12'];
        yield 'a zoom out of order' => [PieceKind::Flash, ['zoom' => [['focalLength' => 50, 'guideNumber' => 40, 'coverage' => 40], ['focalLength' => 35, 'guideNumber' => 30, 'coverage' => 60]]], 'zoom', 'from wide to narrow'];
        yield 'half a stop under full' => [PieceKind::Flash, ['lowestUnderFull' => 6.5], 'lowestUnderFull', 'whole number'];
        yield 'yes as a word' => [PieceKind::Flash, ['wireless' => 'yes'], 'wireless', 'true or false'];
        yield 'a set of no pops' => [PieceKind::Flash, ['feeds' => [['battery' => 'nimh', 'fullSeconds' => 2, 'fullPops' => 0]]], 'feeds.0.fullPops', 'must be 10 to 2000 full pops'];
        yield 'a gel of the far infrared' => [PieceKind::Gel, ['shift' => 5000], 'shift', 'must be −110 to 250 mired'];
        yield 'no cells' => [PieceKind::Battery, ['cells' => 0], 'cells', 'must be 1 to 400 cells'];
        yield 'a field nobody knows' => [PieceKind::Modifier, ['colour' => 'red'], 'colour', 'is not a field here'];
    }
}
