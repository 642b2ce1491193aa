<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * The faces of a room cut into rectangles, finer along its longer sides.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Patches
{
    /** Cuts along a side of average length; see docs/physics.md for what it costs and buys. */
    private const CUTS = 4.0;
    private const FEWEST_CUTS = 2;
    private const MOST_CUTS = 10;

    /**
     * @param list<Patch> $all
     * @param array{int, int, int} $cuts
     * @param array<string, int> $first
     */
    private function __construct(
        public array $all,
        /** Cuts along each axis. */
        public array $cuts,
        /** Index of a face's first patch. */
        private array $first,
        private BoxRoom $room,
    ) {}

    public static function of(BoxRoom $room): self
    {
        $extents = $room->extents();
        $average = ($extents[0] * $extents[1] * $extents[2]) ** (1.0 / 3.0);
        $cuts = array_map(static fn(float $side): int => self::cutsFor($side / $average), $extents);
        $all = [];
        $first = [];
        foreach (Face::cases() as $face) {
            $first[$face->value] = count($all);
            $all = [...$all, ...self::cut($face, $extents, $cuts)];
        }

        return new self($all, $cuts, $first, $room);
    }

    /** Index of the patch that a point of a face belongs to. */
    public function indexAt(SurfacePoint $place): int
    {
        $x = min($this->cuts[0] - 1, (int) ($place->x / $this->room->length * $this->cuts[0]));
        $y = min($this->cuts[1] - 1, (int) ($place->y / $this->room->width * $this->cuts[1]));
        $z = min($this->cuts[2] - 1, (int) ($place->z / $this->room->height * $this->cuts[2]));

        return $this->first[$place->face->value] + match ($place->face) {
            Face::Ceiling, Face::Floor => $x * $this->cuts[1] + $y,
            Face::Back, Face::Far => $y * $this->cuts[2] + $z,
            Face::Left, Face::Right => $x * $this->cuts[2] + $z,
        };
    }

    private static function cutsFor(float $relativeSide): int
    {
        return max(self::FEWEST_CUTS, min(self::MOST_CUTS, (int) round(self::CUTS * $relativeSide ** 0.7)));
    }

    /**
     * @param array{float, float, float} $extents
     * @param array{int, int, int} $cuts
     *
     * @return list<Patch>
     */
    private static function cut(Face $face, array $extents, array $cuts): array
    {
        [$u, $v] = $axes = self::axesOf($face);
        $at = $face->isUpper() ? $extents[$face->axis()] : 0.0;
        $du = $extents[$u] / $cuts[$u];
        $dv = $extents[$v] / $cuts[$v];
        $patches = [];
        for ($i = 0; $i < $cuts[$u]; ++$i) {
            for ($j = 0; $j < $cuts[$v]; ++$j) {
                $cell = match ($face->axis()) {
                    0 => [0, $i, $j],
                    1 => [$i, 0, $j],
                    default => [$i, $j, 0],
                };
                $patches[] = new Patch($face, $cell, $at, $axes, [$i * $du, ($i + 1) * $du], [$j * $dv, ($j + 1) * $dv]);
            }
        }

        return $patches;
    }

    /** @return array{int, int} */
    private static function axesOf(Face $face): array
    {
        return match ($face->axis()) {
            0 => [1, 2],
            1 => [0, 2],
            default => [0, 1],
        };
    }
}
