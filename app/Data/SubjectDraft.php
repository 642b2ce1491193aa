<?php

declare(strict_types=1);

namespace App\Data;

/** Where the face is. */
final readonly class SubjectDraft
{
    public function __construct(
        /** m, lens to face, measured level. */
        public float $distance,
        /** m, floor to face. */
        public float $height,
    ) {}
}
