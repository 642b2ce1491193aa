<?php

declare(strict_types=1);

namespace Kaddle\Core\Room;

/**
 * A point on one of the faces of a room, m.
 *
 * @phpstan-all-methods-pure
 */
final readonly class SurfacePoint
{
    /** @internal made by BoxRoom::meets() only */
    public function __construct(
        public Face $face,
        public Vector $point,
    ) {}
}
