<?php

declare(strict_types=1);

namespace Kaddle\Core\Drag;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;

/**
 * A look, and how much of it.
 *
 * @phpstan-all-methods-pure
 */
final readonly class Ask
{
    private function __construct(
        public AskKind $kind,
        /** Frame widths that lamps smear, or heads that a trail is long; the rest knows no amount. */
        public float $amount,
        /** Whether there is a tripod. */
        public bool $tripod,
    ) {}

    /**
     * @param float $lamps percent of the frame's width that lamps smear
     * @param float $heads that a trail is long
     *
     * @throws OutOfRange
     */
    public static function of(AskKind $kind, bool $tripod, float $lamps = 20.0, float $heads = 1.0): self
    {
        return new self($kind, match ($kind) {
            AskKind::LampTrails => self::lampRange()->checked('smear of the lamps', $lamps) / 100.0,
            AskKind::TrailBehind => self::headRange()->checked('length of the trail', $heads),
            default => 0.0,
        }, $tripod);
    }

    public static function lampRange(): Range
    {
        return Range::between(1.0, 100.0, '% of the frame', 1.0);
    }

    public static function headRange(): Range
    {
        return Range::between(0.25, 10.0, 'heads', 0.25);
    }
}
