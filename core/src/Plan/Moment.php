<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Stops;

/**
 * One planned situation: the scene, the glow, the wish and the gear.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Moment
{
    private function __construct(
        public Scene $scene,
        /** Assumed to fall on backdrop and face alike. */
        public ExposureValue $glow,
        /** Wanted level of the room against metered; −6 to +1, negative is darker. */
        public Stops $roomLevel,
        /** Aperture that the photographer likes for this moment's depth; kept when it can be. */
        public Aperture $workingAperture,
        public Body $body,
        public Lens $lens,
        public FlashUnit $flash,
        /** Where the photographer insists on pointing the head; null leaves it to the solver. */
        public ?HeadAim $aim,
        /** Controls that the photographer holds; the solver sets the others. */
        public Locks $locks,
    ) {}

    /**
     * @param float $roomUnder stops under metered at which the room should read
     *
     * @throws OutOfRange
     */
    public static function of(
        Scene $scene,
        ExposureValue $glow,
        float $roomUnder,
        Aperture $workingAperture,
        Body $body,
        Lens $lens,
        FlashUnit $flash,
        ?HeadAim $aim = null,
        ?Locks $locks = null,
    ): self {
        $level = Stops::of(-self::roomUnderLimits()->checked('wish for the room', $roomUnder));

        return new self($scene, $glow, $level, $workingAperture, $body, $lens, $flash, $aim, $locks ?? Locks::none());
    }

    /** The same through another lens. */
    public function through(Lens $lens): self
    {
        return new self($this->scene, $this->glow, $this->roomLevel, $this->workingAperture, $this->body, $lens, $this->flash, $this->aim, $this->locks);
    }

    /** The head on the camera, pointing somewhere, with its zoom where it then stands. */
    public function head(Scene $scene, HeadAim $aim, ?ZoomStep $zoom = null): Head
    {
        return $this->flash->head($scene->head, $scene->face->minus($scene->head), $aim, $this->f35(), $zoom);
    }

    public function zoomFor(HeadAim $aim): ZoomStep
    {
        return $this->flash->zoomFor($aim, $this->f35());
    }

    /** Focal length of the lens, mm at 36 mm x 24 mm. */
    private function f35(): float
    {
        return $this->lens->focalLength * $this->body->crop;
    }

    public static function roomUnderLimits(): Limits
    {
        return Limits::between(-1.0, 6.0, 'stops under metered', 1.0 / 3.0);
    }
}
