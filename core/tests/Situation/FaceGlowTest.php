<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Situation;

use Kaddle\Core\Document\SolutionDocument;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Glow\LampKind;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Kit\KitMargin;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Two lights of a room: on the face and on what is behind it. */
final class FaceGlowTest extends TestCase
{
    private const HELD = ['look.school' => 'free-hand', 'look.locks' => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => '1600']];

    #[DataProvider('ways')]
    public function testEqualLightsAreOneLight(mixed $onFace): void
    {
        $one = self::told(self::solve([]));
        foreach (['background', 'face'] as $hold) {
            $two = self::told(self::solve(['onFace' => $onFace, 'look.hold' => $hold]));
            self::assertSame($one, $two);
        }
    }

    /** @return iterable<string, array{mixed}> */
    public static function ways(): iterable
    {
        yield 'in stops' => [['over' => 0]];
        yield 'as EV' => [['ev' => Moments::with([])->glow->ev]];
    }

    public function testLightBehindMovesNothingOnTheFace(): void
    {
        $faces = [];
        foreach ([2.0, 4.0, 7.0] as $behind) {
            $levels = self::solve(['glow' => ['ev' => $behind], 'onFace' => ['ev' => 3.0], 'head' => 'up'] + self::HELD)->levels;
            $faces[] = [$levels->faceRoom->value, round($levels->face->value, 9)];
        }
        self::assertSame($faces[0], $faces[1]);
        self::assertSame($faces[0], $faces[2]);
    }

    public function testAStopMoreBehindAsksAStopMoreOfTheFlash(): void
    {
        $wanted = array_map(static fn(float $behind): float => self::solve([
            'glow' => ['ev' => $behind], 'onFace' => ['ev' => -3.0], 'head' => 'up', 'look.school' => 'iso-floats',
        ])->best->wantedOutput, [4.0, 5.0, 6.0]);
        self::assertEqualsWithDelta(1.0, $wanted[1] - $wanted[0], 0.02);
        self::assertEqualsWithDelta(1.0, $wanted[2] - $wanted[1], 0.02);
    }

    public function testAHeldFaceReadsAsWishedAndWhatIsBehindGoes(): void
    {
        $behind = self::solve(['onFace' => ['over' => -3], 'look.roomUnder' => 1]);
        $face = self::solve(['onFace' => ['over' => -3], 'look.roomUnder' => 1, 'look.hold' => 'face']);
        self::assertEqualsWithDelta(-1.0, $behind->levels->room->value, 0.34);
        self::assertEqualsWithDelta(-1.0, $face->levels->faceRoom->value, 0.34);
        self::assertEqualsWithDelta(3.0, $face->levels->room->value - $face->levels->faceRoom->value, 1e-9);
        self::assertEqualsWithDelta($behind->levels->face->value, $face->levels->face->value, 0.34, 'either way the flash makes the face right');
        $told = SolutionDocument::of($behind, Voice::plain())->otherHold ?? self::fail('not told');
        self::assertStringContainsString("ISO {$face->best->choice->settings->iso->label()}", $told->sentence);
    }

    public function testASilhouetteIsDarkBeforeWhatIsLit(): void
    {
        $levels = self::solve(['onFace' => ['over' => -4], 'look.roomUnder' => 0, 'look.withoutFlash' => true])->levels;
        self::assertEqualsWithDelta(0.0, $levels->room->value, 0.17);
        self::assertEqualsWithDelta(-4.0, $levels->face->value, 0.17);
    }

    public function testTheKitCheckHasTheSameTwoLights(): void
    {
        $moment = Moments::with(['onFace' => ['over' => -3], 'look.roomUnder' => 0]);
        $even = Moments::with(['look.roomUnder' => 0]);
        [$two, $one] = [KitMargin::ofLuxSeconds($moment, 20.0), KitMargin::ofLuxSeconds($even, 20.0)];
        self::assertSame($one->room->value, $two->room->value, 'what is behind is held');
        self::assertLessThan($one->flash->value - 1.0, $two->flash->value, 'and a face that the room does not light takes more flash');
    }

    public function testWhatOnlyTheLampsTellIsLessSure(): void
    {
        $kinds = LampKind::cases();
        $doubt = static fn(array $onFace): float => self::solve(['onFace' => $onFace, 'look.roomUnder' => 0.5])->doubt()->total()->value;
        self::assertGreaterThan($doubt(['over' => LampKind::Chandelier->over()]) + 0.2, $doubt(['lamps' => 'chandelier']));
        foreach ($kinds as $kind) {
            self::assertSame($kind->over(), Moments::with(['onFace' => ['lamps' => $kind->value]])->faceGlow->over->value);
        }
    }

    public function testADifferenceThatNoLampMakesIsToldAndNotRefused(): void
    {
        $reason = static fn(float $over): string => implode(' ', array_column(SolutionDocument::of(self::solve(['onFace' => ['over' => $over]]), Voice::plain())->reasons, 'sentence'));
        self::assertStringContainsString('measure both again', $reason(-7.0));
        self::assertStringNotContainsString('measure both again', $reason(-4.0));
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('faults')]
    public function testWhatCannotBeIsRefusedByField(array $changes, string $field, string $sentence): void
    {
        try {
            MomentReader::fromArray(Moments::documentWith($changes));
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertSame($field, $e->faults[0]->field);
            self::assertStringContainsString($sentence, $e->faults[0]->sentence->plain());
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function faults(): iterable
    {
        yield 'a third light' => [['onFace' => ['over' => 1, 'ev' => 3]], 'onFace.over', 'one way only'];
        yield 'nothing told' => [['onFace' => []], 'onFace.over', 'must be a number'];
        yield 'beyond the range' => [['onFace' => ['over' => -13]], 'onFace.over', '−12 to 8 stops'];
        yield 'too far from what is behind' => [['glow.ev' => -5, 'onFace' => ['ev' => 18]], 'onFace.ev', '12 stops under to 8 over'];
        yield 'beyond all rooms' => [['glow.ev' => 17, 'onFace' => ['over' => 5]], 'onFace.over', 'beyond all levels'];
        yield 'lamps that nobody knows' => [['onFace' => ['lamps' => 'moon']], 'onFace.lamps', 'kind of lamps must be one of'];
        yield 'a hold that is none' => [['look.hold' => 'both'], 'look.hold', 'light that is held must be one of'];
    }

    /** @param array<string, mixed> $changes */
    private static function solve(array $changes): Solution
    {
        return MomentSolver::solve(Moments::with($changes));
    }

    private static function told(Solution $solution): string
    {
        return json_encode(SolutionDocument::of($solution, Voice::plain()), JSON_THROW_ON_ERROR);
    }
}
