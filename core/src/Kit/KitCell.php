<?php

declare(strict_types=1);

namespace Kaddle\Core\Kit;

use Kaddle\Core\Flash\HeadAim;

/** One way of lighting one moment, with what it has to spare. */
final readonly class KitCell
{
    /** @internal made by KitCheck only */
    public function __construct(
        public KitWay $way,
        /** Where the head points. */
        public HeadAim $aim,
        public KitMargin $margin,
    ) {}
}
