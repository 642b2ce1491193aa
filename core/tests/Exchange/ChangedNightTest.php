<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exchange;

use Kaddle\Core\Exchange\ChangedNight;
use Kaddle\Core\Exchange\DocumentReader;
use Kaddle\Core\Exchange\NightBars;
use Kaddle\Core\Form\ChangeForm;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Record;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Score\Bar;
use Kaddle\Core\Words\ChangeWords;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The example's night, whose supper is at 19:30 in the ropewalk and whose first dance at 21:20 in another room. */
final class ChangedNightTest extends TestCase
{
    private const HALL = '6b1d2f00-0000-4000-8000-000000000101';
    private const SHED = '6b1d2f00-0000-4000-8000-000000000102';
    private const FAST = '6b1d2f00-0000-4000-8000-000000000003';
    private const UNIT = '6b1d2f00-0000-4000-8000-000000000006';
    private const OTHER = '6b1d2f00-0000-4000-8000-000000000901';
    private const ORANGE = '6b1d2f00-0000-4000-8000-000000000902';
    private const BLUE = '6b1d2f00-0000-4000-8000-000000000903';

    /** @return iterable<string, array{array<string, mixed>, \Closure(Bar): mixed, \Closure(Bar): mixed, string}> what is changed, what that changes in the dance and what in the supper */
    public static function changes(): iterable
    {
        $same = static fn(Bar $b): array => [$b->from, round($b->light->glow->ev, 2), $b->light->look->withoutFlash, $b->light->scene->room->length];
        yield 'the light goes down' => [['what' => 'dimmed', 'from' => '21:00', 'stops' => -2], static fn(Bar $b): float => round($b->light->glow->ev, 1), $same, 'From 21:00 the light is 2 stops darker.'];
        yield 'it is late' => [['what' => 'late', 'from' => '21:00', 'until' => '22:00', 'minutes' => 40], static fn(Bar $b): int => $b->from, $same, 'From 21:00 to 22:00 all begins 40 minutes later.'];
        yield 'it moves' => [['what' => 'moved', 'room' => self::SHED, 'to' => self::HALL], static fn(Bar $b): float => $b->light->scene->room->length, $same, 'What was in “shed” is in “hall”.'];
        yield 'no flash' => [['what' => 'no-flash', 'from' => '21:00'], static fn(Bar $b): bool => $b->light->look->withoutFlash, $same, 'From 21:00 no flash is allowed.'];
        yield 'the unit dies' => [['what' => 'unit-gone', 'from' => '21:00', 'piece' => self::UNIT], static fn(Bar $b): bool => $b->light->look->withoutFlash, $same, 'From 21:00 “unit” is not there, and nothing instead.'];
    }

    /**
     * @param array<string, mixed> $change
     * @param \Closure(Bar): mixed $changed
     * @param \Closure(Bar): mixed $left
     */
    #[DataProvider('changes')]
    public function testWhatIsInTheSpanIsChangedAndNothingElse(array $change, \Closure $changed, \Closure $left, string $sentence): void
    {
        [$before, $after] = [self::bars([]), self::bars($change)];
        self::assertNotEquals($changed($before['First dance']), $changed($after['First dance']));
        self::assertEquals($left($before['Supper']), $left($after['Supper']));
        $names = [self::SHED => 'shed', self::HALL => 'hall', self::UNIT => 'unit'];
        self::assertSame($sentence, ChangeWords::of(ChangeForm::shape()->whole($change), $names, Voice::plain()));
    }

    public function testADimmedRoomIsSoManyStopsDarker(): void
    {
        $before = self::bars([])['First dance']->light->glow->ev;
        self::assertEqualsWithDelta($before - 2.0, self::bars(['what' => 'dimmed', 'from' => '21:00', 'stops' => -2])['First dance']->light->glow->ev, 0.011);
    }

    public function testACeilingOfSomethingElseSendsLessBack(): void
    {
        $ceiling = static fn(Bar $b): float => $b->light->scene->room->reflectance(Face::Ceiling)->share->luminance();
        [$before, $after] = [self::bars([]), self::bars(['what' => 'ceiling', 'room' => self::HALL, 'finish' => 'dark-timber'])];
        self::assertGreaterThan(2.0 * $ceiling($after['Supper']), $ceiling($before['Supper']));
        self::assertSame($ceiling($before['First dance']), $ceiling($after['First dance']));
    }

    public function testAnotherLensStandsAtTheNearestFocalLengthThatItHas(): void
    {
        $night = DocumentReader::fromJson(self::example());
        $lenses = array_values(array_filter($night->document->records('pieces'), static fn(Record $p): bool => $p->text('piece') === 'lens' && $p->text('uid') !== self::FAST));
        $bar = self::bars(['what' => 'lens-gone', 'piece' => self::FAST, 'other' => $lenses[0]->text('uid')])['First dance'];
        self::assertSame($lenses[0]->text('name'), $bar->inHand->lens->name);
        self::assertTrue(LensForm::openings($lenses[0])->focalRange()->contains($bar->light->lens->focalLength));
    }

