<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A move of the camera during the exposure: it stands first and moves, evenly, to the end.
 *
 * Rectilinear lens, turned about its entrance pupil. A zoom turns evenly in the logarithm of the
 * focal length, as most rings do.
 *
 * @see docs/physics.md, “Moves of the camera”
 *
 * @phpstan-all-methods-pure
 */
final readonly class CameraMove
{
    /** Degrees a second that hands turn a camera by at the most. */
    public const FASTEST_HANDS = 90.0;

    private function __construct(
        public CameraMoveKind $kind,
        /** Degrees over the whole move: to the right, up, or clockwise as the photographer sees it. */
        public float $angle,
        /** Focal length at the end over that at the beginning. */
        public float $ratio,
        /** s that it takes; null for all of the exposure. */
        public ?float $seconds,
    ) {}

    public static function none(): self
    {
        return new self(CameraMoveKind::Still, 0.0, 1.0, null);
    }

    /**
     * @param float $angle degrees, −360 to 360; 0 for a zoom
     * @param float $ratio of focal lengths, 0.1 to 10; 1 for a turn
     * @param float|null $seconds that it takes, null for all of the exposure
     *
     * @throws OutOfRange
     */
    public static function ofDegrees(CameraMoveKind $kind, float $angle, float $ratio, ?float $seconds): self
    {
        return new self(
            $kind,
            $kind->isTurn() ? self::angleRange()->checked('angle of the move', $angle) : 0.0,
            $kind === CameraMoveKind::Zoom ? self::ratioRange()->checked('ratio of the zoom', $ratio) : 1.0,
            $seconds === null ? null : OpenTime::range()->checked('time of the move', $seconds),
        );
    }

    public static function angleRange(): Range
    {
        return Range::between(-360.0, 360.0, '°', 0.5);
    }

    public static function ratioRange(): Range
    {
        return Range::between(0.1, 10.0, '', 0.05);
    }

    /** Whether it moves at all. */
    public function moves(): bool
    {
        return $this->angle !== 0.0 || $this->ratio !== 1.0;
    }

    /**
     * How much of the move is done, 0 to 1.
     *
     * @param float $at s after opening
     * @param float $open s that the shutter is open
     */
    public function done(float $at, float $open): float
    {
        $takes = min($open, $this->seconds ?? $open);

        return max(0.0, min(1.0, 1.0 - ($open - $at) / $takes));
    }

    /**
     * Where something comes to lie that lay at a place before the camera moved.
     *
     * @param float $done share of the move, 0 to 1
     */
    public function moved(FramePoint $point, float $done, Optics $optics): FramePoint
    {
        $angle = deg2rad($this->angle * $done);
        $focal = $optics->metres() / $optics->frameWidth();

        return match ($this->kind) {
            CameraMoveKind::Still => $point,
            CameraMoveKind::Zoom => new FramePoint($point->x * $this->ratio ** $done, $point->y * $this->ratio ** $done),
            // The picture turns against the camera.
            CameraMoveKind::Twist => new FramePoint(
                $point->x * cos($angle) - $point->y * sin($angle),
                $point->x * sin($angle) + $point->y * cos($angle),
            ),
            CameraMoveKind::Sweep => self::turned($point, -$angle, $focal),
            CameraMoveKind::Tilt => self::swapped(self::turned(self::swapped($point), -$angle, $focal)),
        };
    }

    /**
     * The other way for whole pictures: nine numbers, row by row, that take (x, y, 1) of a place now to where it lay before the camera moved,
     * over the third of what comes out; not in front of the lens where that is 0 or less.
     *
     * @param float $done share of the move, 0 to 1
     *
     * @return array{float, float, float, float, float, float, float, float, float}
     */
    public function backwards(float $done, Optics $optics): array
    {
        $angle = deg2rad($this->angle * $done);
        $focal = $optics->metres() / $optics->frameWidth();
        [$cos, $sin, $shrunk] = [cos($angle), sin($angle), $this->ratio ** -$done];

        return match ($this->kind) {
            CameraMoveKind::Still, CameraMoveKind::Zoom => [$shrunk, 0.0, 0.0, 0.0, $shrunk, 0.0, 0.0, 0.0, 1.0],
            CameraMoveKind::Twist => [$cos, $sin, 0.0, -$sin, $cos, 0.0, 0.0, 0.0, 1.0],
            CameraMoveKind::Sweep => [$cos, 0.0, $focal * $sin, 0.0, 1.0, 0.0, -$sin / $focal, 0.0, $cos],
            CameraMoveKind::Tilt => [1.0, 0.0, 0.0, 0.0, $cos, $focal * $sin, 0.0, -$sin / $focal, $cos],
        };
    }

    /**
     * F·tan(atan(x/F) + φ) along, y·cos β/cos(β + φ) across; behind the camera it lies endlessly far.
     *
     * @param float $focal length in frame widths
     */
    private static function turned(FramePoint $point, float $angle, float $focal): FramePoint
    {
        $from = atan($point->x / $focal);
        $to = max(-1.55, min(1.55, $from + $angle));

        return new FramePoint($focal * tan($to), $point->y * cos($from) / cos($to));
    }

    private static function swapped(FramePoint $point): FramePoint
    {
        return new FramePoint($point->y, $point->x);
    }
}
