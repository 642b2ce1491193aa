<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Quantity\Stops;
use Kaddle\Core\Situation\GroupPlace;
use Kaddle\Core\Solve\Levels;

/** A face of a group. */
final readonly class GroupPlaceDocument
{
    private function __construct(
        public GroupPlace $place,
        /** "last row, ends" */
        public string $name,
        /** Flash there against the first face, stops; the worse of two ends. */
        public float $fall,
        /** The face there by room and flash, stops against correct; null where no light arrives. */
        public ?float $face,
    ) {}

    public static function of(GroupPlace $place, Stops $fall, Levels $levels): self
    {
        return new self(
            $place,
            $place->inWords(),
            round($fall->value, 3),
            Rounded::stops($levels->faceRoom->withLight($levels->faceFlash->plus($fall))),
        );
    }
}
