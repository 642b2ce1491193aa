<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Advice\Offer;
use Kaddle\Core\Advice\OfferKind;
use Kaddle\Core\Words\OfferWords;

/** Help for a room that is brighter than sync speed allows, with its cost. */
final readonly class OfferDocument
{
    private function __construct(
        public OfferKind $kind,
        /** Stops of neutral density; 0 for high-speed sync. */
        public float $density,
        public string $sentence,
        /** Whether room and face then come out as wished. */
        public bool $reaches,
    ) {}

    public static function of(Offer $offer): self
    {
        return new self($offer->kind, $offer->density, OfferWords::of($offer), $offer->reaches);
    }
}
