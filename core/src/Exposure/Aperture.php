<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;

/**
 * An aperture, N = 2^(Av/2), held exactly; f/1 to f/32.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Aperture
{
    private function __construct(
        /** Aperture value Av; larger is narrower. */
        public ExactStops $av,
    ) {}

    /** @throws UnknownLabel when the step has no customary label */
    public static function of(ExactStops $av): self
    {
        isset(Labels::APERTURE[$av->thirtieths])
            || throw UnknownLabel::of('aperture', (string) $av->value(), ['f/1.8', 'f/2.8', 'f/5.6']);

        return new self($av);
    }

    /**
     * @param Step $step of the control it was read from; some labels stand for two steps
     *
     * @throws UnknownLabel
     */
    public static function fromLabel(string $label, Step $step): self
    {
        return new self(Labels::read(Labels::APERTURE, $step, 'aperture', $label, ['f/1.8', 'f/2.8', 'f/5.6']));
    }

    /**
     * Every opening a body with this step offers on a lens; both ends of the
     * lens belong to it even when they lie between two clicks.
     *
     * @return non-empty-list<self> wide to narrow
     */
    public static function scale(Step $step, self $widest, self $narrowest): array
    {
        return array_map(
            static fn(ExactStops $av): self => new self($av),
            SettingScale::between(Labels::APERTURE, $step, $widest->av, $narrowest->av),
        );
    }

    /** The exact f-number, not the rounded one of the label. */
    public function fNumber(): float
    {
        return 2.0 ** ($this->av->value() / 2.0);
    }

    /** The customary label, "f/5.6". */
    public function label(): string
    {
        return Labels::APERTURE[$this->av->thirtieths];
    }
}
