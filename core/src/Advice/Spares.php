<?php

declare(strict_types=1);

namespace Kaddle\Core\Advice;

use Kaddle\Core\Colour\Gel;
use Kaddle\Core\Colour\GelKind;
use Kaddle\Core\Flash\Modifier;
use Kaddle\Core\Flash\ModifierKind;

/**
 * What lies in the bag and takes light from a flash that is too strong.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Spares
{
    /**
     * @param list<Modifier> $modifiers
     * @param list<Gel> $gels
     */
    private function __construct(
        public array $modifiers,
        public array $gels,
    ) {}

    /**
     * @param list<Modifier> $modifiers
     * @param list<Gel> $gels
     */
    public static function of(array $modifiers, array $gels): self
    {
        return new self($modifiers, $gels);
    }

    /** What most bags hold, where nobody says what this one does. */
    public static function usual(): self
    {
        return new self([Modifier::fromCatalogue(ModifierKind::Dome)], [GelKind::FullOrange->gel()]);
    }
}
