<?php

declare(strict_types=1);

namespace Kaddle\Core\Situation;

use Kaddle\Core\Colour\LightColour;
use Kaddle\Core\Exposure\Aids;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Body;
use Kaddle\Core\Exposure\DepthOfField;
use Kaddle\Core\Exposure\Lens;
use Kaddle\Core\Exposure\Mains;
use Kaddle\Core\Exposure\Optics;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\FlashUnit;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ZoomStep;
use Kaddle\Core\Motion\Drag;
use Kaddle\Core\Motion\SubjectBlur;
use Kaddle\Core\People\People;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Quantity\Kelvin;
use Kaddle\Core\Quantity\Length;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Wish\Hold;
use Kaddle\Core\Wish\Locks;
use Kaddle\Core\Wish\Look;
use Kaddle\Core\Wish\Pointing;

/**
 * One planned situation: the scene, the glow, the people, the wish and the gear.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Moment
{
    /** Tv of two seconds: longer, and people who are not held by the pop are gone. */
    private const LONGEST = -1.0;

    /** Tv of half a second: longer, and a floor of people who dance or walk is fog. */
    private const LONGEST_IN_MOTION = 1.0;

    /** The room's own light on the face. */
    public ExposureValue $onFace;

    /** The one of both lights that the settings hold. */
    public ExposureValue $held;

    /** Wanted level of what is held against metered; negative is darker. */
    public Stops $roomLevel;
    public Optics $optics;

    private function __construct(
        public Scene $scene,
        /** The room's own light on what is behind the people. */
        public ExposureValue $glow,
        public Look $look,
        public Pointing $pointing,
        public Body $body,
        public Lens $lens,
        public FlashUnit $flash,
        public People $people,
        /** What the lamps of the place hang on. */
        public Mains $mains,
        /** Light of the open sky at that hour; null where nobody knows it. */
        public ?ExposureValue $outdoors,
        /** What moves while the shutter is open. */
        public Drag $drag,
        /** How the room lights the face against that. */
        public FaceGlow $faceGlow,
        /** Of the room's own light; null where nobody has said. */
        public ?Kelvin $roomColour,
    ) {
        $this->onFace = $faceGlow->isEven() ? $glow : ExposureValue::atIso100($glow->ev + $faceGlow->over->value);
        $this->held = $look->hold === Hold::Face ? $this->onFace : $glow;
        $this->roomLevel = $look->levelOf($this->held);
        $this->optics = Optics::ofMillimetres($lens->focalLength, $body->crop);
    }

    public static function of(
        Scene $scene,
        ExposureValue $glow,
        Look $look,
        Pointing $pointing,
        Body $body,
        Lens $lens,
        FlashUnit $flash,
        People $people,
        Mains $mains,
        ?ExposureValue $outdoors = null,
        ?Drag $drag = null,
        ?FaceGlow $faceGlow = null,
        ?Kelvin $roomColour = null,
    ): self {
        return new self($scene, $glow, $look, $pointing, $body, $lens, $flash, $people, $mains, $outdoors, $drag ?? Drag::none(), $faceGlow ?? FaceGlow::even(), $roomColour);
    }

    /** The same through another lens. */
    public function through(Lens $lens): self
    {
        return $this->but(look: $this->look->onLens($lens), lens: $lens);
    }

    /**
     * The same with more units side by side.
     *
     * @param int $times as many as there are now, 1 or more
     */
    public function withUnits(int $times): self
    {
        return $times === 1 ? $this : $this->but(flash: $this->flash->times($times));
    }

    /** The same with other help against too much light. */
    public function with(Aids $aids): self
    {
        return $this->but(look: $this->look->with($aids));
    }

    /** The same with the other light held. */
    public function holdingOther(): self
    {
        return $this->but(look: $this->look->holdingLight($this->look->hold->other()));
    }

    /** White balance that the body is set to: as somebody says, or that of the bare flash. */
    public function balance(): LightColour
    {
        return $this->look->balance ?? LightColour::ofKelvin($this->flash->colour);
    }

    /** Level that the room's own light has on the face where what is held reads as wished. */
    public function wishedOnFace(): Stops
    {
        return $this->held === $this->onFace ? $this->roomLevel : Stops::of($this->roomLevel->value + $this->onFace->ev - $this->held->ev);
    }

    /** The same in a room that glows otherwise. */
    public function inGlow(ExposureValue $glow): self
    {
        return $this->but(glow: $glow);
    }

    /** The same with controls held where they stand. */
    public function holding(Locks $locks): self
    {
        return $this->but(look: $this->look->holding($locks));
    }

    private function but(?ExposureValue $glow = null, ?Look $look = null, ?Lens $lens = null, ?FlashUnit $flash = null): self
    {
        return new self(
            $this->scene,
            $glow ?? $this->glow,
            $look ?? $this->look,
            $this->pointing,
            $this->body,
            $lens ?? $this->lens,
            $flash ?? $this->flash,
            $this->people,
            $this->mains,
            $this->outdoors,
            $this->drag,
            $this->faceGlow,
            $this->roomColour,
        );
    }

    /** The faces by which the light of a group is judged; null for one person. */
    public function groupFaces(): ?GroupFaces
    {
        return $this->people->isGroup() ? GroupFaces::of($this->scene, $this->people, $this->optics) : null;
    }

    /** The widest opening of the lens that holds the whole group sharp; null where even the narrowest does not. */
    public function openingForGroup(): ?Aperture
    {
        $near = $this->scene->distance;
        [$needed] = DepthOfField::forGroup($this->optics, $near, $near + $this->people->depth);

        return $this->lens->firstFrom($this->body->step, $needed);
    }

    /** Time value Tv of the slowest shutter that comes into question: what hands hold, or what people bear where shake is meant. */
    public function slowestTime(): float
    {
        return match (true) {
            !$this->look->acceptsShake() => $this->body->steadinessAt($this->lens->focalLength)->timeValue(),
            $this->people->movement->isTravel() => self::LONGEST_IN_MOTION,
            default => self::LONGEST,
        };
    }

    /** The fastest shutter that lights the whole frame. */
    public function fastestShutter(): Shutter
    {
        return $this->look->aids->pulses() || $this->look->withoutFlash ? $this->body->fastest : $this->body->sync;
    }

    /** Where to focus so that the whole group is sharp. */
    public function focusForGroup(): Length
    {
        $near = $this->scene->distance;

        return Length::ofMetres(DepthOfField::forGroup($this->optics, $near, $near + $this->people->depth)[1]);
    }

    /** How far the people smear by the light of the room. */
    public function blur(): SubjectBlur
    {
        return SubjectBlur::atMetres($this->optics, $this->scene->distance, abs($this->people->going->across()));
    }

    /** @return non-empty-list<HeadAim> the ways to weigh: all that are open, and the hand's own */
    public function aims(): array
    {
        $open = HeadAim::with($this->flash->outfit);

        return $this->pointing->aim === HeadAim::ByHand ? [...$open, HeadAim::ByHand] : $open;
    }

    /** Where the head stands; null where it looks straight at the face. */
    public function angles(HeadAim $aim): ?Angles
    {
        return $aim === HeadAim::ByHand ? $this->pointing->angles : $aim->angles();
    }

    /** The head on the camera, pointing somewhere, with its zoom where it then stands. */
    public function head(Scene $scene, HeadAim $aim, ?ZoomStep $zoom = null): Head
    {
        return $this->flash->head(
            $scene->head,
            $scene->face->minus($scene->head),
            $aim,
            $this->optics->f35(),
            $this->angles($aim),
            $zoom ?? $this->zoomFor($aim),
        );
    }

    /** Where the zoom stands: where the hand has put it, or where it goes by itself. */
    public function zoomFor(HeadAim $aim): ZoomStep
    {
        return $this->pointing->zoom === null
            ? $this->flash->zoomFor($aim, $this->optics->f35(), $this->angles($aim))
            : $this->flash->zoom->at($this->pointing->zoom);
    }

    /**
     * All that the light of the flash depends on, at full power and for every way to point the head.
     *
     * @return array{Scene, Pointing, FlashUnit, float, GroupFaces|null}
     */
    public function lighting(): array
    {
        return [$this->scene, $this->pointing, $this->flash, $this->optics->f35(), $this->groupFaces()];
    }
}
