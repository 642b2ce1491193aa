<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Document\DragDocument;
use Kaddle\Core\Document\SolutionDocument;

/** A draft's answer, and what its long exposure looks like. */
final readonly class DragData
{
    public function __construct(
        public SolutionDocument $solution,
        public DragDocument $drag,
    ) {}
}
