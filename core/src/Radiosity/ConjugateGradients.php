<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

/**
 * A sum b + TR·b + (TR)²·b + … on its way, for one band: T leads light from patch to patch, R reflects it.
 *
 * Both are symmetric, so R − RTR is, and conjugate gradients solve it, preconditioned by R, each step taking T and R once, as
 * working out one more term would (Hestenes and Stiefel, J. Res. Nat. Bur. Standards 49, 1952).
 *
 * @phpstan-all-methods-pure
 */
final readonly class ConjugateGradients
{
    /**
     * @param list<float> $sum
     * @param list<float> $residual b − (1 − TR)·sum
     * @param list<float> $way in which the sum goes on
     */
    private function __construct(
        public array $sum,
        private Reflection $reflection,
        private array $residual,
        private array $way,
        /** @var list<float> R times the way, what T is asked for */
        public array $sent,
        /** The square of the residual, weighted by what is reflected of it. */
        private float $missing,
        /** What of that may be left. */
        private float $enough,
    ) {}

    /**
     * @param list<float> $first b, combined
     * @param float $close what may be missing in the end, against b
     */
    public static function for(array $first, Reflection $reflection, float $close): self
    {
        $sent = $reflection->of($first);
        $missing = self::product($first, $sent);

        return new self(array_fill(0, count($first), 0.0), $reflection, $first, $first, $sent, $missing, $close * $close * $missing);
    }

    /** Whether what is missing is little enough; there is no way on then. */
    public function isDone(): bool
    {
        return $this->missing <= $this->enough;
    }

    /**
     * A step on, of one that is not done.
     *
     * @param list<float> $led T times what was sent
     */
    public function improved(array $led): self
    {
        [$way, $sent, $residual] = [$this->way, $this->sent, $this->residual];
        $taken = 0.0;
        foreach ($led as $i => $back) {
            $taken += $sent[$i] * ($way[$i] - $back);
        }
        $far = $this->missing / $taken;
        $sum = $left = [];
        foreach ($this->sum as $i => $value) {
            $along = $way[$i];
            $sum[] = $value + $far * $along;
            $left[] = $residual[$i] - $far * ($along - $led[$i]);
        }
        $reflected = $this->reflection->of($left);
        $missing = self::product($left, $reflected);
        $turned = $missing / $this->missing;
        $next = $sends = [];
        foreach ($left as $i => $value) {
            $next[] = $value + $turned * $way[$i];
            $sends[] = $reflected[$i] + $turned * $sent[$i];
        }

        return new self($sum, $this->reflection, $left, $next, $sends, $missing, $this->enough);
    }

    /**
     * @param list<float> $a
     * @param list<float> $b as many
     */
    private static function product(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $value) {
            $sum += $value * $b[$i];
        }

        return $sum;
    }
}
