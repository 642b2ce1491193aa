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

    /**
     * @param list<Patch> $all
     * @param array<string, array<int, int>> $byCell indexes by face and cell in it
     * @param array{float, float, float} $extents
     * @param array{int, int, int} $cuts
     */
    private function __construct(
        public array $all,
        private array $byCell,
        private array $extents,
        /** Cuts along each axis, even. */
        private array $cuts,
    ) {}

    public static function of(BoxRoom $room): self
    {
        $extents = $room->extents();
        $average = ($extents[0] * $extents[1] * $extents[2]) ** (1.0 / 3.0);
        $cuts = array_map(static fn(float $side): int => self::evenCuts($side / $average), $extents);
        $all = $byCell = [];
        for ($image = 0; $image < self::IMAGES; ++$image) {
            foreach (self::ORIGIN as $face) {
                foreach (self::mirrored($face, $image, $extents, $cuts) as $cell => $patch) {
                    $byCell[$patch->face->value][$cell] = count($all);
                    $all[] = $patch;
                }
            }
        }

        return new self($all, $byCell, $extents, $cuts);
    }

    /** How many patches one octant has. */
    public function inOctant(): int
    {
        return intdiv(count($this->all), self::IMAGES);
    }

    /** @return array<int, int> how many ends of rays fall on each patch, those that get any */
    public function hits(Footprint $ends): array
    {
        $axis = $ends->face->axis();
        [$u, $v] = self::axesOf($axis);
        [$along, $across] = match ($axis) {
            0 => [$ends->y, $ends->z],
            1 => [$ends->x, $ends->z],
            default => [$ends->x, $ends->y],
        };
        [$cutsU, $cutsV] = [$this->cuts[$u], $this->cuts[$v]];
        [$perU, $perV] = [$cutsU / $this->extents[$u], $cutsV / $this->extents[$v]];
        $byCell = $this->byCell[$ends->face->value];
        $hits = [];
        foreach ($along as $i => $place) {
            $patch = $byCell[min($cutsU - 1, (int) ($place * $perU)) * $cutsV + min($cutsV - 1, (int) ($across[$i] * $perV))];
            $hits[$patch] = ($hits[$patch] ?? 0) + 1;
        }

        return $hits;
    }

    private static function evenCuts(float $relativeSide): int
    {
        return max(2, min(self::MOST_CUTS, 2 * (int) round(self::CUTS / 2.0 * $relativeSide ** 0.7)));
    }

    /**
     * @param array{float, float, float} $extents
     * @param array{int, int, int} $cuts
     *
     * @return array<int, Patch> by cell of their face
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
                $patches[$cell[$u] * $cuts[$v] + $cell[$v]] = new Patch(
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
