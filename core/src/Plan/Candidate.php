<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan;

use Kaddle\Core\Flash\Output;

/**
 * One way to point the head, with the settings and the output that go with it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Candidate
{
    /** Stops of trouble that bare light from beside the lens is worth: flat faces, hard shadows. */
    private const BARE = 3.0;

    /** Direct light from a head that was meant to bounce is worse still: uneven, and off the beam's axis. */
    private const STRAY = 4.0;

    /** Each stop that the unit lacks outweighs any matter of taste. */
    private const LACK = 10.0;

    /** @internal made by MomentSolver only */
    public function __construct(
        public FaceLight $light,
        public ExposureChoice $choice,
        /** Stops against full power that the face asks for; may lie outside what the unit gives. */
        public float $wantedOutput,
        /** The nearest that the unit gives. */
        public Output $output,
        /** Lowest output of the unit, stops under full. */
        private float $lowest,
    ) {}

    /** Stops that the unit lacks at full power, 0 or more; endless when no light gets there. */
    public function tooWeak(): float
    {
        return $this->wantedOutput > Tolerance::ROUNDING ? $this->wantedOutput : 0.0;
    }

    /** Stops by which even the lowest output is too much, 0 or more. */
    public function tooStrong(): float
    {
        $over = $this->lowest - $this->wantedOutput;

        return $over > Tolerance::ROUNDING ? $over : 0.0;
    }

    /**
     * What speaks against it, in stops: a long recycle, dark eye sockets, stray or bare direct light.
     *
     * Judgement, not physics; the weights follow the school "bounced first,
     * direct when nothing is overhead".
     */
    public function trouble(): float
    {
        return max(0.0, $this->wantedOutput - ExposureChooser::EASY_OUTPUT)
            + max(0.0, $this->light->crownOverFace()->value)
            + ($this->light->aim->isBounced() ? self::STRAY : self::BARE) * $this->light->directShare()
            + self::LACK * min(30.0, $this->tooWeak() + $this->tooStrong());
    }
}