    /** @return iterable<string, array{array<array-key, mixed>, string, string}> change, field, and what is said */
    public static function refused(): iterable
    {
        yield 'nothing at all' => [[], 'what', 'what turns out otherwise'];
        yield 'another kind' => [['what' => 'snow'], 'what', 'must be one of'];
        yield 'no stops' => [['what' => 'dimmed'], 'stops', 'by how many stops'];
        yield 'not a number' => [['what' => 'dimmed', 'stops' => 'NAN'], 'stops', 'must be a number'];
        yield 'far too dark' => [['what' => 'dimmed', 'stops' => -40], 'stops', 'must be'];
        yield 'a span that ends before it begins' => [['what' => 'no-flash', 'from' => '22:00', 'until' => '21:00'], 'until', 'end after it begins'];
        yield 'a time that is none' => [['what' => 'no-flash', 'from' => '25:00'], 'from', 'must be a time of day'];
        yield 'a span in which nothing is' => [['what' => 'no-flash', 'from' => '02:00'], 'from', 'No moment'];
        yield 'no room' => [['what' => 'moved', 'to' => self::HALL], 'room', 'Choose the room'];
        yield 'somebody else’s room' => [['what' => 'moved', 'room' => '00000000-0000-4000-8000-000000000000', 'to' => self::HALL], 'room', 'no such room'];
        yield 'a lens for a flash' => [['what' => 'unit-gone', 'piece' => self::FAST], 'piece', 'no such flash'];
        yield 'a field of another kind' => [['what' => 'no-flash', 'stops' => 2], 'stops', 'does not go together'];
        yield 'a field of nothing' => [['what' => 'no-flash', 'x' => 2], 'x', 'not a field'];
        yield 'a list' => [['what' => ['no-flash']], 'what', ''];
    }

    /** Two of them, one through orange and one through blue: of the single one that stands in, the first gel is left. */
    public function testAnotherUnitAloneCarriesOneGel(): void
    {
        /** @var array{pieces: list<array<string, mixed>>, moments: list<array<string, mixed>>} $night */
        $night = json_decode(self::example(), true, 16, JSON_THROW_ON_ERROR);
        $unit = array_values(array_filter($night['pieces'], static fn(array $p): bool => $p['uid'] === self::UNIT))[0];
        $gel = static fn(string $uid, int $shift): array => ['uid' => $uid, 'piece' => 'gel', 'name' => "Gel $shift", 'shift' => $shift, 'loss' => 0.5];
        array_push($night['pieces'], ['uid' => self::OTHER, 'name' => 'Spare'] + $unit, $gel(self::ORANGE, 81), $gel(self::BLUE, -68));
        $night['moments'] = array_map(static fn(array $m): array => ['units' => 2, 'gelled' => 1, 'gel' => self::ORANGE, 'otherGel' => self::BLUE] + $m, $night['moments']);
        $json = json_encode($night, JSON_THROW_ON_ERROR);
        $before = self::bars([], $json)['First dance'];
        self::assertTrue($before->light->flash->outfit->isMixed());
        self::assertSame('Gel 81 on 1, Gel -68 beside', $before->inHand->gel?->name);
        $after = self::bars(['what' => 'unit-gone', 'piece' => self::UNIT, 'other' => self::OTHER], $json)['First dance'];
        self::assertSame([1, 81.0, false], [$after->light->flash->outfit->units, $after->light->flash->outfit->gel?->shift->mired, $after->light->flash->outfit->isMixed()]);
        self::assertSame('Gel 81', $after->inHand->gel?->name);
    }

    /** @param array<array-key, mixed> $change */
    #[DataProvider('refused')]
    public function testWhatMakesNoSenseIsRefusedAtItsField(array $change, string $field, string $told): void
    {
        try {
            ChangedNight::of(DocumentReader::fromJson(self::example()), ChangeForm::shape()->whole($change));
            self::fail('nothing was refused');
        } catch (FaultyDocument $e) {
            self::assertSame($field, $e->faults[0]->field);
            self::assertStringContainsString($told, $e->faults[0]->message);
        }
    }

    /**
     * @param array<string, mixed> $change nothing for the night as it was planned
     *
     * @return array<string, Bar> the first bar of each moment, by its name
     */
    private static function bars(array $change, ?string $json = null): array
    {
        $night = DocumentReader::fromJson($json ?? self::example());
        $changed = $change === [] ? $night : DocumentReader::fromJson(json_encode(ChangedNight::of($night, ChangeForm::shape()->whole($change)), JSON_THROW_ON_ERROR));
        $bars = [];
        foreach (NightBars::of($changed) as $bar) {
            $bars[$bar->name] ??= $bar;
        }

        return $bars;
    }

    private static function example(): string
    {
        return (string) file_get_contents(__DIR__ . '/../../examples/night.json');
    }
}
