<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Room\Direction;
use Kaddle\Core\Room\Vector;

/**
 * A flash head in its place, pointing somewhere.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Head
{
    private function __construct(
        public Vector $position,
        public Direction $direction,
        public Beam $beam,
    ) {}

    public static function at(Vector $position, Direction $direction, Beam $beam): self
    {
        return new self($position, $direction, $beam);
    }
}
