<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\OutOfRange;

/**
 * A room as an empty box of six matt faces: x in [0, length], y in [0, width], z in [0, height].
 *
 * Open air is a box whose ceiling and walls reflect nothing.
 *
 * @phpstan-all-methods-pure
 */
final readonly class BoxRoom
{
    /** @param array<string, Reflectance> $reflectances by face */
    private function __construct(
        /** m, 2 to 200 */
        public float $length,
        /** m, 2 to 200 */
        public float $width,
        /** m, 2 to 40 */
        public float $height,
        private array $reflectances,
    ) {}

    /**
     * @param float $length m
     * @param float $width m
     * @param float $height m
     * @param pure-callable(Face): Reflectance $reflectanceOf
     *
     * @throws OutOfRange
     */
    public static function fromMetres(float $length, float $width, float $height, callable $reflectanceOf): self
    {
        $reflectances = [];
        foreach (Face::cases() as $face) {
            $reflectances[$face->value] = $reflectanceOf($face);
        }

        return new self(
            self::sideLimits()->checked('room length', $length),
            self::sideLimits()->checked('room width', $width),
            self::heightLimits()->checked('ceiling height', $height),
            $reflectances,
        );
    }

    public static function sideLimits(): Limits
    {
        return Limits::between(2.0, 200.0, 'm', 0.1);
    }

    public static function heightLimits(): Limits
    {
        return Limits::between(2.0, 40.0, 'm', 0.05);
    }

    public function reflectance(Face $face): Reflectance
    {
        return $this->reflectances[$face->value];
    }

    /**
     * Extent along x, y and z in m.
     *
     * @return array{float, float, float}
     */
    public function extents(): array
    {
        return [$this->length, $this->width, $this->height];
    }

    /** Whether a point lies inside, faces included. */
    public function contains(Vector $point): bool
    {
        return $point->x >= 0.0 && $point->x <= $this->length
            && $point->y >= 0.0 && $point->y <= $this->width
            && $point->z >= 0.0 && $point->z <= $this->height;
    }

    /**
     * Where a ray from an inner point meets the room's surface; $dx, $dy, $dz
     * give its way, of any length but 0.
     */
    public function meets(Vector $from, float $dx, float $dy, float $dz): SurfacePoint
    {
        $alongX = self::reach($from->x, $dx, $this->length);
        $alongY = self::reach($from->y, $dy, $this->width);
        $alongZ = self::reach($from->z, $dz, $this->height);
        $reach = min($alongX, $alongY, $alongZ);

        return new SurfacePoint(
            match ($reach) {
                $alongZ => $dz > 0.0 ? Face::Ceiling : Face::Floor,
                $alongX => $dx > 0.0 ? Face::Far : Face::Back,
                default => $dy > 0.0 ? Face::Left : Face::Right,
            },
            max(0.0, min($this->length, $from->x + $reach * $dx)),
            max(0.0, min($this->width, $from->y + $reach * $dy)),
            max(0.0, min($this->height, $from->z + $reach * $dz)),
        );
    }

    /** Multiples of $way until the wall ahead on one axis. */
    private static function reach(float $from, float $way, float $extent): float
    {
        return match (true) {
            $way > 0.0 => ($extent - $from) / $way,
            $way < 0.0 => -$from / $way,
            default => INF,
        };
    }
}
