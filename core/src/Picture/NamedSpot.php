<?php

declare(strict_types=1);

namespace Kaddle\Core\Picture;

use Kaddle\Core\Room\Vector;

/**
 * A place of the picture that has a name, and what it sends to the camera over mid-grey.
 *
 * @phpstan-all-methods-pure
 */
final readonly class NamedSpot
{
    /** @internal made by PictureView only */
    public function __construct(
        public string $name,
        public Vector $at,
        /** Where the light behind the people reads as metered. */
        public float $room,
        /** Where the flash on the face is correct. */
        public float $flash,
    ) {}
}
