<?php

declare(strict_types=1);

namespace Kaddle\Core\Words;

use Kaddle\Core\Advice\Offer;
use Kaddle\Core\Advice\OfferKind;
use Kaddle\Core\Quantity\Number;

/**
 * What a filter or high-speed sync would do and cost, in a sentence.
 *
 * @phpstan-all-methods-pure
 */
final class OfferWords
{
    private function __construct() {}

    public static function of(Offer $offer): string
    {
        $settings = "{$offer->settings->shutter->label()} and {$offer->settings->aperture->label()}";
        $cost = $offer->cost->amount();
        $flash = $offer->short === null
            ? "the output is then {$offer->output?->label()}"
            : "the flash then falls short by {$offer->short->amount()}";

        return match ($offer->kind) {
            OfferKind::Density => sprintf(
                'A %s-stop ND filter gives %s, and takes %s from room and flash alike; %s.',
                Number::plain($offer->density),
                $settings,
                $cost,
                $flash,
            ),
            OfferKind::HighSpeed => "High-speed sync gives $settings with the whole frame lit, and takes $cost from the flash alone; $flash.",
        };
    }
}
