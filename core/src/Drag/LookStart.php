<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Motion\CameraMove;
use Kaddle\Core\People\Movement;

/**
 * What moves in a look to start from; what is null it leaves as it is.
 *
 * @phpstan-all-methods-pure
 */
final readonly class LookStart
{
    public function __construct(
        public ?CameraMove $move = null,
        public ?bool $tripod = null,
        public ?Movement $movement = null,
        /** m/s of people who pass. */
        public ?float $crowdSpeed = null,
    ) {}
}
