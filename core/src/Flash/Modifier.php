<?php

declare(strict_types=1);

namespace Kaddle\Core\Flash;

use Kaddle\Core\Quantity\OutOfRange;
use Kaddle\Core\Quantity\Range;
use Kaddle\Core\Room\Direction;

/**
 * Something on a head, as a change of its lobe.
 *
 * Light is neither made nor lost in silence: the lobes that come out hold the
 * energy that went in, less the loss, and less what a grid's cells swallow.
 *
 * @see docs/physics.md, “On the head”
 *
 * @phpstan-all-methods-pure
 */
final readonly class Modifier
{
    /** Half-angle of a grid's own lobe, degrees. */
    private const GRID = 20.0;

    /** Lobe exponent of a flat matt surface (Lambert). */
    private const MATT = 1.0;

    private function __construct(
        public ModifierKind $kind,
        /** Stops of all light that stay inside, 0 or more. */
        public float $loss,
    ) {}

    public static function fromCatalogue(ModifierKind $kind): self
    {
        return new self($kind, $kind->loss());
    }

    /**
     * One that the user measured: a flash meter on the axis, once without it and once with it.
     *
     * What spreads dims the axis without losing light; only the rest of the dimming is loss.
     *
     * @param float $dimming stops that the meter reads less with it
     * @param Beam $bare what the head sends without it, at the zoom at which it was measured
     *
     * @throws OutOfRange
     * @throws ImpossibleUnit when more light would come out than went in
     */
    public static function measured(ModifierKind $kind, float $dimming, Beam $bare): self
    {
        $least = (new self($kind, 0.0))->dims($bare);
        $loss = self::dimmingRange()->checked("dimming by the {$kind->inWords()}", $dimming) - $least;

        return $loss >= -1e-9
            ? new self($kind, max(0.0, $loss))
            : throw ImpossibleUnit::brighterThanBare($kind, $least);
    }

    public static function dimmingRange(): Range
    {
        return Range::between(0.0, 8.0, 'stops', 0.1);
    }

    /**
     * @param Direction $forward where a card sends its part
     *
     * @return non-empty-list<Lobe>
     */
    public function shaped(Lobe $bare, Direction $forward): array
    {
        $axis = $bare->direction;
        $energy = $bare->beam->energy() * 2.0 ** -$this->loss;
        $part = $energy * $this->kind->part();
        $rest = $energy - $part;
        $size = $this->kind->size();

        return match ($this->kind) {
            ModifierKind::Card => [
                $bare->reshaped($axis, $bare->beam->times($rest / $bare->beam->energy()), $bare->size),
                $bare->reshaped($forward, Beam::fromEnergy($part, self::MATT), $size),
            ],
            ModifierKind::Grid => [
                $bare->reshaped($axis, $bare->beam->times(2.0 ** -$this->loss)->narrowedBy(self::GRID), $size),
            ],
            ModifierKind::SoftBox => [$bare->reshaped($axis, Beam::fromEnergy($rest, self::MATT), $size)],
            ModifierKind::Dome, ModifierKind::Sphere => [
                $bare->reshaped($axis, Beam::fromEnergy($rest, self::MATT), $size),
                $bare->reshaped($axis, Beam::fromEnergy($part / 2.0, 0.0), $size),
                $bare->reshaped($axis->opposite(), Beam::fromEnergy($part / 2.0, 0.0), $size),
            ],
        };
    }

    /** Stops by which it dims the axis of a head: what it spreads, and what stays inside. */
    public function dims(Beam $bare): float
    {
        return -log($this->onAxis($bare), 2);
    }

    /** Intensity on the axis against the bare head's. */
    private function onAxis(Beam $bare): float
    {
        $kept = 2.0 ** -$this->loss;
        $spread = $bare->spread->fullness();
        $part = $this->kind->part();

        return $kept * match ($this->kind) {
            ModifierKind::Card => 1.0 - $part,
            ModifierKind::Grid => 1.0,
            default => $spread * ((1.0 - $part) * (self::MATT + 1.0) + $part / 2.0),
        };
    }
}
