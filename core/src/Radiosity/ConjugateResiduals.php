<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

/**
 * A sum b + K·b + K²·b + … on its way, by generalized conjugate residuals.
 *
 * Each step takes K once, as working out one more term would, but what is still missing then is as
 * little as any combination of the terms so far can leave (Eisenstat, Elman, Schultz, SIAM J.
 * Numer. Anal. 20, 1983).
 *
 * @phpstan-all-methods-pure
 */
final readonly class ConjugateResiduals
{
    /** Ways at right angles to which the next one goes: K is nearly symmetric, so the others are by themselves. */
    private const REMEMBERED = 2;

    /**
     * @param list<float> $sum
     * @param list<float> $residual
     * @param list<array{list<float>, list<float>, float}> $ways gone so far, what each takes away, at right angles to
     *     each other, and the square of its length
     */
    private function __construct(
        public array $sum,
        /** b − (1 − K)·sum. */
        public array $residual,
        /** The square of its length. */
        public float $missing,
        private array $ways,
    ) {}

    /** @param list<float> $first b */
    public static function for(array $first): self
    {
        return new self(array_fill(0, count($first), 0.0), $first, self::product($first, $first), []);
    }

    /** @param list<float> $once K times the residual */
    public function improved(array $once): self
    {
        $way = $this->residual;
        $taken = self::plus($this->residual, $once, -1.0);
        foreach ($this->ways as [$before, $took, $square]) {
            $along = self::product($taken, $took) / $square;
            $taken = self::plus($taken, $took, -$along);
            $way = self::plus($way, $before, -$along);
        }
        $square = self::product($taken, $taken);
        if ($square < 1e-60) {
            return $this;
        }
        $far = self::product($this->residual, $taken) / $square;

        return new self(
            self::plus($this->sum, $way, $far),
            self::plus($this->residual, $taken, -$far),
            $this->missing - $far * $far * $square,
            [...array_slice($this->ways, 1 - self::REMEMBERED), [$way, $taken, $square]],
        );
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

    /**
     * @param list<float> $values
     * @param list<float> $more as many
     *
     * @return list<float>
     */
    private static function plus(array $values, array $more, float $weight): array
    {
        $sums = [];
        foreach ($values as $i => $value) {
            $sums[] = $value + $weight * $more[$i];
        }

        return $sums;
    }
}
