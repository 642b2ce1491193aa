<?php

declare(strict_types=1);

namespace Kaddle\Core\Wish;

use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Stops;

/**
 * How a picture should look, and by which school it gets there.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Look
{
    /** Usual fill flash, stops under correct. */
    public const USUAL_FILL = 2.0;

    private function __construct(
        /** Wanted level of the room against metered; −6 to +1. A light that is kept overrules it. */
        public Stops $room,
        /** Aperture that the photographer likes for this moment's depth; kept when it can be. */
        public Aperture $workingAperture,
        public School $school,
        /** Controls that the photographer holds; the solver sets the others. */
        public Locks $locks,
        /** The brightest thing that must hold detail; null where the room is told in stops. */
        public ?KeptLight $kept,
        /** Level of the flash where the room lights the face already, −3 to 0. */
        public Stops $fill,
        public Aids $aids,
        /** Whether the picture is taken without flash: the house forbids it, or it is not wanted. */
        public bool $withoutFlash,
        /** Which light is held, where face and background differ. */
        public Hold $hold,
        /** That the body is set to; null for that of the bare flash. */
        public ?LightColour $balance,
    ) {}

    /**
     * @param float $roomUnder stops under metered at which the room should read
     * @param float $fillUnder stops under correct at which flash is fill
     *
     * @throws OutOfRange
     */
    public static function ofStops(
        float $roomUnder,
        Aperture $workingAperture,
        School $school = School::ShutterFirst,
        ?Locks $locks = null,
        ?KeptLight $kept = null,
        float $fillUnder = self::USUAL_FILL,
        ?Aids $aids = null,
        bool $withoutFlash = false,
        Hold $hold = Hold::Background,
        ?LightColour $balance = null,
    ): self {
        return new self(
            Stops::of(-self::roomUnderRange()->checked('wish for the room', $roomUnder)),
            $workingAperture,
            $school,
            $locks ?? Locks::none(),
            $kept,
            Stops::of(-self::fillRange()->checked('fill', $fillUnder)),
            $aids ?? Aids::none(),
            $withoutFlash,
            $hold,
            $balance,
        );
    }

    public function with(Aids $aids): self
    {
        return $this->but(aids: $aids);
    }

    public function holding(Locks $locks): self
    {
        return $this->but(locks: $locks);
    }

    /** The same through another lens: an aperture that it lacks is not held. */
    public function onLens(Lens $lens): self
    {
        $held = $this->locks->aperture?->av->thirtieths;

        return $held === null || ($held >= $lens->widest->av->thirtieths && $held <= $lens->narrowest->av->thirtieths)
            ? $this
            : $this->holding(Locks::of($this->locks->shutter, null, $this->locks->iso));
    }

    public function holdingLight(Hold $hold): self
    {
        return $this->but(hold: $hold);
    }

    private function but(?Locks $locks = null, ?Aids $aids = null, ?Hold $hold = null): self
    {
        return new self(
            $this->room,
            $this->workingAperture,
            $this->school,
            $locks ?? $this->locks,
            $this->kept,
            $this->fill,
            $aids ?? $this->aids,
            $this->withoutFlash,
            $hold ?? $this->hold,
            $this->balance,
        );
    }

    /** Wanted level of a room that glows so; a light that is kept never makes it brighter than the range of wishes. */
    public function levelOf(ExposureValue $glow): Stops
    {
        return $this->kept === null
            ? $this->room
            : Stops::of(min(-self::roomUnderRange()->min, $this->kept->roomLevel($glow)->value));
    }

    /** Whether the photographer has set all three controls and wants them as they are. */
    public function isFree(): bool
    {
        return $this->school === School::FreeHand && $this->locks->areAll();
    }

    /** Whether a shutter slower than hands hold is meant. */
    public function acceptsShake(): bool
    {
        return $this->school === School::LongTime || $this->isFree();
    }

    /** White balance of a body, and colours of lamps and daylight. */
    public static function balanceRange(): Range
    {
        return Range::between(1700.0, 25000.0, 'K', 100.0);
    }

    /** Thousandths of Duv: above 0 against greenish light, below 0 against pinkish. */
    public static function tintRange(): Range
    {
        return Range::between(-20.0, 20.0, '‰ Duv', 1.0);
    }

    /**
     * A white balance as a body has it.
     *
     * @param float $tint thousandths of Duv, −20 to 20
     *
     * @throws OutOfRange
     */
    public static function balanceOf(Kelvin $kelvin, float $tint): LightColour
    {
        self::balanceRange()->checked('white balance', $kelvin->kelvin);

        return LightColour::of($kelvin->mired(), self::tintRange()->checked('tint', $tint) / 1000.0);
    }

    public static function roomUnderRange(): Range
    {
        return Range::between(-1.0, 6.0, 'stops under metered', 1.0 / 3.0);
    }

    public static function fillRange(): Range
    {
        return Range::between(0.0, 3.0, 'stops under', 1.0 / 3.0);
    }
}
