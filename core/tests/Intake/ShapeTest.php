<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Intake;

use Kaddle\Core\Intake\Canonical;
use Kaddle\Core\Intake\ChoiceKind;
use Kaddle\Core\Intake\ChoicesKind;
use Kaddle\Core\Intake\Fault;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Field;
use Kaddle\Core\Intake\FlagKind;
use Kaddle\Core\Intake\Kind;
use Kaddle\Core\Intake\NumberKind;
use Kaddle\Core\Intake\PartKind;
use Kaddle\Core\Intake\PatternKind;
use Kaddle\Core\Intake\Shape;
use Kaddle\Core\Intake\TextKind;
use Kaddle\Core\Intake\ZoneKind;
use Kaddle\Core\People\Movement;
use Kaddle\Core\People\Presence;
use Kaddle\Core\Quantity\Range;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One description of fields reads what comes, tells its schema and offers its form. */
final class ShapeTest extends TestCase
{
    #[DataProvider('taken')]
    public function testTakesWhatIsSound(Kind $kind, mixed $value, mixed $read): void
    {
        self::assertSame(['x' => $read], Shape::of(Field::needed('x', 'thing', $kind))->whole(['x' => $value])->toArray());
    }

    /** @return iterable<string, array{Kind, mixed, mixed}> */
    public static function taken(): iterable
    {
        $number = NumberKind::within(Range::between(0.5, 3.0, 'm', 0.1));
        yield 'a number at its end' => [$number, 3, 3.0];
        yield 'a whole number' => [NumberKind::whole(Range::between(1.0, 9.0, 'sets', 1.0)), 4.0, 4];
        yield 'text, trimmed' => [TextKind::line(10), "  Supper \n", 'Supper'];
        yield 'lines' => [TextKind::lines(20), "one\ntwo", "one\ntwo"];
        yield 'text as long as allowed, by letters' => [TextKind::line(3), 'äöü', 'äöü'];
        yield 'a time' => [PatternKind::clock(), '00:00', '00:00'];
        yield 'a leap day' => [PatternKind::date(), '2028-02-29', '2028-02-29'];
        yield 'a local time' => [PatternKind::localTime(), '2027-09-18T23:59', '2027-09-18T23:59'];
        yield 'one of a set' => [ChoiceKind::among(Movement::cases()), 'dance', 'dance'];
        yield 'several of a set' => [ChoicesKind::among(Presence::cases()), ['flames', 'baby'], ['flames', 'baby']];
        yield 'none of a set' => [ChoicesKind::among(Presence::cases()), [], []];
        yield 'no' => [new FlagKind(), false, false];
        yield 'a zone' => [new ZoneKind(), 'Pacific/Fiji', 'Pacific/Fiji'];
        yield 'an empty list' => [PartKind::listOf(Shape::of(), 'thing', 3), [], []];
    }

    #[DataProvider('refused')]
    public function testRefusesWithASentence(Kind $kind, mixed $value, string $sentence): void
    {
        try {
            Shape::of(Field::needed('x', 'thing', $kind))->whole(['x' => $value])->toArray();
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertStringContainsString($sentence, $e->getMessage());
            self::assertStringStartsWith('x', $e->faults[0]->field);
        }
    }

    /** @return iterable<string, array{Kind, mixed, string}> */
    public static function refused(): iterable
    {
        $number = NumberKind::within(Range::between(0.5, 3.0, 'm', 0.1));
        yield 'beyond the end' => [$number, 3.01, 'The thing must be 0.5 to 3 m; it is 3.01.'];
        yield 'a number as text' => [$number, '2', 'must be a number, 0.5 to 3 m'];
        yield 'no number' => [$number, null, 'must be a number'];
        yield 'endless' => [$number, INF, 'must be 0.5 to 3 m'];
        yield 'not a number' => [$number, NAN, 'must be 0.5 to 3 m'];
        yield 'half a set' => [NumberKind::whole(Range::between(1.0, 9.0, 'sets', 1.0)), 1.5, 'must be a whole number'];
        yield 'blank text' => [TextKind::line(10), "\t ", 'must not be empty'];
        yield 'a line of two' => [TextKind::line(10), "a\nb", 'plain text'];
        yield 'markup' => [TextKind::lines(90), 'see <b>here</b>', 'plain text'];
        yield 'text that turns the writing round' => [TextKind::line(10), "a\u{202E}b", 'plain text'];
        yield 'too long by a letter' => [TextKind::line(3), 'äöüß', 'at most 3 characters'];
        yield '24 o’clock' => [PatternKind::clock(), '24:00', 'must be a time of day'];
        yield 'a day that is none' => [PatternKind::date(), '2027-02-29', 'must be a day'];
        yield 'a day and more' => [PatternKind::date(), '2027-02-20 ', 'must be a day'];
        yield 'a number for a choice' => [ChoiceKind::among(Movement::cases()), 1, 'must be one of: still, talk, walk'];
        yield 'a word nobody knows' => [ChoicesKind::among(Presence::cases()), ['dragon'], 'each at most once'];
        yield 'the same word twice' => [ChoicesKind::among(Presence::cases()), ['baby', 'baby'], 'each at most once'];
        yield 'a word for yes' => [new FlagKind(), 'yes', 'must be true or false'];
        yield 'a zone of the moon' => [new ZoneKind(), 'Moon/Sea', 'IANA'];
        yield 'a list for an object' => [PartKind::one(Shape::of()), [1], 'must be an object'];
        yield 'an object for a list' => [PartKind::listOf(Shape::of(), 'thing', 3), ['a' => 1], 'list of 1 to 3'];
        yield 'too many' => [PartKind::listOf(Shape::of(), 'thing', 3), [[], [], [], []], 'list of 1 to 3'];
    }

