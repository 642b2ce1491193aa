<?php

declare(strict_types=1);

namespace App\Data;

use Kaddle\Core\Gear\PieceKind;

/** A piece in the list of a bag. */
final readonly class PieceData
{
    public function __construct(
        public int $id,
        public PieceKind $kind,
        public string $name,
        /** Its figures in a line. */
        public string $figures,
        /** Moments that are planned with it. */
        public int $uses,
        /** Whether it is put away: old nights keep it, new ones do not offer it. */
        public bool $archived,
        /** Whether its last change can be taken back. */
        public bool $canUndo,
    ) {}
}
