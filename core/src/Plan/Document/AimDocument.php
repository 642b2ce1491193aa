<?php

declare(strict_types=1);

namespace Kaddle\Core\Plan\Document;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Plan\Candidate;
use Kaddle\Core\Quantity\Stops;

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
        /** Output the face asks for, stops against full power; null when no light gets there. */
        public ?float $wantedOutput,
        /** The nearest that the unit gives. */
        public string $output,
        /** Stops that the unit lacks; null when no output would be enough. */
        public ?float $lacking,
        /** Light from above against light on the face, stops; null when there is none. */
        public ?float $crownOverFace,
        /** Luminous exposure on the face by a full pop, lx·s. */
        public float $faceExposure,
    ) {}

    public static function of(Candidate $candidate): self
    {
        $light = $candidate->light;

        return new self(
            $light->aim,
            $light->aim->inWords(),
            $light->aim->instruction(),
            Rounded::stops(Stops::of($candidate->wantedOutput)),
            $candidate->output->label(),
            Rounded::stops(Stops::of($candidate->tooWeak())),
            Rounded::stops($light->crownOverFace()),
            round($light->onFace(), 4),
        );
    }
}
