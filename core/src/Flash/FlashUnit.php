<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Limits;
use Kaddle\Core\Quantity\Step;

/**
 * A flash unit at one setting of its zoom.
 *
 * @phpstan-all-methods-pure
 */
final readonly class FlashUnit
{
    private function __construct(
        public Beam $beam,
        /** Guide number in m at ISO 100, full power and the zoom in use. */
        public float $guideNumber,
        /** The least it can give, a whole number of stops under full. */
        public Output $lowest,
        public Step $step,
    ) {}

    /**
     * @param float $guideNumber m at ISO 100 and full power
     * @param float $halfAngle degrees
     * @param int $lowestUnderFull stops, 7 for a unit that goes down to 1/128
     *
     * @throws \Kaddle\Core\Quantity\OutOfRange
     * @throws ImpossibleOutput
     */
    public static function of(float $guideNumber, float $halfAngle, int $lowestUnderFull, Step $step): self
    {
        if (!self::lowestLimits()->contains($lowestUnderFull)) {
            throw ImpossibleOutput::lowestOutside($lowestUnderFull, self::lowestLimits());
        }

        return new self(
            Beam::fromGuideNumber($guideNumber, $halfAngle),
            $guideNumber,
            Output::of(ExactStops::fromWhole(-$lowestUnderFull)),
            $step,
        );
    }

    public static function lowestLimits(): Limits
    {
        return Limits::between(0.0, 9.0, 'stops', 1.0);
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
            range($this->lowest->stops->thirtieths, 0, $this->step->thirtieths()),
        );
    }

    /**
     * The output nearest to a wish in stops under (or over) full; the ends of the scale hold.
     *
     * Whoever asks must compare the wish with the ends: this does not complain.
     */
    public function nearest(float $stops): Output
    {
        $wish = ExactStops::nearest($stops, $this->step);

        return Output::of(ExactStops::fromThirtieths(max($this->lowest->stops->thirtieths, min(0, $wish->thirtieths))));
    }
}
