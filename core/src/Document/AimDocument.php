<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Solve\Candidate;
use Kaddle\Core\Solve\Solution;
use Kaddle\Core\Words\AimWords;

/**
 * One way to point the head, and what it would take.
 *
 * @phpstan-all-methods-pure
 */
final readonly class AimDocument
{
    private function __construct(
        public HeadAim $aim,
        public string $label,
        /** What the fingers do. */
        public string $instruction,
        /** Degrees from the way the camera looks, positive to the left; null straight at the face. */
        public ?float $turn,
        /** Degrees up from level; null straight at the face. */
        public ?float $tilt,
        /** Output the face asks for, stops against full power; null when no light gets there. */
        public ?float $wantedOutput,
        /** The nearest that the unit gives. */
        public string $output,
        /** Stops that the unit lacks; null when no output would be enough. */
        public ?float $lacking,
        /** Light from above against light on the face, stops; null when there is none. */
        public ?float $crownOverFace,
        /** Light from the left against light from the right, stops. */
        public ?float $leftOverRight,
        /** Flash on the backdrop against the room's glow there, stops; null when there is none. */
        public ?float $spillOverGlow,
        /** Tint from paint, mired; above 0 is warmer than the flash. */
        public float $cast,
        /** How large the light looks from the face, degrees across; small is hard, large is soft. */
        public float $apparentSize,
        /** Clicks of output to turn from the way in use to this one; above 0 turns up. Null where the output is not the whole answer. */
        public ?int $clicks,
        /** Whether it is no way to light a face, by its verdict. */
        public bool $leftOut,
        /** What speaks for and against it. */
        public string $verdict,
        /** Luminous exposure on the face by a full pop, lx·s. */
        public float $faceExposure,
    ) {}

    public static function of(Candidate $candidate, Solution $solution): self
    {
        $light = $candidate->light;

        return new self(
            $light->aim,
            $light->aim->inWords(),
            $light->aim->instruction($light->angles),
            $light->angles?->turn,
            $light->angles?->tilt,
            Rounded::stops(Stops::of($candidate->wantedOutput)),
            $candidate->output->label(),
            Rounded::stops(Stops::of($candidate->tooWeak())),
            Rounded::stops($light->crownOverFace()),
            Rounded::stops($light->leftOverRight()),
            Rounded::stops($candidate->spillOverGlow()),
            round($light->cast->warmth->mired, 1),
            round($light->apparentSize, 1),
            self::clicks($candidate, $solution),
            $candidate->noWay() !== null,
            AimWords::of($candidate),
            round($light->onFace(), 4),
        );
    }

    /** Turning the head alone costs clicks of output; where shutter, aperture or ISO differ too, clicks tell only half. */
    private static function clicks(Candidate $candidate, Solution $solution): ?int
    {
        $best = $solution->best;
        if ($candidate->tooWeak() > 0.0 || $candidate->tooStrong() > 0.0 || !$candidate->choice->settings->equals($best->choice->settings)) {
            return null;
        }

        return intdiv(
            ($candidate->output->stops->thirtieths ?? 0) - ($best->output->stops->thirtieths ?? 0),
            $solution->moment->flash->step->thirtieths(),
        );
    }
}
