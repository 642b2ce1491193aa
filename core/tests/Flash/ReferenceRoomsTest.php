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

    /** No further off than docs/physics.md says, “Checked against traced rooms”, and a tenth. */
    #[DataProvider('probes')]
    public function testAgreesWithThePathTracer(string $probe, int $rooms, float $median, float $most, float $worst): void
    {
        $errors = self::errors($probe);
        self::assertCount($rooms, $errors);
        self::assertLessThan(1.1 * $median, $errors[intdiv($rooms, 2)], 'median of |error| in stops');
        self::assertLessThan(1.1 * $most, $errors[(int) ceil(0.95 * $rooms) - 1], '95th percentile');
        self::assertLessThan(1.1 * $worst, $errors[$rooms - 1], 'worst');
    }

    /** @return iterable<string, array{string, int, float, float, float}> rooms; stops: median, 95 %, worst */
    public static function probes(): iterable
    {
        yield 'on the face' => ['face', 50, 0.005, 0.019, 0.044];
        yield 'from above' => ['crown', 50, 0.006, 0.054, 0.101];
        yield 'from the left' => ['left', 47, 0.013, 0.077, 0.143];
        yield 'from the right' => ['right', 47, 0.015, 0.047, 0.165];
        yield 'on the backdrop' => ['background', 50, 0.006, 0.021, 0.035];
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
