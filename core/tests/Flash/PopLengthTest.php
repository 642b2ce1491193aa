<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Flash;

use Kaddle\Core\Flash\Output;
use Kaddle\Core\Flash\PopLength;
use Kaddle\Core\Quantity\ExactStops;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PopLengthTest extends TestCase
{
    /** By hand from τ = 1.22 ms and t_q = 40 µs: full min(τ·2.303, ∞) + t_q = 1/350; half τ·0.693 + t_q = 1/1130; a quarter τ·0.288 + t_q = 1/2555. */
    #[DataProvider('lengths')]
    public function testByHand(int $underFull, float $inverse): void
    {
        self::assertEqualsWithDelta($inverse, 1.0 / PopLength::usual()->blurring(Output::of(ExactStops::fromWhole(-$underFull))), 0.01 * $inverse);
    }

    /** @return iterable<string, array{int, float}> */
    public static function lengths(): iterable
    {
        yield 'full' => [0, 350.0];
        yield 'half' => [1, 1130.0];
        yield 'a quarter' => [2, 2555.0];
        yield 'a sixteenth' => [4, 8430.0];
        yield 'the lowest' => [7, 20_200.0];
    }

    /** What a maker prints comes back: t0.5 at full is τ·ln 2 + t_q, and so is t0.1 at half. */
    public function testTheOwnersFiguresSetIt(): void
    {
        $slow = PopLength::ofSeconds([[7.0, 1 / 15_000], [0.0, 1 / 800]]);
        self::assertEqualsWithDelta(1 / 800, $slow->blurring(Output::of(ExactStops::fromWhole(-1))), 1e-5);
        self::assertEqualsWithDelta(1 / 15_000, $slow->blurring(Output::of(ExactStops::fromWhole(-7))), 1e-6);
        $one = PopLength::ofSeconds([[0.0, 1 / 1000]]);
        self::assertEqualsWithDelta(PopLength::usual()->blurring(Output::full()), $one->blurring(Output::full()), 4e-4);
    }
}
