<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

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
    ) {}

    /**
     * @param string $moment names the moment
     * @param int $from minutes since six in the morning
     * @param int $until minutes since six in the morning, after the start
     */
    public static function of(
        string $moment,
        string $name,
        int $from,
        int $until,
        Moment $light,
        InHand $inHand,
        ?Effort $effort = null,
    ): self {
        return new self($moment, $name, $from, $until, $light, $inHand, $effort ?? Effort::usual());
    }

    /** Turns from the bar before into this one. */
    public function work(): Work
    {
        return Work::of($this->effort, $this->light->body->step, $this->light->flash->step);
    }
}
