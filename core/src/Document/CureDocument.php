<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\Cure;
use Kaddle\Core\Drag\CureKind;
use Kaddle\Core\Words\DragWords;

/** A way to a clean figure. */
final readonly class CureDocument
{
    private function __construct(
        public CureKind $kind,
        public string $sentence,
        /** Clicks of the control, or of its size in the room. */
        public int $clicks,
        /** Stops of output that it takes more. */
        public float $moreOutput,
    ) {}

    public static function of(Cure $cure): self
    {
        return new self($cure->kind, DragWords::cure($cure), $cure->clicks, round($cure->moreOutput->value, 3));
    }
}
