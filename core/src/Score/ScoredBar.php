<?php

declare(strict_types=1);

namespace Kaddle\Core\Score;

use Kaddle\Core\Solve\Solution;

/**
 * A bar with the settings at which it stands.
 */
final readonly class ScoredBar
{
    /**
     * @internal made by Score only
     *
     * @param Solution $solution at the settings of the score
     * @param Solution $alone the bar's own best answer
     * @param list<Change> $changes on the way here from the bar before; none into the first
     */
    public function __construct(
        public Bar $bar,
        public Solution $solution,
        public Solution $alone,
        public array $changes,
    ) {}

    public function stand(): Stand
    {
        return Stand::ofCandidate($this->solution->best);
    }

    /**
     * Turns to get here.
     *
     * @phpstan-pure
     */
    public function turns(): float
    {
        return array_sum(array_map(static fn(Change $c): float => $c->turns, $this->changes));
    }
}
