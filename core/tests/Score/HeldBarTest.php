<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Form\StandForm;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Stand;
use Kaddle\Core\Score\Thing;
use Kaddle\Core\Words\KitWords;
use Kaddle\Core\Words\ScoreWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Bars in which everything stays where it stands. */
final class HeldBarTest extends TestCase
{
    public function testAHeldBarStandsAndTheOthersAreSolvedAroundIt(): void
    {
        $odd = self::stand('1/25', 'f/3.2', '3200', -4.0);
        $score = self::solve([Nights::at(0, 'Before'), Nights::at(1, 'Held')->standing($odd, 'Wide'), Nights::at(2, 'After')]);
        [$before, $held, $after] = $score->bars;
        $again = self::solve([$before->bar->standing($before->stand(), 'Wide')])->bars[0];
        self::assertTrue($held->isHeld());
        self::assertTrue($held->stand()->equals($odd));
        self::assertSame(['', 'All of it is held, and serves.'], [ScoreWords::held($before), ScoreWords::held($again)]);
        self::assertEqualsWithDelta(0.0, $before->worseBy(), 1 / 6 + 1e-6);
        self::assertEqualsWithDelta(0.0, $after->worseBy(), 1 / 6 + 1e-6);
        self::assertNotSame([], $held->changes, 'turned to, though nothing asks for it');
    }

    /** The face reads what those settings give, and what they miss is told: a stop of output less is a stop less flash. */
    public function testWhatIsHeldIsToldAsItIs(): void
    {
        $levels = [];
        foreach ([-5.0, -6.0] as $output) {
            $held = self::solve([Nights::at(0, 'Held')->standing(self::stand('1/50', 'f/4', '400', $output), 'Wide')])->bars[0];
            $levels[] = $held->solution->levels->faceFlash->value;
            self::assertGreaterThan(1.0, $held->worseBy());
            self::assertMatchesRegularExpression('/^All of it is held: the room \d\.\d stops darker, the face \d\.\d stops darker than wished\.$/', ScoreWords::held($held));
        }
        self::assertEqualsWithDelta(1.0, $levels[0] - $levels[1], 1e-9);
    }

