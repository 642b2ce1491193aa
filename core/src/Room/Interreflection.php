<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\Rgb;

/**
 * What a room does with light after the first reflection: radiosity over patches.
 *
 * Irradiance E by reflected light obeys E = F·ρ·(E0 + E), with E0 the direct
 * irradiance of the patches and F their form factors. Fixed-point iteration;
 * it converges because no finish reflects more than 0.95.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Interreflection
{
    /** Iteration ends when a round adds less than this share: far below a hundredth of a stop. */
    private const TOLERANCE = 2e-4;
    private const MOST_ROUNDS = 200;

    /**
     * @param list<list<float>> $formFactors [receiver][sender]
     * @param list<float> $areas m²
     * @param array{list<float>, list<float>, list<float>} $reflectances by band
     */
    private function __construct(
        public Patches $patches,
        private array $formFactors,
        private array $areas,
        private array $reflectances,
    ) {}

    public static function in(BoxRoom $room): self
    {
        $patches = Patches::of($room);
        $shares = array_map(static fn(Patch $p): Rgb => $room->reflectance($p->face)->share, $patches->all);

        return new self(
            $patches,
            array_map(
                static fn(Patch $eye): array => array_map(static fn(Patch $p): float => $p->seenFrom($eye), $patches->all),
                $patches->all,
            ),
            array_map(static fn(Patch $p): float => $p->area(), $patches->all),
            [
                array_map(static fn(Rgb $share): float => $share->r, $shares),
                array_map(static fn(Rgb $share): float => $share->g, $shares),
                array_map(static fn(Rgb $share): float => $share->b, $shares),
            ],
        );
    }

    /**
     * Light that leaves the patches at their second and any later reflection.
     *
     * @param array<int, float> $energy direct light that each patch receives, lm·s
     *
     * @return array{list<float>, list<float>, list<float>} radiant exitance by band, lx·s
     */
    public function laterReflections(array $energy): array
    {
        $direct = array_map(static fn(float $e, float $area): float => $e / $area, array_values($energy), $this->areas);

        return [
            $this->band($direct, $this->reflectances[0]),
            $this->band($direct, $this->reflectances[1]),
            $this->band($direct, $this->reflectances[2]),
        ];
    }

    /**
     * @param list<float> $direct
     * @param list<float> $reflectances
     *
     * @return list<float>
     */
    private function band(array $direct, array $reflectances): array
    {
        $leaving = array_map(static fn(float $e, float $rho): float => $e * $rho, $direct, $reflectances);
        $total = array_fill(0, count($leaving), 0.0);
        for ($round = 0; $round < self::MOST_ROUNDS; ++$round) {
            $leaving = $this->reflectedOnce($leaving, $reflectances);
            $total = array_map(static fn(float $sum, float $more): float => $sum + $more, $total, $leaving);
            if (array_sum($leaving) <= self::TOLERANCE * array_sum($total)) {
                break;
            }
        }

        return $total;
    }

    /**
     * @param list<float> $leaving
     * @param list<float> $reflectances
     *
     * @return list<float>
     */
    private function reflectedOnce(array $leaving, array $reflectances): array
    {
        $next = [];
        foreach ($this->formFactors as $i => $row) {
            if ($reflectances[$i] === 0.0) {
                $next[] = 0.0;
                continue;
            }
            $sum = 0.0;
            foreach ($row as $j => $factor) {
                $sum += $factor * $leaving[$j];
            }
            $next[] = $sum * $reflectances[$i];
        }

        return $next;
    }
}
