<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;

/**
 * A shutter time, t = 2^−Tv s, held exactly; 30 s to 1/8000 s.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Shutter
{
    private function __construct(
        /** Time value Tv; larger is faster. */
        public ExactStops $tv,
    ) {}

    /** @throws UnknownLabel when the step has no customary label */
    public static function of(ExactStops $tv): self
    {
        isset(Labels::SHUTTER[$tv->thirtieths])
            || throw UnknownLabel::of('shutter time', (string) $tv->value(), ['1/60', '1/200', '0.5 s']);

        return new self($tv);
    }

    /**
     * @param Step $step of the control it was read from; some labels stand for two steps
     *
     * @throws UnknownLabel
     */
    public static function fromLabel(string $label, Step $step): self
    {
        return new self(Labels::read(Labels::SHUTTER, $step, 'shutter time', $label, ['1/60', '1/200', '0.5 s']));
    }

    /**
     * All times of a body with this step, slow to fast.
     *
     * @return list<self>
     */
    public static function scale(Step $step): array
    {
        return array_map(
            static fn(ExactStops $tv): self => new self($tv),
            SettingScale::onStep(Labels::SHUTTER, $step),
        );
    }

    /** The fastest that is reckoned with, which all focal-plane shutters have: 1/4000. */
    public static function fastest(): self
    {
        return new self(ExactStops::fromWhole(12));
    }

    /** The fastest that any of them has: 1/8000. */
    public static function fastestOfAll(): self
    {
        return new self(ExactStops::fromWhole(13));
    }

    /** Time that the shutter is open, s. */
    public function seconds(): float
    {
        return 2.0 ** -$this->tv->value();
    }

    /** The customary label, "1/60" or "0.5 s". */
    public function label(): string
    {
        return Labels::SHUTTER[$this->tv->thirtieths];
    }

    /** With its unit: "1/60 s", "0.5 s". */
    public function inWords(): string
    {
        $label = $this->label();

        return str_ends_with($label, 's') ? $label : "$label s";
    }
}
