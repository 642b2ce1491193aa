<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\Face;

/**
 * What the middles of all patches see of the patches of one face, as form factors.
 *
 * Patches are all of one size, so that depends on nothing but how many of them lie between two:
 * a few elements along the edges of the room see every case there is.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FaceViews
{
    /**
     * @param array{int, int, int} $cuts
     * @param list<float> $across seen from the corner of the opposite face, by patch of this one
     * @param array<int, list<list<float>>> $beside by axis of a neighbour: seen from the patches along its edge, the nearest first, by patch of this one
     */
    private function __construct(
        private Face $face,
        private array $cuts,
        private array $across,
        private array $beside,
    ) {}

    /**
     * @param Face $face one of those at the origin
     * @param array{float, float, float} $extents m
     * @param array{int, int, int} $cuts along each axis
     */
    public static function of(Face $face, array $extents, array $cuts): self
    {
        $grid = FaceGrid::of($face, $extents, $cuts);
        $axis = $face->axis();
        $half = static fn(int $axis): float => $extents[$axis] / $cuts[$axis] / 2.0;
        $corner = [$half(0), $half(1), $half(2)];
        $beside = [];
        foreach ($face->sides() as $side) {
            $normal = self::along($side, 1.0);
            $eye = array_replace($corner, [$side => 0.0]);
            for ($step = 0; $step < $cuts[$axis]; ++$step) {
                $beside[$side][] = $grid->seenFrom(
                    array_replace($eye, [$axis => (2 * $step + 1) * $half($axis)]),
                    $normal,
                );
            }
        }

        return new self(
            $face,
            $cuts,
            $grid->seenFrom(array_replace($corner, [$axis => $extents[$axis]]), self::along($axis, -1.0)),
            $beside,
        );
    }

    /**
     * Form factors from the middle of a patch to those of the face that lie in the octant at the origin.
     *
     * @return list<float>
     */
    public function octantFrom(Patch $receiver): array
    {
        [$u, $v] = $this->face->sides();
        [$cutsU, $cutsV] = [$this->cuts[$u], $this->cuts[$v]];
        if ($receiver->face === $this->face) {
            return array_fill(0, intdiv($cutsU * $cutsV, 4), 0.0);
        }
        $axis = $receiver->face->axis();
        $seen = $axis === $this->face->axis()
            ? $this->across
            : $this->beside[$axis][$receiver->cell[$this->face->axis()]];
        // Where a neighbour stands at right angles to a side, what counts is how far it is to its foot.
        $fromU = $axis === $u && $receiver->face->isUpper() ? $cutsU - 1 : $receiver->cell[$u];
        $fromV = $axis === $v && $receiver->face->isUpper() ? $cutsV - 1 : $receiver->cell[$v];
        $factors = [];
        for ($i = 0; 2 * $i < $cutsU; ++$i) {
            $row = ($i > $fromU ? $i - $fromU : $fromU - $i) * $cutsV;
            for ($j = 0; 2 * $j < $cutsV; ++$j) {
                $factors[] = $seen[$row + ($j > $fromV ? $j - $fromV : $fromV - $j)];
            }
        }

        return $factors;
    }

    /** @return array{float, float, float} */
    private static function along(int $axis, float $length): array
    {
        return [$axis === 0 ? $length : 0.0, $axis === 1 ? $length : 0.0, $axis === 2 ? $length : 0.0];
    }
}
