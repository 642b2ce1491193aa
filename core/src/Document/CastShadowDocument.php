<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Picture\CastShadow;

/** The shadow of people on the wall behind them. */
final readonly class CastShadowDocument
{
    /** @param list<float> $from */
    private function __construct(
        /** Where its light comes from, m. @var list<float> */
        public array $from,
        /** m across that light. */
        public float $size,
        /** Of the flash on the wall that it lacks, 0 to 1. */
        public float $share,
    ) {}

    public static function of(CastShadow $shadow): self
    {
        return new self(PictureDocument::place($shadow->from), $shadow->size, round($shadow->share, 3));
    }
}
