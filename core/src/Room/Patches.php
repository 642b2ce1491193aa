<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * The faces of a room cut evenly into rectangles, more of them along its longer sides.
 *
 * Every axis is cut into an even number, so that the patches fall into eight mirror
 * images of one octant. Index = image · (patches of an octant) + place in the octant;
 * the image's bits 1, 2 and 4 say whether it is mirrored along x, y and z.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Patches
{
    public const IMAGES = 8;

    /** Cuts along a side of average length; see docs/physics.md for what they cost and buy. */
    private const CUTS = 5.0;
    private const MOST_CUTS = 14;

    /** The faces of the octant at the origin. */
    private const ORIGIN = [Face::Back, Face::Right, Face::Floor];

    private int $octant;

    /**
     * @param list<Patch> $all
     * @param array{int, int, int} $cuts
     */
    private function __construct(
        public array $all,
        /** Cuts along each axis, even. */
        public array $cuts,
        private BoxRoom $room,
        private float $height,
    ) {
        $this->octant = intdiv(count($all), self::IMAGES);
    }

    public static function of(BoxRoom $room): self
    {
        $extents = $room->extents();
        $average = ($extents[0] * $extents[1] * $extents[2]) ** (1.0 / 3.0);
        $cuts = array_map(static fn(float $side): int => self::evenCuts($side / $average), $extents);
        $all = [];
        for ($image = 0; $image < self::IMAGES; ++$image) {
            foreach (self::ORIGIN as $face) {
                $all = [...$all, ...self::mirrored($face, $image, $extents, $cuts)];
            }
        }

        return new self($all, $cuts, $room, $extents[2]);
    }

    /** How many patches one octant has. */
    public function inOctant(): int
    {
        return $this->octant;
    }

    /** Index of the patch that a point of a face belongs to. */
    public function indexAt(SurfacePoint $place): int
    {
        [$cx, $cy, $cz] = $this->cuts;
        $x = min($cx - 1, (int) ($place->x / $this->room->length * $cx));
        $y = min($cy - 1, (int) ($place->y / $this->room->width * $cy));
        $z = min($cz - 1, (int) ($place->z / $this->height * $cz));
        $image = (2 * $x >= $cx ? 1 : 0) + (2 * $y >= $cy ? 2 : 0) + (2 * $z >= $cz ? 4 : 0);
        $x = min($x, $cx - 1 - $x);
        $y = min($y, $cy - 1 - $y);
        $z = min($z, $cz - 1 - $z);
        [$hx, $hy, $hz] = [$cx >> 1, $cy >> 1, $cz >> 1];

        return $image * $this->octant + match ($place->face) {
            Face::Back, Face::Far => $y * $hz + $z,
            Face::Right, Face::Left => $hy * $hz + $x * $hz + $z,
            Face::Floor, Face::Ceiling => $hy * $hz + $hx * $hz + $x * $hy + $y,
        };
    }

    private static function evenCuts(float $relativeSide): int
    {
        return max(2, min(self::MOST_CUTS, 2 * (int) round(self::CUTS / 2.0 * $relativeSide ** 0.7)));
    }

    /**
     * @param array{float, float, float} $extents
     * @param array{int, int, int} $cuts
     *
     * @return list<Patch>
     */
    private static function mirrored(Face $origin, int $image, array $extents, array $cuts): array
    {
        $axis = $origin->axis();
        [$u, $v] = $axes = self::axesOf($axis);
        $face = self::isMirrored($image, $axis) ? $origin->opposite() : $origin;
        $patches = [];
        for ($i = 0; $i < intdiv($cuts[$u], 2); ++$i) {
            for ($j = 0; $j < intdiv($cuts[$v], 2); ++$j) {
                $cell = [0, 0, 0];
                $cell[$u] = self::isMirrored($image, $u) ? $cuts[$u] - 1 - $i : $i;
                $cell[$v] = self::isMirrored($image, $v) ? $cuts[$v] - 1 - $j : $j;
                $patches[] = new Patch(
                    $face,
                    $face->isUpper() ? $extents[$axis] : 0.0,
                    $axes,
                    self::extent($cell[$u], $extents[$u] / $cuts[$u]),
                    self::extent($cell[$v], $extents[$v] / $cuts[$v]),
                );
            }
        }

        return $patches;
    }

    private static function isMirrored(int $image, int $axis): bool
    {
        return ($image >> $axis & 1) === 1;
    }

    /** @return array{float, float} */
    private static function extent(int $cell, float $size): array
    {
        return [$cell * $size, ($cell + 1) * $size];
    }

    /** @return array{int, int} */
    private static function axesOf(int $axis): array
    {
        return match ($axis) {
            0 => [1, 2],
            1 => [0, 2],
            default => [0, 1],
        };
    }
}