    /** The schema takes what the reader takes; a form is offered for every field. */
    #[DataProvider('taken')]
    public function testSchemaAndFormKnowTheSame(Kind $kind, mixed $value): void
    {
        $shape = Shape::of(Field::needed('x', 'thing', $kind));
        $schema = json_encode($shape->schema(), JSON_THROW_ON_ERROR);
        $data = json_decode(json_encode(['x' => is_string($value) ? trim($value) : $value], JSON_THROW_ON_ERROR), false, 8, JSON_THROW_ON_ERROR);
        self::assertTrue((new Validator())->validate($data, $schema)->isValid());
        self::assertSame(['x', 'Thing', false], [$shape->form()[0]['name'], $shape->form()[0]['label'], $shape->form()[0]['optional']]);
    }

    public function testAllFaultsAreToldAtOnceUnderTheirPaths(): void
    {
        $shape = Shape::of(
            Field::needed('name', 'name', TextKind::line(10)),
            Field::needed('lamps', 'lamps', PartKind::listOf(Shape::of(Field::needed('lux', 'light', NumberKind::within(Range::between(1.0, 9.0, 'lx', 1.0)))), 'lamp', 5)),
        );
        try {
            $shape->whole(['lamps' => [['lux' => 5], ['lux' => 99, 'colour' => 'red']]])->toArray();
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertSame(['name', 'lamps.1.colour', 'lamps.1.lux'], array_column($e->faults, 'field'));
        }
    }

    public function testWhatMayBeLeftOutMay(): void
    {
        $shape = Shape::of(Field::optional('x', 'thing', new FlagKind())->when('kind', 'a'), Field::optional('y', 'other', new FlagKind()));
        self::assertSame(['y' => true], $shape->whole(['y' => true])->toArray());
        self::assertSame([['kind', 'a'], null], array_column($shape->form(), 'when'));
    }

    #[DataProvider('pairs')]
    public function testDataIsComparedByWhatItSays(mixed $one, mixed $other, bool $alike): void
    {
        self::assertSame($alike, Canonical::alike($one, $other));
    }

    /** @return iterable<string, array{mixed, mixed, bool}> */
    public static function pairs(): iterable
    {
        yield 'order of fields' => [['a' => 1, 'b' => [2]], ['b' => [2.0], 'a' => 1.0], true];
        yield 'order of a list' => [[1, 2], [2, 1], false];
        yield 'a number and its text' => [['a' => 1], ['a' => '1'], false];
        yield 'a field more' => [['a' => 1], ['a' => 1, 'b' => null], false];
        yield 'empty and nothing' => [[], null, false];
    }

    public function testFaultsGoUnderTheNamesThatTheReaderKnows(): void
    {
        try {
            Shape::of(
                Field::needed('width', 'width', NumberKind::within(Range::between(1.0, 100.0, 'm', 0.1))),
                Field::needed('height', 'height', NumberKind::within(Range::between(1.0, 100.0, 'm', 0.1))),
            )->whole(['width' => 900, 'height' => 'tall']);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            $renamed = $e->renamed(['width' => 'room.across', 'depth' => 'room.along']);
            self::assertSame(['room.across', 'height'], array_map(static fn(Fault $f): string => $f->field, $renamed->faults));
            self::assertSame($e->getMessage(), $renamed->getMessage());
        }
    }
}