    #[DataProvider('seeds')]
    public function testANightHeldAsItIsSolvedStaysAsItIs(int $seed): void
    {
        $bars = Nights::seeded($seed, 7);
        $score = self::solve($bars);
        $again = self::solve(array_map(
            static fn(Bar $b, ScoredBar $s): Bar => StandForm::held($b, self::settings([StandForm::of($s)]), 0),
            $bars,
            $score->bars,
        ));
        foreach ($again->bars as $i => $bar) {
            self::assertTrue($bar->isHeld(), $bar->bar->name);
            self::assertTrue($bar->stand()->equals($score->bars[$i]->stand()), $bar->bar->name);
            self::assertEqualsWithDelta($score->bars[$i]->solution->levels->face->value, $bar->solution->levels->face->value, 1e-9);
        }
        self::assertEqualsWithDelta($score->turns(), $again->turns(), 1e-9);
        self::assertSame($score->turnsAlone, $again->turnsAlone);
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([1, 5, 14, 22] as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    /** 1/16 is four stops under full; ISO 1600 lies two under a usable 6400. */
    public function testABarTellsWhatItLeaves(): void
    {
        $held = self::solve([Nights::at(0, 'Held', ['body.usableIso' => '6400'])->standing(self::stand('1/60', 'f/4', '1600', -4.0), 'Wide')])->bars[0];
        self::assertSame([2.0, 4.0], [$held->isoLeft(), $held->outputLeft()]);
        self::assertSame(['Wide, at the left wall', '4 stops of output and 2 of ISO left'], [KitWords::standing($held), KitWords::left($held)]);
        $off = self::solve([Nights::at(0, 'Off', ['look.withoutFlash' => true, 'glow.ev' => 6])])->bars[0];
        self::assertNull($off->outputLeft());
        self::assertMatchesRegularExpression('/^Wide, without flash \d+(\.\d)? stops? of ISO left$/', KitWords::standing($off) . ' ' . KitWords::left($off));
    }

    public function testTheLastOfWhatIsToldStandsForAllStretchesAfterIt(): void
    {
        $stand = static fn(string $iso): array => ['shutter' => '1/60', 'aperture' => 'f/4', 'iso' => $iso, 'output' => -4, 'head' => 'left', 'lens' => 'Wide'];
        $settings = self::settings([$stand('800'), $stand('1600')]);
        $isos = array_map(
            static fn(int $stretch): ?string => StandForm::held(Nights::at(0, 'Held'), $settings, $stretch)->held?->settings->iso->label(),
            [0, 1, 2, 5],
        );
        self::assertSame(['800', '1600', '1600', '1600'], $isos);
    }

    public function testAHeadThatWasTurnedByHandStaysTurned(): void
    {
        $byHand = Nights::at(0, 'Turned', ['head' => 'by-hand', 'pointing' => ['turn' => 100, 'tilt' => 40]]);
        $told = StandForm::of(self::solve([$byHand])->bars[0]);
        self::assertSame(['turn' => 100.0, 'tilt' => 40.0], $told['pointing']);
        self::assertTrue(self::solve([StandForm::held($byHand, self::settings([$told]), 0)])->bars[0]->isHeld());
    }

    public function testTheOtherLensStaysOn(): void
    {
        $zoom = Lens::ofMillimetres(35.0, Aperture::fromLabel('f/2.8', Step::Third), Aperture::fromLabel('f/16', Step::Third));
        $bar = Nights::at(0, 'Held')->orThrough([[Thing::of('z', 'Zoom'), $zoom]]);
        $held = $bar->standing(self::stand('1/60', 'f/4', '1600', -4.0), 'Zoom');
        self::assertSame(['Zoom', 'Wide'], [$held->inHand->lens->name, $held->insteadOf?->name]);
        self::assertSame('Zoom', self::solve([$held])->bars[0]->bar->inHand->lens->name);
        self::assertNull($bar->standing(self::stand('1/60', 'f/2', '1600', -4.0), 'Zoom')->held, 'a zoom of f/2.8 has no f/2');
    }

    #[DataProvider('impossible')]
    public function testWhatTheGearDoesNotHaveIsNotHeld(Stand $stand, string $lens): void
    {
        self::assertNull(Nights::at(0, 'Free')->standing($stand, $lens)->held);
    }

    /** @return iterable<string, array{Stand, string}> */
    public static function impossible(): iterable
    {
        yield 'another lens' => [self::stand('1/60', 'f/4', '800', -3.0), 'Gone'];
        yield 'an aperture that the lens lacks' => [self::stand('1/60', 'f/22', '800', -3.0), 'Wide'];
        yield 'an ISO beyond what is usable' => [self::stand('1/60', 'f/4', '25600', -3.0), 'Wide'];
        yield 'a shutter beyond sync' => [self::stand('1/1000', 'f/4', '800', -3.0), 'Wide'];
        yield 'an output that the unit lacks' => [self::stand('1/60', 'f/4', '800', -9.0), 'Wide'];
    }

    public function testAWayThatTheRoomDoesNotHaveAnyMoreIsSolvedAnew(): void
    {
        $held = Nights::at(0, 'Held', ['look.withoutFlash' => true, 'glow.ev' => 6])->standing(self::stand('1/60', 'f/4', '800', -3.0), 'Wide');
        self::assertNotNull($held->held);
        self::assertFalse(self::solve([$held])->bars[0]->isHeld());
    }

    private static function stand(string $shutter, string $aperture, string $iso, float $output): Stand
    {
        $moment = Nights::at(0, 'Any')->light;

        return Stand::of(
            ExposureSettings::of(Shutter::fromLabel($shutter, Step::Third), Aperture::fromLabel($aperture, Step::Third), Iso::fromLabel($iso, Step::Third), $moment->look->aids),
            Output::of(ExactStops::fromThirtieths((int) round(30.0 * $output))),
            HeadAim::Left,
            Angles::ofDegrees(90.0, 30.0),
        );
    }

    /** @param list<array<string, mixed>> $stands */
    private static function settings(array $stands): Record
    {
        return Shape::of(StandForm::field())->whole(['stands' => $stands]);
    }

    /** @param list<Bar> $bars */
    private static function solve(array $bars): Score
    {
        return NightSolver::solve($bars, Favour::FewestTurns);
    }
}
