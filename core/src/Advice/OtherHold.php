<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Situation\Moment;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\ExposureChooser;
use Kaddle\Core\Solve\FaceBalance;
use Kaddle\Core\Solve\Levels;
use Kaddle\Core\Solve\Solution;

/**
 * What it would cost to hold the other of the room's two lights, with the head where it is.
 *
 * @see docs/physics.md, “Face and background”
 */
final readonly class OtherHold
{
    private function __construct(
        public Moment $moment,
        public Candidate $there,
        public Levels $levels,
    ) {}

    /** Nothing where the same light falls on face and background. */
    public static function to(Solution $solution): ?self
    {
        if ($solution->moment->faceGlow->isEven()) {
            return null;
        }
        $moment = $solution->moment->holdingOther();
        $best = $solution->best;
        $chooser = ExposureChooser::for($moment);
        $choice = $best->isOff() ? $chooser->withoutFlash() : $chooser->choose($best->light->onFace());
        $wanted = $best->isOff() ? -INF : FaceBalance::outputFor($moment, $choice->settings, $best->light->onFace());
        $there = new Candidate(
            $best->light,
            $choice,
            $wanted,
            $best->isOff() ? $best->output : $moment->flash->nearest($wanted),
            $moment->flash->lowest->value(),
            $moment->glow,
            $best->modifier,
        );

        return new self($moment, $there, Levels::of($moment, $there));
    }
}
