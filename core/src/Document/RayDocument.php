<?php

declare(strict_types=1);

namespace Kaddle\Core\Document;

/**
 * A ray to draw.
 *
 * @phpstan-all-methods-pure
 */
final readonly class RayDocument
{
    /**
     * @internal
     *
     * @param list<PointDocument> $points
     */
    public function __construct(
        /** Axis of the beam, one of its fan, or the way from the pool to the face. */
        public RayKind $kind,
        /** From the head on. @var list<PointDocument> */
        public array $points,
    ) {}
}
