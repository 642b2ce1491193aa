<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Step;

/**
 * A camera body, as far as exposure is concerned.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Body
{
    private function __construct(
        /** Third or half stops; bodies know no other. */
        public Step $step,
        /** Fastest shutter that is wholly open, so that a pop lights the whole frame. */
        public Shutter $sync,
        public Iso $baseIso,
        /** Highest ISO that its owner would still deliver; never below $baseIso. */
        public Iso $usableIso,
        /** Stops, 0 to 8. */
        public float $stabiliser,
        /** Crop factor against 36 mm x 24 mm, 0.5 to 3. */
        public float $crop,
        /** k in the hand-held rule, 1 to 2. */
        public float $strictness,
    ) {}

    /**
     * @param float $stabiliser stops
     * @param float $crop factor against 36 mm x 24 mm
     * @param float $strictness k in the hand-held rule
     *
     * @throws ImpossibleGear
     * @throws OutOfRange
     */
    public static function of(
        Step $step,
        Shutter $sync,
        Iso $baseIso,
        Iso $usableIso,
        float $stabiliser,
        float $crop,
        float $strictness,
    ): self {
        if ($step !== Step::Third && $step !== Step::Half) {
            throw ImpossibleGear::because('A body turns in third or half stops.');
        }
        if ($usableIso->sv->thirtieths < $baseIso->sv->thirtieths) {
            throw ImpossibleGear::because(
                "The usable ISO {$usableIso->label()} lies below the lowest ISO {$baseIso->label()}.",
            );
        }

        return new self(
            $step,
            $sync,
            $baseIso,
            $usableIso,
            Steadiness::stabiliserRange()->checked('stabiliser', $stabiliser),
            Optics::cropRange()->checked('crop factor', $crop),
            Steadiness::strictnessRange()->checked('hand-held rule k', $strictness),
        );
    }

    /** @param float $focalLength mm, as engraved */
    public function steadinessAt(float $focalLength): Steadiness
    {
        return Steadiness::handHeld(
            Optics::ofMillimetres($focalLength, $this->crop),
            $this->stabiliser,
            $this->strictness,
        );
    }
}
