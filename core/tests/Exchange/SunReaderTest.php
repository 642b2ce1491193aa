<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Exchange;

use Kaddle\Core\Exchange\SunReader;
use Kaddle\Core\Intake\FaultyDocument;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Places and times for the sun, as the shell takes them. */
final class SunReaderTest extends TestCase
{
    public function testReadsOneAsOneAndManyInOrder(): void
    {
        $noon = '{"lat": 0, "lon": 0, "time": "2027-03-20T12:07:00Z"}';
        $midnight = '{"lat": 0, "lon": 0, "time": "2027-03-21T00:07:00Z"}';
        [$one] = SunReader::fromJson($noon);
        // At an equinox the noon sun of the equator stands overhead.
        self::assertEqualsWithDelta(90.0, $one->altitude, 0.5);
        $many = SunReader::fromJson("[$noon, $midnight, $noon]");
        self::assertCount(3, $many);
        self::assertEqualsWithDelta(-90.0, $many[1]->altitude, 0.5);
        self::assertEquals($one, $many[2]);
        self::assertSame([], SunReader::fromJson('[]'));
    }

    public function testAnOffsetIsTheSameInstant(): void
    {
        [$zulu] = SunReader::fromJson('{"lat": 54.1, "lon": 12, "time": "2027-09-18T17:20:00Z"}');
        [$summer] = SunReader::fromJson('{"lat": 54.1, "lon": 12, "time": "2027-09-18T19:20:00+02:00"}');
        self::assertEqualsWithDelta($zulu->altitude, $summer->altitude, 1e-9);
        self::assertEqualsWithDelta($zulu->azimuth, $summer->azimuth, 1e-9);
    }

    #[DataProvider('faulty')]
    public function testTellsEachFaultWhereItIs(string $json, string $field, string $sentence): void
    {
        try {
            SunReader::fromJson($json);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertSame($field, $e->faults[0]->field);
            self::assertStringContainsString($sentence, $e->faults[0]->message);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function faulty(): iterable
    {
        yield 'no JSON' => ['{"lat":', '', 'JSON'];
        yield 'a number' => ['7', 'lat', 'latitude must be a number'];
        yield 'beyond the pole' => ['{"lat": 91, "lon": 0, "time": "2027-09-18T17:20:00Z"}', 'lat', '−90 to 90'];
        yield 'around the world' => ['{"lat": 0, "lon": 181, "time": "2027-09-18T17:20:00Z"}', 'lon', '−180 to 180'];
        yield 'a text' => ['{"lat": "54", "lon": 0, "time": "2027-09-18T17:20:00Z"}', 'lat', 'must be a number'];
        yield 'no offset' => ['{"lat": 0, "lon": 0, "time": "2027-09-18T17:20:00"}', 'time', 'with its offset'];
        yield 'no such hour' => ['{"lat": 0, "lon": 0, "time": "2027-09-18T25:20:00Z"}', 'time', 'with its offset'];
        yield 'words' => ['{"lat": 0, "lon": 0, "time": "tomorrow"}', 'time', 'ISO 8601'];
        yield 'the second of two' => ['[{"lat": 0, "lon": 0, "time": "2027-09-18T17:20:00Z"}, {"lat": 0, "lon": 0}]', '1.time', 'ISO 8601'];
    }
}
