<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\ExactStops;
use Kaddle\Core\Quantity\Number;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Quantity\Refused;

/**
 * A figure that no flash unit can have.
 *
 * @phpstan-all-methods-pure
 */
final class ImpossibleUnit extends Refused
{
    public static function aboveFull(ExactStops $stops): self
    {
        return new self(sprintf('A flash cannot give %.2f stops more than full power.', $stops->value()));
    }

    /** @param int $stops under a full pop */
    public static function lowestOutside(int $stops, Range $range): self
    {
        return new self(
            sprintf('The lowest output must lie %s under full power; it lies %d.', $range->inWords(), $stops),
        );
    }

    public static function noZoom(): self
    {
        return new self('A flash needs at least one zoom setting with its guide number.');
    }

    /** @param float $least stops by which it dims without losing anything */
    public static function brighterThanBare(ModifierKind $kind, float $least): self
    {
        return new self(sprintf(
            'By spreading the light alone a %s dims the axis of this head by %s stops; a meter cannot have shown less.',
            $kind->inWords(),
            Number::plain($least, 1),
        ));
    }

    public static function zoomOutOfOrder(ZoomStep $step): self
    {
        return new self(sprintf(
            'Zoom settings go from wide to narrow, with guide numbers that do not fall and coverages that do not grow; %s mm breaks the order.',
            Number::plain($step->focalLength),
        ));
    }
}
