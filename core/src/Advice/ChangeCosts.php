<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Flash\FlashInRoom;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\BoxRoom;
use Kaddle\Core\Room\Face;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Room\PitchedRoof;
use Kaddle\Core\Room\Reflectance;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Situation\Scene;

/**
 * Start here for “what if it changes?”: clicks of output for another distance, ceiling,
 * finish or zoom, along a curve, for the way the head points.
 *
 * A curve for bare direct light stands beside that for distance because people carry
 * that rule in their heads: twice the distance, two stops. Under a ceiling it is less,
 * and this says by how much.
 *
 * @see docs/physics.md, “What a change costs”
 */
final readonly class ChangeCosts
{
    /** Factors on today's value, in steps at which light that falls off by the square changes by a stop. */
    private const FACTORS = [0.5, 0.7071, 1.0, 1.4142, 2.0, 2.8284];

    private function __construct(
        private Moment $moment,
        private HeadAim $aim,
        private FlashInRoom $room,
        /** lx·s on the face by a full pop, as things stand. */
        private float $before,
    ) {}

    /** @param HeadAim $aim the way the head points */
    public static function of(Moment $moment, HeadAim $aim): self
    {
        $room = FlashInRoom::of($moment->scene->room);

        return new self($moment, $aim, $room, self::light($room, $moment->scene, $moment, $aim));
    }

    /** @return list<ChangeCost> nearest first, as far as the room goes; value in m */
    public function distances(): array
    {
        return $this->distancesBy(
            $this->before,
            fn(Scene $scene): float => self::light($this->room, $scene, $this->moment, $this->aim),
        );
    }

    /** @return list<ChangeCost> the same for a head straight at the face and nothing but its own light */
    public function distancesDirect(): array
    {
        $light = fn(Scene $scene): float => $this->aim === HeadAim::Off
            ? 0.0
            : $this->moment->head($scene, HeadAim::Direct)->straightTo($scene->faceProbe());

        return $this->distancesBy($light($this->moment->scene), $light);
    }

    /** @return list<ChangeCost> lowest first, as high as rooms go; value in m, to the eaves under a pitched roof */
    public function ceilings(): array
    {
        $height = $this->moment->scene->room->height;
        $costs = [];
        foreach (self::FACTORS as $factor) {
            $scene = $this->under($height * $factor);
            if ($scene !== null) {
                $costs[] = $this->cost(
                    Length::ofMetres($height * $factor),
                    self::light(FlashInRoom::of($scene->room), $scene, $this->moment, $this->aim),
                );
            }
        }

        return $this->worthTelling($costs);
    }

    /** The face of the room at which the head points; the ceiling for a head that points at people. */
    public function finishedFace(): Face
    {
        $head = $this->moment->head($this->moment->scene, $this->aim);
        $way = $head->direction->unit;

        return $this->aim->isBounced()
            ? $this->moment->scene->room->meets($head->position, $way->x, $way->y, $way->z)->face
            : Face::Ceiling;
    }

    /** @return list<ChangeCost> every finish of the catalogue on that face, darkest first; value is its reflectance */
    public function finishes(): array
    {
        $face = $this->finishedFace();
        $costs = [];
        foreach (Finish::cases() as $finish) {
            $scene = $this->moment->scene->tryIn($this->refinished($face, $finish->reflectance()));
            if ($scene !== null) {
                $light = self::light($this->room->refinished($scene->room), $scene, $this->moment, $this->aim);
                $costs[] = $this->cost($finish, $light);
            }
        }
        usort($costs, static fn(ChangeCost $a, ChangeCost $b): int => $a->value() <=> $b->value());

        return $this->worthTelling($costs);
    }

    /** @return list<ChangeCost> every zoom setting of the unit, set by hand, wide to narrow; value in mm */
    public function zooms(): array
    {
        return $this->worthTelling(array_map(
            fn(ZoomStep $step): ChangeCost => $this->cost(
                $step,
                self::light($this->room, $this->moment->scene, $this->moment, $this->aim, $step),
            ),
            $this->moment->flash->zoom->steps,
        ));
    }

    private function refinished(Face $face, Reflectance $reflectance): BoxRoom
    {
        $room = $this->moment->scene->room;

        return BoxRoom::fromMetres(
            $room->length,
            $room->width,
            $room->height,
            static fn(Face $f): Reflectance => $f === $face ? $reflectance : $room->reflectance($f),
            $room->roof,
        );
    }

    /** The same scene under another ceiling, a pitched roof rising as before; null where rooms are not built like that or people do not fit. */
    private function under(float $height): ?Scene
    {
        $room = $this->moment->scene->room;
        $ridge = $room->roof === null ? null : $height + $room->roof->ridge - $room->height;
        if (!BoxRoom::heightRange()->contains($height) || ($ridge !== null && !PitchedRoof::ridgeRange($height)->contains($ridge))) {
            return null;
        }

        return $this->moment->scene->tryIn(BoxRoom::fromMetres(
            $room->length,
            $room->width,
            $height,
            static fn(Face $f): Reflectance => $room->reflectance($f),
            $room->roof === null || $ridge === null ? null : PitchedRoof::over($height, $ridge, $room->roof->way),
        ));
    }

    /**
     * @param callable(Scene): float $light lx·s on the face
     *
     * @return list<ChangeCost>
     */
    private function distancesBy(float $before, callable $light): array
    {
        $now = $this->moment->scene;
        $costs = [];
        foreach (self::FACTORS as $factor) {
            $scene = $now->tryAt($now->distance * $factor);
            if ($scene !== null && $before > 0.0) {
                $costs[] = ChangeCost::of(
                    Length::ofMetres($scene->distance),
                    self::gain($before, $light($scene)),
                    $this->moment->flash,
                );
            }
        }

        return $costs;
    }

    private function cost(Length|Finish|ZoomStep $to, float $after): ChangeCost
    {
        return ChangeCost::of($to, self::gain(max(1e-12, $this->before), $after), $this->moment->flash);
    }

    /** @param float $before lx·s on the face, above 0; so is what comes after, or no light at all */
    private static function gain(float $before, float $after): Stops
    {
        return Stops::ofRatio(max(1e-12, $after) / $before);
    }

    /**
     * @param list<ChangeCost> $costs
     *
     * @return list<ChangeCost> none where no light reaches the face today: nothing can be told against nothing
     */
    private function worthTelling(array $costs): array
    {
        return $this->before > 0.0 ? $costs : [];
    }

    /** lx·s on the face by a full pop. */
    private static function light(
        FlashInRoom $room,
        Scene $scene,
        Moment $moment,
        HeadAim $aim,
        ?ZoomStep $zoom = null,
    ): float {
        return $aim === HeadAim::Off ? 0.0 : $room->at(['face' => $scene->faceProbe()])->exposures(
            $moment->head($scene, $aim, $zoom),
        )['face']->total()->luminance();
    }
}
