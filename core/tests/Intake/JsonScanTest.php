<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Intake;

use Eris\Generator\ChooseGenerator;
use Eris\Generator\SequenceGenerator;
use Eris\Generator\StringGenerator;
use Eris\TestTrait;
use Kaddle\Core\Intake\Faults;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Intake\Json;
use Kaddle\Core\Intake\JsonScan;
use Kaddle\Core\Intake\JsonSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A text is counted before anything is made of it. */
final class JsonScanTest extends TestCase
{
    use TestTrait;

    #[DataProvider('tooMuch')]
    public function testRefusesWhatWouldBecomeTooMuch(string $json, string $sentence): void
    {
        self::assertStringContainsString($sentence, (string) JsonScan::tooMuch($json, JsonSize::of(2_000_000, 1000)));
        $this->expectException(FaultyDocument::class);
        $this->expectExceptionMessage($sentence);
        Json::read($json, JsonSize::of(2_000_000, 1000));
    }

    /** @return iterable<string, array{string, string}> */
    public static function tooMuch(): iterable
    {
        $colliding = implode(',', array_map(static fn(int $i): string => '"' . 65_536 * $i . '":1', range(1, 80_000)));
        yield 'keys that are made to collide' => ["{{$colliding}}", 'more than 100 fields'];
        yield 'the same, further in' => ["[0,{\"a\":{{$colliding}}}]", 'more than 100 fields'];
        yield 'a million lists' => ['[' . str_repeat('[1],', 400_000) . '1]', 'more than 1000 values'];
        yield 'a million numbers' => ['[' . str_repeat('1,', 900_000) . '1]', 'more than 1000 values'];
        yield 'a thousand and one numbers' => ['[' . str_repeat('1,', 999) . '1]', 'more than 1000 values'];
        yield 'deeper than anything' => [str_repeat('[', 17), 'deeper than 16 levels'];
        yield 'deep objects' => [str_repeat('{"a":', 17), 'deeper than 16 levels'];
        yield 'long' => ['"' . str_repeat('x', 2_000_000) . '"', 'too long: 2000002 bytes, at most 2000000'];
    }

    #[DataProvider('fine')]
    public function testLetsThroughWhatIsFine(string $json): void
    {
        self::assertNull(JsonScan::tooMuch($json, JsonSize::of(2_000_000, 1000)));
        self::assertSame(json_decode($json, true), Json::read($json, JsonSize::of(2_000_000, 1000)));
    }

    /** @return iterable<string, array{string}> */
    public static function fine(): iterable
    {
        yield 'marks inside a text' => ['{"a": "' . str_repeat('[{,:', 5000) . '"}'];
        yield 'a text that ends in a backslash' => ['["' . str_repeat('\\\\', 2000) . '", 1]'];
        yield 'a quote in a text' => ['["\\"' . str_repeat(',', 2000) . '"]'];
        yield 'many small objects' => ['[' . implode(',', array_fill(0, 300, '{"a":1}')) . ']'];
        yield 'a hundred fields' => [(string) json_encode(array_fill_keys(array_map(static fn(int $i): string => "f$i", range(1, 100)), 1))];
        yield 'sixteen levels' => [str_repeat('[', 15) . '1' . str_repeat(']', 15)];
        yield 'a number' => ['3'];
    }

    public function testCountsWhatIsThere(): void
    {
        $this->forAll(new SequenceGenerator(new StringGenerator()), new ChooseGenerator(1, 6))
            ->then(static function (array $texts, int $levels): void {
                $data = array_map(static fn(mixed $text): string => is_string($text) ? $text : '', array_values($texts));
                for ($i = 1; $i < $levels; ++$i) {
                    $data = [$data, ['x' => $i]];
                }
                $json = (string) json_encode($data, JSON_INVALID_UTF8_SUBSTITUTE);
                $count = self::values($data);
                self::assertNull(JsonScan::tooMuch($json, JsonSize::of(2_000_000, 2 * $count + 2)));
                if (count($texts) > 2) {
                    self::assertNotNull(JsonScan::tooMuch($json, JsonSize::of(2_000_000, count($texts) - 1)));
                }
            });
    }

    public function testAThousandFaultsAreToldAsFifty(): void
    {
        $faults = new Faults();
        for ($i = 0; $i < 1000; ++$i) {
            $faults->add("f$i", 'Wrong.');
        }
        self::assertSame(1000, $faults->count());
        try {
            $faults->mustBeNone();
            self::fail('faults were not told');
        } catch (FaultyDocument $e) {
            self::assertCount(51, $e->faults);
            self::assertSame('And 950 more faults, which are told once these are mended.', $e->byField('page')['page'][0]);
        }
    }

    private static function values(mixed $data): int
    {
        return is_array($data) ? 1 + array_sum(array_map(self::values(...), $data)) : 1;
    }
}
