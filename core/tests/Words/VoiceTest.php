<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Words;

use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Sentence;
use Kaddle\Core\Words\Clock;
use Kaddle\Core\Words\LengthUnit;
use Kaddle\Core\Words\Voice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lengths and times in the units of whoever reads them. */
final class VoiceTest extends TestCase
{
    /** An inch is 25.4 mm, a foot twelve of them (international yard and pound agreement, 1959). */
    #[DataProvider('lengths')]
    public function testALengthIsToldInMetresOrInFeetAndInches(float $metres, string $plain, string $feet): void
    {
        self::assertSame([$plain, $feet], [Voice::plain()->length(Length::ofMetres($metres)), self::feet()->length(Length::ofMetres($metres))]);
    }

    /** @return iterable<string, array{float, string, string}> */
    public static function lengths(): iterable
    {
        yield 'nothing' => [0.0, '0 m', '0 in'];
        yield 'an inch' => [0.0254, '0 m', '1 in'];
        yield 'a foot' => [0.3048, '0.3 m', '1 ft'];
        yield 'nearly a foot' => [0.3, '0.3 m', '1 ft'];
        yield 'a table away' => [1.5, '1.5 m', '4 ft 11 in'];
        yield 'across the room' => [4.8768, '4.9 m', '16 ft'];
        yield 'twelve inches are a foot' => [1.8285, '1.8 m', '6 ft'];
        yield 'far' => [100.0, '100 m', '328 ft 1 in'];
        yield 'no end' => [INF, 'endless', 'endless'];
    }

    public function testASpanNamesTheUnitOnceInMetres(): void
    {
        $span = static fn(Voice $voice): string => $voice->span(Length::ofMetres(2.1), Length::ofMetres(4.0));
        self::assertSame(['2.1 to 4 m', '6 ft 11 in to 13 ft 1 in'], [$span(Voice::plain()), $span(self::feet())]);
    }

    public function testARefusalIsToldInTheUnitsOfItsReader(): void
    {
        $refusal = OutOfRange::of('subject distance', 200.0, Range::between(0.4, 100.0, 'm', 0.1));
        self::assertSame('The subject distance must be 0.4 to 100 m; it is 200.', $refusal->getMessage());
        self::assertSame($refusal->getMessage(), Voice::plain()->sentence($refusal->sentence()));
        self::assertSame('The subject distance must be 1 ft 4 in to 328 ft 1 in; it is 656 ft 2 in.', self::feet()->sentence($refusal->sentence()));
        $stops = OutOfRange::of('fill flash', 9.0, Range::between(0.0, 3.0, 'stops under', 0.1));
        self::assertSame($stops->getMessage(), self::feet()->sentence($stops->sentence()), 'stops are stops');
        $nested = Sentence::of('“%s” would no longer fit. %s', 'Cake 100 %', $refusal->sentence());
        self::assertStringStartsWith('“Cake 100 %” would no longer fit. The subject distance must be 1 ft', self::feet()->sentence($nested));
    }

    #[DataProvider('times')]
    public function testATimeIsToldByEitherClock(string $time, string $twelve): void
    {
        self::assertSame([$time, $twelve], [Voice::plain()->time($time), self::feet()->time($time)]);
    }

    /** @return iterable<string, array{string, string}> */
    public static function times(): iterable
    {
        yield 'midnight' => ['00:05', '12:05 am'];
        yield 'morning' => ['09:30', '9:30 am'];
        yield 'noon' => ['12:00', '12:00 pm'];
        yield 'evening' => ['19:30', '7:30 pm'];
    }

    private static function feet(): Voice
    {
        return Voice::of(LengthUnit::Feet, Clock::Hours12);
    }
}
