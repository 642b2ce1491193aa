<?php

declare(strict_types=1);

namespace Kaddle\Core\Solve;

use Kaddle\Core\Exposure\ExposureSettings;
use Kaddle\Core\Flash\Head;
use Kaddle\Core\Flash\Output;
use Kaddle\Core\Situation\Moment;

/**
 * A moment solved, or the nearest to it with what is missing.
 */
final readonly class Solution
{
    /**
     * @param list<Shortfall> $shortfalls empty exactly when the moment can be had
     * @param non-empty-list<Candidate> $candidates every way to point the head, least trouble first
     * @param list<Candidate> $leftOut ways that are none, with their reasons
     */
    private function __construct(
        public Moment $moment,
        public Candidate $best,
        public Levels $levels,
        public array $shortfalls,
        public array $candidates,
        public array $leftOut,
    ) {}

    /**
     * @internal made by MomentSolver only
     *
     * @param non-empty-list<Candidate> $candidates
     * @param list<Candidate> $leftOut
     */
    public static function of(Moment $moment, Candidate $best, array $candidates, array $leftOut): self
    {
        return new self(
            $moment,
            $best,
            $levels = Levels::of($moment, $best),
            Shortfall::allOf($best, $moment, $levels),
            $candidates,
            $leftOut,
        );
    }

    /**
     * The moment at settings that serve it nearly as well, taken for the sake of those around it.
     *
     * @param Candidate $way one of the ways to point the head
     */
    public function moved(Candidate $way, ExposureSettings $settings, Output $output): self
    {
        $chooser = ExposureChooser::for($this->moment);
        $best = new Candidate(
            $way->light,
            $chooser->moved($this->best->choice, $settings),
            $way->isOff() ? -INF : FaceBalance::outputFor($this->moment, $settings, $way->light->onFace()),
            $output,
            $this->moment->flash->lowest->value(),
            $this->moment->glow,
            $way->modifier,
        );

        return self::of($this->moment, $best, [$best, ...array_values(array_filter(
            $this->candidates,
            static fn(Candidate $c): bool => $c->light !== $way->light,
        ))], $this->leftOut);
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
            $this->best->isOff() => Limit::NoFlash,
            $this->best->tooWeak() > 0.0 => Limit::FullOutput,
            $this->best->tooStrong() > 0.0 => Limit::LowestOutput,
            default => Limit::FaceLevel,
        };
    }

    /**
     * Doubt about the face's level.
     *
     * @phpstan-pure
     */
    public function doubt(): Doubt
    {
        return $this->best->isOff() ? Doubt::ofGlow($this->moment) : Doubt::of($this->moment, $this->best->light, $this->levels);
    }
}
