<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Gear\Metering;
use Kaddle\Core\Quantity\ExposureValue;
use Kaddle\Core\Situation\Moment;

/**
 * The smallest stretch of a night with settings of its own: a moment, or a part of one whose glow
 * drifts too far for one setting.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Bar
{
    private function __construct(
        /** Names the moment. */
        public string $moment,
        public string $name,
        /** Minutes since six in the morning. */
        public int $from,
        /** Minutes since six in the morning, after the start. */
        public int $until,
        /** With the glow of the middle of the bar. */
        public Moment $light,
        public InHand $inHand,
        /** What a change into it costs. */
        public Effort $effort,
        /** How near and how far people will be, m; the subject's distance where nobody has said. */
        public float $nearest,
        public float $farthest,
        /** How the body meters flash. */
        public Metering $metering,
    ) {}

    /**
     * @param string $moment names the moment
     * @param int $from minutes since six in the morning
     * @param int $until minutes since six in the morning, after the start
     * @param float|null $nearest m; null where nobody has said how near people will be
     * @param float|null $farthest m, not nearer than the nearest
     */
    public static function of(
        string $moment,
        string $name,
        int $from,
        int $until,
        Moment $light,
        InHand $inHand,
        ?Effort $effort = null,
        ?float $nearest = null,
        ?float $farthest = null,
        Metering $metering = Metering::Weighted,
    ): self {
        $distance = $light->scene->distance;

        return new self(
            $moment,
            $name,
            $from,
            $until,
            $light,
            $inHand,
            $effort ?? Effort::usual(),
            $nearest ?? min($distance, $farthest ?? $distance),
            $farthest ?? max($distance, $nearest ?? $distance),
            $metering,
        );
    }

    /** The same in a room that glows so many stops brighter, or darker below 0; null where no room does. */
    public function inGlow(float $stops): ?self
    {
        $ev = $this->light->glow->ev + $stops;

        return ExposureValue::range()->contains($ev) ? new self(
            $this->moment,
            $this->name,
            $this->from,
            $this->until,
            $this->light->inGlow(ExposureValue::atIso100($ev)),
            $this->inHand,
            $this->effort,
            $this->nearest,
            $this->farthest,
            $this->metering,
        ) : null;
    }

    /** Turns from the bar before into this one. */
    public function work(): Work
    {
        return Work::of($this->effort, $this->light->body->step, $this->light->flash->step);
    }
}
