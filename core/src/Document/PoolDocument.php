<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

use Kaddle\Core\Room\Face;

/**
 * A stretch of a face in the section, and how bright the beam makes it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class PoolDocument
{
    /** @internal */
    public function __construct(
        public Face $face,
        public PointDocument $from,
        public PointDocument $to,
        /** Light thrown back here, stops against correct at the chosen settings; null for none. */
        public ?float $level,
        /** The same as a share of what can be drawn: 0 for six stops under and less, 1 for two over. */
        public float $strength,
    ) {}
}
