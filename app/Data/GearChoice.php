<?php

declare(strict_types=1);

namespace App\Data;

use App\Models\Piece;
use Kaddle\Core\Gear\PieceFigures;

/** A piece of gear to choose from. */
final readonly class GearChoice
{
    private function __construct(
        public int $id,
        public string $name,
        /** Its figures in a line. */
        public string $figures,
    ) {}

    public static function of(Piece $piece): self
    {
        $name = $piece->archived_at === null ? $piece->name() : "{$piece->name()} (archived)";

        return new self($piece->id, $name, PieceFigures::inALine($piece->kind, $piece->figures()));
    }
}
