<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Drag\DragView;
use Kaddle\Core\Words\DragWords;

/** People who pass while somebody stands. */
final readonly class CrowdDocument
{
    private function __construct(
        /** % of the exposure for which each of them covers a place. */
        public float $covers,
        public string $sentence,
    ) {}

    /** @param float $covers share of the exposure, 0 to 1 */
    public static function of(float $covers, DragView $view): self
    {
        return new self(round(100.0 * $covers, 1), DragWords::crowd($covers, $view));
    }
}
