<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Flash\Head;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\Moment;

/**
 * A moment solved, or the nearest to it with what is missing.
 *
 * @see docs/physics.md, “Doubt”
 */
final readonly class Solution
{
    /**
     * @param list<Shortfall> $shortfalls empty exactly when the moment can be had
     * @param non-empty-list<Candidate> $candidates every way to point the head, least trouble first
     */
    private function __construct(
        public Moment $moment,
        public Candidate $best,
        public Levels $levels,
        public array $shortfalls,
        public array $candidates,
    ) {}

    /**
     * @internal made by MomentSolver only
     *
     * @param non-empty-list<Candidate> $candidates
     */
    public static function of(Moment $moment, Candidate $best, array $candidates): self
    {
        return new self(
            $moment,
            $best,
            Levels::of($moment, $best),
            Shortfall::allOf($best),
            $candidates,
        );
    }

    /** @phpstan-pure */
    public function isFeasible(): bool
    {
        return $this->shortfalls === [];
    }

    /**
     * The head as it is to be pointed.
     *
     * @phpstan-pure
     */
    public function head(): Head
    {
        return $this->moment->head($this->moment->scene, $this->best->light->aim);
    }

    /** @phpstan-pure */
    public function outputBound(): Limit
    {
        return match (true) {
            $this->best->tooWeak() > 0.0 => Limit::FullOutput,
            $this->best->tooStrong() > 0.0 => Limit::LowestOutput,
            default => Limit::FaceLevel,
        };
    }

    /**
     * Doubt about the face's level, stops either way.
     *
     * @phpstan-pure
     */
    public function faceDoubt(): Stops
    {
        return Stops::of($this->best->light->aim->isBounced() ? Tolerance::BOUNCED : Tolerance::DIRECT);
    }
}
