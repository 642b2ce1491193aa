<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\ExposureSettings;

/**
 * Camera settings for a moment, and what decided each of them.
 *
 * @phpstan-all-methods-pure
 */
final readonly class ExposureChoice
{
    /**
     * @internal made by ExposureChooser only
     *
     * @param list<Limit>|null $inTheWay of the room as wished, where that is not what decided these very settings
     */
    public function __construct(
        public ExposureSettings $settings,
        public Limit $shutterBound,
        public Limit $apertureBound,
        public Limit $isoBound,
        /** Stops by which even the best settings leave the room darker than wished; 0 or more. */
        public float $tooDark,
        /** Stops by which even the tightest settings leave it brighter than wished; 0 or more. */
        public float $tooBright,
        /** Stops by which the shutter is slower than hands hold; 0 or more. */
        public float $shaky,
        private ?array $inTheWay = null,
    ) {}

    /** @return list<Limit> what stands in the way of the room as wished, where it misses */
    public function inTheWay(): array
    {
        return $this->inTheWay ?? [$this->shutterBound, $this->apertureBound, $this->isoBound];
    }

    /** Whether the room reads darker than wished so that the lowest output of the flash is not too much. */
    public function isFallenForFlash(): bool
    {
        return in_array(Limit::LowestOutput, $this->inTheWay(), true);
    }
}
