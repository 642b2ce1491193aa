<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Picture\Grain;

/** Noise of the picture as it is looked at, Grain::SEEN pixels wide: variance over mid-grey, squared. */
final readonly class GrainDocument
{
    private function __construct(
        /** For each unit of light over mid-grey. */
        public float $shot,
        /** Without any light. */
        public float $read,
    ) {}

    public static function of(Grain $grain): self
    {
        return new self((float) sprintf('%.4g', $grain->shot), (float) sprintf('%.4g', $grain->read));
    }
}
