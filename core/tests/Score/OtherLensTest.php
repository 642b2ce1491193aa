<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Score;

use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Score;
use Kaddle\Core\Score\ScoredBar;
use Kaddle\Core\Score\Thing;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\ScoreWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A lens that gives the frame of another may stay on the body for it. */
final class OtherLensTest extends TestCase
{
    public function testALensThatGivesTheSameFrameStaysOn(): void
    {
        $score = self::solve([self::zoomed(0), self::prime(1), self::zoomed(2)]);
        self::assertSame([null, 'Prime', null], array_map(static fn(ScoredBar $b): ?string => $b->bar->insteadOf?->name, $score->bars));
        self::assertSame([0, 0], $score->sumOf(Control::Lens));
        self::assertSame('Zoom', $score->bars[1]->bar->inHand->lens->name);
    }

    public function testWhatIsPlannedForItselfAloneIsChangedTo(): void
    {
        $score = self::solve([self::zoomed(0), self::prime(1, [], false), self::zoomed(2)]);
        self::assertSame([2, 0], $score->sumOf(Control::Lens));
        self::assertSame(
            ['Planned for this moment; no other lens of the night gives the same frame.'],
            self::why($score->bars[1]),
        );
    }

    /** A whole night with it is no reason either: who chose it gets it where nothing is saved by another. */
    public function testWithoutAChangeToSaveTheChosenLensIsUsed(): void
    {
        $score = self::solve([self::prime(0), self::prime(1)]);
        self::assertSame([null, null], array_map(static fn(ScoredBar $b): ?string => $b->bar->insteadOf?->name, $score->bars));
    }

    public function testALensThatIsTakenUpInsteadOfAnotherSaysSo(): void
    {
        $score = self::solve([self::bar(0, 'Long'), self::prime(1), self::zoomed(2), self::prime(3)]);
        self::assertSame([1, 0], $score->sumOf(Control::Lens));
        self::assertSame(['Instead of Prime, which was planned: the frame is the same, and it stays on.'], self::why($score->bars[1]));
    }

    public function testAnotherLensIsNeverSetToWhatItLacks(): void
    {
        $wide = ['look.aperture' => 'f/1.8', 'glow.ev' => 1];
        $score = self::solve([self::zoomed(0), self::prime(1, $wide), self::zoomed(2)]);
        foreach ($score->bars as $bar) {
            $settings = $bar->stand()->settings;
            self::assertGreaterThanOrEqual($bar->bar->light->lens->widest->av->thirtieths, $settings->aperture->av->thirtieths);
            self::assertLessThanOrEqual(1 / 6 + 1e-6, $bar->worseBy());
        }
        self::assertNull($score->bars[1]->bar->insteadOf);
    }

    /** A zoom of f/2.8 asks for more light than a prime of f/1.8 does: not of a unit that fires forty times a minute. */
    public function testALensThatWouldMakeTheUnitHotIsChanged(): void
    {
        $dark = ['look.aperture' => 'f/2', 'glow.ev' => 1.5, 'subject.distance' => 5, 'people' => ['movement' => 'dance']];
        $night = static fn(float $rate): array => [self::zoomed(0), Bar::of('often', 'Often', 800, 830, Moments::with($dark), self::inHand('Prime'), framesPerMinute: $rate)
            ->orThrough([[Thing::of('Zoom', 'Zoom'), self::lens('f/2.8')]])];
        foreach ([1.0, 40.0] as $rate) {
            foreach (self::solve($night($rate))->bars as $bar) {
                $own = max($bar->bar->bearableOutput(), $bar->alone->best->output->value());
                self::assertLessThanOrEqual($own + 1e-9, $bar->solution->best->output->value(), "$rate a minute, {$bar->bar->name}");
            }
        }
        self::assertEqualsWithDelta(log(30.0 / 400.0, 2), $night(40.0)[1]->bearableOutput(), 1e-9);
        $part = Bar::of('part', 'Five of thirty minutes', 800, 805, Moments::with($dark), self::inHand('Prime'), framesPerMinute: 40.0, minutes: 30);
        self::assertSame($night(40.0)[1]->bearableOutput(), $part->bearableOutput(), 'the head is warm from the part before');
    }

    #[DataProvider('useless')]
    public function testALensThatCannotDoWhatIsAskedDoesNotComeIntoQuestion(Bar $bar, Lens $lens): void
    {
        self::assertSame([], $bar->orThrough([[Thing::of('other', 'Other'), $lens]])->others);
    }

