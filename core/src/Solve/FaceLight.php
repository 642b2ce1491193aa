<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Colour\Cast;
use Kaddle\Core\Flash\Angles;
use Kaddle\Core\Flash\Exposure;
use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Rgb;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Room\Face;

/**
 * What one way of pointing the head does at full power.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FaceLight
{
    /** Luminous exposure on the face, lx·s. */
    private float $onFace;

    /** Of that, straight from the head. */
    private float $direct;

    /** @var array<string, float> after one reflection, by the face that sent it */
    private array $first;

    /** After two and more. */
    private float $later;

    /** What paint does to the colour of the light on the face, whatever gel it left the head through. */
    public Cast $cast;

    /**
     * @internal made by MomentSolver only
     *
     * @param Rgb $tint of the light as it leaves the head
     */
    public function __construct(
        public HeadAim $aim,
        /** Where the head stands; null straight at the face. */
        public ?Angles $angles,
        Exposure $face,
        Rgb $tint,
        /** Luminous exposure from above, lx·s. */
        private float $crown,
        /** On the cheek that the camera sees on its left, lx·s. */
        private float $left,
        /** On the other cheek, lx·s. */
        private float $right,
        /** On the backdrop, lx·s. */
        public float $backdrop,
        /** How large the light looks from the face, degrees across. */
        public float $apparentSize,
        /** What it does for all of a group; null for one person. */
        public ?GroupLight $group,
        /** The face of the room at which the head points; null where it points at people. */
        public ?Face $struck,
        /** Share of light that this sends back, 0 to 1. */
        public float $struckReflects,
    ) {
        $this->onFace = $face->total()->luminance();
        $this->direct = $face->direct->luminance();
        $first = [];
        foreach (Face::cases() as $surface) {
            $first[$surface->value] = $face->firstFrom($surface)->luminance();
        }
        $this->first = $first;
        $this->later = $face->later->luminance();
        $this->cast = Cast::of($face->total()->over($tint));
    }

    /** No flash at all. */
    public static function none(): self
    {
        return new self(HeadAim::Off, null, Exposure::none(), Rgb::grey(1.0), 0.0, 0.0, 0.0, 0.0, 0.0, null, null, 0.0);
    }

    /** Whether the light is to come by way of the room. */
    public function isBounced(): bool
    {
        return $this->struck !== null;
    }

    /** Luminous exposure on the face, lx·s. */
    public function onFace(): float
    {
        return $this->onFace;
    }

    /** Light from above against light on the face; above 0 the eyes lie in shadow. */
    public function crownOverFace(): Stops
    {
        return Stops::ofRatio($this->crown / max(1e-12, $this->onFace()));
    }

    /** Shaded where the crown outshines the face, dark where it does by more than a stop. */
    public function eyes(): Eyes
    {
        $ratio = $this->crownOverFace()->value;

        return match (true) {
            $ratio > 1.0 => Eyes::Dark,
            $ratio > 0.0 => Eyes::Shaded,
            default => Eyes::Open,
        };
    }

    /** Share of the face's light that comes straight from the head, 0 to 1. */
    public function directShare(): float
    {
        return $this->direct / max(1e-12, $this->onFace);
    }

    /** Share that comes by one reflection on some faces of the room, 0 to 1. */
    public function shareBy(Face ...$faces): float
    {
        return array_sum(array_map(fn(Face $f): float => $this->first[$f->value], $faces)) / max(1e-12, $this->onFace);
    }

    /** Share that comes by two reflections and more, 0 to 1. */
    public function laterShare(): float
    {
        return $this->later / max(1e-12, $this->onFace);
    }

    /** Light from the left against light from the right; 0 is flat, above 0 the left side is brighter. */
    public function leftOverRight(): Stops
    {
        return Stops::ofRatio(max(1e-12, $this->left) / max(1e-12, $this->right));
    }
}
