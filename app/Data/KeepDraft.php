<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Moment;
use Kaddle\Core\Wish\KeptThing;

/** A light that is kept, with its level told in one of two ways. */
final readonly class KeepDraft
{
    private function __construct(
        public KeptThing $what,
        /** EV at ISO 100 that a spot meter reads on it; null when told otherwise. */
        public ?float $ev,
        /** The exposure that a spot meter gave on it; null when told otherwise. */
        public ?MeteredDraft $metered,
    ) {}

    public static function of(Moment $moment): ?self
    {
        return $moment->kept_thing === null ? null : new self($moment->kept_thing, $moment->kept_ev, MeteredDraft::of($moment->keptMetered()));
    }
}