    /** @return iterable<string, array{Bar, Lens}> */
    public static function useless(): iterable
    {
        yield 'no such aperture as is held' => [self::bar(0, 'Prime', ['look.locks' => ['aperture' => 'f/2']]), self::lens('f/2.8')];
        yield 'does not focus so near' => [self::bar(0, 'Prime', ['subject.distance' => 1.2]), self::lens('f/2.8', 1.3)];
    }

    /** Of each night every lens that has the focal length, against the lenses that were planned. */
    #[DataProvider('seeds')]
    public function testAFreeLensNeverCostsTurns(int $seed): void
    {
        $planned = Nights::seeded($seed, 6);
        $wide = Thing::of('zoom', 'Zoom');
        $free = array_map(static fn(Bar $b): Bar => $b->orThrough([[$wide, self::lens('f/2.8', 0.4, $b->light->lens->focalLength)]]), $planned);
        foreach (Favour::cases() as $favour) {
            $score = NightSolver::solve($free, $favour);
            $before = NightSolver::solve($planned, $favour);
            self::assertLessThanOrEqual($before->turns() + 6.0 * 0.5 * $favour->turnsPerStop(), $score->turns(), $favour->value);
            self::assertLessThanOrEqual($before->sumOf(Control::Lens)[0], $score->sumOf(Control::Lens)[0], $favour->value);
            foreach ($score->bars as $bar) {
                self::assertLessThanOrEqual(1 / 6 + 1e-6, $bar->worseBy(), $bar->bar->name);
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([3, 8, 12, 20] as $seed) {
            yield "seed $seed" => [$seed];
        }
    }

    public function testANightThatCameAsADocumentKnowsItsLenses(): void
    {
        /** @var array{pieces: list<array<string, mixed>>, moments: list<array<string, mixed>>} $night */
        $night = json_decode((string) file_get_contents(__DIR__ . '/../../examples/night.json'), true, 16, JSON_THROW_ON_ERROR);
        $zoom = array_values(array_filter($night['pieces'], static fn(array $p): bool => $p['name'] === 'Standard zoom'))[0]['uid'];
        [$supper, $dance] = [$night['moments'][0], $night['moments'][1]];
        $with = static function (array ...$moments) use ($night): array {
            $bars = NightBars::of(DocumentReader::fromJson(json_encode(['moments' => $moments] + $night, JSON_THROW_ON_ERROR)));

            return [$bars[0], $bars[count($bars) - 1]];
        };
        [$first, $second] = $with(['lens' => $zoom] + $supper, $dance);
        self::assertSame(['Fast 35'], array_map(static fn(Bar $b): string => $b->inHand->lens->name, $first->others));
        self::assertSame(['Standard zoom'], array_map(static fn(Bar $b): string => $b->inHand->lens->name, $second->others));
        self::assertSame('f/2.8', $second->others[0]->light->lens->widest->label());
        [, $alone] = $with(['lens' => $zoom] + $supper, ['ownLens' => true] + $dance);
        self::assertSame([], $alone->others);
        [$long] = $with(['lens' => $zoom, 'focalLength' => 50] + $supper, $dance);
        self::assertSame([], $long->others, 'a lens of 35 mm gives no frame of 50');
    }

    /** @param list<Bar> $bars */
    private static function solve(array $bars): Score
    {
        return NightSolver::solve($bars, Favour::FewestTurns);
    }

    /** @return list<string> of its changes of the lens */
    private static function why(ScoredBar $bar): array
    {
        $lens = array_filter($bar->changes, static fn(Change $c): bool => $c->control === Control::Lens);

        return array_values(array_map(static fn(Change $c): string => ScoreWords::why($c, $bar), $lens));
    }

    private static function zoomed(int $hour): Bar
    {
        return self::bar($hour, 'Zoom', ['lens.widest' => 'f/2.8']);
    }

    /** @param array<string, mixed> $changes */
    private static function prime(int $hour, array $changes = [], bool $isFree = true): Bar
    {
        $bar = self::bar($hour, 'Prime', $changes);

        return $isFree ? $bar->orThrough([[Thing::of('Zoom', 'Zoom'), self::lens('f/2.8')]]) : $bar;
    }

    /** @param array<string, mixed> $changes */
    private static function bar(int $hour, string $lens, array $changes = []): Bar
    {
        return Nights::at($hour, "At $hour", $changes, self::inHand($lens));
    }

    private static function inHand(string $lens): InHand
    {
        return InHand::of(Thing::of('b', 'Body'), Thing::of($lens, $lens), Thing::of('u', 'Unit'), null, null);
    }

    private static function lens(string $widest, float $closest = 0.4, float $focal = 35.0): Lens
    {
        $at = static fn(string $label): Aperture => Aperture::fromLabel($label, Step::Third);

        return Lens::ofMillimetres($focal, $at($widest), $at('f/16'), closest: $closest);
    }
}
