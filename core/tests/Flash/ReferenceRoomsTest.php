<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Form\BounceReader;
use Kaddle\Core\Quantity\Rgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The engine against path-traced rooms; source: golden/README.md.
 *
 * @phpstan-type Triple array{float, float, float}
 * @phpstan-type Traced array{id: string, expected: array<string, array{direct: Triple, first: Triple, total: Triple}>}
 */
final class ReferenceRoomsTest extends TestCase
{
    /** Probes count where the reference lies within so many stops of the face. */
    private const WITHIN = 8.0;

    /** @var array<string, array<string, Exposure>>|null by room and probe */
    private static ?array $computed = null;

    public function testFaceTotalsAgreeWithThePathTracer(): void
    {
        $errors = self::errors('face');
        self::assertCount(50, $errors);
        self::assertLessThan(0.03, $errors[24], 'median of |error| in stops');
        self::assertLessThan(0.12, $errors[47], '95th percentile');
        self::assertLessThan(0.3, $errors[49], 'worst');
    }

    #[DataProvider('otherProbes')]
    public function testLightFromElsewhereAgreesWithThePathTracer(string $probe): void
    {
        $errors = self::errors($probe);
        self::assertGreaterThan(40, count($errors));
        self::assertLessThan(0.25, $errors[(int) ceil(0.95 * count($errors)) - 1], '95th percentile of |error| in stops');
    }

    /** @return iterable<string, array{string}> */
    public static function otherProbes(): iterable
    {
        yield 'from above' => ['crown'];
        yield 'from the left' => ['left'];
        yield 'from the right' => ['right'];
        yield 'on the backdrop' => ['background'];
    }

    public function testFirstReflectionsAgreeWithThePathTracer(): void
    {
        foreach (self::rooms() as $room) {
            $expected = Rgb::of(...$room['expected']['face']['first'])->luminance();
            if ($expected > 0.01 * Rgb::of(...$room['expected']['face']['total'])->luminance()) {
                $error = log(self::computed()[$room['id']]['face']->first()->luminance() / $expected, 2.0);
                self::assertEqualsWithDelta(0.0, $error, 0.1, $room['id']);
            }
        }
    }

    /** Paint tints the bounce: the ratio of red to blue comes out as traced. */
    public function testTheCastOfPaintAgreesWithThePathTracer(): void
    {
        foreach (self::rooms() as $room) {
            $expected = Rgb::of(...$room['expected']['face']['total']);
            $got = self::computed()[$room['id']]['face']->total();
            $cast = log($got->r / $got->b, 2.0) - log($expected->r / $expected->b, 2.0);
            self::assertEqualsWithDelta(0.0, $cast, 0.15, $room['id']);
        }
    }

    /** @return list<float> sizes of the errors in stops, ascending */
    private static function errors(string $probe): array
    {
        $errors = [];
        foreach (self::rooms() as $room) {
            $face = Rgb::of(...$room['expected']['face']['total'])->luminance();
            $expected = Rgb::of(...$room['expected'][$probe]['total'])->luminance();
            if ($expected > 0.0 && abs(log($expected / $face, 2.0)) <= self::WITHIN) {
                $errors[] = abs(log(self::computed()[$room['id']][$probe]->total()->luminance() / $expected, 2.0));
            }
        }
        sort($errors);

        return $errors;
    }

    /** @return list<Traced> */
    private static function rooms(): array
    {
        /** @var list<Traced> */
        return json_decode(self::json(), true, 16, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, array<string, Exposure>> */
    private static function computed(): array
    {
        if (self::$computed === null) {
            self::$computed = [];
            foreach (BounceReader::fromJson(self::json()) as $case) {
                self::$computed[$case->id] = $case->exposures();
            }
        }

        return self::$computed;
    }

    private static function json(): string
    {
        return (string) file_get_contents(__DIR__ . '/../golden/rooms.json');
    }
}
