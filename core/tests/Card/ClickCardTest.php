<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Card;

use Kaddle\Core\Card\CardCell;
use Kaddle\Core\Card\ClickCard;
use Kaddle\Core\Document\CardDocument;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Score\Change;
use Kaddle\Core\Score\Control;
use Kaddle\Core\Score\Favour;
use Kaddle\Core\Score\InHand;
use Kaddle\Core\Score\NightSolver;
use Kaddle\Core\Score\Thing;
use Kaddle\Core\Solve\MomentSolver;
use Kaddle\Core\Solve\Tolerance;
use Kaddle\Core\Tests\Moments;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ClickCardTest extends TestCase
{
    private const BARN = ['room.height' => 3.2, 'room.roof' => ['ridge' => 6.5, 'runs' => 'along']];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function cards(): iterable
    {
        yield 'bounced in a low room' => [[]];
        yield 'straight, outdoors' => [['room.finishes' => Moments::everywhere('open'), 'glow.ev' => 4]];
        yield 'a group in a barn' => [[...self::BARN, 'people' => ['movement' => 'still', 'depth' => 1.5], 'glow.ev' => 6, 'look.aperture' => 'f/5.6']];
    }

    /**
     * Every number of a card against the engine: the same people there, all three controls held, the head as it was.
     *
     * @param array<string, mixed> $changes of the supper
     */
    #[DataProvider('cards')]
    public function testEveryCellIsWhatTheEngineSays(array $changes): void
    {
        $card = self::card($changes);
        $best = $card->scored->solution->best;
        $held = [
            'shutter' => $best->choice->settings->shutter->label(),
            'aperture' => $best->choice->settings->aperture->label(),
            'iso' => $best->choice->settings->iso->label(),
        ];
        $engine = static fn(string $field, mixed $there): string => Moments::candidate(MomentSolver::solve(Moments::with(
            [...$changes, 'look.locks' => $held, $field => $there, ...($field === 'room.height' ? ['room.roof' => null] : [])],
        )), $best->light->aim)->output->label();

        self::assertGreaterThan(4, count($card->distances));
        foreach ([...$card->distances, ...$card->rows] as $cell) {
            self::assertSame($engine('subject.distance', $cell->at->metres), $cell->output->label(), "{$cell->at->metres} m");
        }
        self::assertCount(isset($changes['room.roof']) ? 3 : 0, $card->ceilings);
        foreach ($card->ceilings as $cell) {
            self::assertSame($engine('room.height', $cell->at->metres), $cell->output->label(), "under {$cell->at->metres} m");
        }
    }

    public function testClicksLeadFromTheCardToTheCell(): void
    {
        $card = self::card([]);
        $stands = (int) $card->scored->solution->best->output->stops?->thirtieths;
        foreach ($card->distances as $cell) {
            self::assertSame($cell->output->stops?->thirtieths, $stands + 10 * $cell->clicks);
        }
        $clicks = array_map(static fn(CardCell $c): int => $c->clicks, $card->distances);
        self::assertContains(0, $clicks);
        self::assertGreaterThan($clicks[0], $clicks[count($clicks) - 1]);
    }

    public function testLinesGoFromTheNearestToTheFarthestInWholeSteps(): void
    {
        self::assertSame(['2 m', '2.5 m', '3 m', '3.5 m', '4 m', '4.5 m'], self::labels(self::card([], 2.2, 4.4)));
        self::assertSame(['2 m', '3 m', '4 m', '5 m', '6 m', '7 m'], self::labels(self::card([], 2.0, 7.0)), 'in whole metres where half ones are too many to read');
        self::assertSame(['6 ft', '8 ft', '10 ft', '12 ft'], array_map(
            static fn(CardCell $c): string => (string) round($c->at->metres / 0.3048) . ' ft',
            self::card([], 2.0, 3.5, 0.6096)->distances,
        ));
        self::assertSame(['0.5 m', '4 m', '8 m', '12 m', '16 m', '20 m'], self::labels(self::card(['room.length' => 30], 0.6, 20.0)), 'and the nearest even so');
        self::assertContains('3 m', self::labels(self::card([])), 'around the distance that is set, where nobody says how near and far');
    }

    public function testWhatTheUnitCannotDoIsSaidInStops(): void
    {
        $card = self::card(['room.finishes' => Moments::everywhere('open'), 'flash' => ['guideNumber' => 10, 'coverage' => 80, 'lowestUnderFull' => 3, 'step' => 'third'], 'glow.ev' => 8, 'room.length' => 40], 0.5, 32.0);
        [$first, $last] = [$card->distances[0], $card->distances[count($card->distances) - 1]];
        self::assertLessThan(-0.5, $first->lack->value);
        self::assertGreaterThan(0.5, $last->lack->value);
        $document = CardDocument::of($card, Voice::plain());
        self::assertStringContainsString('too strong', $document->distances[0]->note);
        self::assertStringContainsString('short', $document->distances[count($document->distances) - 1]->note);
    }

    public function testTurnsForAnotherGlowMakeTheRoomWhatItShouldBe(): void
    {
        [$darker, $brighter] = self::card([])->rooms;
        foreach ([$darker, $brighter] as $room) {
            self::assertTrue($room->solution->isFeasible());
            self::assertEqualsWithDelta($room->solution->moment->roomLevel->value, $room->solution->levels->room->value, Tolerance::ROUNDING + 1e-9);
            self::assertNotContains('head', array_map(static fn(Change $c): string => $c->control->value, $room->changes));
        }
        self::assertCount(1, $brighter->changes, 'a faster shutter is all');
        self::assertSame(3, $brighter->changes[0]->clicks);
    }

    public function testWhatIsHeldIsNotTurnedForAnotherGlow(): void
    {
        foreach (self::card(['look.locks' => ['iso' => '1600', 'aperture' => 'f/2.8']])->rooms as $room) {
            self::assertSame([], array_filter($room->changes, static fn(Change $c): bool => in_array($c->control, [Control::Iso, Control::Aperture], true)));
        }
    }

    public function testARoomThatCannotBeHadAnyDarkerSaysSo(): void
    {
        $document = CardDocument::of(self::card(['glow.ev' => -1.5]), Voice::plain());
        self::assertFalse($document->rooms[0]->feasible);
        self::assertStringContainsString('darker than you wish', $document->rooms[0]->short);
    }

    public function testWithoutFlashThereAreNoClicksOfOutput(): void
    {
        $document = CardDocument::of(self::card([...self::BARN, 'look.withoutFlash' => true, 'people' => ['depth' => 2]]), Voice::plain());
        self::assertSame([[], [], [], null, ''], [
            $document->distances, $document->rows, $document->ceilings, $document->compensation, $document->curtain,
        ]);
        self::assertCount(2, $document->rooms);
    }

    public function testCeilingsStandOnlyWhereTheyChangeTheClicks(): void
    {
        self::assertSame([], self::card([])->ceilings, 'under a level ceiling');
        self::assertCount(3, self::card([...self::BARN, 'head' => 'up'])->ceilings);
        self::assertSame([], self::card([...self::BARN, 'head' => 'direct', 'glow.ev' => 6])->ceilings, 'a head that points at people');
    }

    public function testAUnitThatMetersCarriesItsCompensationBesides(): void
    {
        $document = CardDocument::of(self::card(['flash.metered' => true]), Voice::plain());
        self::assertMatchesRegularExpression('/^[+−]?[0-9⅓⅔]+$/u', (string) $document->compensation);
        self::assertNull(CardDocument::of(self::card(['flash.metered' => false]), Voice::plain())->compensation);
    }

    public function testOnlyWhoPosesIsAskedToHoldStill(): void
    {
        $say = static fn(string $movement, bool $metered): array => CardDocument::of(self::card([
            'people' => ['movement' => $movement],
            'glow.ev' => 0.5,
            'look.school' => 'long-time',
            'flash.metered' => $metered,
        ]), Voice::plain())->say;
        self::assertStringStartsWith('Hold still', $say('still', true)[0]);
        self::assertSame([], $say('dance', true));
    }

    /** @return list<string> */
    private static function labels(ClickCard $card): array
    {
        return array_map(static fn(CardCell $c): string => Voice::plain()->length($c->at), $card->distances);
    }

    /** @param array<string, mixed> $changes of the supper */
    private static function card(array $changes, ?float $nearest = null, ?float $farthest = null, float $step = 0.5): ClickCard
    {
        $inHand = InHand::of(Thing::of('b', 'Body'), Thing::of('35', 'Wide'), Thing::of('u', 'Unit'), null, null);
        $bar = Bar::of('m', 'Supper', 800, 860, Moments::with($changes), $inHand, null, $nearest, $farthest);

        return ClickCard::allOf(NightSolver::solve([$bar], Favour::FewestTurns), $step)[0];
    }
}
