<?php

declare(strict_types=1);

namespace Kaddle\Core\Exposure;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;

/**
 * A sensitivity, S = 100·2^Sv, held exactly; ISO 50 to 102400.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Iso
{
    private function __construct(
        /** Stops over ISO 100. */
        public ExactStops $sv,
    ) {}

    /** @throws UnknownLabel when the step has no customary label */
    public static function of(ExactStops $sv): self
    {
        isset(Labels::ISO[$sv->thirtieths])
            || throw UnknownLabel::of('ISO', (string) $sv->value(), ['100', '1600', '6400']);

        return new self($sv);
    }

    /**
     * @param Step $step of the control it was read from; some labels stand for two steps
     *
     * @throws UnknownLabel
     */
    public static function fromLabel(string $label, Step $step): self
    {
        return new self(Labels::read(Labels::ISO, $step, 'ISO', $label, ['100', '1600', '6400']));
    }

    /**
     * Every sensitivity of a body with this step from its base to the highest its
     * owner would use; both ends belong to it even when they lie between two clicks.
     *
     * @return non-empty-list<self> low to high
     */
    public static function scale(Step $step, self $base, self $usable): array
    {
        return array_map(
            static fn(ExactStops $sv): self => new self($sv),
            SettingScale::between(Labels::ISO, $step, $base->sv, $usable->sv),
        );
    }

    /** The highest that any body with this step shows. */
    public static function highest(Step $step): self
    {
        $clicks = SettingScale::onStep(Labels::ISO, $step);

        return new self($clicks[count($clicks) - 1]);
    }

    /** The exact ISO, not the rounded one of the label. */
    public function value(): float
    {
        return 100.0 * 2.0 ** $this->sv->value();
    }

    /** The customary label, "1600". */
    public function label(): string
    {
        return Labels::ISO[$this->sv->thirtieths];
    }
}
