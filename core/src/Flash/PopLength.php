<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * How long a pop shines: a capacitor empties through a tube with a time constant, and less than a
 * full pop is cut off.
 *
 * Intensity goes as e^(−x/τ); share p of a full pop is cut at −τ·ln(1 − p), and the end takes t_q.
 * For units that cut the current; studio heads that lower the voltage go the other way.
 *
 * @see docs/physics.md, “How long a pop is”
 *
 * @phpstan-all-methods-pure
 */
final readonly class PopLength
{
    /** Of a usual small unit, s: fitted to 1/1000, 1/2900, 1/8500 and 1/20000 at 0, 2, 4 and 7 stops under full. */
    private const USUAL_TAU = 1.22e-3;
    private const USUAL_END = 40e-6;

    private function __construct(
        /** τ, s. */
        private float $constant,
        /** t_q, s. */
        private float $end,
    ) {}

    public static function usual(): self
    {
        return new self(self::USUAL_TAU, self::USUAL_END);
    }

    /**
     * From what its maker prints: the longest tells τ, the shortest t_q.
     *
     * @param non-empty-list<array{float, float}> $printed stops under full, 0 or more, and t0.5, s, above 0
     *
     * @throws OutOfRange
     */
    public static function ofSeconds(array $printed): self
    {
        [$least, $longest] = [$most, $shortest] = $printed[0];
        foreach ($printed as [$under, $seconds]) {
            self::secondsRange()->checked('flash duration', $seconds);
            [$least, $longest] = $under < $least ? [$under, $seconds] : [$least, $longest];
            [$most, $shortest] = $under > $most ? [$under, $seconds] : [$most, $shortest];
        }
        $constant = self::USUAL_TAU;
        $end = min(self::USUAL_END, $longest / 2.0);
        for ($round = 0; $round < 4; ++$round) {
            $constant = ($longest - $end) / self::cut($least, M_LN2);
            $end = $most > $least ? max(1e-6, min($longest / 2.0, $shortest - $constant * self::cut($most, M_LN2))) : $end;
        }

        return new self($constant, $end);
    }

    public static function secondsRange(): Range
    {
        return Range::between(1e-5, 0.01, 's', 1e-5);
    }

    /**
     * t0.1, over a tenth of the peak: the one that blurs.
     *
     * @param Output $output not off
     *
     * @return float s
     */
    public function blurring(Output $output): float
    {
        return $this->constant * self::cut(-$output->value(), log(10.0)) + $this->end;
    }

    /**
     * t0.5, over half of the peak: the one that makers print.
     *
     * @param Output $output not off
     *
     * @return float s
     */
    public function printed(Output $output): float
    {
        return $this->constant * self::cut(-$output->value(), M_LN2) + $this->end;
    }

    /** Time over a share of the peak, in time constants: −ln(1 − p), as far as the pop itself has not fallen under it. */
    private static function cut(float $underFull, float $fallen): float
    {
        return $underFull > 0.0 ? min($fallen, -log(1.0 - 2.0 ** -$underFull)) : $fallen;
    }
}
