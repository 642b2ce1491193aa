<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Piece;
use Kaddle\Core\Exposure\Aperture;
use Kaddle\Core\Exposure\Iso;
use Kaddle\Core\Exposure\Shutter;
use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Step;

/** A body to choose from, with what its meter can show. */
final readonly class BodyChoice
{
    /**
     * @param list<string> $shutters
     * @param list<string> $apertures
     * @param list<string> $isos
     */
    private function __construct(
        public GearChoice $gear,
        public Step $step,
        /** Slow to fast. @var list<string> */
        public array $shutters,
        /** Wide to narrow. @var list<string> */
        public array $apertures,
        /** Low to high. @var list<string> */
        public array $isos,
    ) {}

    public static function of(Piece $body): self
    {
        $step = $body->figures()->choice('step', Step::class);

        return new self(
            GearChoice::of($body),
            $step,
            array_map(static fn(Shutter $s): string => $s->label(), Shutter::scale($step)),
            array_map(static fn(Aperture $a): string => $a->label(), Aperture::scale(
                $step,
                Aperture::of(ExactStops::fromWhole(0)),
                Aperture::of(ExactStops::fromWhole(10)),
            )),
            array_map(static fn(Iso $i): string => $i->label(), Iso::scale($step, Iso::of(ExactStops::fromWhole(-1)), Iso::highest($step))),
        );
    }
}
