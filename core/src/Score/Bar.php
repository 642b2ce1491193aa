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
    ) {}

    public static function of(string $moment, string $name, int $from, int $until, Moment $light, InHand $inHand): self
    {
        return new self($moment, $name, $from, $until, $light, $inHand);
    }

    /** Whether both are parts of one moment. */
    public function isWith(self $other): bool
    {
        return $this->moment === $other->moment;
    }
}
