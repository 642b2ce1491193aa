<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A room as an empty box of six matt faces: x in [0, length], y in [0, width], z in [0, height].
 *
 * Open air is a box whose ceiling and walls reflect nothing. Under a pitched roof the
 * ceiling is two slopes for rays that hit it; what comes after the first reflection
 * is worked out in a box of mean height (docs/physics.md says by how much that errs).
 *
 * @see docs/physics.md, “Room”
 *
 * @phpstan-all-methods-pure
 */
final readonly class BoxRoom
{
    /** What rays can end on: at the upper and lower end of z, x and y; after these come the slopes. */
    private const SURFACES = [Face::Ceiling, Face::Floor, Face::Far, Face::Back, Face::Left, Face::Right];
    private const SLOPES = 6;

    /**
     * @param array<string, Reflectance> $reflectances by face
     * @param array<string, Vector> $normals into the room, by face
     * @param list<Slope> $slopes none under a flat ceiling
     */
    private function __construct(
        /** m, 2 to 200 */
        public float $length,
        /** m, 2 to 200 */
        public float $width,
        /** To a flat ceiling, or to the eaves; m, 2 to 40 */
        public float $height,
        /** Null for a flat ceiling. */
        public ?PitchedRoof $roof,
        private array $reflectances,
        private array $normals,
        private array $slopes,
    ) {}

    /**
     * @param float $length m
     * @param float $width m
     * @param float $height m
     * @param pure-callable(Face): Reflectance $reflectanceOf
     *
     * @throws OutOfRange
     */
    public static function fromMetres(
        float $length,
        float $width,
        float $height,
        callable $reflectanceOf,
        ?PitchedRoof $roof = null,
    ): self {
        $reflectances = $normals = [];
        foreach (Face::cases() as $face) {
            $reflectances[$face->value] = $reflectanceOf($face);
            $normals[$face->value] = $face->inward()->unit;
        }

        return new self(
            self::sideRange()->checked('room length', $length),
            self::sideRange()->checked('room width', $width),
            self::heightRange()->checked('ceiling height', $height),
            $roof,
            $reflectances,
            $normals,
            $roof === null ? [] : Slope::pair($roof, $length, $width, $height),
        );
    }

    public static function sideRange(): Range
    {
        return Range::between(2.0, 200.0, 'm', 0.1);
    }

    public static function heightRange(): Range
    {
        return Range::between(2.0, 40.0, 'm', 0.05);
    }

    public function reflectance(Face $face): Reflectance
    {
        return $this->reflectances[$face->value];
    }

    /** Of the middle between eaves and ridge, m: what the room is as a box. */
    public function meanHeight(): float
    {
        return $this->roof === null ? $this->height : ($this->height + $this->roof->ridge) / 2.0;
    }

    /** Height of the ceiling over a place on the floor, m. */
    public function ceilingOver(float $x, float $y): float
    {
        $height = $this->roof->ridge ?? $this->height;
        foreach ($this->slopes as $slope) {
            $height = min($height, $slope->heightOver($x, $y));
        }

        return $height;
    }

    /**
     * The ceiling cut along the length at a distance from the right wall, back to far.
     *
     * @param float $y m from the right wall
     *
     * @return non-empty-list<Vector>
     */
    public function ceilingLine(float $y): array
    {
        $marks = $this->roof?->way === RidgeWay::Across
            ? [0.0, $this->length / 2.0, $this->length]
            : [0.0, $this->length];

        return array_map(fn(float $x): Vector => Vector::of($x, $y, $this->ceilingOver($x, $y)), $marks);
    }

    /**
     * Extent along x, y and z in m, the last as the mean height.
     *
     * @return array{float, float, float}
     */
    public function extents(): array
    {
        return [$this->length, $this->width, $this->meanHeight()];
    }

    /** Whether a point lies inside, faces included. */
    public function contains(Vector $point): bool
    {
        return $point->x >= 0.0 && $point->x <= $this->length
            && $point->y >= 0.0 && $point->y <= $this->width
            && $point->z >= 0.0 && $point->z <= $this->ceilingOver($point->x, $point->y);
    }

    /**
     * Where a ray from an inner point meets the room's surface; $dx, $dy, $dz
     * give its way, of any length but 0.
     */
    public function meets(Vector $from, float $dx, float $dy, float $dz): SurfacePoint
    {
        $end = $this->footprints($from, [$dx], [$dy], [$dz], [0.0])[0];

        return new SurfacePoint($end->face, Vector::of($end->x[0], $end->y[0], $end->z[0]));
    }

    /**
     * The same for many rays from one point, by the surfaces that they end on.
     *
     * @param list<float> $dx
     * @param list<float> $dy
     * @param list<float> $dz each way of length 1
     * @param list<float> $solidAngles for which each stands, sr
     *
     * @return list<Footprint>
     */
    public function footprints(Vector $from, array $dx, array $dy, array $dz, array $solidAngles): array
    {
        [$fx, $fy, $fz] = [$from->x, $from->y, $from->z];
        [$length, $width, $height] = [$this->length, $this->width, $this->height];
        $underSlopes = $this->slopes !== [];
        $xs = $ys = $zs = $radii = [];
        foreach ($dx as $i => $x) {
            $y = $dy[$i];
            $z = $dz[$i];
            if ($z > 0.0) {
                $reach = $underSlopes ? INF : ($height - $fz) / $z;
                $surface = 0;
            } else {
                $reach = $z < 0.0 ? -$fz / $z : INF;
                $surface = 1;
            }
            $slant = $z;
            $alongX = $x > 0.0 ? ($length - $fx) / $x : ($x < 0.0 ? -$fx / $x : INF);
            $alongY = $y > 0.0 ? ($width - $fy) / $y : ($y < 0.0 ? -$fy / $y : INF);
            if ($alongX < $reach) {
                $reach = $alongX;
                $surface = $x > 0.0 ? 2 : 3;
                $slant = $x;
            }
            if ($alongY < $reach) {
                $reach = $alongY;
                $surface = $y > 0.0 ? 4 : 5;
                $slant = $y;
            }
            foreach ($this->slopes as $slope => $plane) {
                $before = $plane->reach($from, $x, $y, $z);
                if ($before < $reach) {
                    $reach = $before;
                    $surface = self::SLOPES + $slope;
                    $slant = $x * $plane->normal->x + $y * $plane->normal->y + $z * $plane->normal->z;
                }
            }
            $xs[$surface][] = max(0.0, min($length, $fx + $reach * $x));
            $ys[$surface][] = max(0.0, min($width, $fy + $reach * $y));
            $zs[$surface][] = max(0.0, $fz + $reach * $z);
            $radii[$surface][] = $solidAngles[$i] * $reach * $reach / (M_PI * abs($slant));
        }

        $prints = [];
        foreach ($xs as $surface => $points) {
            $slope = $this->slopes[$surface - self::SLOPES] ?? null;
            $face = $slope === null ? self::SURFACES[$surface] : Face::Ceiling;
            $prints[] = new Footprint(
                $face,
                $slope->normal ?? $this->normals[$face->value],
                $points,
                $ys[$surface],
                $zs[$surface],
                $radii[$surface],
            );
        }

        return $prints;
    }
}
