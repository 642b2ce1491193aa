<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Piece;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Gear\LensForm;
use Kaddle\Core\Quantity\Step;

/** A lens to choose from, with what can be set on it. */
final readonly class LensChoice
{
    /**
     * @param list<string> $thirds
     * @param list<string> $halves
     */
    private function __construct(
        public GearChoice $gear,
        /** mm */
        public float $shortest,
        /** mm */
        public float $longest,
        /** Openings on a third-stop body, wide to narrow. @var list<string> */
        public array $thirds,
        /** Openings on a half-stop body, wide to narrow. @var list<string> */
        public array $halves,
    ) {}

    public static function of(Piece $lens): self
    {
        $openings = LensForm::openings($lens->figures());
        $focal = $openings->focalLimits();
        $scale = static fn(Step $step): array => array_map(
            static fn(Aperture $a): string => $a->label(),
            Aperture::scale($step, $openings->at($focal->min), LensForm::narrowest($lens->figures())),
        );

        return new self(GearChoice::of($lens), $focal->min, $focal->max, $scale(Step::Third), $scale(Step::Half));
    }
}
