<?php

declare(strict_types=1);

namespace Kaddle\Core\Radiosity;

use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Footprint;
use Kaddle\Core\Room\Probe;
use Kaddle\Core\Room\Vector;

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
    private const MOST_CUTS = 64;

    /** Length of a patch at the most, against the width and height of a corridor. */
    private const LONGER = 1.0;

    /** Mean of the square over one cell about its middle. */
    private const TWELFTH = 1.0 / 12.0;

    /** m under a ceiling from which no part of it is all around. */
    private const UNDER = 1e-6;

    /** The faces of the octant at the origin. */
    private const ORIGIN = [Face::Back, Face::Right, Face::Floor];

    /**
     * @param list<Patch> $all
     * @param array<string, array<int, int>> $byCell indexes by face and cell in it
     * @param array{float, float, float} $extents
     * @param array{int, int, int} $cuts
     * @param array<string, FaceGrid> $grids by face
     */
    private function __construct(
        public array $all,
        private array $byCell,
        private array $extents,
        /** Cuts along each axis, even. */
        private array $cuts,
        private array $grids,
    ) {}

    public static function of(BoxRoom $room): self
    {
        $extents = $room->extents();
        $average = ($extents[0] * $extents[1] * $extents[2]) ** (1.0 / 3.0);
        $cuts = array_map(static fn(float $side): int => self::evenCuts(
            $side / $average,
            // A corridor's patches are hardly longer than it is wide.
            $side / (self::LONGER * sqrt($average ** 3 / $side)),
        ), $extents);
        $all = $byCell = [];
        for ($image = 0; $image < self::IMAGES; ++$image) {
            foreach (self::ORIGIN as $face) {
                foreach (self::mirrored($face, $image, $extents, $cuts) as $cell => $patch) {
                    $byCell[$patch->face->value][$cell] = count($all);
                    $all[] = $patch;
                }
            }
        }

        $grids = [];
        foreach (Face::cases() as $face) {
            $grids[$face->value] = FaceGrid::of($face, $extents, $cuts);
        }

        return new self($all, $byCell, $extents, $cuts, $grids);
    }

    /** How many patches one octant has. */
    public function inOctant(): int
    {
        return intdiv(count($this->all), self::IMAGES);
    }

    /**
     * Form factors from the middles of all patches to those of the octant at the origin.
     *
     * @return list<float> by patch, and for each by patch of the octant
     */
    public function octantSeen(): array
    {
        $views = array_map(
            fn(Face $face): FaceViews => FaceViews::of($face, $this->extents, $this->cuts),
            self::ORIGIN,
        );
        $seen = [];
        foreach ($this->all as $receiver) {
            foreach ($views as $view) {
                $seen[] = $view->octantFrom($receiver);
            }
        }

        return array_merge(...$seen);
    }

    /**
     * Form factors of a probe to all patches, with what lies below its horizon cut off. One under a ridge, over the
     * ceiling of the box that stands for its room, sees what it would right under that ceiling.
     *
     * @return list<float>
     */
    public function seenBy(Probe $probe): array
    {
        $place = $probe->point;
        $over = $place->z - $this->extents[2];
        // A flat ceiling sees nothing of itself, whatever it lies in; a slope through it does.
        if ($over > self::UNDER || ($over > -self::UNDER && $probe->normal->unit->z > -1.0)) {
            $probe = Probe::at(Vector::of($place->x, $place->y, $this->extents[2] - self::UNDER), $probe->normal);
        }
        [$eye, $normal] = [$probe->point->byAxis(), $probe->normal->unit->byAxis()];
        $seen = array_fill(0, count($this->all), 0.0);
        foreach ($this->grids as $face => $grid) {
            $indexes = $this->byCell[$face];
            $factors = $grid->seenFrom($eye, $normal);
            if ($grid->isAbove($eye, $normal)) {
                foreach ($factors as $cell => $factor) {
                    $seen[$indexes[$cell]] = $factor;
                }
                continue;
            }
            $spread = $grid->spread($normal);
            foreach ($grid->heights($eye, $normal) as $cell => $height) {
                if ($height > -$spread) {
                    $index = $indexes[$cell];
                    $seen[$index] = $height >= $spread ? $factors[$cell] : FormFactor::between($probe, $this->all[$index]);
                }
            }
        }

        return array_values($seen);
    }

    /**
     * Ends of rays, each shared out among the nine patches about it: what a patch is worth is a mean over
     * it, and the curve of second degree with these means goes through the end of the ray.
     *
     * @return array<int, float> how many ends are those of each patch that gets any
     */
    public function hits(Footprint $ends): array
    {
        $axis = $ends->face->axis();
        [$u, $v] = $ends->face->sides();
        [$along, $across] = match ($axis) {
            0 => [$ends->y, $ends->z],
            1 => [$ends->x, $ends->z],
            default => [$ends->x, $ends->y],
        };
        [$cutsU, $cutsV] = [$this->cuts[$u], $this->cuts[$v]];
        [$perU, $perV] = [$cutsU / $this->extents[$u], $cutsV / $this->extents[$v]];
        $byCell = array_fill(0, $cutsU * $cutsV, 0.0);
        // Between two cells all runs straight: there is no third, and it gets nothing.
        [$straightU, $straightV] = [$cutsU < 3, $cutsV < 3];
        [$lastU, $lastV] = [max(1, $cutsU - 2), max(1, $cutsV - 2)];
        [$second, $third] = [$cutsV, $straightU ? $cutsV : 2 * $cutsV];
        $last = $straightV ? 1 : 2;
        foreach ($along as $i => $place) {
            $placeU = $place * $perU;
            $placeV = $across[$i] * $perV;
            $middleU = (int) $placeU;
            $middleU = $middleU > $lastU ? $lastU : ($middleU < 1 ? 1 : $middleU);
            $middleV = (int) $placeV;
            $middleV = $middleV > $lastV ? $lastV : ($middleV < 1 ? 1 : $middleV);
            $u = $placeU - $middleU - 0.5;
            $v = $placeV - $middleV - 0.5;
            $bendU = $straightU ? -$u : $u * $u - self::TWELFTH;
            $bendV = $straightV ? -$v : $v * $v - self::TWELFTH;
            $u0 = 0.5 * ($bendU - $u);
            $u1 = 1.0 - $bendU;
            $u2 = 0.5 * ($bendU + $u);
            $v0 = 0.5 * ($bendV - $v);
            $v1 = 1.0 - $bendV;
            $v2 = 0.5 * ($bendV + $v);
            $cell = ($middleU - 1) * $cutsV + $middleV - 1;
            $byCell[$cell] += $u0 * $v0;
            $byCell[$cell + 1] += $u0 * $v1;
            $byCell[$cell + $last] += $u0 * $v2;
            $byCell[$cell + $second] += $u1 * $v0;
            $byCell[$cell + $second + 1] += $u1 * $v1;
            $byCell[$cell + $second + $last] += $u1 * $v2;
            $byCell[$cell + $third] += $u2 * $v0;
            $byCell[$cell + $third + 1] += $u2 * $v1;
            $byCell[$cell + $third + $last] += $u2 * $v2;
        }
        $shares = [];
        foreach ($byCell as $cell => $share) {
            if ($share !== 0.0) {
                $shares[$this->byCell[$ends->face->value][$cell]] = $share;
            }
        }

        return $shares;
    }

    /**
     * @param float $relativeSide against the average
     * @param float $least cuts
     */
    private static function evenCuts(float $relativeSide, float $least): int
    {
        return max(2, min(self::MOST_CUTS, 2 * (int) round(max(self::CUTS * $relativeSide ** 0.85, $least) / 2.0)));
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
        [$u, $v] = $origin->sides();
        $face = self::isMirrored($image, $axis) ? $origin->opposite() : $origin;
        $patches = [];
        for ($i = 0; $i < intdiv($cuts[$u], 2); ++$i) {
            for ($j = 0; $j < intdiv($cuts[$v], 2); ++$j) {
                $cell = [0, 0, 0];
                $cell[$u] = self::isMirrored($image, $u) ? $cuts[$u] - 1 - $i : $i;
                $cell[$v] = self::isMirrored($image, $v) ? $cuts[$v] - 1 - $j : $j;
                $patches[$cell[$u] * $cuts[$v] + $cell[$v]] = new Patch(
                    $face,
                    $cell,
                    $face->isUpper() ? $extents[$axis] : 0.0,
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
}
