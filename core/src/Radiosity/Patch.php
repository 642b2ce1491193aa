<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\Face;

/**
 * A rectangle of a face that radiates evenly.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Patch
{
    /** m² */
    public float $area;

    /**
     * @internal made by Patches only
     *
     * @param array{int, int, int} $cell
     * @param array{float, float} $u
     * @param array{float, float} $v
     */
    public function __construct(
        public Face $face,
        /** How many patches lie before it, by axis; 0 along its own. */
        public array $cell,
        /** Place of the face on its own axis, m. */
        private float $at,
        /** Extent on the first of the axes that span the face, m. */
        public array $u,
        /** Extent on the second, m. */
        public array $v,
    ) {
        $this->area = ($u[1] - $u[0]) * ($v[1] - $v[0]);
    }

    /** @return array{float, float, float} by axis, m */
    public function middle(): array
    {
        return $this->pointAt(($this->u[0] + $this->u[1]) / 2.0, ($this->v[0] + $this->v[1]) / 2.0);
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

    /** @return array{float, float, float} */
    private function pointAt(float $u, float $v): array
    {
        return match ($this->face->axis()) {
            0 => [$this->at, $u, $v],
            1 => [$u, $this->at, $v],
            2 => [$u, $v, $this->at],
        };
    }
}
