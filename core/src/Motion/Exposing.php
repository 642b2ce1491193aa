<?php

declare(strict_types=1);

namespace Kaddle\Core\Motion;

use Kaddle\Core\Exposure\Optics;

/**
 * An exposure as a camera makes it that may move meanwhile: where things lie in the picture, and when.
 *
 * @see docs/physics.md, “Smear of a person”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Exposing
{
    /** m: nobody comes nearer to the lens than that. */
    private const NEAREST = 0.2;

    public function __construct(
        public Optics $optics,
        public OpenTime $time,
        public CameraMove $move,
    ) {}

    /**
     * Where something lies: f·X/(d − f), thin lens, and then moved with the camera.
     *
     * @param float $across m to the right of the axis
     * @param float $up m over the axis
     * @param float $away m from the lens
     * @param float $at s after opening
     */
    public function imageOf(float $across, float $up, float $away, float $at): FramePoint
    {
        $scale = $this->scaleAt($away);

        return $this->move->moved(
            new FramePoint($across * $scale, $up * $scale),
            $this->move->done($at, $this->time->seconds),
            $this->optics,
        );
    }

    /**
     * Frame widths that a metre takes.
     *
     * @param float $away m from the lens
     */
    public function scaleAt(float $away): float
    {
        $f = $this->optics->metres();

        return $f / (max(self::NEAREST, $away) - $f) / $this->optics->frameWidth();
    }

    /**
     * Somebody who goes by, before the middle of the frame when the shutter opens.
     *
     * @param float $side m from their middle to the right
     * @param float $up m over the lens
     * @param float $distance m
     * @param float $at s after opening
     */
    public function imageOfSomebody(Going $going, float $side, float $up, float $distance, float $at): FramePoint
    {
        return $this->imageOf($side + $going->across() * $at, $up, $distance - $going->towards() * $at, $at);
    }

    /**
     * How far somebody smears while the shutter is open, at the edge that moves most.
     *
     * @param float $half m from their middle to either side
     * @param float $distance m
     *
     * @return float frame widths
     */
    public function smearOf(Going $going, float $half, float $distance): float
    {
        $longest = 0.0;
        foreach ([-$half, 0.0, $half] as $side) {
            $longest = max($longest, $this->way(fn(float $at): FramePoint => $this->imageOfSomebody($going, $side, 0.0, $distance, $at))->length());
        }

        return $longest;
    }

    /** @param pure-Closure(float): FramePoint $imageAt where it lies so many s after opening */
    public function way(\Closure $imageAt): Way
    {
        return Way::during($this->time->seconds, $imageAt);
    }
}
