<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\FaceBalance;

/**
 * Stops that a moment has to spare with a piece of gear and a way of lighting, and what gives out first.
 *
 * From the solver's own equation: with the room's wish fixed, Tv + Av − Sv is fixed. The
 * room's margin is what is left between that and the most that hands, lens and usable ISO
 * let in; the flash's margin is what a full pop has over the need at the fastest shutter
 * that still fits, up to sync; the floor is what the need has over the lowest output at the
 * slowest shutter.
 *
 * @see docs/physics.md, “The kit check”
 *
 * @phpstan-all-methods-pure
 */
final readonly class KitMargin
{
    private function __construct(
        /** Below 0 it cannot be had; endless below where no light arrives. */
        public Stops $room,
        public Stops $flash,
        /** What the lowest output lies under the need; below 0 even that is too much. */
        public Stops $floor,
        /** Whether the depth of the group keeps the lens from opening all the way. */
        public bool $isHeldByDepth,
    ) {}

    /**
     * @param float $exposure on the face by a full pop, lx·s
     */
    public static function ofLuxSeconds(Moment $moment, float $exposure): self
    {
        $sync = $moment->fastestShutter()->tv->value();
        $held = min($sync, $moment->slowestTime());
        $widest = $moment->lens->widest->av->value();
        $open = ($moment->openingForGroup() ?? $moment->lens->narrowest)->av->value();
        $sensitive = $moment->body->usableIso->sv->value();
        $wanted = $moment->held->ev - $moment->roomLevel->value - $moment->look->aids->density;
        $room = $wanted - ($held + $open - $sensitive);
        $shutter = $room < 0.0 ? $held : min($sync, $wanted - $open + $sensitive);
        $level = Stops::of($moment->wishedOnFace()->value + min(0.0, $room));
        $need = $exposure > 0.0
            ? FaceBalance::flashBeside($level, $moment->look->fill)->value + log(
                ExposureValue::LUX_AT_ZERO / $exposure,
                2,
            )
            : INF;
        $most = $room < 0.0 ? $open - $sensitive : $wanted - $held;

        return new self(
            Stops::of($room),
            Stops::of(-$need - ($room < 0.0 ? $most : $wanted - $shutter)),
            Stops::of($need + $most - $moment->flash->lowest->value()),
            $open > $widest,
        );
    }

    /** Of the room's light alone. */
    public static function ofRoom(Moment $moment): self
    {
        $flashed = self::ofLuxSeconds($moment, 1.0);

        return new self($flashed->room, Stops::of(INF), Stops::of(INF), $flashed->isHeldByDepth);
    }

    /** The least of the three. */
    public function stops(): Stops
    {
        return Stops::of(min($this->room->value, $this->flash->value, $this->floor->value));
    }

    public function bound(): KitBound
    {
        return match (true) {
            $this->flash->value === -INF => KitBound::NoLight,
            $this->floor->value <= min($this->room->value, $this->flash->value) => KitBound::LowestOutput,
            $this->flash->value <= $this->room->value => KitBound::FullOutput,
            $this->isHeldByDepth => KitBound::Depth,
            default => KitBound::IsoAndAperture,
        };
    }
}
