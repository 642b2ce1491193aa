<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Reflectance;

/**
 * Start here for “what if it changes?”: clicks of output for another distance or
 * another ceiling, along a curve, for the way the head points and for bare direct light.
 *
 * The direct curve stands beside it because people carry that rule in their heads:
 * twice the distance, two stops. Under a ceiling it is less, and this says by how much.
 */
final readonly class ChangeCosts
{
    /** Factors on today's value, in steps at which light that falls off by the square changes by a stop. */
    private const FACTORS = [0.5, 0.7071, 1.0, 1.4142, 2.0, 2.8284];

    private function __construct(
        private Moment $moment,
        private HeadAim $aim,
    ) {}

    /** @param HeadAim $aim the way the head points */
    public static function of(Moment $moment, HeadAim $aim): self
    {
        return new self($moment, $aim);
    }

    /** @return list<ChangeCost> nearest first, as far as the room goes */
    public function distances(): array
    {
        $room = FlashInRoom::of($this->moment->scene->room);

        return $this->distancesBy(fn(Scene $scene): float => $this->lightIn($room, $scene));
    }

    /** @return list<ChangeCost> the same for a head straight at the face and nothing but its own light */
    public function distancesDirect(): array
    {
        return $this->distancesBy(fn(Scene $scene): float => FlashInRoom::direct(
            $this->moment->head($scene, HeadAim::Direct),
            $scene->faceProbe(),
        ));
    }

    /** @return list<ChangeCost> lowest first, as high as rooms go */
    public function ceilings(): array
    {
        $now = $this->moment->scene;
        $before = $this->lightIn(FlashInRoom::of($now->room), $now);
        $costs = [];
        foreach (self::FACTORS as $factor) {
            $scene = $this->under($now->room->height * $factor);
            if ($scene !== null && $before > 0.0) {
                $light = $this->lightIn(FlashInRoom::of($scene->room), $scene);
                $costs[] = ChangeCost::of(round($scene->room->height, 2), $before, $light, $this->moment->flash);
            }
        }

        return $costs;
    }

    /** The same scene under another ceiling; null where rooms are not built like that or people do not fit. */
    private function under(float $height): ?Scene
    {
        $room = $this->moment->scene->room;

        return BoxRoom::heightLimits()->contains($height)
            ? $this->moment->scene->tryIn(BoxRoom::fromMetres(
                $room->length,
                $room->width,
                $height,
                static fn(Face $f): Reflectance => $room->reflectance($f),
            ))
            : null;
    }

    /**
     * @param callable(Scene): float $light lx·s on the face
     *
     * @return list<ChangeCost>
     */
    private function distancesBy(callable $light): array
    {
        $now = $this->moment->scene;
        $before = $light($now);
        $costs = [];
        foreach (self::FACTORS as $factor) {
            $scene = $now->tryAt($now->distance * $factor);
            if ($scene !== null && $before > 0.0) {
                $costs[] = ChangeCost::of(round($scene->distance, 2), $before, $light($scene), $this->moment->flash);
            }
        }

        return $costs;
    }

    /** lx·s on the face by a full pop. */
    private function lightIn(FlashInRoom $room, Scene $scene): float
    {
        return $room->at(['face' => $scene->faceProbe()])->exposures($this->moment->head($scene, $this->aim))['face']->total()->luminance();
    }
}
