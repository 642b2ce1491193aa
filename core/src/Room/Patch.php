<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * A rectangle of a face that radiates evenly.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Patch
{
    /** The axis at right angles to it. */
    public int $axis;

    /**
     * Its middle, by axis, m.
     *
     * @var array{float, float, float}
     */
    public array $middle;

    /** m² */
    public float $area;

    /** Half its diagonal, m. */
    public float $radius;

    /**
     * @internal made by Patches only
     *
     * @param array{int, int} $axes
     * @param array{float, float} $u
     * @param array{float, float} $v
     */
    public function __construct(
        public Face $face,
        /** Place of the face on its own axis, m. */
        public float $at,
        /** The two axes that span the face, ascending. */
        public array $axes,
        /** Extent on the first of them, m. */
        public array $u,
        /** Extent on the second, m. */
        public array $v,
    ) {
        $this->axis = $face->axis();
        $this->middle = $this->pointAt(($u[0] + $u[1]) / 2.0, ($v[0] + $v[1]) / 2.0);
        $this->area = ($u[1] - $u[0]) * ($v[1] - $v[0]);
        $this->radius = hypot($u[1] - $u[0], $v[1] - $v[0]) / 2.0;
    }

    /**
     * Corners in order around the rectangle.
     *
     * @return non-empty-list<array{float, float, float}>
     */
    public function corners(): array
    {
        return [
            $this->pointAt($this->u[0], $this->v[0]),
            $this->pointAt($this->u[1], $this->v[0]),
            $this->pointAt($this->u[1], $this->v[1]),
            $this->pointAt($this->u[0], $this->v[1]),
        ];
    }

    /**
     * How much of this patch's light reaches the middle of another: the form
     * factor from a small element there to this rectangle.
     */
    public function seenFrom(self $other): float
    {
        if ($other->face === $this->face) {
            return 0.0;
        }
        $eye = $other->middle;
        $axis = $this->axis;
        if ($other->axis === $axis) {
            [$u, $v] = $this->axes;

            return FormFactor::parallel(
                abs($this->at - $eye[$axis]),
                $this->u[0] - $eye[$u],
                $this->u[1] - $eye[$u],
                $this->v[0] - $eye[$v],
                $this->v[1] - $eye[$v],
            );
        }

        return $this->seenFromTheSide($other, $eye);
    }

    /** @param array{float, float, float} $eye */
    private function seenFromTheSide(self $other, array $eye): float
    {
        $rises = $this->axes[0] === $other->axis;
        [$rise, $side, $sideAxis] = $rises ? [$this->u, $this->v, $this->axes[1]] : [$this->v, $this->u, $this->axes[0]];
        $heights = [abs($rise[0] - $other->at), abs($rise[1] - $other->at)];

        return FormFactor::perpendicular(
            abs($this->at - $eye[$this->axis]),
            $side[0] - $eye[$sideAxis],
            $side[1] - $eye[$sideAxis],
            min($heights),
            max($heights),
        );
    }

    /** @return array{float, float, float} */
    private function pointAt(float $u, float $v): array
    {
        return match ($this->axis) {
            0 => [$this->at, $u, $v],
            1 => [$u, $this->at, $v],
            default => [$u, $v, $this->at],
        };
    }
}
