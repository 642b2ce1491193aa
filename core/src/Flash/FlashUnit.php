<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Mired;
use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;
use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Vector;

/**
 * A flash unit.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FlashUnit
{
    private function __construct(
        public ZoomTable $zoom,
        /** Zoom that the head takes when it is tilted or turned, mm at 36 mm x 24 mm. */
        public float $bounceZoom,
        /** The least it can give, a whole number of stops under full. */
        public ExactStops $lowest,
        public Step $step,
        public Outfit $outfit,
        /** Whether it can pulse through a shutter faster than sync speed. */
        public bool $highSpeed,
        /** Of the bare head at full power. */
        public Kelvin $colour,
        public PopLength $pop,
        public Firing $firing,
        /** Of the bare head at its lowest output. */
        public Kelvin $lowestColour,
    ) {}

    /**
     * @param float $bounceZoom mm at 36 mm x 24 mm
     * @param int $lowestUnderFull stops, 7 for a unit that goes down to 1/128
     *
     * @throws OutOfRange
     * @throws ImpossibleUnit
     */
    public static function of(
        ZoomTable $zoom,
        float $bounceZoom,
        int $lowestUnderFull,
        Step $step,
        ?Outfit $outfit = null,
        bool $highSpeed = false,
        ?Kelvin $colour = null,
        ?PopLength $pop = null,
        ?Firing $firing = null,
        ?Kelvin $lowestColour = null,
    ): self {
        if (!self::lowestRange()->contains($lowestUnderFull)) {
            throw ImpossibleUnit::lowestOutside($lowestUnderFull, self::lowestRange());
        }

        $full = $colour ?? Kelvin::of(Gel::USUAL_HEAD);

        return new self(
            $zoom,
            ZoomStep::focalRange()->checked('bounce zoom', $bounceZoom),
            ExactStops::fromWhole(-$lowestUnderFull),
            $step,
            $outfit ?? Outfit::bare(),
            $highSpeed,
            $full,
            $pop ?? PopLength::usual(),
            $firing ?? Firing::usual(),
            $lowestColour ?? $full,
        );
    }

    /**
     * So many side by side, as far as units go together.
     *
     * @param int $times 1 or more
     */
    public function times(int $times): self
    {
        return new self(
            $this->zoom,
            $this->bounceZoom,
            $this->lowest,
            $this->step,
            $this->outfit->times($times),
            $this->highSpeed,
            $this->colour,
            $this->pop,
            $this->firing,
            $this->lowestColour,
        );
    }

    /**
     * Of the bare head at an output: from full to lowest the mired move evenly with the stops.
     *
     * @see docs/physics.md, “Colour of room and flash”
     */
    public function colourAt(Output $output): Kelvin
    {
        $down = $this->lowest->thirtieths === 0 ? 0.0 : $output->value() / $this->lowest->value();
        $shift = $this->lowestColour->mired()->minus($this->colour->mired())->mired;

        return Kelvin::ofMired(Mired::of($this->colour->mired()->mired + $down * $shift));
    }

    /**
     * The head on the camera, with its zoom where it then stands.
     *
     * @param Vector $toFace from the head to the face
     * @param Angles|null $byHand where a head that is turned by hand stands
     * @param ZoomStep|null $zoom set by hand; null leaves it where zoomFor() says
     * @param float $f35 mm at 36 mm x 24 mm
     */
    public function head(
        Vector $position,
        Vector $toFace,
        HeadAim $aim,
        float $f35,
        ?Angles $byHand = null,
        ?ZoomStep $zoom = null,
    ): Head {
        return Head::dressed(
            $position,
            ($aim === HeadAim::ByHand ? $byHand : $aim->angles())?->direction() ?? Direction::along($toFace),
            ($zoom ?? $this->zoomFor($aim, $f35, $byHand))->beam,
            $aim === HeadAim::Card ? $this->outfit->with(Modifier::fromCatalogue(ModifierKind::Card)) : $this->outfit,
            Direction::along(Vector::of($toFace->x, $toFace->y, 0.0)),
            $this->colour,
        );
    }

    /**
     * Where the zoom stands: with the lens when the head looks where the lens looks, at
     * its bounce setting otherwise and under whatever swallows the head.
     *
     * @param float $f35 focal length of the lens, mm at 36 mm x 24 mm
     */
    public function zoomFor(HeadAim $aim, float $f35, ?Angles $byHand = null): ZoomStep
    {
        $tilted = $aim->isBounced() && !($aim === HeadAim::ByHand && $byHand?->isStraight() === true);

        return $this->zoom->at($tilted || $this->outfit->coversHead() ? $this->bounceZoom : $f35);
    }

    public static function colourRange(): Range
    {
        return Range::between(2500.0, 10_000.0, 'K', 100.0);
    }

    public static function lowestRange(): Range
    {
        return Range::between(0.0, 9.0, 'stops', 1.0);
    }

    /**
     * All outputs, lowest first.
     *
     * @return list<Output>
     */
    public function scale(): array
    {
        return array_map(
            static fn(int $thirtieths): Output => Output::of(ExactStops::fromThirtieths($thirtieths)),
            range($this->lowest->thirtieths, 0, $this->step->thirtieths()),
        );
    }

    /**
     * The output nearest to a wish in stops under (or over) full; the ends of the scale hold.
     *
     * Whoever asks must compare the wish with the ends: this does not complain.
     */
    public function nearest(float $stops): Output
    {
        return Output::of(ExactStops::nearest(max($this->lowest->value(), min(0.0, $stops)), $this->step));
    }
}
