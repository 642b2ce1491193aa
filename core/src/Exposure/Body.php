<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Step;

/**
 * A camera body, as far as exposure is concerned.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Body
{
    public const USUAL_PIXELS = 6000;

    /** @param list<SecondCurtainLack> $lacksSecondCurtain with what it has none */
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
        /** The fastest shutter that it is sure to have; a flash that pulses goes along. */
        public Shutter $fastest,
        /** The fastest that its dial may show. */
        public Shutter $fastestOnDial,
        /** Pixels across the frame, 1000 to 20 000. */
        public int $pixels,
        public array $lacksSecondCurtain,
    ) {}

    /**
     * @param float $stabiliser stops
     * @param float $crop factor against 36 mm x 24 mm
     * @param float $strictness k in the hand-held rule
     * @param Shutter|null $fastest null for what all focal-plane shutters have
     * @param int $pixels across the frame
     * @param list<SecondCurtainLack>|null $lacksSecondCurtain null for what most bodies lack
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
        ?Shutter $fastest = null,
        int $pixels = self::USUAL_PIXELS,
        ?array $lacksSecondCurtain = null,
    ): self {
        $onDial = $fastest ?? Shutter::fastestOfAll();
        $fastest ??= Shutter::fastest();
        if ($step !== Step::Third && $step !== Step::Half) {
            throw ImpossibleGear::because('A body turns in third or half stops.');
        }
        if ($usableIso->sv->thirtieths < $baseIso->sv->thirtieths) {
            throw ImpossibleGear::because(
                "The usable ISO {$usableIso->label()} lies below the lowest ISO {$baseIso->label()}.",
            );
        }
        if ($fastest->tv->thirtieths < $sync->tv->thirtieths) {
            throw ImpossibleGear::because("The fastest shutter {$fastest->label()} is slower than sync speed, {$sync->label()}.");
        }

        return new self(
            $step,
            $sync,
            $baseIso,
            $usableIso,
            Steadiness::stabiliserRange()->checked('stabiliser', $stabiliser),
            Optics::cropRange()->checked('crop factor', $crop),
            Steadiness::strictnessRange()->checked('hand-held rule k', $strictness),
            $fastest,
            $onDial,
            (int) self::pixelRange()->checked('pixels across the frame', $pixels),
            $lacksSecondCurtain ?? SecondCurtainLack::USUAL,
        );
    }

    public static function pixelRange(): Range
    {
        return Range::between(1000.0, 20_000.0, 'pixels', 100.0);
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
